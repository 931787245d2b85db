import { type Box, clamp, type Prism, prismBounds, prismWithout, type Span, spanMiddle } from '../geometry'
import { TOUCH_MM } from '../units'
import { heightsAt, liningTop } from './heights'
import { protrusionOf } from './inside'
import type { Interior } from './interior'
import type { Protrusion } from './protrusion'
import { wallsAt } from './walls'

/** The cab as far as it is open to the load space, from the bulkhead on; undefined where it is not, or not known. */
export function cabSpace({ shell: { cab, bulkhead } }: Interior): Box | undefined {
  if (cab === undefined || !bulkhead.wayThrough) return undefined
  return {
    x: { min: bulkhead.xMm, max: bulkhead.xMm + cab.lengthMm },
    y: { min: -cab.widthMm / 2, max: cab.widthMm / 2 },
    z: { min: cab.floorMm, max: cab.roofMm },
  }
}

/** Whether a place is ahead of the load space. */
export const isAhead = ({ xSpan }: Interior, xMm: number): boolean => xMm > xSpan.max

const holds = ({ min, max }: Span, value: number): boolean => value >= min && value <= max

/** As `wallsAt`, and on into an open cab. */
export function widthThere(interior: Interior, xMm: number, zMm: number): Span | undefined {
  if (!isAhead(interior, xMm)) return wallsAt(interior, xMm, zMm)
  const cab = cabSpace(interior)
  return cab !== undefined && holds(cab.x, xMm) && holds(cab.z, zMm) ? cab.y : undefined
}

/** As `heightsAt`, and on into an open cab. */
export function heightThere(interior: Interior, xMm: number, yMm: number): Span | undefined {
  if (!isAhead(interior, xMm)) return heightsAt(interior, xMm, yMm)
  const cab = cabSpace(interior)
  return cab !== undefined && holds(cab.x, xMm) && holds(cab.y, yMm) ? cab.z : undefined
}

/** The floor under a place: lined, or the cab’s own on into an open cab; at its ends where the body has none. */
export function floorThere(interior: Interior, xMm: number): number {
  const { min, max } = interior.xSpan
  const cab = xMm > max ? cabSpace(interior) : undefined
  return cab === undefined ? liningTop(interior, clamp(xMm, min, max)) : cab.z.min
}

/** How far forward things can stand: to the bulkhead, or to the front of an open cab. */
export const frontMost = (interior: Interior): number => cabSpace(interior)?.x.max ?? interior.xSpan.max

/**
 * As `protrusionOf`, and on into an open cab: what of a body lies ahead of the load space must lie in the block that the cab leaves.
 */
export function protrusionThere(interior: Interior, solid: Prism): Protrusion | undefined {
  const cab = cabSpace(interior)
  const { max } = interior.xSpan
  if (cab === undefined || prismBounds(solid).x.max - max <= TOUCH_MM) return protrusionOf(interior, solid)
  const all = { min: -FAR_MM, max: FAR_MM }
  const behind = prismWithout(solid, { x: { min: max, max: FAR_MM }, y: all, z: all })
  let worst: Protrusion | undefined
  for (const piece of behind) {
    const found = protrusionOf(interior, piece)
    if (found !== undefined && found.byMm > (worst?.byMm ?? 0)) worst = found
  }
  for (const piece of prismWithout(solid, { x: { min: -FAR_MM, max }, y: all, z: all })) {
    const { x, y, z } = prismBounds(piece)
    const at = [spanMiddle(x), spanMiddle(y), spanMiddle(z)] as const
    const out: readonly Protrusion[] = [
      { face: 'front', byMm: x.max - cab.x.max, at: [x.max, at[1], at[2]] },
      { face: 'wall-left', byMm: y.max - cab.y.max, at: [at[0], y.max, at[2]] },
      { face: 'wall-right', byMm: cab.y.min - y.min, at: [at[0], y.min, at[2]] },
      { face: 'roof', byMm: z.max - cab.z.max, at: [at[0], at[1], z.max] },
      { face: 'floor', byMm: cab.z.min - z.min, at: [at[0], at[1], z.min] },
    ]
    for (const one of out) if (one.byMm > TOUCH_MM && one.byMm > (worst?.byMm ?? 0)) worst = one
  }
  return worst
}
/** Beyond any body. */
const FAR_MM = 1e6

/** Why there is no room at a place ahead of the load space. */
export function noCabBecause({ shell: { cab, bulkhead } }: Interior): string {
  if (!bulkhead.wayThrough) return `the load space ends at its bulkhead, ${bulkhead.xMm} from the rear sill`
  if (cab === undefined) return 'the cab of this body is not measured'
  return `the cab ends ${bulkhead.xMm + cab.lengthMm} from the rear sill, is ${cab.widthMm} wide, and goes from ${cab.floorMm} to ${cab.roofMm} above the load floor`
}
