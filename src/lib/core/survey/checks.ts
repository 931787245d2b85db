import { frameOf, measuresOf, STATIONS, valueOf, type Frame } from './measures'
import type { Survey } from '../readings'

/** One thing that measures say of one another, with its arithmetic as numbers. */
export interface Check {
  readonly code: CheckCode
  readonly measures: readonly string[]
  readonly ok: boolean
  /** What the measures come to, and what they should come to. */
  readonly measured: number
  readonly expected: number
  /** How far apart the two may be. */
  readonly slack: number
}

export type CheckCode =
  | 'readings-agree'
  | 'diagonals-equal'
  | 'diagonal-fits'
  | 'parts-sum'
  | 'sides-alike'
  | 'leans-in'
  | 'skin-plausible'
  | 'arch-over-axle'
  | 'arch-within-floor'
  | 'masses-sum'

const SYMMETRY_MM = 15
const DIAGONAL_MM = 10
const SUM_MM = 10
/** How much wider a body may be above than below: it may still be growing to its waist low down, and nowhere higher. */
const WIDER_MM = { waist: 60, above: 5 } as const
const ARCH_MM = 120
const MASS_SHARE = 0.02
/** What the sheet, ribs and trim of both sides together may be. */
const SKIN_MM = { least: 20, most: 420 } as const

/** Every check that the readings so far allow, those that fail first. */
export function checksOf(survey: Survey, frame: Frame = frameOf(survey)): readonly Check[] {
  const measures = measuresOf(survey, frame)
  const byId = new Map(measures.map((measure) => [measure.id, measure]))
  const value = (id: string): number | undefined => {
    const measure = byId.get(id)
    return measure === undefined ? undefined : valueOf(survey, measure).value
  }
  const checks: Check[] = []
  const compare = (code: CheckCode, ids: readonly string[], measured: number, expected: number, slack: number): void =>
    void checks.push({ code, measures: ids, measured, expected, slack, ok: Math.abs(measured - expected) <= slack })
  /** Calls with the values of all ids, if all are there. */
  const given = (ids: readonly string[], then: (...values: number[]) => void): void => {
    const values = ids.map(value)
    if (values.every((one) => one !== undefined)) then(...(values as number[]))
  }

  for (const measure of measures) {
    const { first, second } = survey.readings[measure.id] ?? {}
    if (first !== undefined && second !== undefined)
      compare('readings-agree', [measure.id], first, second, measure.tolerance)
  }
  for (const what of ['floor', 'rear-door', 'side-door']) {
    const ids = [`${what}-diagonal-a`, `${what}-diagonal-b`]
    given(ids, (a, b) => compare('diagonals-equal', ids, a!, b!, DIAGONAL_MM))
  }
  for (const door of ['rear-door', 'side-door']) {
    const ids = [`${door}-width`, `${door}-height`, `${door}-diagonal-a`]
    given(ids, (wide, high, diagonal) =>
      compare('diagonal-fits', ids, diagonal!, Math.hypot(wide!, high!), DIAGONAL_MM),
    )
  }
  const parts = ['arch-from', 'arch-length', 'length-behind-arch', 'length-floor']
  given(parts, (from, long, behind, whole) => compare('parts-sum', parts, from! + long! + behind!, whole!, SUM_MM))
  for (const station of STATIONS) {
    for (const level of ['floor', 'low', 'mid', 'high', 'cant']) {
      const ids = [`${station}-${level}-left`, `${station}-${level}-right`]
      given(ids, (left, right) => compare('sides-alike', ids, left!, right!, SYMMETRY_MM))
    }
    for (const end of survey.apart ? ['-left', '-right'] : ['']) {
      for (const [low, high, slack] of [
        ['low', 'mid', WIDER_MM.waist],
        ['mid', 'high', WIDER_MM.above],
        ['high', 'cant', WIDER_MM.above],
      ] as const) {
        const ids = [`${station}-${low}${end}`, `${station}-${high}${end}`]
        given(ids, (below, above) =>
          checks.push({
            code: 'leans-in',
            measures: ids,
            measured: above!,
            expected: below!,
            slack,
            ok: above! <= below! + slack,
          }),
        )
      }
    }
  }
  const inner = survey.apart ? ['axle-low-left', 'axle-low-right'] : ['axle-low']
  given(['outer-width', ...inner], (outer, ...widths) => {
    const skin = outer! - widths.reduce((sum, one) => sum + one, 0)
    const middle = (SKIN_MM.least + SKIN_MM.most) / 2
    compare('skin-plausible', ['outer-width', ...inner], skin, middle, middle - SKIN_MM.least)
  })
  const axle = ['arch-from', 'arch-length', 'axle-from-sill']
  given(axle, (from, long, at) => compare('arch-over-axle', axle, from! + long! / 2, at!, ARCH_MM))
  const floor = survey.apart ? ['axle-floor-left', 'axle-floor-right'] : ['axle-floor']
  given(['arch-between', ...floor], (between, ...widths) => {
    const wide = widths.reduce((sum, one) => sum + one, 0)
    checks.push({
      code: 'arch-within-floor',
      measures: ['arch-between', ...floor],
      measured: between!,
      expected: wide,
      slack: 0,
      ok: between! < wide,
    })
  })
  given(['kerb-front', 'kerb-rear', 'gross'], (front, rear, gross) =>
    checks.push({
      code: 'masses-sum',
      measures: ['kerb-front', 'kerb-rear', 'gross'],
      measured: front! + rear!,
      expected: gross!,
      slack: gross! * MASS_SHARE,
      ok: front! + rear! < gross!,
    }),
  )
  return checks.sort((a, b) => Number(a.ok) - Number(b.ok))
}

/** The measures that a failing check casts doubt on. */
export const doubtful = (checks: readonly Check[]): ReadonlySet<string> =>
  new Set(checks.flatMap((check) => (check.ok ? [] : check.measures)))
