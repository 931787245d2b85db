import { type Box, boxesOverlap, prismBounds, sharedLength, type Span, spanLength, type Vec3 } from '../geometry'
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

/** Inside of a stowage; its rooms are measured from its own rear right lower corner, so that one that only stands elsewhere is the same. */
interface Stowage {
  readonly fittingId: string
  readonly corner: Vec3
  /** The ways in which it can be divided into rooms apart: whole between the arches, or split at their top. */
  readonly divisions: readonly (readonly Box[])[]
  /** The largest free blocks of it, which overlap; worked out when asked. */
  readonly blocks: () => readonly Box[]
  /** Two with one key are packed alike. */
  readonly key: string
}

const dimensions = (box: Box): Size => [spanLength(box.x), spanLength(box.y), spanLength(box.z)]

/** The rest of a room once what is in it is taken off; undefined when nothing useful is left. */
const roomIn = (room: Box | undefined, inside: readonly Box[]): Box | undefined =>
  inside.reduce<Box | undefined>((rest, other) => (rest === undefined ? undefined : without(rest, other)), room)

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

/** To so much are rooms told apart, mm. */
const ROOM_STEP_MM = 0.001
const stepped = (mm: number): number => Math.round(mm / ROOM_STEP_MM) * ROOM_STEP_MM

/** A box as it lies from a corner. */
const from = ({ x, y, z }: Box, corner: Vec3): Box => {
  const span = (one: Span, axis: 0 | 1 | 2): Span => ({
    min: stepped(one.min - corner[axis]),
    max: stepped(one.max - corner[axis]),
  })
  return { x: span(x, 0), y: span(y, 1), z: span(z, 2) }
}

/** A box that lies so from a corner, where it stands. */
const lying = ({ x, y, z }: Box, corner: Vec3): Box => {
  const span = (one: Span, axis: 0 | 1 | 2): Span => ({ min: one.min + corner[axis], max: one.max + corner[axis] })
  return { x: span(x, 0), y: span(y, 1), z: span(z, 2) }
}

const present = (boxes: readonly (Box | undefined)[]): readonly Box[] => boxes.filter((room) => room !== undefined)

const sides = ({ x, y, z }: Box): string => [x.min, x.max, y.min, y.max, z.min, z.max].join()

/** What is left inside a stowage: `met` are the arches in it, `inside` all that takes of it, they among that. */
function stowageIn(
  interior: Interior,
  fittingId: string,
  box: Box,
  met: readonly Box[],
  inside: readonly Box[],
): Stowage {
  const corner: Vec3 = [box.x.min, box.y.min, box.z.min]
  const tops = met.map((arch) => arch.z.max).filter((top) => top < box.z.max - LEAST_MM)
  const top = Math.max(...tops)
  const split =
    tops.length === 0
      ? []
      : [
          { ...box, z: { min: top, max: box.z.max } },
          { ...box, z: { min: box.z.min, max: top } },
        ]
  const here = (room: Box | undefined): Box | undefined => (room === undefined ? undefined : from(room, corner))
  // all that follows is made of these, and only of these: they are the key
  const bare = [box, ...split].map((part) => here(blockLeft(interior, part)))
  const taken = inside.map((other) => from(overlapOf(other, box), corner))
  const [whole, ...parts] = bare.map((room) => roomIn(room, taken))
  let blocks: readonly Box[] | undefined
  return {
    fittingId,
    corner,
    divisions: split.length === 0 ? [present([whole])] : [present([whole]), present(parts)],
    blocks: () => (blocks ??= taken.reduce<readonly Box[]>((free, other) => freeWithout(free, other), present(bare))),
    key: [
      fittingId,
      ...bare.map((room) => (room === undefined ? '' : sides(room))),
      'less',
      ...taken.map((one) => sides(one)),
    ].join(' '),
  }
}

/** What two boxes that overlap have in common. */
const overlapOf = (a: Box, b: Box): Box => {
  const both = (one: Span, other: Span): Span => ({
    min: Math.max(one.min, other.min),
    max: Math.min(one.max, other.max),
  })
  return { x: both(a.x, b.x), y: both(a.y, b.y), z: both(a.z, b.z) }
}

interface Kept {
  readonly interior: Interior
  /** The sides of all that takes of it, one after the other. */
  readonly inside: readonly number[]
  readonly stowage: Stowage
}
/** What was left inside a stowage before, by its inside: it is the same while the body and all that takes of it are. */
const left = new WeakMap<Box, Kept>()

function stowagesOf(scene: Scene): readonly Stowage[] {
  const { interior } = scene
  const claims: { readonly id: string; readonly box: Box }[] = []
  const arches = interior.keepOuts.map((keepOut) => prismBounds(keepOut.prism))
  return scene.placed.flatMap((placed) =>
    placed.services.flatMap((service): Stowage[] => {
      if (service.type !== 'stowage' || service.inside === undefined) return []
      const box = prismBounds(service.inside)
      const claimed = claims.filter(({ id, box: other }) => id !== placed.id && boxesOverlap(box, other))
      const met = arches.filter((arch) => boxesOverlap(box, arch))
      const standing = scene.placed.flatMap(({ id, bounds, inner }) =>
        id === placed.id || !boxesOverlap(box, bounds)
          ? []
          : inner.map(({ prism }) => prismBounds(prism)).filter((other) => boxesOverlap(box, other)),
      )
      // what others have claimed of it, what the body takes, what stands in it
      const inside = [...claimed.map((one) => one.box), ...met, ...standing]
      claims.push({ id: placed.id, box })
      const before = left.get(box)
      const takes = inside.flatMap(({ x, y, z }) => [x.min, x.max, y.min, y.max, z.min, z.max])
      const stands =
        before?.interior === interior &&
        before.stowage.fittingId === placed.id &&
        before.inside.length === takes.length &&
        before.inside.every((side, index) => side === takes[index])
      if (stands) return [before.stowage]
      const stowage = stowageIn(interior, placed.id, box, met, inside)
      left.set(box, { interior, inside: takes, stowage })
      return [stowage]
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

/** What would make room for a piece that fits an empty stowage: in which fitting, and which pieces would have to go from there. */
interface Freed {
  readonly fittingId: string
  readonly pieces: readonly string[]
}

interface Left {
  readonly piece: Piece
  /** Of one that an empty stowage would take. */
  readonly freed?: Freed
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

/** How pieces lie, each from the corner of the stowage that it went into. */
interface Packing {
  readonly found: ReadonlyMap<string, Lies>
  readonly left: readonly Left[]
}

/** For so many sorts of what is left it is looked for what would make room, over so many pieces that lie there, and of so many that might go. */
const FREED = { sorts: 3, lying: 60, tries: 12 } as const

const volumeOf = ({ size: [a, b, c] }: Piece): number => a * b * c

/**
 * The least that would make room for a piece: one that lies in a stowage now and goes elsewhere, the smallest first, or else all of another sort that lies there.
 * What is said to do has been packed; that nothing less would do is not proven.
 */
function freedFor(
  piece: Piece,
  stowages: readonly Stowage[],
  found: ReadonlyMap<string, Lies>,
  pieces: readonly Piece[],
): Freed | undefined {
  const biggestFirst = (list: readonly Piece[]): readonly Piece[] =>
    [...list].sort((a, b) => Math.max(...b.size) - Math.max(...a.size))
  const ways = stowages.flatMap(({ divisions, fittingId }, index) => {
    const inside = pieces.filter(({ id }) => found.get(id)?.stowage === index)
    const holds = (those: readonly Piece[]): boolean => greedy([divisions], biggestFirst(those)).size === those.length
    // one of its own sort that made room would itself have none
    const others = inside.filter((other) => classOf(other) !== classOf(piece))
    if (
      others.length === 0 ||
      inside.length > FREED.lying ||
      !holds([piece, ...inside.filter((other) => !others.includes(other))])
    )
      return []
    const one = [...others]
      .sort((a, b) => volumeOf(a) - volumeOf(b))
      .slice(0, FREED.tries)
      .find((gone) => holds([piece, ...inside.filter((other) => other !== gone)]))
    return [{ fittingId, gone: one === undefined ? others : [one] }]
  })
  const mm3 = (gone: readonly Piece[]): number => gone.reduce((sum, each) => sum + volumeOf(each), 0)
  const [best] = ways.sort((a, b) => a.gone.length - b.gone.length || mm3(a.gone) - mm3(b.gone))
  return best === undefined ? undefined : { fittingId: best.fittingId, pieces: best.gone.map(({ id }) => id) }
}

/** What was packed, by what it was packed into: the same gear in the same stowages is packed once, wherever these stand. */
const packed = new WeakMap<readonly Piece[], Map<string, Packing>>()
/** As many are kept as a plan has modes, and a few that were tried. */
const MOST_PACKED = 24

/**
 * Puts pieces into the stowages of a scene, biggest first, standing on any side on which they may and slanted on the floor
 * if they must. Where the first room that takes each leaves some over, other orders, rooms and turns are tried up to a limit:
 * what is left over may yet fit if packed by hand, what is placed does fit. `more` goes in beside them; it may be listed anew each time.
 */
export function stow(scene: Scene, pieces: readonly Piece[], more: readonly Piece[] = NONE): Stowed {
  const stowages = stowagesOf(scene)
  const into = `${stowages.map(({ key }) => key).join(' / ')} + ${more.length === 0 ? '' : JSON.stringify(more)}`
  const ways = packed.get(pieces) ?? new Map<string, Packing>()
  packed.set(pieces, ways)
  let packing = ways.get(into)
  if (packing === undefined) {
    packing = stowInto(stowages, [...pieces, ...more])
    for (const oldest of ways.keys()) if (ways.size >= MOST_PACKED) ways.delete(oldest)
    ways.set(into, packing)
  }
  const { found, left } = packing
  const whole = new Map(
    [...found].map(([id, { stowage, block }]) => {
      const { fittingId, corner } = nth(stowages, stowage)
      return [id, { fittingId, block: lying(block, corner) }] as const
    }),
  )
  return {
    places: new Map([...whole].map(([id, { fittingId }]) => [id, fittingId])),
    at: new Map([...whole].map(([id, { block }]) => [id, middleOfBlock(block)])),
    blocks: new Map([...whole].map(([id, { block }]) => [id, block])),
    left,
  }
}

function stowInto(stowages: readonly Stowage[], pieces: readonly Piece[]): Packing {
  const free: Free = stowages.map((stowage) => stowage.divisions)
  const bySize = [...pieces].sort((a, b) => Math.max(...b.size) - Math.max(...a.size))
  const first = greedy(free, bySize)
  const inAll = (isOne: (room: Box) => boolean): boolean =>
    stowages.some(({ divisions, blocks }) => divisions.flat().some(isOne) || blocks().some(isOne))
  const byClass = <T extends boolean | number>(answer: (piece: Piece) => T): ((piece: Piece) => T) => {
    const answers = new Map<string, T>()
    return (piece) => {
      const one = classOf(piece)
      const made = answers.get(one) ?? answer(piece)
      answers.set(one, made)
      return made
    }
  }
  const fitsOne = byClass((piece) => inAll((room) => takes(room, piece)))
  const longest = byClass((piece) =>
    longestLike(
      stowages.flatMap(({ divisions, blocks }) => [...divisions.flat(), ...blocks()]),
      piece,
    ),
  )
  // what went in fits alone, too
  const alone = (piece: Piece): boolean => first.has(piece.id) || fitsOne(piece)
  const takers = bySize.filter(alone)
  const tried =
    first.size === takers.length
      ? first
      : packedByTrying(
          stowages.map(({ blocks }) => blocks()),
          takers,
        )
  const found = tried.size > first.size ? tried : first
  const freedBySort = new Map<string, Freed | undefined>()
  const freedOf = (piece: Piece): Freed | undefined => {
    const sort = classOf(piece)
    if (!freedBySort.has(sort) && freedBySort.size < FREED.sorts)
      freedBySort.set(sort, freedFor(piece, stowages, found, bySize))
    return freedBySort.get(sort)
  }
  return {
    found,
    left: bySize
      .filter(({ id }) => !found.has(id))
      .map((piece) => {
        if (!alone(piece)) return { piece, alone: false, longestMm: longest(piece) }
        const freed = freedOf(piece)
        return { piece, alone: true, longestMm: 0, ...(freed === undefined ? {} : { freed }) }
      }),
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
