import { faulty, parsed, type Parsed } from './result'

/** A unit's spellings, lower case, and how many of the base unit it holds. */
export type UnitTable = Readonly<Record<string, number>>

const NUMBER = String.raw`(?:\d+(?:[ ,\u00a0\u2009\u202f]\d{3})+(?:\.\d+)?|\d+[.,]\d+|\d+|[.,]\d+)`
const FRACTION = String.raw`(?:(\d+)\s*\/\s*(\d+))`
const TERM = new RegExp(
  String.raw`^\s*(?:${FRACTION}|(?<whole>${NUMBER})(?:(?:\s+|-)${FRACTION})?)\s*(?<unit>["'′″”’a-zµ]*)\.?`,
  'i',
)
const FRACTION_GLYPHS: Readonly<Record<string, string>> = {
  '½': ' 1/2',
  '¼': ' 1/4',
  '¾': ' 3/4',
  '⅛': ' 1/8',
  '⅜': ' 3/8',
  '⅝': ' 5/8',
  '⅞': ' 7/8',
}
const MAX_TERMS = 4
const MAX_MAGNITUDE = 1e7

/**
 * Reads a sum of terms such as `6' 1 1/2"`, `1.85m`, `1 850` or `-40` into the table's base unit.
 *
 * A comma before exactly three digits separates thousands; any other comma is a decimal sign. `1,850 m` could be
 * meant both ways and is refused. A term without a unit takes `fallback`, and only the first term may go without.
 */
export function parseQuantity(text: string, table: UnitTable, fallback: string, example: string): Parsed<number> {
  let rest = [...text]
    .map((sign) => FRACTION_GLYPHS[sign] ?? sign)
    .join('')
    .trim()
  if (rest === '') return faulty(`Type a figure, such as ${example}.`)
  const refuse = () => faulty(`Cannot read “${text.trim().slice(0, 24)}”; try ${example}.`)

  let sign = 1
  if (/^[-−+]/.test(rest)) {
    if (rest[0] !== '+') sign = -1
    rest = rest.slice(1)
  }
  let total = 0
  for (let terms = 0; rest.trim() !== ''; terms += 1) {
    const match = TERM.exec(rest)
    if (match === null || match[0].trim() === '' || terms === MAX_TERMS) return refuse()
    const unitText = (match.groups?.['unit'] ?? '').toLowerCase()
    if (unitText === '' && terms > 0) return refuse()
    const factor = table[unitText === '' ? fallback : unitText]
    if (factor === undefined || !Object.hasOwn(table, unitText === '' ? fallback : unitText)) {
      return faulty(`Unknown unit “${unitText.slice(0, 12)}”; try ${example}.`)
    }
    const whole = match.groups?.['whole']
    const groupedByComma = whole !== undefined && /^\d{1,3}(,\d{3})+$/.test(whole)
    if (groupedByComma && unitText !== '' && factor !== 1) {
      return faulty(`“${whole} ${unitText}” could mean two things; leave out the comma or use a point.`)
    }
    const numerator = Number(match[1] ?? match[4] ?? 0)
    const denominator = Number(match[2] ?? match[5] ?? 1)
    if (denominator === 0) return refuse()
    total += ((whole === undefined ? 0 : readNumber(whole)) + numerator / denominator) * factor
    rest = rest.slice(match[0].length)
  }
  if (!(Math.abs(total) <= MAX_MAGNITUDE)) return faulty('Too large.')
  return parsed(sign * total)
}

function readNumber(text: string): number {
  const spaceless = text.replace(/[ \u00a0\u2009\u202f]/g, '')
  const thousands = /^\d{1,3}(,\d{3})+(\.\d+)?$/.test(spaceless)
  return Number(thousands ? spaceless.replaceAll(',', '') : spaceless.replace(',', '.'))
}

/** Groups the whole digits in threes with a narrow no-break space: 1234.5 → `1 234.5`. */
export function formatNumber(value: number, decimals = 0): string {
  const rounded = Math.abs(value).toFixed(decimals)
  const [whole = '0', fraction] = rounded.split('.')
  const grouped = whole.replace(/\B(?=(\d{3})+$)/g, '\u202f')
  const digits = fraction === undefined ? grouped : `${grouped}.${fraction}`
  return value < 0 && Number(rounded) !== 0 ? `−${digits}` : digits
}

/** A figure with the decimals that it has, `most` at most: 8, 1.5, 0.259. */
export function formatFigure(value: number, most = 2): string {
  const fraction = String(Number(value.toFixed(most))).split('.')[1] ?? ''
  return formatNumber(value, fraction.length)
}
