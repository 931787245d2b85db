import { boxGap, type Vec2 } from '../geometry'
import type { Facts, ServiceType } from '../fittings'
import type { Placed, Scene } from '../scene'

/** What does something, by its facts. */
export const placedThat = (scene: Scene, does: (facts: Facts) => boolean): readonly Placed[] =>
  scene.placed.filter(({ facts }) => does(facts))

/** What offers a service. */
export const offering = (scene: Scene, service: ServiceType): readonly Placed[] =>
  scene.placed.filter(({ services }) => services.some(({ type }) => type === service))

/** The least distance between the blocks round two fittings. */
export const gapBetween = (one: Placed, other: Placed): number => boxGap(one.bounds, other.bounds)

/** From above, how far a place is from another. */
export const planGap = ([x, y]: readonly [number, number, ...number[]], [u, v]: Vec2): number =>
  Math.hypot(x - u, y - v)

/** The nearest of some fittings to one, and the least distance between the blocks round the two. @throws RangeError if there is none. */
export function nearestTo(placed: Placed, others: readonly Placed[]): { readonly other: Placed; readonly mm: number } {
  if (others.length === 0) throw new RangeError('the nearest of none is asked for')
  return others
    .map((other) => ({ other, mm: gapBetween(placed, other) }))
    .reduce((least, one) => (one.mm < least.mm ? one : least))
}
