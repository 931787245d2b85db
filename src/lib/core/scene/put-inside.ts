import { type Inside, type Seat, takenOut } from '../fittings'
import {
  addTurns,
  type Box,
  localMove,
  sharedLength,
  type Span,
  spanLength,
  spanMiddle,
  stretchesLeft,
  type Turn,
  type Vec3,
} from '../geometry'
import type { Plan } from '../job'
import { thingsIn } from './in-hollow'
import { TOUCH_MM } from '../units'
import { nudged, reseated } from './move'
import type { Placed, PlacedHollow, Scene } from './scene'
import { insideTape } from './tape'

/** A hollow that something can be put into, and whose it is. */
export interface HollowRef {
  readonly host: Placed
  readonly hollow: PlacedHollow
}

const AXES = ['x', 'y', 'z'] as const

const volume = ({ room: { x, y, z } }: PlacedHollow): number => spanLength(x) * spanLength(y) * spanLength(z)

/** Whether one is in another, or in what is in that. */
function isIn(scene: Scene, placed: Placed | undefined, hostId: string): boolean {
  for (let at = placed; at !== undefined;) {
    if (at.id === hostId) return true
    const next = at.within?.hostId
    at = next === undefined ? undefined : scene.placed.find(({ id }) => id === next)
  }
  return false
}

/** Where a hand has brought a block, on the axes on which it moves it. */
export interface Brought {
  readonly x?: Span
  readonly y?: Span
  readonly z?: Span
}

/** On an axis on which it is not moved, a thing must be level with what it goes into: what hangs over a bench is not put into that. */
const comesBy = (placed: Placed, host: Placed, at: Brought): boolean =>
  (['y', 'z'] as const).every(
    (axis) => at[axis] !== undefined || sharedLength(placed.bounds[axis], host.bounds[axis]) > TOUCH_MM,
  )

/**
 * The hollow that a block is brought into, on the axes that are given and to within `slackMm`, and that takes it as it stands; the
 * smallest of several. What is in the fitting itself is none. One that is only carried across something is not put into it.
 */
export function hollowAt(scene: Scene, placed: Placed, at: Brought, slackMm: number): HollowRef | undefined {
  const size = placed.bounds
  let best: HollowRef | undefined
  for (const host of scene.placed) {
    if (host.hollows.length === 0 || isIn(scene, host, placed.id) || !comesBy(placed, host, at)) continue
    for (const hollow of host.hollows) {
      const { room } = hollow
      const fits = AXES.every((axis) => spanLength(size[axis]) <= spanLength(room[axis]) + TOUCH_MM)
      const isOver = AXES.every((axis) => {
        const span = at[axis]
        return span === undefined || (span.min > room[axis].min - slackMm && span.max < room[axis].max + slackMm)
      })
      if (fits && isOver && (best === undefined || volume(hollow) < volume(best.hollow))) best = { host, hollow }
    }
  }
  return best
}

/** The seat in a hollow that leaves a fitting as it is turned, its block as near to a place as the sides let it. */
export function seatInside(placed: Placed, { host, hollow }: HollowRef, at: Box): Seat {
  const { turn, mirrored } = host.placement
  const own = addTurns(placed.placement.turn, ((360 - turn) % 360) as Turn)
  const inside: Inside = {
    fitting: host.id,
    hollow: hollow.id,
    along: { from: 'left', mm: 0 },
    across: { from: 'front', mm: 0 },
    upMm: 0,
    turn: mirrored ? (((360 - own) % 360) as Turn) : own,
    mirrored: placed.placement.mirrored !== mirrored,
  }
  // from the sides of the hollow to the block, in the frame of the host: the nearer one of two holds it
  const room = { host: host.placement, room: hollow.room }
  const rows = Object.fromEntries(insideTape({ bounds: at }, room).map(({ id, mm }) => [id, mm]))
  const near = <A extends string, B extends string>(low: A, high: B): { from: A | B; mm: number } => {
    const [before, after] = [rows[`in-${low}`] ?? 0, rows[`in-${high}`] ?? 0]
    return before <= after
      ? { from: low, mm: Math.round(Math.max(0, before)) }
      : { from: high, mm: Math.round(Math.max(0, after)) }
  }
  return {
    ...takenOut(placed.seat),
    inside: {
      ...inside,
      along: near('left', 'right'),
      across: near('front', 'back'),
      upMm: Math.round(Math.max(0, rows['in-bottom'] ?? 0)),
    },
  }
}

/** How far the middle of a thing must be carried past the side of its hollow before it comes out. */
const OUT_MM = 40

/** Whether what is in a hollow is carried out of it by a movement on some axes. */
export function isCarriedOut({ bounds, within }: Placed, by: { x?: number; y?: number; z?: number }): boolean {
  if (within === undefined) return false
  return AXES.some((axis) => {
    const step = by[axis]
    if (step === undefined) return false
    const middle = spanMiddle(bounds[axis]) + step
    return middle < within.room[axis].min - OUT_MM || middle > within.room[axis].max + OUT_MM
  })
}

/** The seat at which what is in a hollow stands by itself, `delta` from where it is: by the anchors that it had before it was put in. */
export function seatOutside(scene: Scene, plan: Plan, placed: Placed, delta: Vec3): Seat {
  const seat = takenOut(placed.seat)
  const there = reseated(scene, plan, placed.id, seat)
  if (there === undefined) return seat
  const [from, to] = [there.placed.bounds, placed.bounds]
  const by = AXES.map((axis, index) => to[axis].min + (delta[index] ?? 0) - from[axis].min)
  return nudged(seat, [by[0] ?? 0, by[1] ?? 0, by[2] ?? 0])
}

/** What was put into a fitting, and into that, with how deep it lies; in the order of the plan. */
export function contentsOf(scene: Scene, hostId: string, depth = 1): readonly { placed: Placed; depth: number }[] {
  return scene.placed
    .filter(({ within }) => within?.hostId === hostId)
    .flatMap((placed) => [{ placed, depth }, ...contentsOf(scene, placed.id, depth + 1)])
}

/** The largest block that is left free in a hollow beside, before or over what lies or stands in it: length, depth and height in its host’s frame, mm. */
export function roomLeft(scene: Scene, { host, hollow }: HollowRef): Vec3 {
  const whole = AXES.map((axis) => spanLength(hollow.room[axis])) as [number, number, number]
  const inside = thingsIn(scene, host, hollow.room)
  const blocks = AXES.map((axis, index): Vec3 => {
    const gaps = stretchesLeft(
      hollow.room[axis],
      inside.map((bounds) => bounds[axis]),
    ).map(spanLength)
    const free = Math.max(0, ...gaps)
    return [0, 1, 2].map((one) => (one === index ? free : (whole[one] ?? 0))) as [number, number, number]
  })
  const size = (block: Vec3): number => block[0] * block[1] * block[2]
  const largest = blocks.reduce((most, block) => (size(block) > size(most) ? block : most), [0, 0, 0] as Vec3)
  const [x, y, z] = localMove(host.placement, largest)
  return [Math.round(Math.abs(x)), Math.round(Math.abs(y)), Math.round(z)]
}
