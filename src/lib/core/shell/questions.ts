import { TOUCH_MM } from '../units'
import { clamp, prismBounds, prismCorners, sliceAtX, type Prism, type Span, type Vec2 } from '../geometry'
import { sectionAt, type Face, type Interior } from './interior'
import type { Opening } from './schema'

/** Where a section is cut by a line: the two ends along the other axis, or undefined where it misses. */
function chord(polygon: readonly Vec2[], along: 0 | 1, at: number): Span | undefined {
  let min = Infinity
  let max = -Infinity
  const other = along === 0 ? 1 : 0
  for (let index = 0; index < polygon.length; index += 1) {
    const from = polygon[index]!
    const to = polygon[(index + 1) % polygon.length]!
    const low = Math.min(from[along], to[along])
    const high = Math.max(from[along], to[along])
    if (at < low || at > high) continue
    const ends =
      high === low
        ? [from[other], to[other]]
        : [from[other] + ((to[other] - from[other]) * (at - from[along])) / (to[along] - from[along])]
    for (const end of ends) {
      if (end < min) min = end
      if (end > max) max = end
    }
  }
  return min <= max ? { min, max } : undefined
}

/** From the right wall (min) to the left wall (max) at a height, in y; undefined above the roof or below the floor. */
export const wallsAt = (interior: Interior, xMm: number, zMm: number): Span | undefined =>
  chord(sectionAt(interior, xMm), 1, zMm)

/** From the floor (min) to the roof (max) at a place, in z; undefined outside the walls. */
export const heightsAt = (interior: Interior, xMm: number, yMm: number): Span | undefined =>
  chord(sectionAt(interior, xMm), 0, yMm)

/** The x-values within a range at which a quantity that is linear between sections can have its extreme. */
export function knots(interior: Interior, along: Span): readonly number[] {
  const inner = interior.sections.map((section) => section.xMm).filter((x) => x > along.min && x < along.max)
  return [along.min, ...inner, along.max]
}

/** The z-values within a band at which a wall can bend, at one x. */
const bends = (interior: Interior, xMm: number, band: Span): readonly number[] => [
  band.min,
  ...sectionAt(interior, xMm)
    .map((corner) => corner[1])
    .filter((z) => z > band.min && z < band.max),
  band.max,
]

/**
 * The wall's y over an x-range and a height band: the tightest and the widest place, as y from the centreline on that
 * side (both ≥ 0 for a body round its centreline). Undefined where the band leaves the interior.
 */
export function wallReach(
  interior: Interior,
  side: 'left' | 'right',
  along: Span,
  band: Span,
): { tightMm: number; wideMm: number } | undefined {
  let tight = Infinity
  let wide = -Infinity
  for (const x of knots(interior, along)) {
    for (const z of bends(interior, x, band)) {
      const walls = wallsAt(interior, x, z)
      if (walls === undefined) return undefined
      const reach = side === 'left' ? walls.max : -walls.min
      tight = Math.min(tight, reach)
      wide = Math.max(wide, reach)
    }
  }
  return { tightMm: tight, wideMm: wide }
}

/**
 * Free width across the lined body over an x-range and a whole height band, in mm: the length that a straight board
 * may have there. Wheel arches count where they stand in the band; openings do not. 0 where the band leaves the interior.
 */
export function clearWidth(interior: Interior, along: Span, band: Span): number {
  const left = wallReach(interior, 'left', along, band)
  const right = wallReach(interior, 'right', along, band)
  if (left === undefined || right === undefined) return 0
  let from = -right.tightMm
  let to = left.tightMm
  for (const keepOut of interior.keepOuts) {
    const bounds = prismBounds(keepOut.prism)
    const meets =
      bounds.x.max > along.min + TOUCH_MM &&
      bounds.x.min < along.max - TOUCH_MM &&
      bounds.z.max > band.min + TOUCH_MM &&
      bounds.z.min < band.max - TOUCH_MM
    if (!meets) continue
    if (bounds.y.min >= 0) to = Math.min(to, bounds.y.min)
    else from = Math.max(from, bounds.y.max)
  }
  return Math.max(0, to - from)
}

/** The lowest roof over a rectangle, in z above the bare load floor; undefined where a corner is outside the walls. */
export function lowestRoof(interior: Interior, along: Span, across: Span): number | undefined {
  let lowest = Infinity
  for (const x of knots(interior, along)) {
    for (const y of [across.min, across.max]) {
      const heights = heightsAt(interior, x, y)
      if (heights === undefined) return undefined
      lowest = Math.min(lowest, heights.max)
    }
  }
  return lowest
}

export const liningTop = (interior: Interior, xMm: number): number =>
  heightsAt(interior, xMm, 0)?.min ?? interior.lining.floorMm

export interface Protrusion {
  readonly face: Face | 'rear' | 'front'
  readonly byMm: number
  /** The corner that sticks out furthest, vehicle frame. */
  readonly at: readonly [number, number, number]
}

/**
 * By how much a rigid body leaves the interior at its worst corner, square to the face that it breaks; undefined when
 * it is inside. Faces within a touch count as inside.
 */
export function worstProtrusion(interior: Interior, solid: Prism): Protrusion | undefined {
  const bounds = prismBounds(solid)
  let worst: Protrusion | undefined
  const note = (face: Protrusion['face'], byMm: number, at: Protrusion['at']) => {
    if (byMm > TOUCH_MM && byMm > (worst?.byMm ?? 0)) worst = { face, byMm, at }
  }
  const middle: Vec2 = [(bounds.y.min + bounds.y.max) / 2, (bounds.z.min + bounds.z.max) / 2]
  note('rear', interior.xSpan.min - bounds.x.min, [bounds.x.min, ...middle])
  note('front', bounds.x.max - interior.xSpan.max, [bounds.x.max, ...middle])
  const inside = {
    min: clamp(bounds.x.min, interior.xSpan.min, interior.xSpan.max),
    max: clamp(bounds.x.max, interior.xSpan.min, interior.xSpan.max),
  }
  const places = new Set([...knots(interior, inside), ...prismCorners(solid).map((corner) => corner[0])])
  for (const x of places) {
    if (x < inside.min || x > inside.max) continue
    const section = sectionAt(interior, x)
    for (const [y, z] of sliceAtX(solid, x)) {
      for (let edge = 0; edge < section.length; edge += 1) {
        const from = section[edge]!
        const to = section[(edge + 1) % section.length]!
        const dy = to[0] - from[0]
        const dz = to[1] - from[1]
        const length = Math.sqrt(dy * dy + dz * dz)
        if (length === 0) continue
        note(interior.faces[edge]!, (dz * (y - from[0]) - dy * (z - from[1])) / length, [x, y, z])
      }
    }
  }
  return worst
}

/** Where an opening lies on its wall, as the two jambs seen from above: [x, y] each. */
export function jambs(interior: Interior, opening: Opening): readonly [Vec2, Vec2] {
  const height = (Math.max(opening.sillMm, interior.lining.floorMm + 1) + opening.headMm) / 2
  if (opening.side === 'rear')
    return [
      [interior.xSpan.min, opening.fromMm],
      [interior.xSpan.min, opening.toMm],
    ]
  const wallY = (xMm: number) => {
    const walls = wallsAt(interior, xMm, Math.min(height, 1000)) ?? { min: -800, max: 800 }
    return opening.side === 'left' ? walls.max : walls.min
  }
  return [
    [opening.fromMm, wallY(opening.fromMm)],
    [opening.toMm, wallY(opening.toMm)],
  ]
}
