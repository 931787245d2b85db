import { nth } from '../units'
import { chordAt, clamp, type Span } from '../geometry'
import { cabSpace, type Interior, knots, sectionAt, wallReach } from '../shell'

/**
 * Where a fitting’s distance from a wall is taken: a carcass that is cut to the wall at its worktop or at its base, whichever its
 * kind names; what stands as it is where the wall comes closest over its whole height.
 */
export type MeasuredAt = 'top' | 'bottom' | 'closest'

export interface WallDistance {
  readonly side: 'left' | 'right'
  /** How far out from the centreline the wall is where the distance is taken, and how far at the widest place behind it; mm. */
  readonly referenceMm: number
  readonly wideMm: number
  /** At which height the distance is taken, in z above the bare load floor. */
  readonly atMm: number
}

/** How far below its highest point a section still has walls to measure between. */
const BELOW_PEAK_MM = 2
const LEAST_LENGTH_MM = 1

/**
 * The one owner of “distance to the wall”: how far out the wall is for a thing over an x-range and a height range. Placing, tape,
 * snapping and remedies ask it. Wholly in an open cab it is that one’s side. What stands out of the load space, above the roof or below the floor is measured where the
 * body ends. Undefined where the body is too low to have walls there.
 */
export function wallDistance(
  interior: Interior,
  side: 'left' | 'right',
  along: Span,
  heights: Span,
  measuredAt: MeasuredAt,
): WallDistance | undefined {
  const { xSpan } = interior
  const cab = along.min >= xSpan.max ? cabSpace(interior) : undefined
  if (cab !== undefined)
    return { side, referenceMm: cab.y.max, wideMm: cab.y.max, atMm: clamp(heights.min, cab.z.min, cab.z.max) }
  const from = clamp(along.min, xSpan.min, xSpan.max - LEAST_LENGTH_MM)
  const x = { min: from, max: clamp(along.max, from, xSpan.max) }
  const ends = endsOf(interior, x)
  const low = clamp(heights.min, ends.min, ends.max - 1)
  const band = { min: low, max: clamp(heights.max, low, ends.max) }
  const whole = wallReach(interior, side, x, band)
  if (whole === undefined) return undefined
  if (measuredAt === 'closest')
    return { side, referenceMm: whole.tightMm, wideMm: whole.wideMm, atMm: whole.tightAt.zMm }
  const atMm = measuredAt === 'top' ? band.max : band.min
  const reference = wallReach(interior, side, x, { min: atMm, max: atMm })
  return reference === undefined ? undefined : { side, referenceMm: reference.tightMm, wideMm: whole.wideMm, atMm }
}

const knownEnds = new WeakMap<Interior, readonly Span[]>()

/** From the highest floor to just under the lowest roof of the sections over an x-range, a raised one that is over all of it with them. */
function endsOf(interior: Interior, along: Span): Span {
  let ends = knownEnds.get(interior)
  if (ends === undefined) {
    ends = interior.sections.map(({ polygon }) => heightsOf(polygon))
    knownEnds.set(interior, ends)
  }
  const inner = interior.sections.flatMap(({ xMm }, index) =>
    xMm > along.min && xMm < along.max ? [nth(ends, index)] : [],
  )
  const here = [along.min, along.max].map((x) => heightsOf(sectionAt(interior, x)))
  const all = [...inner, ...here]
  const lowest = Math.min(...all.map(({ max }) => max))
  return {
    min: Math.max(...all.map(({ min }) => min)),
    max: Math.max(lowest, raisedTo(interior, along)) - BELOW_PEAK_MM,
  }
}

/** How high a raised roof that is over all of an x-range is in its middle, at the lowest; none: −Infinity. */
function raisedTo(interior: Interior, along: Span): number {
  const rises = interior.pockets.flatMap((pocket) =>
    pocket.kind === 'roof' && pocket.x.min <= along.min && pocket.x.max >= along.max ? [pocket.byMm] : [],
  )
  if (rises.length === 0) return -Infinity
  const middle = knots(interior, along).map((x) => chordAt(sectionAt(interior, x), 0, 0)?.max ?? -Infinity)
  return Math.min(...middle) + Math.max(...rises)
}

function heightsOf(polygon: readonly (readonly [number, number])[]): Span {
  let min = Infinity
  let max = -Infinity
  for (const [, z] of polygon) {
    if (z < min) min = z
    if (z > max) max = z
  }
  return { min, max }
}
