import { fittingGroup, type ItemGroup, type ViewId } from '$lib/core/draw'
import type { Placed } from '$lib/core/scene'
import type { Interior } from '$lib/core/shell'

/** The views along the vehicle, which the drawing shows unfolded. */
export type Along = Exclude<ViewId, 'section'>

const kept = new WeakMap<Placed, Partial<Record<Along, ItemGroup | null>>>()

/** A fitting's marks in a view, or null where it is not seen. They change only with the fitting, which is placed
 * anew in another body: made once and kept by it. */
export function groupOf(placed: Placed, view: Along, interior: Interior): ItemGroup | null {
  let groups = kept.get(placed)
  if (groups === undefined) kept.set(placed, (groups = {}))
  const known = groups[view]
  return known === undefined ? (groups[view] = fittingGroup(placed, view, interior) ?? null) : known
}
