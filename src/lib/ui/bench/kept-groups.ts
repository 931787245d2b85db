import { fittingGroup, type ItemGroup, type ViewId } from '$lib/core/draw'
import type { Placed } from '$lib/core/scene'

/** The views along the vehicle, which the drawing shows unfolded. */
export type Along = Exclude<ViewId, 'section'>

const kept = new WeakMap<Placed, Partial<Record<Along, ItemGroup | null>>>()

/** A fitting's marks in a view, or null where it is not seen. They change only with the fitting: made once and kept by it. */
export function groupOf(placed: Placed, view: Along): ItemGroup | null {
  let groups = kept.get(placed)
  if (groups === undefined) kept.set(placed, (groups = {}))
  const known = groups[view]
  return known === undefined ? (groups[view] = fittingGroup(placed, view) ?? null) : known
}
