import { materialOf } from '../materials'
import type { BodyChangeKind, Layer, LinedFace, Shell } from '../shell'
import { LINED_FACES } from '../shell'
import { ceilingAreaM2, floorAreaM2, wallAreaM2 } from '../space'
import { planInterior } from './queries'
import type { FixingWay, Fixing, Plan } from './schema'
import { undoList } from './undo-list'

/** Holes that a way of fixing leaves when it is undone, for each of its points. */
export const HOLES: Record<FixingWay, 0 | 1> = { screws: 1, inserts: 1, rails: 0, points: 0, straps: 0, standing: 0 }

/** To plug a hole and paint over it, minutes; common practice, no source. */
const PLUG_MIN = 3
/** To take a square metre of lining off with what is behind it, minutes; common practice, no source. */
const LINING_MIN_M2 = 15

/**
 * What it takes to undo a change to the body, minutes, common practice, no source; and whether it stays for good: a plate over a
 * hole closes it and does not make it undone, and what was cut out of a wall or roof is not put back by a workshop of this trade.
 */
const CHANGES: Record<BodyChangeKind, { readonly minutes?: number; readonly forGood: boolean }> = {
  flare: { forGood: true },
  widened: { forGood: true },
  'raised-roof': { forGood: true },
  'floor-well': { minutes: 240, forGood: true },
  'roof-hatch': { minutes: 120, forGood: true },
  window: { minutes: 120, forGood: true },
  door: { forGood: true },
  'side-hatch': { minutes: 90, forGood: true },
  'bulkhead-removed': { minutes: 120, forGood: false },
  'bulkhead-door': { minutes: 120, forGood: true },
  'window-blanked': { minutes: 30, forGood: false },
}

/** One thing that is undone to have the vehicle as it was, or that cannot be. `minutes` left out: no one in this trade undoes it. */
export type GoingBack = {
  readonly minutes: number | undefined
  /** It leaves something that stays: a hole that is plugged, a cut that is closed, glue on the skin. */
  readonly forGood: boolean
} & (
  | { readonly what: 'fitting'; readonly id: string; readonly fixing: Fixing | undefined; readonly holes: number }
  | { readonly what: 'lining'; readonly face: LinedFace; readonly m2: number }
  | { readonly what: 'change'; readonly id: string; readonly change: BodyChangeKind }
)

const bonds = (layers: readonly Layer[]): boolean => layers.some(({ material }) => materialOf(material).bonds === true)

/** What a plan changes in a vehicle and what it takes to undo it: furniture first, then linings, then the body. */
export function goingBack(shell: Shell, plan: Plan): readonly GoingBack[] {
  const fittings = undoList(plan).map(({ id, fixing, minutes }): GoingBack => {
    const holes = fixing === undefined ? 0 : fixing.points * HOLES[fixing.how]
    return { what: 'fitting', id, fixing, holes, minutes: minutes + holes * PLUG_MIN, forGood: holes > 0 }
  })
  const interior = planInterior(shell, plan)
  const areas: Partial<Record<LinedFace, number>> = {
    floor: floorAreaM2(interior),
    wall: wallAreaM2(interior),
    roof: ceilingAreaM2(interior),
  }
  const linings = LINED_FACES.flatMap((face): GoingBack[] => {
    const m2 = areas[face]
    const mm = { floor: plan.lining.floorMm, wall: plan.lining.wallMm, roof: plan.lining.roofMm, door: 0 }[face]
    if (m2 === undefined || mm === 0) return []
    return [{ what: 'lining', face, m2, minutes: m2 * LINING_MIN_M2, forGood: bonds(plan.lining.layers?.[face] ?? []) }]
  })
  const changes = Object.entries(plan.changes).map(([id, { kind }]): GoingBack => ({
    what: 'change',
    id,
    change: kind,
    minutes: CHANGES[kind].minutes,
    forGood: CHANGES[kind].forGood,
  }))
  return [...fittings, ...linings, ...changes]
}
