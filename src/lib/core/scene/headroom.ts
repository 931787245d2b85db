import { prismBounds, spanMiddle } from '../geometry'
import { liningTop, lowestRoof, standsUpAt } from '../shell'
import type { PlacedClearance, Placed, Scene } from './scene'

/** Half the side of the square that a head needs over the middle of where one stands. */
const HEAD_MM = 100
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
  if (clearance.use === 'stand-inside') {
    // a room that is cut to the roof is as high as that lets it be
    const around = { min: -HEAD_MM, max: HEAD_MM }
    const roof = lowestRoof(
      scene.interior,
      { min: x + around.min, max: x + around.max },
      { min: y + around.min, max: y + around.max },
    )
    const top = Math.min(bounds.z.max, roof ?? bounds.z.max)
    return { heightMm: top - bounds.z.min, at: [x, y, top], under: { fittingId: owner.id } }
  }
  const roof = lowestRoof(
    scene.interior,
    { min: x - HEAD_MM, max: x + HEAD_MM },
    { min: y - HEAD_MM, max: y + HEAD_MM },
  )
  if (roof === undefined) return undefined
  const floor = liningTop(scene.interior, x)
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
