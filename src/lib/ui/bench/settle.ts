import type { Inside, Seat } from '$lib/core/fittings'
import { type Box, boxesOverlap, type Span, type Vec3 } from '$lib/core/geometry'
import type { Plan } from '$lib/core/job'
import {
  type Brought,
  carried,
  hollowAt,
  type HollowRef,
  isCarriedOut,
  keptInside,
  nudged,
  type Placed,
  reseated,
  type Scene,
  seatInside,
  seatOutside,
  type Snap,
  snapsFor,
} from '$lib/core/scene'

/** How far the hand has moved, on the axes that its view shows. */
export interface Delta {
  readonly x?: number
  readonly y?: number
  readonly z?: number
}

/** A hand sets things down on whole millimetres. */
export const wholeMillimetres = (seat: Seat): Seat => ({
  ...seat,
  along: { ...seat.along, mm: Math.round(seat.along.mm) },
  across: { ...seat.across, mm: Math.round(seat.across.mm) },
  up: { ...seat.up, mm: Math.round(seat.up.mm) },
  ...(seat.inside === undefined ? {} : { inside: wholeInside(seat.inside) }),
})

const wholeInside = (inside: Inside): Inside => ({
  ...inside,
  along: { ...inside.along, mm: Math.round(inside.along.mm) },
  across: { ...inside.across, mm: Math.round(inside.across.mm) },
  upMm: Math.round(inside.upMm),
})

const AXES = ['x', 'y', 'z'] as const

/** A movement, on the axes only on which the hand moves. */
const moved3 = ([x, y, z]: Vec3, delta: Delta): Delta => ({
  ...(delta.x === undefined ? {} : { x }),
  ...(delta.y === undefined ? {} : { y }),
  ...(delta.z === undefined ? {} : { z }),
})

const movedBox = ({ bounds }: Placed, move: Vec3): Box => {
  const [x, y, z] = AXES.map((axis, index) => ({
    min: bounds[axis].min + (move[index] ?? 0),
    max: bounds[axis].max + (move[index] ?? 0),
  })) as [Span, Span, Span]
  return { x, y, z }
}

/** Where a block is, on the axes on which the hand moves it. */
const broughtTo = (bounds: Box, delta: Delta): Brought =>
  Object.fromEntries(AXES.flatMap((axis) => (delta[axis] === undefined ? [] : [[axis, bounds[axis]]])))

/** So far out of a hollow a block may be and still be put into it. */
const SLACK_MM = 40

/** Into a hollow that the hand has come over: within reach of its sides it goes to these. */
function intoHollow(
  scene: Scene,
  plan: Plan,
  placed: Placed,
  into: HollowRef,
  at: Box,
  reachMm: number,
): { readonly seat: Seat; readonly snaps: readonly Snap[] } {
  const seat = seatInside(placed, into, { ...at, z: { min: into.hollow.room.z.min, max: into.hollow.room.z.min } })
  const there = reseated(scene, plan, placed.id, seat)
  if (there === undefined) return { seat, snaps: [] }
  const snaps = snapsFor(there.scene, there.placed, { x: 0, y: 0 }, reachMm).filter(({ to }) => to.kind !== 'round')
  const by = (axis: 'x' | 'y') => snaps.find((snap) => snap.axis === axis)?.byMm ?? 0
  return { seat: wholeMillimetres(nudged(seat, [by('x'), by('y'), 0], there.placed.within?.host)), snaps }
}

function restsOn(plan: Plan, id: string, on: string): boolean {
  for (let at: string | undefined = id; at !== undefined; at = plan.fittings[at]?.seat.up.fitting)
    if (at === on) return true
  return false
}

/** Where a fitting comes to stand when the hand has moved it: snapped within `reachMm`, inside the body, on what is below it. */
export function settled(
  scene: Scene,
  plan: Plan,
  placed: Placed,
  delta: Delta,
  reachMm: number,
  stationMm: number,
): { readonly seat: Seat; readonly snaps: readonly Snap[] } {
  const snaps = reachMm === 0 ? [] : snapsFor(scene, placed, delta, reachMm, stationMm)
  const by = (axis: 'x' | 'y' | 'z') => (delta[axis] ?? 0) + (snaps.find((snap) => snap.axis === axis)?.byMm ?? 0)
  const move: Vec3 = [
    keptInside(scene, placed, by('x')),
    delta.y === undefined ? 0 : by('y'),
    delta.z === undefined ? 0 : by('z'),
  ]
  if (placed.within !== undefined && isCarriedOut(placed, moved3(move, delta))) {
    const out = wholeMillimetres(seatOutside(scene, plan, placed, move))
    const there = reseated(scene, plan, placed.id, out)
    // on the floor, if it was not lifted
    const seat = delta.z === undefined ? { ...out, up: { from: 'floor' as const, mm: 0 } } : out
    const into =
      there === undefined
        ? undefined
        : hollowAt(there.scene, there.placed, broughtTo(there.placed.bounds, delta), Math.max(reachMm, SLACK_MM))
    if (into !== undefined && there !== undefined)
      return { seat: seatInside(there.placed, into, there.placed.bounds), snaps: [] }
    return { seat, snaps: [] }
  }
  const seat = wholeMillimetres(carried(scene, plan, placed, move))
  if (placed.within !== undefined) return { seat, snaps }
  if (reachMm > 0) {
    const at = movedBox(placed, move)
    const into = hollowAt(scene, placed, broughtTo(at, delta), Math.max(reachMm, SLACK_MM))
    if (into !== undefined) return intoHollow(scene, plan, placed, into, at, reachMm)
  }
  const onTop = snaps.find(({ axis, to }) => axis === 'z' && to.kind === 'neighbour')
  const below = onTop?.to.kind === 'neighbour' ? scene.placed.find(({ id }) => id === onTop.to.id) : undefined
  const moved = { ...placed.bounds, x: { min: placed.bounds.x.min + move[0], max: placed.bounds.x.max + move[0] } }
  const rests =
    below !== undefined &&
    Math.abs(below.bounds.z.max - (placed.bounds.z.min + move[2])) < 1 &&
    boxesOverlap({ ...moved, z: below.bounds.z }, below.bounds)
  if (rests && !restsOn(plan, below.id, placed.id))
    return { seat: { ...seat, up: { from: 'top-of', fitting: below.id, mm: 0 } }, snaps }
  if (seat.up.from === 'top-of' && delta.z !== undefined) {
    const floor = scene.placed.find(({ id }) => id === seat.up.fitting)?.bounds.z.max ?? 0
    const z = floor + seat.up.mm - scene.interior.lining.floorMm
    return { seat: { ...seat, up: { from: 'floor', mm: Math.max(0, Math.round(z)) } }, snaps }
  }
  return { seat, snaps }
}
