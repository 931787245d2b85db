import { prismBounds, sharedLength, spanLength, type Box, type Span } from '../geometry'
import { wallReach, type Interior } from '../shell'
import { TOUCH_MM } from '../units'
import type { Scene } from './scene'

/** Length, width and height in mm, in any order. */
export type Size = readonly [number, number, number]

/** Inside of a stowage, as one of the ways in which it can be divided: whole between the arches, or split at their top. */
interface Stowage {
  readonly fittingId: string
  readonly divisions: readonly (readonly Box[])[]
}

const LEAST_MM = 40

const dimensions = (box: Box): Size => [spanLength(box.x), spanLength(box.y), spanLength(box.z)]

/**
 * Whether a rectangle p × q fits in another a × b, turned as need be (Carver 1957, “On fitting a rectangle into
 * another”, from memory).
 */
export function rectangleFits(p: number, q: number, a: number, b: number): boolean {
  const [long, short] = p >= q ? [p, q] : [q, p]
  const [wide, narrow] = a >= b ? [a, b] : [b, a]
  if (long <= wide + TOUCH_MM && short <= narrow + TOUCH_MM) return true
  if (long <= wide || short > narrow) return false
  const squares = long * long + short * short
  const reach =
    (2 * long * short * wide + (long * long - short * short) * Math.sqrt(Math.max(0, squares - wide * wide))) / squares
  return narrow + TOUCH_MM >= reach
}

/** The rest of a box once the body's walls and what stands in it are taken off; undefined when nothing useful is left. */
function roomIn(scene: Scene, ownId: string, box: Box): Box | undefined {
  const { interior } = scene
  let room: Box | undefined = clipToBody(interior, box)
  const others: Box[] = [
    ...interior.keepOuts.map((keepOut) => prismBounds(keepOut.prism)),
    ...scene.placed
      .filter(({ id }) => id !== ownId)
      .flatMap((placed) => placed.solids.map(({ prism }) => prismBounds(prism))),
  ]
  for (const other of others) if (room !== undefined) room = without(room, other)
  return room
}

function clipToBody(interior: Interior, box: Box): Box | undefined {
  const along: Span = { min: Math.max(box.x.min, interior.xSpan.min), max: Math.min(box.x.max, interior.xSpan.max) }
  if (!(along.max > along.min)) return undefined
  const left = wallReach(interior, 'left', along, box.z)
  const right = wallReach(interior, 'right', along, box.z)
  if (left === undefined || right === undefined) return undefined
  const across = { min: Math.max(box.y.min, -right.tightMm), max: Math.min(box.y.max, left.tightMm) }
  return across.max > across.min ? { x: along, y: across, z: box.z } : undefined
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
  return scene.placed.flatMap((placed) =>
    placed.services.flatMap((service): Stowage[] => {
      if (service.type !== 'stowage' || service.inside === undefined) return []
      const box = prismBounds(service.inside)
      const keep = (boxes: readonly (Box | undefined)[]) => boxes.filter((room) => room !== undefined)
      const tops = scene.interior.keepOuts
        .map((keepOut) => prismBounds(keepOut.prism))
        .filter((arch) => (['x', 'y', 'z'] as const).every((axis) => sharedLength(arch[axis], box[axis]) > TOUCH_MM))
        .map((arch) => arch.z.max)
        .filter((top) => top < box.z.max - LEAST_MM)
      const whole = keep([roomIn(scene, placed.id, box)])
      if (tops.length === 0) return [{ fittingId: placed.id, divisions: [whole] }]
      const top = Math.max(...tops)
      const split = keep([
        roomIn(scene, placed.id, { ...box, z: { min: top, max: box.z.max } }),
        roomIn(scene, placed.id, { ...box, z: { min: box.z.min, max: top } }),
      ])
      return [{ fittingId: placed.id, divisions: [whole, split] }]
    }),
  )
}

/** How a piece can stand in a room: which of its sides is up, and whether it needs the diagonal of the floor. */
function poseIn(
  piece: Size,
  room: Box,
): { up: number; floor: readonly [number, number]; diagonal: boolean } | undefined {
  const [a, b, height] = dimensions(room)
  let slanted: { up: number; floor: readonly [number, number]; diagonal: boolean } | undefined
  for (let side = 0; side < 3; side += 1) {
    const up = piece[side]!
    if (up > height + TOUCH_MM) continue
    const [p, q] = piece.filter((_, index) => index !== side) as [number, number]
    if (p <= a + TOUCH_MM && q <= b + TOUCH_MM) return { up, floor: [p, q], diagonal: false }
    if (q <= a + TOUCH_MM && p <= b + TOUCH_MM) return { up, floor: [q, p], diagonal: false }
    if (slanted === undefined && rectangleFits(p, q, a, b)) slanted = { up, floor: [a, b], diagonal: true }
  }
  return slanted
}

/** What is left of a room beside and above a piece in its rear right corner, as separate blocks. */
function remainders(room: Box, [p, q]: readonly [number, number], up: number): readonly Box[] {
  const x = room.x.min + p
  const y = room.y.min + q
  const z = room.z.min + up
  return [
    { x: { min: x, max: room.x.max }, y: room.y, z: room.z },
    { x: { min: room.x.min, max: x }, y: { min: y, max: room.y.max }, z: room.z },
    { x: { min: room.x.min, max: x }, y: { min: room.y.min, max: y }, z: { min: z, max: room.z.max } },
  ].filter((box) => Math.min(...dimensions(box)) > LEAST_MM)
}

export interface Piece {
  readonly id: string
  readonly size: Size
}

export interface Stowed {
  /** Where each piece went: piece id to fitting id. */
  readonly places: ReadonlyMap<string, string>
  /** Pieces that found no room, with the longest piece of their own section that an empty stowage takes (0: none). */
  readonly left: readonly { readonly piece: Piece; readonly longestMm: number; readonly alone: boolean }[]
}

/**
 * Puts pieces into the stowages of a scene, biggest first, each in the first room that takes it, standing on any side
 * and slanted on the floor if it must. A greedy packing: what it leaves over may yet fit if packed by hand, what it
 * places does fit.
 */
export function stow(scene: Scene, pieces: readonly Piece[]): Stowed {
  const stowages = stowagesOf(scene)
  const free = stowages.map((stowage) => stowage.divisions.map((rooms) => [...rooms]))
  const places = new Map<string, string>()
  const left: Stowed['left'][number][] = []
  const bySize = [...pieces].sort((a, b) => Math.max(...b.size) - Math.max(...a.size))
  for (const piece of bySize) {
    const found = findRoom(free, piece.size)
    if (found === undefined) {
      const longestMm = longestLike(stowages, piece.size)
      left.push({ piece, longestMm, alone: longestMm >= Math.max(...piece.size) })
      continue
    }
    const { stowage, division, room, pose } = found
    const rooms = free[stowage]![division]!
    const taken = rooms[room]!
    rooms.splice(room, 1, ...remainders(taken, pose.floor, pose.up))
    free[stowage] = [rooms]
    places.set(piece.id, stowages[stowage]!.fittingId)
  }
  return { places, left }
}

function findRoom(free: readonly (readonly (readonly Box[])[])[], size: Size) {
  for (const [stowage, divisions] of free.entries()) {
    for (const [division, rooms] of divisions.entries()) {
      for (const [room, box] of rooms.entries()) {
        const pose = poseIn(size, box)
        if (pose !== undefined) return { stowage, division, room, pose }
      }
    }
  }
  return undefined
}

/** The longest piece with the two smaller sides of `size` that any empty room takes, to the millimetre; 0 when even a stub does not fit. */
function longestLike(stowages: readonly Stowage[], size: Size): number {
  const [, middle, least] = [...size].sort((a, b) => b - a) as [number, number, number]
  const fits = (length: number) =>
    stowages.some(({ divisions }) =>
      divisions.some((rooms) => rooms.some((room) => poseIn([length, middle, least], room) !== undefined)),
    )
  if (!fits(middle)) return 0
  let low = middle
  let high = 8000
  while (high - low > 1) {
    const length = (low + high) / 2
    if (fits(length)) low = length
    else high = length
  }
  return Math.floor(low + 0.5)
}
