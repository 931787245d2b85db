import type { Box, Span } from '../geometry'
import type { Interior } from './interior'
import { heightsAt } from './heights'
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

/** Why there is no room at a place ahead of the load space. */
export function noCabBecause({ shell: { cab, bulkhead } }: Interior): string {
  if (!bulkhead.wayThrough) return `the load space ends at its bulkhead, ${bulkhead.xMm} from the rear sill`
  if (cab === undefined) return 'the cab of this body is not measured'
  return `the cab ends ${bulkhead.xMm + cab.lengthMm} from the rear sill, is ${cab.widthMm} wide, and goes from ${cab.floorMm} to ${cab.roofMm} above the load floor`
}
