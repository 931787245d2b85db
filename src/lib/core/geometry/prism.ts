import { TOUCH_MM } from '../units'
import { boxOf, rectangle } from './box'
import { area, centroid, chordAt, clipHalfPlane, isConvex, polygonSpan, signedArea } from './polygon'
import { sharedLength, span, spanLength } from './span'
import type { Box, Polygon, Span, Vec2, Vec3 } from './types'

export type Axis = 'x' | 'y' | 'z'

/**
 * A convex profile pushed along one axis. The profile's coordinates are the other two axes in the order of the
 * alphabet: along z it is (x, y), along y it is (x, z), along x it is (y, z).
 */
export interface Prism {
  readonly axis: Axis
  readonly profile: Polygon
  readonly span: Span
}

/** @throws RangeError if the profile is not convex and counter-clockwise, or the span is empty. */
export function prism(axis: Axis, profile: Polygon, along: Span): Prism {
  if (profile.length < 3 || !(signedArea(profile) > 0) || !isConvex(profile)) {
    throw new RangeError(`a prism needs a convex counter-clockwise profile, got ${JSON.stringify(profile)}`)
  }
  if (!(along.max > along.min)) throw new RangeError(`a prism needs a length, got ${along.min} to ${along.max}`)
  return { axis, profile, span: along }
}

export const boxPrism = (box: Box): Prism => ({
  axis: 'z',
  profile: rectangle(box.x.min, box.y.min, box.x.max, box.y.max),
  span: box.z,
})

/** A box from two opposite corners, as a prism along z. @throws RangeError if an extent is negative. */
export const block = (from: Vec3, to: Vec3): Prism => boxPrism(boxOf(from, to))

/** Bounds and corners of prisms that were asked for before: prisms are values, and the hot loops ask again and again. */
const knownBounds = new WeakMap<Prism, Box>()
const knownCorners = new WeakMap<Prism, readonly Vec3[]>()
const knownFootprints = new WeakMap<Prism, { readonly band: Span; readonly polygon: Polygon }>()

export function prismBounds(solid: Prism): Box {
  const known = knownBounds.get(solid)
  if (known !== undefined) return known
  const first = polygonSpan(solid.profile, 0)
  const second = polygonSpan(solid.profile, 1)
  const bounds: Box =
    solid.axis === 'z'
      ? { x: first, y: second, z: solid.span }
      : solid.axis === 'y'
        ? { x: first, y: solid.span, z: second }
        : { x: solid.span, y: first, z: second }
  knownBounds.set(solid, bounds)
  return bounds
}

const corner = (axis: Axis, [u, v]: Vec2, w: number): Vec3 =>
  axis === 'z' ? [u, v, w] : axis === 'y' ? [u, w, v] : [w, u, v]

/** What a prism takes up, mm³, and its middle. */
export function prismBulk({ axis, profile, span: along }: Prism): { readonly mm3: number; readonly middle: Vec3 } {
  const [u, v] = centroid(profile)
  return {
    mm3: area(profile) * spanLength(along),
    middle: corner(axis, [u, v], (along.min + along.max) / 2),
  }
}

export function prismCorners(solid: Prism): readonly Vec3[] {
  const known = knownCorners.get(solid)
  if (known !== undefined) return known
  const corners: Vec3[] = []
  for (const point of solid.profile) {
    corners.push(corner(solid.axis, point, solid.span.min), corner(solid.axis, point, solid.span.max))
  }
  knownCorners.set(solid, corners)
  return corners
}

/** Its cut at `xMm`, a convex polygon in (y, z), counter-clockwise; empty where the plane misses it. */
export function sliceAtX(solid: Prism, xMm: number): Polygon {
  if (solid.axis === 'x') return xMm < solid.span.min - TOUCH_MM || xMm > solid.span.max + TOUCH_MM ? [] : solid.profile
  const ends = chordAt(solid.profile, 0, xMm)
  if (ends === undefined) return []
  return solid.axis === 'z'
    ? rectangle(ends.min, solid.span.min, ends.max, solid.span.max)
    : rectangle(solid.span.min, ends.min, solid.span.max, ends.max)
}

/** What the prism covers in plan within a band of heights: a convex polygon in (x, y), empty if it is out of the band. */
export function footprintInBand(solid: Prism, band: Span): Polygon {
  if (solid.axis === 'z') return sharedLength(solid.span, band) > TOUCH_MM ? solid.profile : []
  const known = knownFootprints.get(solid)
  if (known !== undefined && known.band.min === band.min && known.band.max === band.max) return known.polygon
  const polygon = cutFootprint(solid, band)
  knownFootprints.set(solid, { band, polygon })
  return polygon
}

function cutFootprint(solid: Prism, band: Span): Polygon {
  const cut = clipHalfPlane(clipHalfPlane(solid.profile, [0, band.min], [0, 1]), [0, band.max], [0, -1])
  if (cut.length < 3) return []
  const across = polygonSpan(cut, 0)
  return solid.axis === 'x'
    ? rectangle(solid.span.min, across.min, solid.span.max, across.max)
    : rectangle(across.min, solid.span.min, across.max, solid.span.max)
}

/** The three axes as a prism sees them: its profile’s first and second, and the one along which it is pushed. */
const AXES: Record<Axis, readonly [Axis, Axis, Axis]> = { z: ['x', 'y', 'z'], y: ['x', 'z', 'y'], x: ['y', 'z', 'x'] }

/** What is left of a prism where a box is taken out of it: convex pieces that touch each other, none where nothing is left. */
export function prismWithout(solid: Prism, hole: Box): readonly Prism[] {
  const bounds = prismBounds(solid)
  const [u, v, w] = AXES[solid.axis]
  for (const axis of [u, v, w]) if (!(sharedLength(bounds[axis], hole[axis]) > TOUCH_MM)) return [solid]
  const pieces: Prism[] = []
  const add = (profile: Polygon, span: Span): void => {
    if (profile.length < 3 || !(spanLength(span) > TOUCH_MM)) return
    if (!(spanLength(polygonSpan(profile, 0)) > TOUCH_MM && spanLength(polygonSpan(profile, 1)) > TOUCH_MM)) return
    pieces.push({ axis: solid.axis, profile, span })
  }
  const { profile, span } = solid
  add(profile, { min: span.min, max: hole[w].min })
  add(profile, { min: hole[w].max, max: span.max })
  const level = { min: Math.max(span.min, hole[w].min), max: Math.min(span.max, hole[w].max) }
  add(clipHalfPlane(profile, [hole[u].min, 0], [-1, 0]), level)
  add(clipHalfPlane(profile, [hole[u].max, 0], [1, 0]), level)
  const between = clipHalfPlane(clipHalfPlane(profile, [hole[u].min, 0], [1, 0]), [hole[u].max, 0], [-1, 0])
  if (between.length < 3) return pieces
  add(clipHalfPlane(between, [0, hole[v].min], [0, -1]), level)
  add(clipHalfPlane(between, [0, hole[v].max], [0, 1]), level)
  return pieces
}

const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
]
const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
/** The vector at length 1, in a list; no vector, no list. */
const unit = (a: Vec3): readonly Vec3[] => {
  const length = Math.sqrt(dot(a, a))
  return length < 1e-9 ? [] : [[a[0] / length, a[1] / length, a[2] / length]]
}

interface Frame {
  readonly normals: readonly Vec3[]
  readonly edges: readonly Vec3[]
}

function frameOf(solid: Prism): Frame {
  const along = corner(solid.axis, [0, 0], 1)
  const edges: Vec3[] = [along]
  const normals: Vec3[] = [along]
  solid.profile.forEach((from, index) => {
    const to = solid.profile[(index + 1) % solid.profile.length]!
    edges.push(...unit(corner(solid.axis, [to[0] - from[0], to[1] - from[1]], 0)))
    normals.push(...unit(corner(solid.axis, [to[1] - from[1], from[0] - to[0]], 0)))
  })
  return { normals, edges }
}

/** The directions that can part two prisms (separating axis theorem for convex bodies), unit length. */
function partingAxes(a: Prism, b: Prism): readonly Vec3[] {
  const first = frameOf(a)
  const second = frameOf(b)
  if (a.axis === b.axis) return [...first.normals, ...second.normals]
  const mixed = first.edges.flatMap((edge) => second.edges.flatMap((other) => unit(cross(edge, other))))
  return [...first.normals, ...second.normals, ...mixed]
}

const shadow = (corners: readonly Vec3[], axis: Vec3): Span => {
  let min = Infinity
  let max = -Infinity
  for (const point of corners) {
    const value = dot(point, axis)
    if (value < min) min = value
    if (value > max) max = value
  }
  return { min, max }
}

/** True when the two bodies share volume deeper than a touch. */
export function prismsOverlap(a: Prism, b: Prism): boolean {
  const boundsA = prismBounds(a)
  const boundsB = prismBounds(b)
  if (!(sharedLength(boundsA.x, boundsB.x) > TOUCH_MM)) return false
  if (!(sharedLength(boundsA.y, boundsB.y) > TOUCH_MM)) return false
  if (!(sharedLength(boundsA.z, boundsB.z) > TOUCH_MM)) return false
  if (isBlock(a) && isBlock(b)) return true
  const cornersA = prismCorners(a)
  const cornersB = prismCorners(b)
  return partingAxes(a, b).every((axis) => sharedLength(shadow(cornersA, axis), shadow(cornersB, axis)) > TOUCH_MM)
}

const isBlock = (solid: Prism): boolean =>
  solid.profile.length === 4 &&
  solid.profile.every((from, index) => {
    const to = solid.profile[(index + 1) % 4]!
    return from[0] === to[0] || from[1] === to[1]
  })

/**
 * How far `a` must move along `direction` (unit length) until it no longer overlaps `b`, in mm;
 * 0 if it does not overlap now, Infinity if moving that way never parts them.
 */
export function moveToClear(a: Prism, b: Prism, direction: Vec3): number {
  if (!prismsOverlap(a, b)) return 0
  const cornersA = prismCorners(a)
  const cornersB = prismCorners(b)
  let least = Infinity
  for (const axis of partingAxes(a, b)) {
    const speed = dot(axis, direction)
    if (Math.abs(speed) < 1e-9) continue
    const own = shadow(cornersA, axis)
    const other = shadow(cornersB, axis)
    const gap = speed > 0 ? other.max - own.min : own.max - other.min
    least = Math.min(least, gap / Math.abs(speed))
  }
  return least
}

/** The shared body's bounds; call it only for prisms that overlap. @throws RangeError if the bounds do not meet. */
export function overlapBounds(a: Prism, b: Prism): Box {
  const first = prismBounds(a)
  const second = prismBounds(b)
  const meet = (axis: Axis) =>
    span(Math.max(first[axis].min, second[axis].min), Math.min(first[axis].max, second[axis].max))
  return { x: meet('x'), y: meet('y'), z: meet('z') }
}
