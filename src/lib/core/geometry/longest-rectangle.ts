import { clipHalfPlane, polygonSpan } from './polygon'
import type { Polygon, Span, Vec2 } from './types'

export interface LongRectangle {
  readonly length: number
  readonly centre: Vec2
}

const SLACK = 1e-4

type Line = readonly [at: Vec2, inward: Vec2]

/** What stands in a turned room, with the lines that can part a level rectangle from it. */
class Thing {
  readonly along: Span
  readonly across: Span
  #lines: readonly Line[] | undefined

  constructor(private readonly polygon: Polygon) {
    this.along = polygonSpan(polygon, 0)
    this.across = polygonSpan(polygon, 1)
  }

  get lines(): readonly Line[] {
    return (this.#lines ??= linesPast(this.polygon, this.along, this.across))
  }
}

function turnedBy(deg: number): (point: Vec2) => Vec2 {
  const [c, s] = [Math.cos((deg * Math.PI) / 180), Math.sin((deg * Math.PI) / 180)]
  return ([x, y]) => [x * c - y * s, x * s + y * c]
}

/**
 * The longest rectangle of a width that lies in a convex counter-clockwise polygon with its length at an angle to the first axis, and
 * clear of convex counter-clockwise obstacles. To a hundredth of a millimetre: between two parallel lines a convex polygon’s free length is a concave
 * function of where they lie, and what keeps a rectangle clear of an obstacle is a line along an edge of either. Undefined where
 * none is longer than `atLeast`.
 */
export function longestRectangle(
  polygon: Polygon,
  obstacles: readonly Polygon[],
  width: number,
  angleDeg: number,
  atLeast = 0,
): LongRectangle | undefined {
  const level = turnedBy(-angleDeg)
  let things: readonly Thing[] | undefined
  let best: LongRectangle | undefined
  const look = (room: Polygon, depth: number): void => {
    const least = best?.length ?? atLeast
    const found = longestLevel(room, width, least)
    if (found === undefined || found.length <= least) return
    things ??= obstacles.map((obstacle) => new Thing(obstacle.map(level)))
    const met = things.find((thing) => meets(thing, found, width))
    if (met === undefined) best = found
    else if (depth < MOST_OBSTACLES)
      for (const [at, inward] of met.lines) {
        const rest = clipHalfPlane(room, at, inward)
        if (rest.length >= 3) look(rest, depth + 1)
      }
  }
  look(polygon.map(level), 0)
  return best === undefined ? undefined : { length: best.length, centre: turnedBy(angleDeg)(best.centre) }
}

/** So many obstacles are gone round at once; a place among more is not looked for. */
const MOST_OBSTACLES = 4

/**
 * As `longestRectangle`, level and with nothing in the way; it may say none where none is longer than `atLeast`. The free length is
 * concave and made of straight pieces, which meet where an edge of the rectangle passes a corner and where what bounds it changes from
 * the one edge to the other: the longest is at one of these.
 */
function longestLevel(room: Polygon, width: number, atLeast: number): LongRectangle | undefined {
  const { min, max } = polygonSpan(room, 1)
  const along = polygonSpan(room, 0)
  if (!(max - min >= width && along.max - along.min > atLeast)) return undefined
  const [low, high] = [min + width / 2, max - width / 2]
  const knots = [low, high]
  for (const [, v] of room) for (const y of [v - width / 2, v + width / 2]) if (y > low && y < high) knots.push(y)
  knots.sort((a, b) => a - b)
  const known: (Free | undefined)[] = []
  const at = (index: number): Free => (known[index] ??= freeAt(room, width, knots[index]!))
  let [from, to] = [0, knots.length - 1]
  while (to - from > 2) {
    const middle = (from + to) >> 1
    if (at(middle).length < at(middle + 1).length) from = middle
    else to = middle + 1
  }
  const places: Free[] = []
  for (let index = from; index < to; index += 1) {
    places.push(at(index))
    for (const y of turnsBetween(at(index), at(index + 1))) places.push(freeAt(room, width, y))
  }
  places.push(at(to))
  const longest = Math.max(...places.map(({ length }) => length))
  const best = places.filter(({ length }) => length > longest - SLACK)
  // of places that are alike the middle one, which has most to spare
  const middle = freeAt(room, width, (best[0]!.y + best[best.length - 1]!.y) / 2)
  return middle.length > 0 ? { length: middle.length, centre: [(middle.from + middle.to) / 2, middle.y] } : undefined
}

/** Of a level rectangle with its middle at `y`: where its lower and upper edges start and end, and what of that both have. */
interface Free {
  readonly y: number
  readonly under: { readonly min: number; readonly max: number }
  readonly over: { readonly min: number; readonly max: number }
  readonly from: number
  readonly to: number
  readonly length: number
}

function freeAt(room: Polygon, width: number, y: number): Free {
  const [under, over] = [ends(room, y - width / 2), ends(room, y + width / 2)]
  const [from, to] = [Math.max(under.min, over.min), Math.min(under.max, over.max)]
  return { y, under, over, from, to, length: to - from }
}

/** Where, between two places over which all four ends run straight, the one edge takes over from the other; in order. */
function turnsBetween(a: Free, b: Free): readonly number[] {
  const turns: number[] = []
  for (const end of ['min', 'max'] as const) {
    const [before, after] = [a.under[end] - a.over[end], b.under[end] - b.over[end]]
    if (before * after < 0) turns.push(a.y + ((b.y - a.y) * before) / (before - after))
  }
  return turns.length === 2 && turns[0]! > turns[1]! ? [turns[1]!, turns[0]!] : turns
}

/** Where a level line enters and leaves a convex polygon that it crosses. */
function ends(room: Polygon, y: number): { readonly min: number; readonly max: number } {
  let min = Infinity
  let max = -Infinity
  let from = room[room.length - 1]!
  for (const to of room) {
    const [y0, y1] = [from[1], to[1]]
    if (!((y < y0 && y < y1) || (y > y0 && y > y1))) {
      const x = y0 === y1 ? to[0] : from[0] + ((to[0] - from[0]) * (y - y0)) / (y1 - y0)
      if (x < min) min = x
      if (x > max) max = x
    }
    from = to
  }
  return { min, max }
}

/** Whether a level rectangle and a convex polygon share more than their edges. */
function meets(thing: Thing, { length, centre: [x, y] }: LongRectangle, width: number): boolean {
  const [long, wide] = [length / 2, width / 2]
  return (
    x + long > thing.along.min + SLACK &&
    x - long < thing.along.max - SLACK &&
    y + wide > thing.across.min + SLACK &&
    y - wide < thing.across.max - SLACK &&
    thing.lines.every(
      ([at, [u, v]]) => (x - at[0]) * u + (y - at[1]) * v - long * Math.abs(u) - wide * Math.abs(v) < -SLACK,
    )
  )
}

/** The lines that can part a level rectangle from a convex polygon of these extents, each as a point and the way to the rectangle’s side. */
function linesPast(thing: Polygon, along: Span, across: Span): readonly Line[] {
  const edges = thing.map((from, index): Line => {
    const to = thing[(index + 1) % thing.length]!
    const length = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1
    return [from, [(to[1] - from[1]) / length, -(to[0] - from[0]) / length]]
  })
  return [
    ...edges,
    [
      [along.min, 0],
      [-1, 0],
    ],
    [
      [along.max, 0],
      [1, 0],
    ],
    [
      [0, across.min],
      [0, -1],
    ],
    [
      [0, across.max],
      [0, 1],
    ],
  ]
}
