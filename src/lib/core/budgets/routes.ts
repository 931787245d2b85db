import { spanMiddle, type Vec3 } from '../geometry'
import type { Placed } from '../scene'

/** A hose or a pipe on its way: along the vehicle at the wall, then across under the floor, then up. */
interface Route {
  readonly points: readonly Vec3[]
  /** With what connects it at both ends. */
  readonly lengthMm: number
}

/** At both ends, to connect it. Common practice, no source. */
const ENDS_MM = 300
/** Cut off and bent: so much more is bought. Common practice, no source. */
const OVER = 1.1

export const middleAt = ({ bounds: { x, y } }: Placed, z: number): Vec3 => [spanMiddle(x), spanMiddle(y), z]

/** From one thing to another, square to the body. */
export function routeOf(from: Placed, to: Placed, zFrom: number, zTo: number): Route {
  const [a, b] = [middleAt(from, zFrom), middleAt(to, zTo)]
  return {
    points: [a, [b[0], a[1], a[2]], [b[0], b[1], a[2]], b],
    lengthMm: Math.abs(b[0] - a[0]) + Math.abs(b[1] - a[1]) + Math.abs(b[2] - a[2]) + ENDS_MM,
  }
}

/** Metres to buy for so many millimetres. */
export const toBuyM = (lengthsMm: readonly number[]): number =>
  Math.ceil(lengthsMm.reduce((sum, mm) => sum + (mm * OVER) / 1000, 0))
