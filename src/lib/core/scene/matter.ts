import {
  type Box,
  overlapBounds,
  placedMove,
  type Prism,
  prismBounds,
  prismsOverlap,
  prismWithout,
  sharedLength,
  type Span,
  spanLength,
} from '../geometry'
import { TOUCH_MM } from '../units'
import type { Placed, PlacedHollow, PlacedSolid } from './scene'

/** A piece of what a fitting is made of, and the solid that it is a piece of. */
export interface Matter {
  readonly solid: PlacedSolid
  readonly prism: Prism
  /** It stands in a hollow and takes of its room: a drawer’s box, a bowl. */
  readonly inHollow: boolean
}

const known = new WeakMap<Placed, readonly Matter[]>()

/** What of a fitting is matter: its solids less its hollows, and what stands in these. */
export function matterOf(placed: Placed): readonly Matter[] {
  const before = known.get(placed)
  if (before !== undefined) return before
  const made = matterWith(placed, placed.hollows)
  known.set(placed, made)
  return made
}

function matterWith({ inner }: Placed, hollows: readonly PlacedHollow[]): readonly Matter[] {
  return [
    ...inner.flatMap((solid) =>
      hollows
        .reduce<readonly Prism[]>(
          (pieces, { room }) => pieces.flatMap((piece) => prismWithout(piece, room)),
          [solid.prism],
        )
        .map((prism) => ({ solid, prism, inHollow: false })),
    ),
    ...hollows.flatMap(({ taken }) => taken.map((solid) => ({ solid, prism: solid.prism, inHollow: true }))),
  ]
}

const knownWhole = new WeakMap<Placed, readonly Matter[]>()

/** The solids of a fitting as they are, its hollows filled. */
function wholeOf(placed: Placed): readonly Matter[] {
  const before = knownWhole.get(placed)
  if (before !== undefined) return before
  const made = placed.inner.map((solid) => ({ solid, prism: solid.prism, inHollow: false }))
  knownWhole.set(placed, made)
  return made
}

/** The least side of a box, mm. */
export const leastSide = ({ x, y, z }: Box): number => Math.min(spanLength(x), spanLength(y), spanLength(z))

/** Whether something stands wholly clear of the hollows of a fitting: then its solids are its matter. */
const missesHollows = ({ hollows }: Placed, { x, y, z }: Box): boolean =>
  hollows.every(
    ({ room }) =>
      !(sharedLength(room.x, x) > TOUCH_MM && sharedLength(room.y, y) > TOUCH_MM && sharedLength(room.z, z) > TOUCH_MM),
  )

/** A thing with a front of its own may stand in the place of its host’s: its face is where the door would be. */
const FRONT_MM = 40

/** The matter of a fitting that another can meet: where that was put into a hollow of it and has a front of its own, the front of the hollow has given way. */
export function matterFor(placed: Placed, other: Placed): readonly Matter[] {
  const { within } = other
  if (within?.hostId === placed.id && other.facts.fronts.length > 0) {
    const open = placed.hollows.map((hollow) =>
      hollow.id === within.hollowId && hollow.by !== 'lid'
        ? { ...hollow, room: withFront(placed, hollow.room) }
        : hollow,
    )
    return matterWith(placed, open)
  }
  return missesHollows(placed, other.bounds) ? wholeOf(placed) : matterOf(placed)
}

/** A hollow with what closes it at its front taken away. */
function withFront({ placement }: Placed, room: Box): Box {
  const [x, y] = placedMove(placement, [0, -FRONT_MM, 0])
  const grown = ({ min, max }: Span, by: number): Span => ({ min: min + Math.min(0, by), max: max + Math.max(0, by) })
  return { x: grown(room.x, x), y: grown(room.y, y), z: room.z }
}

/** The least distance that one must go, along one of the vehicle’s axes, until none of its pieces meets one of the other’s, mm. */
function leastShift(own: readonly Matter[], others: readonly Matter[]): number {
  const boxes = (pieces: readonly Matter[]): readonly Box[] => pieces.map(({ prism }) => prismBounds(prism))
  const [a, b] = [boxes(own), boxes(others)]
  let least = Infinity
  for (const axis of AXES) {
    const [second, third] = AXES.filter((one) => one !== axis) as [Axis, Axis]
    // the shifts that are barred, by pairs that share ground on both other axes
    const barred = a.flatMap((p) =>
      b
        .filter((q) => sharedLength(p[second], q[second]) > TOUCH_MM && sharedLength(p[third], q[third]) > TOUCH_MM)
        .map((q): Span => ({ min: q[axis].min - p[axis].max, max: q[axis].max - p[axis].min })),
    )
    barred.sort((p, q) => p.min - q.min)
    let [ahead, back] = [0, 0]
    for (const { min, max } of barred) if (min < ahead && max > ahead) ahead = max
    barred.sort((p, q) => q.max - p.max)
    for (const { min, max } of barred) if (max > back && min < back) back = min
    least = Math.min(least, ahead, -back)
  }
  return least
}
const AXES = ['x', 'y', 'z'] as const
type Axis = (typeof AXES)[number]

/** Of what two fittings are made of, the pieces that share most: which solid of the one, which part of the other, and what they share. */
export function meeting(
  a: Placed,
  b: Placed,
):
  | {
      readonly solidA: PlacedSolid
      readonly partB: string
      readonly shared: Box
      readonly inHollow: boolean
      /** A thing that stands in a wall of another is as deep in as it must go to be clear, not as that wall is thick. */
      readonly depth: () => number
    }
  | undefined {
  let best: ReturnType<typeof meeting>
  let most = 0
  const [own, others] = [matterFor(a, b), matterFor(b, a)]
  for (const one of own)
    for (const other of others) {
      if (!prismsOverlap(one.prism, other.prism)) continue
      const shared = overlapBounds(one.prism, other.prism)
      const volume = spanLength(shared.x) * spanLength(shared.y) * spanLength(shared.z)
      if (volume <= most) continue
      most = volume
      const inHollow = one.inHollow || other.inHollow
      best = {
        solidA: one.solid,
        partB: other.solid.id,
        shared,
        inHollow,
        depth: () => (inHollow ? leastSide(shared) : leastShift(own, others)),
      }
    }
  return best
}
