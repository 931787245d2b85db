import type { Placed } from '../scene'
import { fittingName } from '../text'

/** A number for each name of what stands in a plan, from the rear: things of one name have one number. */
export function numbered(placed: readonly Placed[]): ReadonlyMap<string, number> {
  const order = [...placed].sort((a, b) => a.bounds.x.min - b.bounds.x.min)
  return new Map([...new Set(order.map(({ fitting }) => fittingName(fitting)))].map((name, index) => [name, index + 1]))
}
