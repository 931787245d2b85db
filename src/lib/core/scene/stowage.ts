import { type Box, boxesOverlap, prismBounds, sharedLength, spanLength, type Vec3 } from '../geometry'
import type { Interior } from '../shell'
import { known, nth, TOUCH_MM } from '../units'
import { blockLeft } from './cut'
import {
  blockAt,
  freeWithout,
  LEAST_MM,
  type Lies,
  middleOfBlock,
  packedByTrying,
  type Piece,
  type Pose,
  posesIn,
  rectangleFits,
  type Size,
} from './packing'
import type { Scene } from './scene'

/** Inside of a stowage. */
interface Stowage {
  readonly fittingId: string
  /** The ways in which it can be divided into rooms apart: whole between the arches, or split at their top. */
  readonly divisions: readonly (readonly Box[])[]
  /** The largest free blocks of it, which overlap. */
  readonly blocks: readonly Box[]
}

const dimensions = (box: Box): Size => [spanLength(box.x), spanLength(box.y), spanLength(box.z)]

/** The rest of a box once the body's walls and what is in it are taken off; undefined when nothing useful is left. */
function roomIn(interior: Interior, box: Box, inside: readonly Box[]): Box | undefined {
  let room: Box | undefined = blockLeft(interior, box)
  for (const other of inside) if (room !== undefined) room = without(room, other)
  return room
}

/** The largest block of `room` on one side of what stands in it. */
function without(room: Box, other: Box): Box | undefined {
  for (const axis of ['x', 'y', 'z'] as const) if (!(sharedLength(room[axis], other[axis]) > TOUCH_MM)) return room
  const pieces = (['x', 'y', 'z'] as const).flatMap((axis): Box[] => [
    { ...room, [axis]: { min: room[axis].min, max: other[axis].min } },
    { ...room, [axis]: { min: other[axis].max, max: room[axis].max } },
  ])
  const volume = (box: Box) => dimensions(box).reduce((product, side) => product * Math.max(0, side), 1)
  const best = pieces.reduce((a, b) => (volume(b) > volume(a) ? b : a))
  return Math.min(...dimensions(best)) > LEAST_MM ? best : undefined
}

function stowagesOf(scene: Scene): readonly Stowage[] {
  const { interior } = scene
  const claims: { readonly id: string; readonly box: Box }[] = []
  const arches = interior.keepOuts.map((keepOut) => prismBounds(keepOut.prism))
  const standing = scene.placed.flatMap(({ id, inner }) => inner.map(({ prism }) => ({ id, box: prismBounds(prism) })))
  return scene.placed.flatMap((placed) =>
    placed.services.flatMap((service): Stowage[] => {
      if (service.type !== 'stowage' || service.inside === undefined) return []
      const box = prismBounds(service.inside)
      const meeting = (boxes: typeof claims) =>
        boxes.filter(({ id, box: other }) => id !== placed.id && boxesOverlap(box, other)).map((one) => one.box)
      const met = arches.filter((arch) => boxesOverlap(box, arch))
      // what others have claimed of it, what the body takes, what stands in it
      const inside = [...meeting(claims), ...met, ...meeting(standing)]
      claims.push({ id: placed.id, box })
      const keep = (boxes: readonly (Box | undefined)[]) => boxes.filter((room) => room !== undefined)
      const tops = met.map((arch) => arch.z.max).filter((top) => top < box.z.max - LEAST_MM)
      const whole = keep([roomIn(interior, box, inside)])
      const blocks = (parts: readonly Box[]): readonly Box[] =>
        inside.reduce<readonly Box[]>(
          (free, other) => freeWithout(free, other),
          keep(parts.map((part) => blockLeft(interior, part))),
        )
      if (tops.length === 0) return [{ fittingId: placed.id, divisions: [whole], blocks: blocks([box]) }]
      const top = Math.max(...tops)
      const [above, below] = [
        { ...box, z: { min: top, max: box.z.max } },
        { ...box, z: { min: box.z.min, max: top } },
      ]
      const split = keep([roomIn(interior, above, inside), roomIn(interior, below, inside)])
      return [{ fittingId: placed.id, divisions: [whole, split], blocks: blocks([box, above, below]) }]
    }),
  )
}

/** Whether a piece goes into a room at all: most do not, and are told here at once. */
function takes({ x, y, z }: Box, { size, mayLie }: Pick<Piece, 'size' | 'mayLie'>): boolean {
  const [a, b, height] = [x.max - x.min, y.max - y.min, z.max - z.min]
  const [length, width, up] = size
  const lies = (p: number, q: number, over: number): boolean =>
    over <= height + TOUCH_MM && p * q <= a * b + AREA_SLACK_MM2 && rectangleFits(p, q, a, b)
  return lies(length, width, up) || (mayLie !== false && (lies(width, up, length) || lies(length, up, width)))
}
/** What `TOUCH_MM` on both sides adds to an area, and more. */
const AREA_SLACK_MM2 = 20_000 * TOUCH_MM

/** What is left of a room round a piece in its rear right lower corner, as blocks apart. */
function remainders(room: Box, { floor, up }: Pose): readonly Box[] {
  const ends = { x: room.x.min + floor[0], y: room.y.min + floor[1], z: room.z.min + up }
  const blocks: Box[] = []
  let rest = room
  for (const axis of ['x', 'y', 'z'] as const) {
    blocks.push({ ...rest, [axis]: { min: ends[axis], max: rest[axis].max } })
    rest = { ...rest, [axis]: { min: rest[axis].min, max: ends[axis] } }
  }
  return blocks.filter((box) => Math.min(...dimensions(box)) > LEAST_MM)
}

interface Left {
  readonly piece: Piece
  /** An empty stowage would take it. */
  readonly alone: boolean
  /** Of one that none takes: the longest piece of its section that one does, mm (0: none). */
  readonly longestMm: number
}

export interface Stowed {
  /** Where each piece went: piece id to fitting id. */
  readonly places: ReadonlyMap<string, string>
  /** Where the middle of each such piece lies, in the vehicle frame. */
  readonly at: ReadonlyMap<string, Vec3>
  /** The block that each takes there. */
  readonly blocks: ReadonlyMap<string, Box>
  /** Pieces that found no room. */
  readonly left: readonly Left[]
}

/** Free rooms of each stowage, by the ways in which it can be divided; a piece put in settles which. */
type Free = readonly (readonly (readonly Box[])[])[]

/** Pieces of one class are alike: what does not take one of them takes none. */
const classOf = ({ size, mayLie }: Piece): string => `${size.join(' ')} ${mayLie !== false}`

const NONE: readonly Piece[] = []

/** What was packed, by what it was packed into: modes in which the same stowages are free are packed once. */
const packed = new WeakMap<readonly Piece[], Map<string, Stowed>>()
/** As many are kept as a plan has modes. */
const MOST_PACKED = 12

/**
 * Puts pieces into the stowages of a scene, biggest first, standing on any side on which they may and slanted on the floor
 * if they must. Where the first room that takes each leaves some over, other orders, rooms and turns are tried up to a limit:
 * what is left over may yet fit if packed by hand, what is placed does fit. `more` goes in beside them; it may be listed anew each time.
 */
export function stow(scene: Scene, pieces: readonly Piece[], more: readonly Piece[] = NONE): Stowed {
  const stowages = stowagesOf(scene)
  const into = JSON.stringify([stowages, more])
  const ways = packed.get(pieces) ?? new Map<string, Stowed>()
  packed.set(pieces, ways)
  const before = ways.get(into)
  if (before !== undefined) return before
  if (ways.size === MOST_PACKED) ways.clear()
  const stowed = stowInto(stowages, [...pieces, ...more])
  ways.set(into, stowed)
  return stowed
}

function stowInto(stowages: readonly Stowage[], pieces: readonly Piece[]): Stowed {
  const free: Free = stowages.map((stowage) => stowage.divisions)
  const bySize = [...pieces].sort((a, b) => Math.max(...b.size) - Math.max(...a.size))
  const first = greedy(free, bySize)
  const rooms = stowages.flatMap(({ divisions, blocks: free }) => [...divisions.flat(), ...free])
  const byClass = <T extends boolean | number>(answer: (piece: Piece) => T): ((piece: Piece) => T) => {
    const answers = new Map<string, T>()
    return (piece) => {
      const one = classOf(piece)
      const made = answers.get(one) ?? answer(piece)
      answers.set(one, made)
      return made
    }
  }
  const fitsOne = byClass((piece) => rooms.some((room) => takes(room, piece)))
  const longest = byClass((piece) => longestLike(rooms, piece))
  // what went in fits alone, too
  const alone = (piece: Piece): boolean => first.has(piece.id) || fitsOne(piece)
  const takers = bySize.filter(alone)
  const blocks = stowages.map((stowage) => stowage.blocks)
  const tried = first.size === takers.length ? first : packedByTrying(blocks, takers)
  const found = tried.size > first.size ? tried : first
  return {
    places: new Map([...found].map(([id, { stowage }]) => [id, nth(stowages, stowage).fittingId])),
    at: new Map([...found].map(([id, { block }]) => [id, middleOfBlock(block)])),
    blocks: new Map([...found].map(([id, { block }]) => [id, block])),
    left: bySize
      .filter(({ id }) => !found.has(id))
      .map((piece) =>
        alone(piece) ? { piece, alone: true, longestMm: 0 } : { piece, alone: false, longestMm: longest(piece) },
      ),
  }
}

/**
 * Each piece in the first room that takes it. Rooms only become smaller: one that did not take a piece takes none
 * of its class later, and the next of them is looked for from where the last one went.
 */
function greedy(free: Free, pieces: readonly Piece[]): ReadonlyMap<string, Lies> {
  const places = new Map<string, Lies>()
  const now = free.map((divisions) => divisions.map((rooms) => [...rooms]))
  const from = new Map<string, Place>()
  for (const piece of pieces) {
    const one = classOf(piece)
    const at = firstRoom(now, piece, from.get(one) ?? [0, 0, 0])
    from.set(one, at ?? [now.length, 0, 0])
    if (at === undefined) continue
    const [stowage, division, room] = at
    const rooms = nth(nth(now, stowage), division)
    const box = nth(rooms, room)
    const pose = known(posesIn(piece, box)[0], `the pose of “${piece.id}”`)
    const rest = remainders(box, pose)
    // something stays in its place, so that no other class misses the room behind it
    rooms.splice(room, 1, ...(rest.length > 0 ? rest : [NO_ROOM]))
    // a piece put in settles which way the stowage is divided
    now[stowage] = nth(now, stowage).map((_, index) => (index === division ? rooms : []))
    from.set(one, at)
    places.set(piece.id, { stowage, block: blockAt(box, pose) })
  }
  return places
}

const NO_ROOM: Box = { x: { min: 0, max: 0 }, y: { min: 0, max: 0 }, z: { min: 0, max: 0 } }

/** A room: of which stowage, in which of its divisions, and which there. */
type Place = readonly [number, number, number]

/** The first room, from a place on, that takes a piece. */
function firstRoom(free: Free, piece: Piece, [stowage, division, room]: Place): Place | undefined {
  for (let s = stowage; s < free.length; s += 1) {
    const divisions = nth(free, s)
    for (let d = s === stowage ? division : 0; d < divisions.length; d += 1) {
      const rooms = nth(divisions, d)
      for (let r = s === stowage && d === division ? room : 0; r < rooms.length; r += 1) {
        if (takes(nth(rooms, r), piece)) return [s, d, r]
      }
    }
  }
  return undefined
}

/** The longest piece with the two smaller sides of `size` that any empty room takes, to the millimetre; 0 when even a stub does not fit. */
function longestLike(rooms: readonly Box[], piece: Piece): number {
  const [longest, middle] = [...piece.size].sort((a, b) => b - a) as [number, number, number]
  const lead = piece.size.indexOf(longest)
  const like = (length: number): Piece => ({
    ...piece,
    size: piece.size.map((side, axis) => (axis === lead ? length : side)) as unknown as Size,
  })
  const stub = like(middle)
  if (!rooms.some((room) => takes(room, stub))) return 0
  let best = middle
  // only a room that takes more than the best so far is looked into finely
  for (const room of rooms) {
    if (!takes(room, like(best + 1))) continue
    let [low, high] = [best, 8000]
    while (high - low > 1) {
      const length = (low + high) / 2
      if (takes(room, like(length))) low = length
      else high = length
    }
    best = low
  }
  return Math.floor(best + 0.5)
}
