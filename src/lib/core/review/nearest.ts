import { boxGap } from '../geometry'
import type { Placed } from '../scene'

/** The nearest of some fittings to one, and the least distance between the blocks round the two. @throws RangeError if there is none. */
export function nearestTo(placed: Placed, others: readonly Placed[]): { readonly other: Placed; readonly mm: number } {
  if (others.length === 0) throw new RangeError('the nearest of none is asked for')
  return others
    .map((other) => ({ other, mm: boxGap(other.bounds, placed.bounds) }))
    .reduce((least, one) => (one.mm < least.mm ? one : least))
}
