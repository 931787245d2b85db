import { parseLength } from '../units'
import { measuresOf } from './measures'
import { READING_LIMITS, type Reading, type Survey } from '../readings'

const CSV_HEADER = ['measure', 'first', 'second', 'unit'] as const

/** One row for each measure, read or not, in the order of the survey; with its header. */
export const surveyRows = (survey: Survey): readonly (readonly string[])[] => [
  CSV_HEADER,
  ...measuresOf(survey).map(({ id, unit }) => {
    const { first, second } = survey.readings[id] ?? {}
    return [id, first === undefined ? '' : String(first), second === undefined ? '' : String(second), unit]
  }),
]

export interface RowFault {
  /** As a text editor counts them, the header being 1. */
  readonly line: number
  readonly message: string
}

/**
 * Readings from rows of a table as `surveyRows` writes them. Lengths may be in any unit that a field takes; empty cells
 * are not yet measured. All faults come at once, and with any of them nothing is taken.
 */
export function readingsFrom(
  survey: Survey,
  rows: readonly (readonly string[])[],
): { readonly readings: Survey['readings']; readonly faults: readonly RowFault[] } {
  const known = new Map(measuresOf(survey).map((measure) => [measure.id, measure]))
  const faults: RowFault[] = []
  const readings: Record<string, Reading> = { ...survey.readings }
  rows.forEach((row, index) => {
    const [id = '', ...cells] = row.map((cell) => cell.trim())
    if (id === '' || (index === 0 && id.toLowerCase() === CSV_HEADER[0])) return
    const line = index + 1
    const measure = known.get(id)
    if (measure === undefined)
      return void faults.push({ line, message: `there is no measurement “${id.slice(0, 40)}”` })
    const read = (cell: string | undefined): number | undefined => {
      if (cell === undefined || cell === '') return undefined
      if (measure.unit === 'kg') {
        const value = Number(cell.replace(',', '.'))
        if (Number.isFinite(value) && value >= measure.least && value <= READING_LIMITS.most) return value
        faults.push({ line, message: `“${cell.slice(0, 20)}” is not a weight in kg` })
        return undefined
      }
      const parsed = parseLength(cell, 'mm')
      if (parsed.ok && parsed.value >= measure.least && parsed.value <= READING_LIMITS.most) return parsed.value
      faults.push({ line, message: `“${cell.slice(0, 20)}” is not a length in mm` })
      return undefined
    }
    const [first, second] = [read(cells[0]), read(cells[1])]
    if (first !== undefined || second !== undefined)
      readings[id] = { ...(first === undefined ? {} : { first }), ...(second === undefined ? {} : { second }) }
  })
  return faults.length > 0 ? { readings: survey.readings, faults } : { readings, faults }
}
