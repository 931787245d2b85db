/** Millimetres in whatever frame the caller names; the vehicle frame is x forward, y to the left, z up. */
export type Vec2 = readonly [number, number]
export type Vec3 = readonly [number, number, number]

/** A closed range along one axis, min ≤ max. */
export interface Span {
  readonly min: number
  readonly max: number
}

/** Corners in order, counter-clockwise, the first not repeated. One point or two stand for a point or a segment. */
export type Polygon = readonly Vec2[]

export interface Box {
  readonly x: Span
  readonly y: Span
  readonly z: Span
}
