import { type Box, boxesOverlap, type Vec3 } from '../geometry'
import { nth, TOUCH_MM } from '../units'

/** Length, width and height in mm, in any order. */
export type Size = readonly [number, number, number]

export interface Piece {
  readonly id: string
  readonly size: Size
  /** It may be laid on any side; left out: yes. */
  readonly mayLie?: boolean
}

/** Where a piece went: into which stowage, and the block of it that it takes, mm in the vehicle frame. */
export interface Lies {
  readonly stowage: number
  readonly block: Box
}

/** What is narrower holds nothing. */
export const LEAST_MM = 40

export interface Pose {
  /** Which of its sides is up, and what it takes of the floor along x and y. */
  readonly up: number
  readonly floor: readonly [number, number]
}

/**
 * Whether a rectangle p × q fits in another a × b, turned as need be (Carver 1957, “On fitting a rectangle into
 * another”, from memory).
 */
export function rectangleFits(p: number, q: number, a: number, b: number): boolean {
  const long = p >= q ? p : q
  const short = p >= q ? q : p
  const wide = a >= b ? a : b
  const narrow = a >= b ? b : a
  if (long <= wide + TOUCH_MM && short <= narrow + TOUCH_MM) return true
  if (long <= wide || short > narrow) return false
  const squares = long * long + short * short
  const reach =
    (2 * long * short * wide + (long * long - short * short) * Math.sqrt(Math.max(0, squares - wide * wide))) / squares
  return narrow + TOUCH_MM >= reach
}

/** What a piece takes along x, y and z, stood on each side on which it may and turned either way. */
function turnsOf({ size: [a, b, c], mayLie }: Pick<Piece, 'size' | 'mayLie'>): readonly Size[] {
  const upright: readonly Size[] =
    a === b
      ? [[a, b, c]]
      : [
          [a, b, c],
          [b, a, c],
        ]
  if (mayLie === false) return upright
  const lying: readonly Size[] = [
    [b, c, a],
    [c, b, a],
    [a, c, b],
    [c, a, b],
  ]
  const turns = [...lying, ...upright]
  const isAlike = (one: Size) => (other: Size) => other.every((side, axis) => side === one[axis])
  return turns.filter((turn, index) => turns.findIndex(isAlike(turn)) === index)
}

const fitsSquare = ([p, q, up]: Size, { x, y, z }: Box): boolean =>
  p <= x.max - x.min + TOUCH_MM && q <= y.max - y.min + TOUCH_MM && up <= z.max - z.min + TOUCH_MM

/** How a piece can stand in a room, square to it: on its base turned either way, on any side if it may lie. */
const squarePoses = (piece: Pick<Piece, 'size' | 'mayLie'>, room: Box): readonly Pose[] =>
  turnsOf(piece).flatMap((turn) => {
    const [p, q, up] = turn
    return fitsSquare(turn, room) ? [{ up, floor: [p, q] as const }] : []
  })

const NO_POSE: readonly Pose[] = []

/** How it can slantwise, over the whole floor of the room. */
function slantedPoses(piece: Pick<Piece, 'size' | 'mayLie'>, { x, y, z }: Box): readonly Pose[] {
  const [a, b, height] = [x.max - x.min, y.max - y.min, z.max - z.min]
  for (let side = piece.mayLie === false ? 2 : 0; side < 3; side += 1) {
    const up = nth(piece.size, side)
    if (up > height + TOUCH_MM) continue
    if (rectangleFits(nth(piece.size, side === 0 ? 1 : 0), nth(piece.size, side === 2 ? 1 : 2), a, b))
      return [{ up, floor: [a, b] }]
  }
  return NO_POSE
}

/** Square, and slanted where it goes in no other way. */
export function posesIn(piece: Pick<Piece, 'size' | 'mayLie'>, room: Box): readonly Pose[] {
  const square = squarePoses(piece, room)
  return square.length > 0 ? square : slantedPoses(piece, room)
}

/** A piece in a room’s rear right lower corner. */
export const blockAt = ({ x, y, z }: Box, { floor, up }: Pose): Box => ({
  x: { min: x.min, max: x.min + floor[0] },
  y: { min: y.min, max: y.min + floor[1] },
  z: { min: z.min, max: z.min + up },
})

/** The middle of a block. */
export const middleOfBlock = ({ x, y, z }: Box): Vec3 => [(x.min + x.max) / 2, (y.min + y.max) / 2, (z.min + z.max) / 2]

const holds = (outer: Box, inner: Box): boolean =>
  outer.x.min <= inner.x.min &&
  outer.x.max >= inner.x.max &&
  outer.y.min <= inner.y.min &&
  outer.y.max >= inner.y.max &&
  outer.z.min <= inner.z.min &&
  outer.z.max >= inner.z.max

/** Counts what a search looks at, so that it ends at the same place on every machine. */
export interface Effort {
  left: number
}

/** The largest blocks that are free among `rooms`, which may overlap, once `taken` is; blocks within others are left out. */
export function freeWithout(rooms: readonly Box[], taken: Box, effort: Effort = { left: Infinity }): readonly Box[] {
  const kept: Box[] = []
  const fresh: Box[] = []
  for (const room of rooms) {
    if (!boxesOverlap(room, taken)) {
      kept.push(room)
      continue
    }
    const { x, y, z } = room
    if (taken.x.min - x.min > LEAST_MM) fresh.push({ x: { min: x.min, max: taken.x.min }, y, z })
    if (x.max - taken.x.max > LEAST_MM) fresh.push({ x: { min: taken.x.max, max: x.max }, y, z })
    if (taken.y.min - y.min > LEAST_MM) fresh.push({ x, y: { min: y.min, max: taken.y.min }, z })
    if (y.max - taken.y.max > LEAST_MM) fresh.push({ x, y: { min: taken.y.max, max: y.max }, z })
    if (taken.z.min - z.min > LEAST_MM) fresh.push({ x, y, z: { min: z.min, max: taken.z.min } })
    if (z.max - taken.z.max > LEAST_MM) fresh.push({ x, y, z: { min: taken.z.max, max: z.max } })
  }
  effort.left -= fresh.length * (kept.length + fresh.length)
  // what was free before holds nothing of what was: only the new blocks may lie in others
  const all = [...kept, ...fresh]
  const blocks = [...kept]
  fresh.forEach((block, index) => {
    const within = all.some((other, at) => {
      const isSelf = at === kept.length + index
      if (isSelf || !holds(other, block)) return false
      // of two alike the first stays
      return !holds(block, other) || at < kept.length + index
    })
    if (!within) blocks.push(block)
  })
  return blocks
}

/** A seeded generator (mulberry32, public domain, from memory): a search is the same on every machine. */
function seeded(seed: number): () => number {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296
  }
}

/** What comes first, and which room of those that take a piece it goes into: the lower, the better. */
interface Manner {
  readonly big: (size: Size) => number
  readonly bad: (turn: Size, room: Box) => number
}
const bulk = ([a, b, c]: Size): number => (a * b * c) / 1e6
const longest = (size: Size): number => Math.max(...size)

/** How much of a room is left beside, before and over a piece: in all, or where it is least and next to least. */
const inAll = ([p, q, up]: Size, { x, y, z }: Box): number => x.max - x.min - p + y.max - y.min - q + z.max - z.min - up
function tight([p, q, up]: Size, { x, y, z }: Box): number {
  const [a, b, c] = [x.max - x.min - p, y.max - y.min - q, z.max - z.min - up]
  const least = Math.min(a, b, c)
  return least * 1000 + (a + b + c - least - Math.max(a, b, c))
}
const low = (_: Size, { x, y, z }: Box): number => z.min * 1e6 + (x.min + 1e4) * 1e3 + (y.min + 1e4)
const MANNERS: readonly Manner[] = [longest, bulk].flatMap((big) => [tight, inAll, low].map((bad) => ({ big, bad })))

/** A piece that is to be packed, with what is asked of it again and again. */
interface Packed {
  readonly piece: Piece
  readonly turns: readonly Size[]
  readonly mm3: number
}

/** How much more than a room an unturned piece may take of it: a touch on every side. */
const SLACK = 1.001

/** The first room that takes a piece slantwise. */
function slanted(rooms: readonly (readonly Box[])[], { piece, mm3 }: Packed): Lies | undefined {
  for (const [stowage, free] of rooms.entries())
    for (const room of free) {
      const { x, y, z } = room
      // what is larger than a room goes into it no way round
      if ((x.max - x.min) * (y.max - y.min) * (z.max - z.min) * SLACK < mm3) continue
      const [pose] = slantedPoses(piece, room)
      if (pose !== undefined) return { stowage, block: blockAt(room, pose) }
    }
  return undefined
}

/** One packing: each piece into the best room by a manner, with so much left to chance. */
function pass(
  rooms: readonly (readonly Box[])[],
  pieces: readonly Packed[],
  { big, bad }: Manner,
  chance: number,
  random: () => number,
  effort: Effort,
): ReadonlyMap<string, Lies> {
  const order = pieces
    .map((one) => ({ one, big: big(one.piece.size) * (1 + chance * (random() - 0.5)) }))
    .sort((a, b) => b.big - a.big)
  const now = [...rooms]
  const lies = new Map<string, Lies>()
  for (const { one } of order) {
    const { piece, turns, mm3 } = one
    let least = Infinity
    let at = -1
    let into: Box | undefined
    let best: Size | undefined
    for (let stowage = 0; stowage < now.length; stowage += 1)
      for (const room of nth(now, stowage)) {
        effort.left -= 1
        const { x, y, z } = room
        const [a, b, c] = [x.max - x.min + TOUCH_MM, y.max - y.min + TOUCH_MM, z.max - z.min + TOUCH_MM]
        // what is larger than a room goes into it no way round
        if (a * b * c < mm3) continue
        for (const turn of turns) {
          if (turn[0] > a || turn[1] > b || turn[2] > c) continue
          const how = bad(turn, room) * (1 + chance * random())
          if (best === undefined || how < least) [least, at, into, best] = [how, stowage, room, turn]
        }
      }
    const found =
      best === undefined || into === undefined
        ? slanted(now, one)
        : { stowage: at, block: blockAt(into, { floor: [best[0], best[1]], up: best[2] }) }
    if (effort.left < 0) break
    if (found === undefined) continue
    const { stowage, block } = found
    now[stowage] = freeWithout(nth(now, stowage), block, effort)
    lies.set(piece.id, { stowage, block })
  }
  return lies
}

/** As much as a search looks at before it gives up: a hundredth of a second. */
const MOST_LOOKS = 200_000

/**
 * Pieces into free rooms, square to them, by trying: first by rule, then by rule and chance; the same on every machine. Rooms are lists of
 * largest free blocks, one list for each stowage. What is found is the packing that holds the most pieces of those that were tried.
 */
export function packedByTrying(
  rooms: readonly (readonly Box[])[],
  pieces: readonly Piece[],
): ReadonlyMap<string, Lies> {
  const effort: Effort = { left: MOST_LOOKS }
  const random = seeded(1)
  const all = pieces.map((piece): Packed => {
    const [a, b, c] = piece.size
    return { piece, turns: turnsOf(piece), mm3: a * b * c }
  })
  let best: ReadonlyMap<string, Lies> = new Map()
  for (let at = 0; effort.left > 0 && best.size < pieces.length; at += 1) {
    const chance = at < MANNERS.length ? 0 : 0.3 + 0.2 * (at % 7)
    const lies = pass(rooms, all, nth(MANNERS, at % MANNERS.length), chance, random, effort)
    if (lies.size > best.size) best = lies
  }
  return best
}
