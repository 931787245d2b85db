import type { ServiceType } from '../fittings'
import {
  type Box,
  boxGap,
  boxPrism,
  longestSpan,
  prismBounds,
  prismsOverlap,
  spanLength,
  stretchesLeft,
  type Span,
  unionOf,
} from '../geometry'
import { type Interior, isDoor, jambs, type Opening } from '../shell'
import { TOUCH_MM } from '../units'
import { keptNear } from './kept'
import type { Placed, Scene } from './scene'

/** How deep behind a door the way in counts as the door's. */
const BEHIND_MM = 300

export interface DoorWay {
  readonly opening: Opening
  /** The widest stretch of the opening that nothing stands behind. */
  readonly free: Span
  readonly blockers: readonly string[]
}

/** How a block stands to a side or rear opening: where along it, how far behind its plane, and what lies between the two. */
function behindOpening(
  interior: Interior,
  opening: Opening,
  { x, y }: Box,
): { readonly along: Span; readonly gap: number; readonly between: Span } {
  const [[x0, y0], [, y1]] = jambs(interior, opening)
  if (opening.side === 'rear') return { along: y, gap: x.min - x0, between: { min: x0, max: x.min } }
  const wall = (y0 + y1) / 2
  return opening.side === 'left'
    ? { along: x, gap: wall - y.max, between: { min: y.max, max: wall } }
    : { along: x, gap: y.min - wall, between: { min: wall, max: y.min } }
}

/** The stretches of an opening that a fitting stands close behind. */
function stretchesBehind(scene: Pick<Scene, 'interior' | 'turned'>, opening: Opening, placed: Placed): readonly Span[] {
  const byOpening = kept(placed, scene, [], () => new Map())
  const before = byOpening.get(opening)
  if (before !== undefined) return before
  const found = stretchesFound(scene.interior, opening, placed)
  byOpening.set(opening, found)
  return found
}
const kept = keptNear<Placed, Map<Opening, readonly Span[]>>()

const stretchesFound = (interior: Interior, opening: Opening, placed: Placed): readonly Span[] =>
  placed.inner.flatMap(({ prism }) => {
    const bounds = prismBounds(prism)
    const { along, gap } = behindOpening(interior, opening, bounds)
    const inDoor =
      along.max > opening.fromMm + TOUCH_MM &&
      along.min < opening.toMm - TOUCH_MM &&
      bounds.z.max > opening.sillMm + TOUCH_MM &&
      bounds.z.min < opening.headMm - TOUCH_MM
    return inDoor && gap < BEHIND_MM ? [along] : []
  })

/** Deeper than this nothing hangs on a door. Common practice, no source. */
const RACK_MOST_MM = 300

/** The doors behind which a fitting stands, and on the leaf of which it might hang. */
export const doorsBefore = (scene: Scene, placed: Placed): readonly Opening[] =>
  scene.interior.shell.openings.filter((opening) => {
    const { x, y } = placed.bounds
    const isShallow = spanLength(opening.side === 'rear' ? x : y) <= RACK_MOST_MM
    return isShallow && isDoor(opening) && stretchesBehind(scene, opening, placed).length > 0
  })

/** The door on the leaf of which a fitting hangs, if it is there. */
export const doorOf = ({ interior }: Scene, { seat }: Placed): Opening | undefined =>
  seat.door === undefined ? undefined : interior.shell.openings.find(({ id }) => id === seat.door)

/** A way out is so large, either way round. NFPA 1192, from memory. */
const WAY_OUT_MM = { long: 610, short: 430 } as const
/** Over a bed one gets in and out by a door that leaves so much of its height above it: the shorter side of a way out. */
const OVER_BED_MM = WAY_OUT_MM.short
/** So near to a door a bed is got into straight from it. Common practice, no source. */
const FROM_DOOR_MM = 350

/** Over which height everything behind an opening is a bed and what lies under it; undefined where no bed lies there that one gets over. */
function bedBehind(scene: Scene, opening: Opening): number | undefined {
  const tops = scene.placed.flatMap((placed) => {
    const z = topOfBerth(placed)
    return z !== undefined && opening.headMm - z >= OVER_BED_MM && stretchesBehind(scene, opening, placed).length > 0
      ? [z]
      : []
  })
  return tops.length === 0 ? undefined : Math.max(...tops)
}

const topOfBerth = ({ services, placement }: Placed): number | undefined => {
  const heights = services.flatMap(({ type, lying }) =>
    type === 'berth' && lying !== undefined ? [placement.at[2] + lying.zMm] : [],
  )
  return heights.length === 0 ? undefined : Math.min(...heights)
}

/** Whether a thing before an emergency exit leaves enough of it above: one climbs out over it. */
const leavesWayOut = (opening: Opening, { bounds }: Placed): boolean =>
  opening.need === 'emergency' &&
  opening.headMm - bounds.z.max >= WAY_OUT_MM.short &&
  opening.toMm - opening.fromMm >= WAY_OUT_MM.long

/** How much of an opening’s width must stay free: of an emergency exit what a way out needs, of an entrance what is asked. */
export const widthAsked = ({ need, headMm, sillMm, fromMm, toMm }: Opening, entranceMm: number): number =>
  Math.min(
    need === 'emergency' ? (headMm - sillMm >= WAY_OUT_MM.long ? WAY_OUT_MM.short : WAY_OUT_MM.long) : entranceMm,
    toMm - fromMm,
  )

/** So far in from an open door an arm or a lifted bicycle reaches. Common practice, no source. */
const ARM_MM = 600

/** Whether an arm gets in by an open door or hatch to what fills a block of a fitting, by a window of such a size that nothing stands in. */
export function isWithinArm(
  scene: Scene,
  placed: Placed,
  opening: Opening,
  bounds: Box,
  least: { readonly wideMm: number; readonly highMm: number },
): boolean {
  const { along, gap, between } = behindOpening(scene.interior, opening, bounds)
  const window = { min: Math.max(along.min, opening.fromMm), max: Math.min(along.max, opening.toMm) }
  const high = { min: Math.max(bounds.z.min, opening.sillMm), max: Math.min(bounds.z.max, opening.headMm) }
  if (spanLength(window) < least.wideMm || spanLength(high) < least.highMm || gap > ARM_MM) return false
  if (gap <= TOUCH_MM) return true
  const isAcross = opening.side === 'rear'
  const [x, y] = isAcross ? [between, window] : [window, between]
  const reach = boxPrism({ x, y, z: high })
  const cuts = scene.placed.flatMap(({ id, seat, inner }) =>
    // what it is in opens to there, and what hangs on the door is out of the way with that
    id === placed.id || id === placed.within?.hostId || seat.door === opening.id
      ? []
      : inner.flatMap(({ prism }) => (prismsOverlap(prism, reach) ? [prismBounds(prism)[isAcross ? 'y' : 'x']] : [])),
  )
  return stretchesLeft(window, cuts).some((free) => spanLength(free) >= least.wideMm)
}

/** So much of an open door a bag, a crate or a dog goes in by. Common practice, no source. */
const LOAD_MM = 350
/** What is stowed or carried is got at from outside as well. */
const LOADED: ReadonlySet<ServiceType> = new Set(['stowage', 'pet-place', 'outside-store'])

/** Whether what is stowed in a thing, or the animal in it, goes in and out by an open door. */
export function isLoadedFromDoor(scene: Scene, placed: Placed): boolean {
  const { services, bounds: own } = placed
  if (services.length === 0 || !services.every(({ type }) => LOADED.has(type))) return false
  // its room counts, where that is more than its boards
  const bounds = unionOf([
    own,
    ...services.flatMap(({ inside }) => (inside === undefined ? [] : [prismBounds(inside)])),
  ])
  return scene.interior.shell.openings.some(
    (opening) =>
      isDoor(opening) &&
      opening.side !== 'roof' &&
      isWithinArm(scene, placed, opening, bounds, { wideMm: LOAD_MM, highMm: 0 }),
  )
}

/** So near beside or over a bed another is got into from it. Common practice, no source. */
const OVER_TO_MM = 400

/** Whether one gets into a bed over another one that is made beside it or below it: a child over its parents. */
export function isReachedOverBed(scene: Scene, placed: Placed): boolean {
  if (scene.purpose !== 'sleeping' || !placed.services.some(({ type }) => type === 'berth')) return false
  const flat = ({ x, y }: Box): Box => ({ x, y, z: { min: 0, max: 1 } })
  return scene.placed.some(
    (other) =>
      other.id !== placed.id &&
      other.services.some(({ type }) => type === 'berth') &&
      // over a lower one only: of two alike neither is the way to the other
      other.bounds.z.max < placed.bounds.z.max &&
      boxGap(flat(other.bounds), flat(placed.bounds)) <= OVER_TO_MM,
  )
}

/** Whether one gets into a bed straight from a door, as from the rear doors or a tailgate, or at what is stowed. */
export function isReachedFromDoor(scene: Scene, placed: Placed): boolean {
  const top = topOfBerth(placed)
  if (top === undefined) return isLoadedFromDoor(scene, placed)
  return scene.interior.shell.openings.some((opening) => {
    if (!isDoor(opening) || opening.side === 'roof' || opening.headMm - top < OVER_BED_MM) return false
    const { along, gap } = behindOpening(scene.interior, opening, placed.bounds)
    const { free } = doorWay(scene, opening, true)
    return gap <= FROM_DOOR_MM && Math.min(along.max, free.max) - Math.max(along.min, free.min) >= OVER_BED_MM
  })
}

/**
 * What is left of a side or rear opening with the fittings in place; a lift stands in its own doorway, and what hangs on the door’s
 * leaf goes with that. `overBeds`: one goes over a bed that leaves enough of the opening above it.
 */
export function doorWay(scene: Scene, opening: Opening, overBeds = false): DoorWay {
  const own: Span = { min: opening.fromMm, max: opening.toMm }
  const cuts: { span: Span; id: string }[] = []
  const bedMm = overBeds ? bedBehind(scene, opening) : undefined
  for (const placed of scene.placed) {
    if (placed.facts.liftsPeople || placed.seat.door === opening.id) continue
    if (leavesWayOut(opening, placed)) continue
    if (bedMm !== undefined && (placed.bounds.z.max <= bedMm + TOUCH_MM || topOfBerth(placed) !== undefined)) continue
    for (const span of stretchesBehind(scene, opening, placed)) cuts.push({ span, id: placed.id })
  }
  const left = stretchesLeft(
    own,
    cuts.map(({ span }) => span),
  )
  const free = longestSpan(left, { min: own.min, max: own.min })
  return { opening, free, blockers: [...new Set(cuts.map((cut) => cut.id))] }
}
