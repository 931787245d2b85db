import { prismBounds, type Box, type Prism, type Span } from '../geometry'
import { TOUCH_MM } from '../units'
import type { Interior } from './interior'
import { worstProtrusion, type Protrusion } from './protrusion'

/** What the hot loop below reads of an interior, laid out as plain rows of numbers. */
interface Rows {
  readonly stationMm: Float64Array
  /** Of each section, its corners' y and z by turns. */
  readonly corners: readonly Float64Array[]
  /** Of each keep-out, its bounds: x, y and z, low and high. */
  readonly keepOuts: Float64Array
}

const known = new WeakMap<Interior, Rows>()

function rowsOf(interior: Interior): Rows {
  const kept = known.get(interior)
  if (kept !== undefined) return kept
  const rows: Rows = {
    stationMm: Float64Array.from(interior.sections.map(({ xMm }) => xMm)),
    corners: interior.sections.map(({ polygon }) => Float64Array.from(polygon.flat())),
    keepOuts: Float64Array.from(
      interior.keepOuts.flatMap(({ prism }) => {
        const { x, y, z } = prismBounds(prism)
        return [x.min, x.max, y.min, y.max, z.min, z.max]
      }),
    ),
  }
  known.set(interior, rows)
  return rows
}

/** Whether a block lies between the faces of the lined body, what changes add left out. */
function betweenFaces(interior: Interior, { x, y, z }: Box): boolean {
  if (interior.xSpan.min - x.min > TOUCH_MM || x.max - interior.xSpan.max > TOUCH_MM) return false
  return insideFaces(rowsOf(interior), x, y, z)
}

/** As `worstProtrusion`, and quick where the whole block round a solid lies inside. */
export const protrusionOf = (interior: Interior, solid: Prism): Protrusion | undefined =>
  betweenFaces(interior, prismBounds(solid)) ? undefined : worstProtrusion(interior, solid)

/** Whether a block stands within the lined body, clear of what stands proud of it. */
export function boxInside(interior: Interior, box: Box): boolean {
  const inside =
    betweenFaces(interior, box) ||
    (interior.pockets.length > 0 && worstProtrusion(interior, prismOf(box)) === undefined)
  return inside && clearOf(rowsOf(interior).keepOuts, box.x, box.y, box.z)
}

/** Whether the rectangle y × z sticks out of the section that lies `t` of the way from `a` to `b`. */
function sticksOut(a: Float64Array, b: Float64Array, t: number, y: Span, z: Span): boolean {
  const end = a.length
  let fromY = a[end - 2]! + (b[end - 2]! - a[end - 2]!) * t
  let fromZ = a[end - 1]! + (b[end - 1]! - a[end - 1]!) * t
  for (let at = 0; at < end; at += 2) {
    const toY = a[at]! + (b[at]! - a[at]!) * t
    const toZ = a[at + 1]! + (b[at + 1]! - a[at + 1]!) * t
    const dy = toY - fromY
    const dz = toZ - fromZ
    const out = dz * ((dz > 0 ? y.max : y.min) - fromY) - dy * ((dy < 0 ? z.max : z.min) - fromZ)
    if (out > 0 && out > TOUCH_MM * Math.sqrt(dy * dy + dz * dz)) return true
    fromY = toY
    fromZ = toZ
  }
  return false
}

/** As `worstProtrusion`, for blocks only and without a measure: at both ends of the block and at every section between. */
function insideFaces({ stationMm, corners }: Rows, x: Span, y: Span, z: Span): boolean {
  const last = stationMm.length - 2
  let at = 0
  while (at < last && stationMm[at + 1]! < x.min) at += 1
  if (sticksOut(corners[at]!, corners[at + 1]!, share(stationMm, at, x.min), y, z)) return false
  while (at < last && stationMm[at + 1]! < x.max) {
    at += 1
    if (sticksOut(corners[at]!, corners[at]!, 0, y, z)) return false
  }
  return !sticksOut(corners[at]!, corners[at + 1]!, share(stationMm, at, x.max), y, z)
}

/** How far along between a station and the next. */
function share(stationMm: Float64Array, at: number, xMm: number): number {
  const t = (xMm - stationMm[at]!) / (stationMm[at + 1]! - stationMm[at]!)
  return t < 0 ? 0 : t > 1 ? 1 : t
}

function clearOf(bounds: Float64Array, x: Span, y: Span, z: Span): boolean {
  for (let at = 0; at < bounds.length; at += 6) {
    const apart =
      x.max - bounds[at]! <= TOUCH_MM ||
      bounds[at + 1]! - x.min <= TOUCH_MM ||
      y.max - bounds[at + 2]! <= TOUCH_MM ||
      bounds[at + 3]! - y.min <= TOUCH_MM ||
      z.max - bounds[at + 4]! <= TOUCH_MM ||
      bounds[at + 5]! - z.min <= TOUCH_MM
    if (!apart) return false
  }
  return true
}

const prismOf = ({ x, y, z }: Box): Prism => ({
  axis: 'x',
  profile: [
    [y.min, z.min],
    [y.max, z.min],
    [y.max, z.max],
    [y.min, z.max],
  ],
  span: x,
})
