import { hangsOn, renamedIn } from '$lib/core/fittings'
import type { SimpleCommand } from '$lib/core/job'
import { nudged, type Placed } from '$lib/core/scene'

/** How deep a fitting hangs on others of a list: what others hang on is added first. */
function depthIn(held: readonly Placed[], placed: Placed): number {
  const anchors = hangsOn(placed.seat)
  const on = held.filter(({ id }) => anchors.includes(id))
  return on.length === 0 ? 0 : 1 + Math.max(...on.map((one) => depthIn(held, one)))
}

/**
 * Copies of fittings beside them: ahead if there is room up to `frontMm`, else behind. What hangs on another of them hangs on its
 * copy. Gives the commands in an order in which they can be done, and the new ids by the old.
 */
export function copiesOf(
  held: readonly Placed[],
  variant: string,
  frontMm: number,
  newId: () => string,
): { readonly ids: ReadonlyMap<string, string>; readonly commands: readonly SimpleCommand[] } {
  const ids = new Map(held.map(({ id }) => [id, newId()]))
  const rear = Math.min(...held.map(({ bounds }) => bounds.x.min))
  const front = Math.max(...held.map(({ bounds }) => bounds.x.max))
  const by = front + (front - rear) <= frontMm ? front - rear : rear - front
  const commands = [...held]
    .sort((a, b) => depthIn(held, a) - depthIn(held, b))
    .map(({ id, fitting, seat, within }): SimpleCommand => {
      const hangs =
        (seat.along.from === 'after' && ids.has(seat.along.fitting ?? '')) ||
        (within !== undefined && ids.has(within.hostId))
      const moved = hangs ? seat : nudged(seat, [by, 0, 0], within?.host)
      const { locked: _, ...free } = fitting
      return {
        type: 'fitting.add',
        variant,
        id: ids.get(id)!,
        fitting: { ...free, seat: renamedIn(moved, ids) } as never,
      }
    })
  return { ids, commands }
}
