import { TOUCH_MM } from '../units'
import { collisionsOf } from './fit'
import type { Placed, Scene } from './scene'
import { insideTape, type InsideTapeId } from './tape'

/** Why what was put into a hollow does not fit there. */
export type HollowFault =
  /** It sticks out of it, through one of its sides. */
  | { readonly kind: 'pokes-out'; readonly hostId: string; readonly side: InsideTapeId; readonly byMm: number }
  /** It meets what takes of the hollow’s room: a drawer’s box, a bowl, another thing in there. */
  | { readonly kind: 'meets'; readonly hostId: string; readonly part: string; readonly byMm: number }

/** What keeps a fitting from lying in the hollow that it was put into; undefined where it fits, or is in none. */
export function hollowFault(scene: Scene, placed: Placed): HollowFault | undefined {
  const { within } = placed
  if (within === undefined) return undefined
  const hit = collisionsOf(scene, placed).find(({ b }) => b.kind === 'fitting' && b.placed.id === within.hostId)
  if (hit === undefined) return undefined
  const { hostId } = within
  const [worst] = [...insideTape(placed, within)].sort((a, b) => a.mm - b.mm)
  if (worst !== undefined && worst.mm < -TOUCH_MM && !hit.inHollow)
    return { kind: 'pokes-out', hostId, side: worst.id, byMm: -worst.mm }
  return { kind: 'meets', hostId, part: hit.partB, byMm: hit.depth() }
}
