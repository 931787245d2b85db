import { spanLength } from '../geometry'
import type { Placed } from './scene'

/** A lamp, a rail, a switch or a hook is no more than this across: one moves beside it. Common practice, no source. */
const ACROSS_MM = 130

/** Whether a thing is so slight that a body, or a head, goes beside it. */
export function isSlight({ bounds: { x, y, z } }: Placed): boolean {
  const [, across = 0] = [spanLength(x), spanLength(y), spanLength(z)].sort((a, b) => a - b)
  return across <= ACROSS_MM
}
