import type { Placed, Scene } from '../scene'
import type { ViewId } from './display'

/** What lies in another comes right after that one. */
function insideLast(order: readonly Placed[]): readonly Placed[] {
  const inside = (hostId: string | undefined): readonly Placed[] =>
    order.filter(({ within }) => within?.hostId === hostId).flatMap((placed) => [placed, ...inside(placed.id)])
  return order.every(({ within }) => within === undefined) ? order : inside(undefined)
}

/** Fittings in the order in which a view paints them: what is further from the eye first. */
export function paintOrder(scene: Scene, view: ViewId): readonly Placed[] {
  const depth = (placed: Placed): number => {
    if (view === 'plan') return placed.bounds.z.max
    if (view === 'right') return placed.bounds.y.max
    return -placed.bounds.y.min
  }
  return insideLast([...scene.placed].sort((a, b) => depth(a) - depth(b)))
}
