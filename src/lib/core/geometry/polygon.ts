import { HAIR_MM, TOUCH_MM } from '../units'
import { span } from './span'
import type { Polygon, Span, Vec2 } from './types'

/** Signed area; positive when counter-clockwise. */
export function signedArea(polygon: Polygon): number {
  let twice = 0
  polygon.forEach(([x, y], index) => {
    const [nextX, nextY] = polygon[(index + 1) % polygon.length]!
    twice += x * nextY - nextX * y
  })
  return twice / 2
}

/** The middle of a polygon’s area, whichever way round it goes; the mean of its corners where it has no area. */
export function centroid(polygon: Polygon): Vec2 {
  const [originX, originY] = polygon[0]!
  let [twice, momentX, momentY] = [0, 0, 0]
  polygon.forEach((from, index) => {
    const to = polygon[(index + 1) % polygon.length]!
    // taken from a corner of its own, so that a small one far out keeps its figures
    const [x, y, nextX, nextY] = [from[0] - originX, from[1] - originY, to[0] - originX, to[1] - originY]
    const cross = x * nextY - nextX * y
    twice += cross
    momentX += (x + nextX) * cross
    momentY += (y + nextY) * cross
  })
  if (twice !== 0) return [originX + momentX / (3 * twice), originY + momentY / (3 * twice)]
  const mean = (axis: 0 | 1) => polygon.reduce((sum, point) => sum + point[axis], 0) / polygon.length
  return [mean(0), mean(1)]
}

export const area = (polygon: Polygon): number => Math.abs(signedArea(polygon))

export const counterClockwise = (polygon: Polygon): Polygon =>
  signedArea(polygon) < 0 ? [...polygon].reverse() : polygon

/** A polygon’s extent along its first or second axis. */
export function polygonSpan(polygon: Polygon, axis: 0 | 1): Span {
  let min = Infinity
  let max = -Infinity
  for (let index = 0; index < polygon.length; index += 1) {
    const value = polygon[index]![axis]
    if (value < min) min = value
    if (value > max) max = value
  }
  return span(min, max)
}

/** Straight or left turns only. Collinear corners are allowed; `slackMm` is how far a corner may lie inside its neighbours' line. */
export function isConvex(polygon: Polygon, slackMm = 0.01): boolean {
  return polygon.every((corner, index) => {
    const before = polygon[(index + polygon.length - 1) % polygon.length]!
    const after = polygon[(index + 1) % polygon.length]!
    const length = Math.hypot(after[0] - before[0], after[1] - before[1])
    if (length === 0) return true
    const cross = (after[0] - before[0]) * (corner[1] - before[1]) - (after[1] - before[1]) * (corner[0] - before[0])
    return cross / length <= slackMm
  })
}

/** The part of a convex polygon on the side of the line through `at` that `inward` (any length) points to. */
export function clipHalfPlane(polygon: Polygon, at: Vec2, inward: Vec2): Polygon {
  const height = (point: Vec2) => (point[0] - at[0]) * inward[0] + (point[1] - at[1]) * inward[1]
  const kept: Vec2[] = []
  polygon.forEach((point, index) => {
    const next = polygon[(index + 1) % polygon.length]!
    const here = height(point)
    const there = height(next)
    if (here >= 0) kept.push(point)
    if (here > 0 !== there > 0 && here !== 0 && there !== 0) {
      const t = here / (here - there)
      kept.push([point[0] + (next[0] - point[0]) * t, point[1] + (next[1] - point[1]) * t])
    }
  })
  return kept
}

/** Intersection of two convex counter-clockwise polygons; empty when they share no area. */
export function intersectConvex(a: Polygon, b: Polygon): Polygon {
  let kept = a
  for (let index = 0; index < b.length && kept.length > 0; index += 1) {
    const from = b[index]!
    const to = b[(index + 1) % b.length]!
    kept = clipHalfPlane(kept, from, [-(to[1] - from[1]), to[0] - from[0]])
  }
  return kept.length < 3 ? [] : kept
}

/** Inside or on the edge of a convex counter-clockwise polygon, within `slackMm`. */
export function convexContains(polygon: Polygon, point: Vec2, slackMm = 0): boolean {
  return polygon.every((from, index) => {
    const to = polygon[(index + 1) % polygon.length]!
    const length = Math.hypot(to[0] - from[0], to[1] - from[1])
    if (length === 0) return true
    const cross = (to[0] - from[0]) * (point[1] - from[1]) - (to[1] - from[1]) * (point[0] - from[0])
    return cross / length >= -slackMm
  })
}

/**
 * Where the line on which the coordinate of `axis` is `at` crosses a convex polygon, along the other one; undefined where it
 * passes the polygon by more than a touch. At its very end, and a touch beyond, it answers as a hair inside: an edge that is
 * level but for the last bit of a float counts whole, and what is asked there differs from what is asked beside it by no more
 * than the polygon does.
 */
export function chordAt(polygon: Polygon, axis: 0 | 1, at: number): Span | undefined {
  const other = axis === 0 ? 1 : 0
  const level = inwards(polygon, axis, at)
  if (level === undefined) return undefined
  let min = Infinity
  let max = -Infinity
  for (let index = 0; index < polygon.length; index += 1) {
    const from = polygon[index]!
    const to = polygon[index + 1 === polygon.length ? 0 : index + 1]!
    if ((level < from[axis] && level < to[axis]) || (level > from[axis] && level > to[axis])) continue
    const isLevel = from[axis] === to[axis]
    const first = isLevel
      ? from[other]
      : from[other] + ((to[other] - from[other]) * (level - from[axis])) / (to[axis] - from[axis])
    const last = isLevel ? to[other] : first
    min = Math.min(min, first, last)
    max = Math.max(max, first, last)
  }
  return min <= max ? { min, max } : undefined
}

/** A coordinate at a polygon’s very end, or a touch beyond it, as a hair inside; undefined where it is further out. */
function inwards(polygon: Polygon, axis: 0 | 1, at: number): number | undefined {
  const { min, max } = polygonSpan(polygon, axis)
  if (!(at >= min - TOUCH_MM && at <= max + TOUCH_MM)) return undefined
  return max - min <= 2 * HAIR_MM ? (min + max) / 2 : Math.min(max - HAIR_MM, Math.max(min + HAIR_MM, at))
}

const ARC_STEPS_PER_QUARTER = 12

/**
 * A pie slice of at most half a turn: what a hinged leaf sweeps. Angles in degrees, counter-clockwise.
 * The arc is inscribed in steps of 7.5°, 0.2 % short of the circle at mid-step.
 */
export function sector(hinge: Vec2, radius: number, fromDeg: number, toDeg: number): Polygon {
  if (!(toDeg > fromDeg && toDeg - fromDeg <= 180))
    throw new RangeError(`a sector spans 0 to 180°, got ${fromDeg} to ${toDeg}`)
  const steps = Math.max(1, Math.ceil(((toDeg - fromDeg) / 90) * ARC_STEPS_PER_QUARTER))
  const arc = Array.from({ length: steps + 1 }, (_, step): Vec2 => {
    const angle = ((fromDeg + ((toDeg - fromDeg) * step) / steps) * Math.PI) / 180
    return [hinge[0] + radius * Math.cos(angle), hinge[1] + radius * Math.sin(angle)]
  })
  return [hinge, ...arc]
}
