import { TOUCH_MM } from '../units'
import {
  chordAt,
  clamp,
  intersectConvex,
  polygonSpan,
  prismBounds,
  prismCorners,
  rectangle,
  sliceAtX,
  type Polygon,
  type Prism,
  type Span,
  type Vec2,
} from '../geometry'
import type { Pocket } from './changes'
import { sectionAt, type Face, type Interior } from './interior'
import type { Opening } from './shape'

type WallPocket = Extract<Pocket, { kind: 'wall' }>
type RoofPocket = Extract<Pocket, { kind: 'roof' }>

const holds = (range: Span, value: number): boolean => value >= range.min && value <= range.max
const overlap = (a: Span | undefined, b: Span): Span | undefined =>
  a === undefined || a.max < b.min || b.max < a.min
    ? undefined
    : { min: Math.max(a.min, b.min), max: Math.min(a.max, b.max) }
const join = (a: Span | undefined, b: Span | undefined): Span | undefined =>
  a === undefined ? b : b === undefined ? a : { min: Math.min(a.min, b.min), max: Math.max(a.max, b.max) }

const wallPockets = (interior: Interior, side: 'left' | 'right'): readonly WallPocket[] =>
  interior.pockets.filter((pocket): pocket is WallPocket => pocket.kind === 'wall' && pocket.side === side)
const roofPockets = (interior: Interior): readonly RoofPocket[] =>
  interior.pockets.filter((pocket): pocket is RoofPocket => pocket.kind === 'roof')

/** From the right wall (min) to the left wall (max) at a height, in y; undefined above the roof or below the floor. */
export function wallsAt(interior: Interior, xMm: number, zMm: number): Span | undefined {
  const section = sectionAt(interior, xMm)
  const own = chordAt(section, 1, zMm)
  if (interior.pockets.length === 0) return own
  const out = (side: 'left' | 'right') =>
    Math.max(
      0,
      ...wallPockets(interior, side)
        .filter((pocket) => holds(pocket.x, xMm) && holds(pocket.z, zMm))
        .map((pocket) => pocket.byMm),
    )
  const widened = own === undefined ? undefined : { min: own.min - out('right'), max: own.max + out('left') }
  return roofPockets(interior)
    .filter((pocket) => holds(pocket.x, xMm))
    .map((pocket) => overlap(chordAt(section, 1, zMm - pocket.byMm), pocket.y))
    .reduce(join, widened)
}

/**
 * From the floor (min) to the roof (max) at a place, in z; undefined outside the walls. Within a flare, from its lower to
 * its upper face.
 */
export function heightsAt(interior: Interior, xMm: number, yMm: number): Span | undefined {
  const section = sectionAt(interior, xMm)
  const own = chordAt(section, 0, yMm)
  if (interior.pockets.length === 0) return own
  if (own === undefined) {
    const side = yMm > 0 ? 'left' : 'right'
    return wallPockets(interior, side)
      .filter((pocket) => holds(pocket.x, xMm))
      .map((pocket) => overlap(chordAt(section, 0, yMm - Math.sign(yMm) * pocket.byMm), pocket.z))
      .find((found) => found !== undefined)
  }
  const up = roofPockets(interior).filter((pocket) => holds(pocket.x, xMm) && holds(pocket.y, yMm))
  return { min: own.min, max: own.max + Math.max(0, ...up.map((pocket) => pocket.byMm)) }
}

/** Where a pocket begins or ends, the body changes over this length. */
const STEP_MM = 1

const HAIR_MM = 0.01

/** The lined body cut at `xMm` with all that its changes add, as one outline; counter-clockwise as a section. */
export function outlineAt(interior: Interior, xMm: number): Polygon {
  const section = sectionAt(interior, xMm)
  if (interior.pockets.length === 0) return section
  const stops = new Set(section.map(([, z]) => z))
  const step = (z: number) => [z - HAIR_MM, z + HAIR_MM].forEach((at) => stops.add(at))
  for (const pocket of interior.pockets) {
    if (!holds(pocket.x, xMm)) continue
    if (pocket.kind === 'wall') [pocket.z.min, pocket.z.max].forEach(step)
    else {
      const edge = chordAt(section, 0, pocket.y.max)?.max
      const top = chordAt(section, 0, 0)?.max ?? 0
      if (edge !== undefined) [edge, edge + pocket.byMm].forEach(step)
      section.filter(([y]) => Math.abs(y) <= pocket.y.max).forEach(([, z]) => z > top / 2 && stops.add(z + pocket.byMm))
    }
  }
  const rows = [...stops]
    .sort((a, b) => a - b)
    .flatMap((z) => {
      const walls = wallsAt(interior, xMm, z)
      return walls === undefined ? [] : [{ z, walls }]
    })
  return [
    ...rows.map(({ z, walls }): Vec2 => [walls.max, z]),
    ...rows.reverse().map(({ z, walls }): Vec2 => [walls.min, z]),
  ]
}

/** The parts of a convex slice that lie in the lined body cut at `xMm`, its flares with it. */
export function partsInside(interior: Interior, xMm: number, slice: Polygon): readonly Polygon[] {
  const section = sectionAt(interior, xMm)
  const own = intersectConvex(slice, section)
  const flares = interior.pockets.flatMap((pocket): Polygon[] => {
    if (pocket.kind !== 'wall' || !holds(pocket.x, xMm)) return []
    const by = pocket.side === 'left' ? pocket.byMm : -pocket.byMm
    const band = intersectConvex(slice, rectangle(-FAR_MM, pocket.z.min, FAR_MM, pocket.z.max))
    const side = pocket.side === 'left' ? rectangle(0, -FAR_MM, FAR_MM, FAR_MM) : rectangle(-FAR_MM, -FAR_MM, 0, FAR_MM)
    const moved = section.map(([y, z]): Vec2 => [y + by, z])
    return band.length === 0 ? [] : [intersectConvex(intersectConvex(band, moved), side)]
  })
  return [own, ...flares].filter((part) => part.length >= 3)
}

/** Beyond any body. */
const FAR_MM = 10_000

/** The x-values within a range at which a quantity that is linear between sections can have its extreme. */
export function knots(interior: Interior, along: Span): readonly number[] {
  const stops = interior.sections.map((section) => section.xMm)
  for (const { x } of interior.pockets) stops.push(x.min - STEP_MM, x.min, x.max, x.max + STEP_MM)
  const inner = stops.filter((x) => x > along.min && x < along.max)
  return [along.min, ...(interior.pockets.length === 0 ? inner : inner.sort((a, b) => a - b)), along.max]
}

/** A range cut at the places within it. */
function pieces(range: Span, at: readonly number[]): readonly Span[] {
  const stops = [...new Set([range.min, ...at.filter((stop) => stop > range.min && stop < range.max), range.max])].sort(
    (a, b) => a - b,
  )
  return stops.length === 1 ? [range] : stops.slice(1).map((max, index) => ({ min: stops[index]!, max }))
}

const middle = (range: Span): number => (range.min + range.max) / 2

/**
 * The wall's y over an x-range and a height band: the tightest and the widest place, as y from the centreline on that
 * side (both ≥ 0 for a body round its centreline). A flare widens it only where it is there over the whole x-range.
 * Undefined where the band leaves the interior.
 */
export function wallReach(
  interior: Interior,
  side: 'left' | 'right',
  along: Span,
  band: Span,
): { tightMm: number; wideMm: number } | undefined {
  const pockets = interior.pockets.length === 0 ? [] : wallPockets(interior, side)
  if (pockets.length === 0) return faceReach(interior, side, along, band)
  let tight = Infinity
  let wide = -Infinity
  for (const x of pieces(
    along,
    pockets.flatMap((pocket) => [pocket.x.min, pocket.x.max]),
  )) {
    for (const z of pieces(
      band,
      pockets.flatMap((pocket) => [pocket.z.min, pocket.z.max]),
    )) {
      const face = faceReach(interior, side, x, z)
      if (face === undefined) return undefined
      const inside = pockets.filter((pocket) => holds(pocket.x, middle(x)) && holds(pocket.z, middle(z)))
      const out = (list: readonly WallPocket[]) => Math.max(0, ...list.map((pocket) => pocket.byMm))
      tight = Math.min(tight, face.tightMm + out(inside))
      wide = Math.max(wide, face.wideMm + out(inside.filter(({ x }) => x.min <= along.min && x.max >= along.max)))
    }
  }
  return { tightMm: tight, wideMm: wide }
}

/** As `wallReach`, of the body's own face. */
function faceReach(
  interior: Interior,
  side: 'left' | 'right',
  along: Span,
  band: Span,
): { tightMm: number; wideMm: number } | undefined {
  const sign = side === 'left' ? 1 : -1
  let tight = Infinity
  let wide = -Infinity
  for (const x of knots(interior, along)) {
    const section = sectionAt(interior, x)
    // between the ends of the band a wall bends at its corners only
    for (let index = -2; index < section.length; index += 1) {
      const corner = section[index]
      if (corner !== undefined && !(corner[0] * sign > 0 && corner[1] > band.min && corner[1] < band.max)) continue
      const reach = reachAt(section, sign, corner?.[1] ?? (index === -2 ? band.min : band.max))
      if (reach === -Infinity) return undefined
      if (reach < tight) tight = reach
      if (reach > wide) wide = reach
    }
  }
  return { tightMm: tight, wideMm: wide }
}

/** How far a section goes out to one side (1 left, −1 right) at a height; −Infinity above and below it. In the hot loop: no objects. */
function reachAt(section: Polygon, sign: number, z: number): number {
  let most = -Infinity
  let from = section[section.length - 1]!
  for (let index = 0; index < section.length; index += 1) {
    const to = section[index]!
    const y0 = from[0] * sign
    const z0 = from[1]
    const y1 = to[0] * sign
    const z1 = to[1]
    from = to
    if ((z < z0 && z < z1) || (z > z0 && z > z1)) continue
    const reach = z0 === z1 ? Math.max(y0, y1) : y0 + ((y1 - y0) * (z - z0)) / (z1 - z0)
    if (reach > most) most = reach
  }
  return most
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

/** Up to where a body has walls on both sides all along, in z above the bare load floor: above it the roof curves in. */
export function wallTop({ sections, faces }: Interior): number {
  const isWall = (edge: number): boolean => faces[edge] === 'wall-left' || faces[edge] === 'wall-right'
  return Math.min(
    ...sections.map(({ polygon }) =>
      Math.max(
        ...polygon.flatMap(([, z], edge) => (isWall(edge) ? [z, polygon[(edge + 1) % polygon.length]![1]] : [])),
      ),
    ),
  )
}

/** The lowest roof over a rectangle, in z above the bare load floor; undefined where a corner is outside the walls. */
export function lowestRoof(interior: Interior, along: Span, across: Span): number | undefined {
  const pockets = roofPockets(interior)
  let lowest = Infinity
  for (const part of pieces(
    along,
    pockets.flatMap(({ x }) => [x.min, x.max]),
  )) {
    for (const strip of pieces(
      across,
      pockets.flatMap(({ y }) => [y.min, y.max]),
    )) {
      const over = pockets.filter(({ x, y }) => holds(x, middle(part)) && holds(y, middle(strip)))
      const up = Math.max(0, ...over.map(({ byMm }) => byMm))
      for (const x of knots(interior, part)) {
        for (const y of [strip.min, strip.max]) {
          const heights = chordAt(sectionAt(interior, x), 0, y)
          if (heights === undefined) return undefined
          lowest = Math.min(lowest, heights.max + up)
        }
      }
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
  const centre: Vec2 = [middle(bounds.y), middle(bounds.z)]
  note('rear', interior.xSpan.min - bounds.x.min, [bounds.x.min, ...centre])
  note('front', bounds.x.max - interior.xSpan.max, [bounds.x.max, ...centre])
  const inside = {
    min: clamp(bounds.x.min, interior.xSpan.min, interior.xSpan.max),
    max: clamp(bounds.x.max, interior.xSpan.min, interior.xSpan.max),
  }
  const stops = interior.pockets.flatMap(({ x }) => [x.min, x.max])
  for (const part of interior.pockets.length === 0 ? [inside] : pieces(inside, stops)) {
    const here = interior.pockets.filter(({ x }) => holds(x, middle(part)))
    const places = new Set([...knots(interior, part), ...prismCorners(solid).map((corner) => corner[0])])
    for (const x of places) {
      if (x < part.min || x > part.max) continue
      const section = sectionAt(interior, x)
      for (const { polygon, out } of shifted(sliceAtX(solid, x), section, here)) {
        for (const [y, z] of polygon) {
          for (let edge = 0; edge < section.length; edge += 1) {
            const from = section[edge]!
            const to = section[(edge + 1) % section.length]!
            const dy = to[0] - from[0]
            const dz = to[1] - from[1]
            const length = Math.sqrt(dy * dy + dz * dz)
            if (length === 0) continue
            const face = interior.faces[edge]!
            const [oy, oz] = out(face)
            note(face, (dz * (y - oy - from[0]) - dy * (z - oz - from[1])) / length, [x, y, z])
          }
        }
      }
    }
  }
  return worst
}

const NOT_OUT: Vec2 = [0, 0]
const nowhere = (): Vec2 => NOT_OUT

/**
 * A slice cut where pockets begin and end; for each part, how far each face lies further out there. A raised roof counts
 * from where its edge leaves the body.
 */
function shifted(
  slice: Polygon,
  section: Polygon,
  pockets: readonly Pocket[],
): readonly { readonly polygon: Polygon; readonly out: (face: Face) => Vec2 }[] {
  if (pockets.length === 0) return [{ polygon: slice, out: nowhere }]
  if (slice.length < 3) return []
  const roofs = pockets.flatMap((pocket) =>
    pocket.kind === 'roof' ? [{ ...pocket, fromMm: chordAt(section, 0, pocket.y.max)?.max ?? Infinity }] : [],
  )
  const walls = pockets.flatMap((pocket) => (pocket.kind === 'wall' ? [pocket] : []))
  const ys = pieces(
    polygonSpan(slice, 0),
    roofs.flatMap(({ y }) => [y.min, y.max]),
  )
  const zs = pieces(polygonSpan(slice, 1), [
    ...walls.flatMap(({ z }) => [z.min, z.max]),
    ...roofs.map(({ fromMm }) => fromMm),
  ])
  const most = (found: readonly { readonly byMm: number }[]) => Math.max(0, ...found.map(({ byMm }) => byMm))
  return ys.flatMap((y) =>
    zs.flatMap((z) => {
      const polygon = intersectConvex(slice, rectangle(y.min, z.min, y.max, z.max))
      if (polygon.length === 0) return []
      const up = most(roofs.filter((roof) => holds(roof.y, middle(y)) && middle(z) >= roof.fromMm))
      const out = (side: 'left' | 'right') =>
        most(walls.filter((wall) => wall.side === side && holds(wall.z, middle(z))))
      const moves: Record<Face, Vec2> =
        up > 0
          ? { floor: NOT_OUT, roof: [0, up], 'wall-left': [0, up], 'wall-right': [0, up] }
          : { floor: NOT_OUT, roof: NOT_OUT, 'wall-left': [out('left'), 0], 'wall-right': [-out('right'), 0] }
      return [{ polygon, out: (face: Face) => moves[face] }]
    }),
  )
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
