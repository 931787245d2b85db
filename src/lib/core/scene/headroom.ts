import { prismBounds, spanMiddle, type Span } from '../geometry'
import { HEAD_MM, liningTop, lowestRoof, standsUpAt, wellAt } from '../shell'
import type { PlacedClearance, Placed, Scene } from './scene'

/** Below this a thing is not overhead but in the way; that is the clearance's own business. */
const OVERHEAD_FROM_MM = 1200

export interface Headroom {
  /** Infinite under a roof that opens for one to stand up. */
  readonly heightMm: number
  readonly at: readonly [number, number, number]
  /** What is overhead: the roof, or a fitting by id. */
  readonly under: 'roof' | { readonly fittingId: string }
}

/** Height from the lined floor to what is over the middle of a standing place; undefined where that is outside the body. */
export function headroomAt(scene: Scene, owner: Placed, clearance: PlacedClearance): Headroom | undefined {
  const bounds = prismBounds(clearance.prism)
  const x = spanMiddle(bounds.x)
  const y = spanMiddle(bounds.y)
  const [along, across] = [x, y].map((at) => ({ min: at - HEAD_MM, max: at + HEAD_MM })) as [Span, Span]
  const roof = lowestRoof(scene.interior, along, across)
  if (clearance.use === 'stand-inside') {
    // a room that is cut to the roof is as high as that lets it be
    const top = Math.min(bounds.z.max, roof ?? bounds.z.max)
    return { heightMm: top - bounds.z.min, at: [x, y, top], under: { fittingId: owner.id } }
  }
  if (roof === undefined) return undefined
  const floor = liningTop(scene.interior, x) - wellAt(scene.interior, along, across)
  let top = standsUpAt(scene.interior, x, y) ? Infinity : roof
  let under: Headroom['under'] = 'roof'
  for (const other of scene.placed) {
    for (const { prism } of other.inner) {
      const solid = prismBounds(prism)
      const over =
        solid.x.min < x + HEAD_MM && solid.x.max > x - HEAD_MM && solid.y.min < y + HEAD_MM && solid.y.max > y - HEAD_MM
      if (over && solid.z.min >= floor + OVERHEAD_FROM_MM && solid.z.min < top) {
        top = solid.z.min
        under = { fittingId: other.id }
      }
    }
  }
  return { heightMm: top - floor, at: [x, y, top], under }
}
