import { polygonSpan, prismBounds, type Vec2 } from '../geometry'
import type { Placed, PlacedSolid } from '../scene'
import { knots, wallReach, type Interior } from '../shell'
import { TOUCH_MM } from '../units'

/**
 * A scribed part from above: its back follows the wall behind it, at the widest place of its height, where the wall curves in
 * along the vehicle. Undefined where it is not cut: it is not scribed, not flush with a wall, or not square to it.
 */
export function scribedOutline(interior: Interior, placed: Placed, solid: PlacedSolid): readonly Vec2[] | undefined {
  const { prism } = solid
  if (solid.fit !== 'scribed' || placed.scribedTo === undefined || prism.axis === 'x') return undefined
  const { x, y, z } = prismBounds(prism)
  if (prism.axis === 'z' && (prism.profile.length !== 4 || !isSquare(prism.profile))) return undefined
  const side = placed.scribedTo
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
  const near = (value: number, span: { min: number; max: number }) =>
    Math.min(Math.abs(value - span.min), Math.abs(value - span.max)) < TOUCH_MM
  return profile.every((point) => near(point[0], x) && near(point[1], y))
}
