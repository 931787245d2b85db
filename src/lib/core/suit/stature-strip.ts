import { STANDING_SPARE_MM, BERTH_SPARE_MM, type Person } from '../brief'
import type { Span } from '../geometry'
import { bodyMm } from '../people'
import { type Interior } from '../shell'
import { stripOf, type StripCell } from '../space'

/** Above a sitting head. Common practice, no source. */
const SITTING_SPARE_MM = 50

export interface Platform {
  /** Of the platform above the bare load floor. */
  readonly topMm: number
  readonly mattressMm: number
  /** Of the mattress along the vehicle. */
  readonly wideMm: number
}

/** What one person can do along the body, as stretches of x, and what each takes. */
export interface PersonStrip {
  readonly label: string
  readonly statureMm: number
  readonly stand: { readonly needMm: number; readonly where: readonly Span[] }
  readonly across: { readonly needMm: number; readonly where: readonly Span[] }
  readonly sitUp: { readonly needMm: number; readonly where: readonly Span[] }
}

/** The stretches over which `enough` holds, cell by cell. */
function stretches(cells: readonly StripCell[], stepMm: number, enough: (cell: StripCell) => boolean): readonly Span[] {
  const found: Span[] = []
  for (const cell of cells) {
    if (!enough(cell)) continue
    const from = cell.xMm - stepMm / 2
    const last = found[found.length - 1]
    if (last !== undefined && Math.abs(last.max - from) < 1e-6)
      found[found.length - 1] = { min: last.min, max: from + stepMm }
    else found.push({ min: from, max: from + stepMm })
  }
  return found
}

/** Where along the lined, empty body each person can stand, lie across on a platform, and sit up on it. */
export function statureStrips(
  interior: Interior,
  people: readonly Pick<Person, 'label' | 'statureMm'>[],
  platform: Platform,
  stepMm = 50,
): readonly PersonStrip[] {
  const cells = stripOf(interior, platform, stepMm)
  return people.map(({ label, statureMm }) => {
    const standMm = statureMm + STANDING_SPARE_MM
    const acrossMm = statureMm + BERTH_SPARE_MM
    const sitUpMm = bodyMm(statureMm, 'sittingHeight') + SITTING_SPARE_MM
    const where = (enough: (cell: StripCell) => boolean) => stretches(cells, stepMm, enough)
    return {
      label,
      statureMm,
      stand: { needMm: standMm, where: where((cell) => cell.standMm >= standMm) },
      across: { needMm: acrossMm, where: where((cell) => cell.acrossMm >= acrossMm) },
      sitUp: { needMm: sitUpMm, where: where((cell) => cell.sitUpMm >= sitUpMm) },
    }
  })
}
