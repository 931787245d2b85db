import { prismBounds, type Box, type Polygon, type Prism, type Span } from '../geometry'
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
  /** Of each two sections by turns, by how much the faces that twist between them can bulge inward, mm; 0 where none does. */
  readonly bulgeMm: Float64Array
}

/**
 * By how much the faces between two sections can lie further in, half-way, than at both ends. A point’s distance from an edge that turns as
 * it goes is a quadratic of how far it has gone: it sags by no more than a quarter of its square’s share.
 */
function bulgeBetween(a: Polygon, b: Polygon): number {
  return a.reduce((most, from, index) => {
    const next = index + 1 === a.length ? 0 : index + 1
    const [dy, dz] = [b[index]![0] - from[0], b[index]![1] - from[1]]
    const [ey, ez] = [a[next]![0] - from[0], a[next]![1] - from[1]]
    const [fy, fz] = [b[next]![0] - b[index]![0] - ey, b[next]![1] - b[index]![1] - ez]
    const length = Math.min(Math.hypot(ey, ez), Math.hypot(ey + fy, ez + fz))
    const square = fy * dz - fz * dy
    return length < TOUCH_MM || square >= 0 ? most : Math.max(most, -square / (4 * length))
  }, 0)
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
    bulgeMm: Float64Array.from(
      interior.sections.slice(1).map(({ polygon }, index) => bulgeBetween(interior.sections[index]!.polygon, polygon)),
    ),
  }
  known.set(interior, rows)
  return rows
}

/**
 * Whether a block lies between the faces of the lined body, what changes add left out; undefined where it does at its ends and at every
 * section, but a face that twists between two of them may yet bulge into it.
 */
function betweenFaces(interior: Interior, { x, y, z }: Box): boolean | undefined {
  if (interior.xSpan.min - x.min > TOUCH_MM || x.max - interior.xSpan.max > TOUCH_MM) return false
  const rows = rowsOf(interior)
  if (!insideFaces(rows, x, y, z, TOUCH_MM)) return false
  const bulge = mostBulge(rows, x)
  return bulge === 0 || insideFaces(rows, x, y, z, TOUCH_MM - bulge) ? true : undefined
}

/** By how much faces can bulge inward anywhere over an x-range. */
function mostBulge({ stationMm, bulgeMm }: Rows, x: Span): number {
  let most = 0
  for (let at = 0; at < bulgeMm.length; at += 1)
    if (x.max > stationMm[at]! && x.min < stationMm[at + 1]! && bulgeMm[at]! > most) most = bulgeMm[at]!
  return most
}

/** As `worstProtrusion`, and quick where the whole block round a solid lies inside. */
export const protrusionOf = (interior: Interior, solid: Prism): Protrusion | undefined =>
  betweenFaces(interior, prismBounds(solid)) === true ? undefined : worstProtrusion(interior, solid)

/** Whether a block stands within the lined body, clear of what stands proud of it. */
export function boxInside(interior: Interior, box: Box): boolean {
  const between = betweenFaces(interior, box)
  const inside =
    between === false && interior.pockets.length === 0
      ? false
      : between === true || worstProtrusion(interior, prismOf(box)) === undefined
  return inside && clearOf(rowsOf(interior).keepOuts, box.x, box.y, box.z)
}

/** Whether the rectangle y × z sticks out by more than so much of the section that lies `t` of the way from `a` to `b`. */
function sticksOut(a: Float64Array, b: Float64Array, t: number, y: Span, z: Span, byMm: number): boolean {
  const end = a.length
  let fromY = a[end - 2]! + (b[end - 2]! - a[end - 2]!) * t
  let fromZ = a[end - 1]! + (b[end - 1]! - a[end - 1]!) * t
  for (let at = 0; at < end; at += 2) {
    const toY = a[at]! + (b[at]! - a[at]!) * t
    const toZ = a[at + 1]! + (b[at + 1]! - a[at + 1]!) * t
    const dy = toY - fromY
    const dz = toZ - fromZ
    const out = dz * ((dz > 0 ? y.max : y.min) - fromY) - dy * ((dy < 0 ? z.max : z.min) - fromZ)
    const length = Math.sqrt(dy * dy + dz * dz)
    if (length > 0 && out > byMm * length) return true
    fromY = toY
    fromZ = toZ
  }
  return false
}

/** As `worstProtrusion`, for blocks only and without a measure: at both ends of the block and at every section between. */
function insideFaces({ stationMm, corners }: Rows, x: Span, y: Span, z: Span, byMm: number): boolean {
  const last = stationMm.length - 2
  let at = 0
  while (at < last && stationMm[at + 1]! < x.min) at += 1
  if (sticksOut(corners[at]!, corners[at + 1]!, share(stationMm, at, x.min), y, z, byMm)) return false
  while (at < last && stationMm[at + 1]! < x.max) {
    at += 1
    if (sticksOut(corners[at]!, corners[at]!, 0, y, z, byMm)) return false
  }
  return !sticksOut(corners[at]!, corners[at + 1]!, share(stationMm, at, x.max), y, z, byMm)
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
