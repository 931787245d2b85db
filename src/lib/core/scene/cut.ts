import {
  intersectConvex,
  polygonSpan,
  type Polygon,
  type Prism,
  prismBounds,
  rectangle,
  type Box,
  type Span,
  spanMiddle,
  type Vec2,
} from '../geometry'
import type { Fit } from '../fittings'
import {
  cabSpace,
  type Interior,
  knots,
  liningTop,
  lowestRoof,
  partsInside,
  sectionAt,
  wallReach,
  wellAt,
} from '../shell'
import { TOUCH_MM } from '../units'
import type { WallDistance } from './wall-distance'

/** A part whose back goes to the wall that it is cut to, at its widest. */
export const growBack = (solid: Prism, wall: WallDistance): Prism => {
  if (solid.axis === 'x') return solid
  const sign = wall.side === 'left' ? 1 : -1
  if (solid.axis === 'y') {
    const span =
      sign > 0
        ? { min: solid.span.min, max: Math.max(solid.span.max, wall.wideMm) }
        : { min: Math.min(solid.span.min, -wall.wideMm), max: solid.span.max }
    return { ...solid, span }
  }
  const ys = solid.profile.map((point) => point[1] * sign)
  const back = Math.max(...ys)
  if (wall.wideMm <= back) return solid
  return {
    ...solid,
    profile: solid.profile.map(([x, y]): Vec2 => (y * sign > back - TOUCH_MM ? [x, wall.wideMm * sign] : [x, y])),
  }
}

/** A board that stands across the vehicle is as thick as this at most: it is cut to one section. */
const BOARD_MM = 120

/** A board that is cut to all that it meets: floor, walls and roof. What of it lies outside the load space stays as it is. */
export function cutAllRound(interior: Interior, solid: Prism): Prism {
  const { x, y, z } = prismBounds(solid)
  if (x.min < interior.xSpan.min - TOUCH_MM || x.max > interior.xSpan.max + TOUCH_MM) return solid
  if (x.max - x.min > BOARD_MM) return cutToRoof(interior, solid, y)
  const own = rectangle(y.min, z.min, y.max, z.max)
  const ends = [x.min, x.max].map((at) => sectionAt(interior, at))
  const profile = ends.reduce<Polygon>(
    (kept, section) => (kept.length < 3 ? kept : intersectConvex(kept, section)),
    own,
  )
  const clipped = profile.length < 3 ? own : profile
  return { axis: 'x', profile: clipped, span: x }
}

/** An upright part that is cut to the roof over a strip of it: it ends where that is lowest. */
export function cutToRoof(interior: Interior, solid: Prism, strip: Span): Prism {
  if (solid.axis !== 'z') return solid
  const { x } = prismBounds(solid)
  const along = { min: Math.max(x.min, interior.xSpan.min), max: Math.min(x.max, interior.xSpan.max) }
  const roof = along.max > along.min ? lowestRoof(interior, along, strip) : undefined
  return roof === undefined || roof >= solid.span.max || roof <= solid.span.min
    ? solid
    : { ...solid, span: { min: solid.span.min, max: roof } }
}

/** What the body leaves of a scribed part in a section at `xMm`, as convex pieces: cut to walls, flares and roof. */
export const sectionOf = (interior: Interior, slice: Polygon, xMm: number): readonly Polygon[] =>
  partsInside(interior, Math.min(interior.xSpan.max, Math.max(interior.xSpan.min, xMm)), slice)

/**
 * The largest block of a room that the body leaves all along: between its walls at the tightest, in an open cab between its sides and under
 * its roof. Undefined where nothing is left.
 */
export function blockLeft(interior: Interior, box: Box): Box | undefined {
  const cab = box.x.min >= interior.xSpan.max - TOUCH_MM ? cabSpace(interior) : undefined
  if (cab !== undefined) {
    const [x, y, z] = [shared(box.x, cab.x), shared(box.y, cab.y), shared(box.z, cab.z)]
    return x === undefined || y === undefined || z === undefined ? undefined : { x, y, z }
  }
  const x = shared(box.x, interior.xSpan)
  if (x === undefined) return undefined
  // what stands in a well has its sides round it, and above the floor the walls
  const floor = liningTop(interior, spanMiddle(x))
  const isSunk = box.z.min < floor && wellAt(interior, x, box.y) > 0
  const band = isSunk ? { min: Math.min(floor, box.z.max), max: Math.max(floor, box.z.max) } : box.z
  const [left, right] = [wallReach(interior, 'left', x, band), wallReach(interior, 'right', x, band)]
  if (left === undefined || right === undefined) return undefined
  const y = shared(box.y, { min: -right.tightMm, max: left.tightMm })
  return y === undefined ? undefined : { x, y, z: box.z }
}

const shared = (a: Span, b: Span): Span | undefined => {
  const [min, max] = [Math.max(a.min, b.min), Math.min(a.max, b.max)]
  return max > min ? { min, max } : undefined
}

/**
 * A scribed part from above: its back follows the wall behind it, at the widest place of its height, where the wall curves in
 * along the vehicle. Undefined where it is not cut: it is not scribed, not flush with a wall, or not square to it.
 */
export function outlineFromAbove(
  interior: Interior,
  side: 'left' | 'right' | undefined,
  { fit, prism }: { readonly fit: Fit; readonly prism: Prism },
): readonly Vec2[] | undefined {
  if (fit !== 'scribed' || side === undefined || prism.axis === 'x') return undefined
  const { x, y, z } = prismBounds(prism)
  if (prism.axis === 'z' && (prism.profile.length !== 4 || !isSquare(prism.profile))) return undefined
  const sign = side === 'left' ? 1 : -1
  const [front, back] = side === 'left' ? [y.min, y.max] : [-y.max, -y.min]
  const along = {
    min: Math.max(x.min, interior.xSpan.min),
    max: Math.min(x.max, interior.xSpan.max),
  }
  if (along.max - along.min < TOUCH_MM) return undefined
  const wall = knots(interior, along).map((at): Vec2 => {
    const reach = wallReach(interior, side, { min: at, max: at }, z)
    return [at, Math.max(front, Math.min(back, reach?.wideMm ?? back)) * sign]
  })
  return [[along.min, front * sign], [along.max, front * sign], ...wall.reverse()]
}

const isSquare = (profile: readonly Vec2[]): boolean => {
  const [x, y] = [polygonSpan(profile, 0), polygonSpan(profile, 1)]
  const near = (value: number, span: Span) =>
    Math.min(Math.abs(value - span.min), Math.abs(value - span.max)) < TOUCH_MM
  return profile.every((point) => near(point[0], x) && near(point[1], y))
}
