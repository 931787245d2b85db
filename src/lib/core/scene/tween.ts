import { nth } from '../units'
import { isInTheWay } from '../fittings'
import { lerp, type Polygon, type Prism, type Span, type Vec2 } from '../geometry'
import type { Placed, PlacedSolid } from './scene'

const between = (a: Span, b: Span, t: number): Span => ({ min: lerp(a.min, b.min, t), max: lerp(a.max, b.max, t) })
const along = (a: Polygon, b: Polygon, t: number): Polygon =>
  a.map(([x, y], index): Vec2 => [lerp(x, nth(b, index)[0], t), lerp(y, nth(b, index)[1], t)])

const shaped = (a: Prism, b: Prism, t: number): Prism | undefined =>
  a.axis === b.axis && a.profile.length === b.profile.length
    ? { axis: a.axis, profile: along(a.profile, b.profile, t), span: between(a.span, b.span, t) }
    : undefined

/**
 * A fitting on its way from one stance or place to another: parts that are there before and after slide over, what goes is
 * seen up to the half, what comes from the half on. `t` from 0 to 1.
 */
export function tweened(before: Placed, after: Placed, t: number): Placed {
  const near = t < 0.5 ? before : after
  const earlier = new Map(before.solids.map((solid) => [solid.id, solid]))
  const later = new Map(after.solids.map((solid) => [solid.id, solid]))
  const solids = near.solids.map((solid): PlacedSolid => {
    const [a, b] = [earlier.get(solid.id), later.get(solid.id)]
    const prism = a === undefined || b === undefined ? undefined : shaped(a.prism, b.prism, t)
    return prism === undefined ? solid : { ...solid, prism }
  })
  const bounds = {
    x: between(before.bounds.x, after.bounds.x, t),
    y: between(before.bounds.y, after.bounds.y, t),
    z: between(before.bounds.z, after.bounds.z, t),
  }
  return { ...near, solids, inner: solids.filter(({ fit }) => isInTheWay(fit)), bounds, clearances: [] }
}
