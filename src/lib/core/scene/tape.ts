import type { Seat } from '../fittings'
import { clamp, placedMove, prismBounds, sharedLength, spanMiddle, type Box, type Span, type Vec3 } from '../geometry'
import type { Plan } from '../job'
import { floorThere, frontMost, heightThere, lowestRoof, wallReach, type Interior } from '../shell'
import { TOUCH_MM } from '../units'
import { nudged, reseated } from './move'
import { hungBetween, type Placed, type Scene, type Within } from './scene'
import { wallDistance } from './wall-distance'

export type TapeId =
  | 'rear'
  | 'front'
  | 'cab-front'
  | 'left'
  | 'right'
  | 'floor'
  | 'ceiling'
  | 'behind'
  | 'ahead'
  | 'beside-left'
  | 'beside-right'
  | InsideTapeId

/** Of what is in another: to the sides of the hollow, left and right as seen from in front of that one. */
export type InsideTapeId = 'in-left' | 'in-right' | 'in-front' | 'in-back' | 'in-bottom' | 'in-top'

/** One distance that a person would measure. */
export interface TapeRow {
  readonly id: TapeId
  readonly mm: number
  /** To what it is measured, for neighbours. */
  readonly neighbourId?: string
  /** The same where it is a part of the body: a wheel arch, a seat base. */
  readonly partId?: string
  /** Walls: at which height it is taken, in z above the bare load floor. */
  readonly atMm?: number
  /** Moving the fitting along this direction by 1 mm lengthens the distance by 1 mm. */
  readonly grows: Vec3
}

/** Seats are kept in tenths of a millimetre: so near a tape reads what was typed. */
const READ_MM = 0.06

/** Room between two things counts as a distance between neighbours up to this; beyond, nobody measures it. */
const NEIGHBOUR_MM = 2500

/** To what stands next on its level, each way: another fitting, or what of the body stands in. */
function neighbours(scene: Scene, placed: Placed): readonly TapeRow[] {
  const nearest = new Map<TapeId, TapeRow>()
  const own = placed.bounds
  const measure = (bounds: Box, to: Pick<TapeRow, 'neighbourId' | 'partId'>): void => {
    const offer = (id: TapeId, mm: number, grows: Vec3) => {
      if (mm >= -TOUCH_MM && mm < (nearest.get(id)?.mm ?? NEIGHBOUR_MM)) nearest.set(id, { id, mm, ...to, grows })
    }
    const level = sharedLength(own.z, bounds.z) > TOUCH_MM
    if (level && sharedLength(own.y, bounds.y) > TOUCH_MM) {
      offer('behind', own.x.min - bounds.x.max, [1, 0, 0])
      offer('ahead', bounds.x.min - own.x.max, [-1, 0, 0])
    }
    if (level && sharedLength(own.x, bounds.x) > TOUCH_MM) {
      offer('beside-right', own.y.min - bounds.y.max, [0, 1, 0])
      offer('beside-left', bounds.y.min - own.y.max, [0, -1, 0])
    }
  }
  for (const { id, bounds } of scene.placed) if (id !== placed.id) measure(bounds, { neighbourId: id })
  // the ribs of a body are behind its lining: the tape is held to that
  for (const { id, prism, isPillar } of scene.interior.keepOuts)
    if (isPillar !== true) measure(prismBounds(prism), { partId: id })
  return [...nearest.values()]
}

/** The sides of a hollow in the frame of its host: along which axis, and at which end of it. */
const SIDES: readonly (readonly [InsideTapeId, 0 | 1 | 2, 'min' | 'max'])[] = [
  ['in-left', 0, 'min'],
  ['in-right', 0, 'max'],
  ['in-front', 1, 'min'],
  ['in-back', 1, 'max'],
  ['in-bottom', 2, 'min'],
  ['in-top', 2, 'max'],
]
const AXES = ['x', 'y', 'z'] as const

/** From the sides of the hollow to what stands in it. */
export function insideTape(
  { bounds }: Pick<Placed, 'bounds'>,
  { host, room }: Pick<Within, 'host' | 'room'>,
): readonly (TapeRow & { readonly id: InsideTapeId })[] {
  return SIDES.map(([id, axis, end]) => {
    const local: Vec3 = [axis === 0 ? 1 : 0, axis === 1 ? 1 : 0, axis === 2 ? 1 : 0]
    const inward = placedMove(host, end === 'min' ? local : [-local[0], -local[1], -local[2]])
    const at = AXES[inward.findIndex((step) => Math.abs(step) > 0.5)] ?? 'z'
    const low = inward.reduce((sum, step) => sum + step, 0) > 0
    const mm = low ? bounds[at].min - room[at].min : room[at].max - bounds[at].max
    return { id, mm, grows: inward }
  })
}

/** The tape of a fitting: from the rear sill and the bulkhead, from each wall at the height that its row names, from floor and ceiling, to its neighbours; of what is in another, from the sides of that hollow. */
export function tapeOf(scene: Scene, placed: Placed): readonly TapeRow[] {
  if (placed.within !== undefined) return insideTape(placed, placed.within)
  const { interior } = scene
  const { x, y, z } = placed.bounds
  const rows: TapeRow[] = [
    { id: 'rear', mm: x.min - interior.xSpan.min, grows: [1, 0, 0] },
    x.max - interior.xSpan.max > TOUCH_MM && frontMost(interior) > interior.xSpan.max
      ? { id: 'cab-front', mm: frontMost(interior) - x.max, grows: [-1, 0, 0] }
      : { id: 'front', mm: interior.xSpan.max - x.max, grows: [-1, 0, 0] },
  ]
  for (const side of ['left', 'right'] as const) {
    const wall = wallDistance(interior, side, x, z, placed.measuredAt)
    if (wall === undefined) continue
    const gap = side === 'left' ? wall.referenceMm - y.max : y.min + wall.referenceMm
    rows.push({
      id: side,
      mm: placed.scribedTo === side ? 0 : gap,
      grows: side === 'left' ? [0, -1, 0] : [0, 1, 0],
      atMm: wall.atMm,
    })
  }
  const floor = floorThere(interior, spanMiddle(x))
  rows.push({ id: 'floor', mm: z.min - floor, grows: [0, 0, 1] })
  const roof = roofOver(interior, placed)
  if (roof !== undefined) rows.push({ id: 'ceiling', mm: roof - z.max, grows: [0, 0, -1] })
  return [...rows, ...neighbours(scene, placed)]
}

/** The roof over a fitting: where what hangs from it is hung, else over its middle. */
function roofOver(interior: Interior, { bounds: { x, y }, seat }: Placed): number | undefined {
  const { min, max } = interior.xSpan
  if (x.min >= max) return heightThere(interior, spanMiddle(x), spanMiddle(y))?.max
  const along = { min: clamp(x.min, min, max), max: clamp(x.max, min, max) }
  const hung = seat.up.from === 'roof' ? lowestRoof(interior, along, hungBetween(seat, y)) : undefined
  return hung ?? heightThere(interior, spanMiddle(along), spanMiddle(y))?.max
}

/** What may be typed on the tape: a thing further off than this is in no vehicle. */
const TAPE_LIMITS: Record<'x' | 'y' | 'z', Span> = {
  x: { min: -2500, max: 14_000 },
  y: { min: -1500, max: 2600 },
  z: { min: -1500, max: 4000 },
}

export const tapeLimits = ({ grows: [x, y] }: TapeRow): Span => TAPE_LIMITS[x !== 0 ? 'x' : y !== 0 ? 'y' : 'z']

const MOST_ROUNDS = 6
/** How far off, and in what steps, a place that reads so is looked for where going straight there does not come to rest. */
const SEARCH_MM = 2000
const SEARCH_STEP_MM = 20
const HALVINGS = 24
const WAYS = [
  ['ahead', 1],
  ['back', -1],
] as const

/**
 * The seat at which a distance of the tape reads what was typed; undefined where none does. Anchors stay. Where moving one way
 * moves a fitting another way too (what hangs from a curved roof rises as it goes inboard), it is moved again until the tape reads so
 * to a twentieth of a millimetre.
 * @throws RangeError if the distance is none that a tape can show.
 */
export function typedOnTape(scene: Scene, plan: Plan, placed: Placed, row: TapeRow, mm: number): Seat | undefined {
  const limits = tapeLimits(row)
  if (!(mm >= limits.min && mm <= limits.max))
    throw new RangeError(`a tape shows from ${limits.min} to ${limits.max} mm, not ${mm}`)
  const movedBy = (by: number): Seat =>
    nudged(placed.seat, [row.grows[0] * by, row.grows[1] * by, row.grows[2] * by], placed.within?.host)
  /** By how much the tape then reads too much. */
  const offBy = (by: number): number => {
    const there = reseated(scene, plan, placed.id, movedBy(by))
    const now = there === undefined ? undefined : tapeOf(there.scene, there.placed).find((one) => isSame(one, row))
    return now === undefined ? NaN : now.mm - mm
  }
  let by = mm - row.mm
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const off = offBy(by)
    if (Math.abs(off) <= READ_MM) return movedBy(by)
    if (Number.isNaN(off)) break
    by -= off
  }
  // nearest first, so that it goes no further than it must
  const ends = { ahead: { by: 0, off: offBy(0) }, back: { by: 0, off: NaN } }
  ends.back = { ...ends.ahead }
  for (let out = SEARCH_STEP_MM; out <= SEARCH_MM; out += SEARCH_STEP_MM) {
    for (const [way, sign] of WAYS) {
      const before = ends[way]
      const here = { by: sign * out, off: offBy(sign * out) }
      ends[way] = here
      if (!(before.off * here.off <= 0)) continue
      let [low, high] = [before.by, here.by]
      for (let halving = 0; halving < HALVINGS; halving += 1) {
        const middle = (low + high) / 2
        if (before.off * offBy(middle) > 0) low = middle
        else high = middle
      }
      for (const end of [low, high]) if (Math.abs(offBy(end)) <= READ_MM) return movedBy(end)
    }
  }
  return undefined
}

const isSame = (a: TapeRow, b: TapeRow): boolean => a.id === b.id && a.neighbourId === b.neighbourId

/** The depth that a scribed part has left at a height: from its front to the wall. */
export function usableDepth(scene: Scene, placed: Placed, zMm: number): number | undefined {
  if (placed.scribedTo === undefined) return undefined
  const reach = wallReach(scene.interior, placed.scribedTo, placed.bounds.x, { min: zMm, max: zMm })
  if (reach === undefined) return undefined
  const front = placed.scribedTo === 'left' ? placed.bounds.y.min : -placed.bounds.y.max
  return Math.max(0, reach.tightMm - front)
}
