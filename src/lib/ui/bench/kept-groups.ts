import { fittingGroup, type ItemGroup, openGroup, type ViewId } from '$lib/core/draw'
import type { Placed } from '$lib/core/scene'
import type { Interior } from '$lib/core/shell'

/** The views along the vehicle, which the drawing shows unfolded. */
export type Along = Exclude<ViewId, 'section'>

/** How a fitting is shown: whole, with its front away, or as what lies behind a front that is away. */
export type Shown = 'whole' | 'open' | 'bared'

/** How a fitting is shown where the fronts of some are taken away. */
export const shownAs = ({ id, within }: Placed, openIds: readonly string[]): Shown =>
  openIds.includes(id) ? 'open' : within !== undefined && openIds.includes(within.hostId) ? 'bared' : 'whole'

const kept = new WeakMap<Placed, Partial<Record<`${Along} ${Shown}`, ItemGroup | null>>>()

/** A fitting's marks in a view, or null where it is not seen. They change only with the fitting, which is placed
 * anew in another body: made once and kept by it. */
export function groupOf(placed: Placed, view: Along, interior: Interior, shown: Shown = 'whole'): ItemGroup | null {
  let groups = kept.get(placed)
  if (groups === undefined) kept.set(placed, (groups = {}))
  const known = groups[`${view} ${shown}`]
  if (known !== undefined) return known
  const made = shown === 'open' ? openGroup(placed, view) : fittingGroup(placed, view, interior, shown === 'bared')
  return (groups[`${view} ${shown}`] = made ?? null)
}
