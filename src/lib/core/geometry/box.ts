import { span, spansOverlap } from './span'
import type { Box, Polygon, Vec3 } from './types'

/** @throws RangeError if a corner is not finite or an extent is negative. */
export const boxOf = (from: Vec3, to: Vec3): Box => ({
  x: span(from[0], to[0]),
  y: span(from[1], to[1]),
  z: span(from[2], to[2]),
})

export const boxesOverlap = (a: Box, b: Box): boolean =>
  spansOverlap(a.x, b.x) && spansOverlap(a.y, b.y) && spansOverlap(a.z, b.z)

/** A place as a block of no size, for distances to it. */
export const pointBox = (at: Vec3): Box => boxOf(at, at)

/** The least distance between two boxes, corner to corner where they lie aslant; 0 where they touch or overlap. */
export const boxGap = (a: Box, b: Box): number =>
  Math.hypot(
    ...(['x', 'y', 'z'] as const).map((axis) => Math.max(0, a[axis].min - b[axis].max, b[axis].min - a[axis].max)),
  )

/** The smallest box round all of `boxes`. @throws RangeError if there is none. */
export function unionOf(boxes: readonly Box[]): Box {
  if (boxes.length === 0) throw new RangeError('a union needs at least one box')
  const join = (axis: 'x' | 'y' | 'z') =>
    span(Math.min(...boxes.map((box) => box[axis].min)), Math.max(...boxes.map((box) => box[axis].max)))
  return { x: join('x'), y: join('y'), z: join('z') }
}

/** The rectangle of a box seen from above, counter-clockwise. */
export const rectangle = (x0: number, y0: number, x1: number, y1: number): Polygon => [
  [x0, y0],
  [x1, y0],
  [x1, y1],
  [x0, y1],
]
