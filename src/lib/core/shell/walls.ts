import {
  chordAt,
  longestSpan,
  prismBounds,
  spanLength,
  spanMiddle,
  stretchesLeft,
  type Polygon,
  type Span,
  type Vec2,
} from '../geometry'
import { HAIR_MM, TOUCH_MM } from '../units'
import { riseAt, type FloorPocket, type Pocket, type RoofPocket } from './changes'
import { sectionAt, type Interior } from './interior'
import { turnsAt } from './knots'
import { floorPockets, mostOut, piecesOf, roofPockets, wallPockets, wellWithin } from './steps'
import type { Opening } from './shape'

const join = (a: Span | undefined, b: Span | undefined): Span | undefined =>
  a === undefined ? b : b === undefined ? a : { min: Math.min(a.min, b.min), max: Math.max(a.max, b.max) }

/**
 * From the right wall (min) to the left wall (max) at a height, in y; undefined above the roof or below the floor by more than
 * a touch; in a well from its one side to its other. On the edge of a flare, raised roof or well the tighter side counts.
 */
export function wallsAt(interior: Interior, xMm: number, zMm: number): Span | undefined {
  const section = sectionAt(interior, xMm)
  const right = reachAt(section, -1, zMm)
  const left = reachAt(section, 1, zMm)
  const own = left === -Infinity || right === -Infinity ? undefined : { min: -right, max: left }
  if (interior.pockets.length === 0) return own
  const out = (side: 'left' | 'right') =>
    mostOut(wallPockets(interior, side).filter(({ x, z }) => wellWithin(x, xMm) && wellWithin(z, zMm)))
  const widened = own === undefined ? undefined : { min: own.min - out('right'), max: own.max + out('left') }
  return roofPockets(interior)
    .filter(({ x }) => wellWithin(x, xMm))
    .map((pocket) => roofChord(section, pocket, zMm))
    .reduce(join, widened ?? wellsAt(interior, section, xMm, zMm))
}

/** From side to side of what lies lower than the floor at a place along and a height. */
const wellsAt = (interior: Interior, section: Polygon, xMm: number, zMm: number): Span | undefined =>
  floorPockets(interior)
    .filter(({ x }) => wellWithin(x, xMm))
    .map((well) => wellChord(section, well, zMm))
    .reduce(join, undefined)

function wellChord(section: Polygon, { y, byMm }: FloorPocket, zMm: number): Span | undefined {
  const floor = chordAt(section, 0, spanMiddle(y))?.min
  return floor !== undefined && zMm < floor && zMm >= floor - byMm - TOUCH_MM ? y : undefined
}

const SEARCH_ROUNDS = 50

/** Where at a height one is under a raised roof, across: between its sides and under its curve. */
function roofChord(section: Polygon, pocket: RoofPocket, zMm: number): Span | undefined {
  // a roof that rises evenly is the body’s own, higher up; one that curves lies nowhere above that
  const outer = chordAt(section, 1, zMm - pocket.byMm)
  if (outer === undefined) return undefined
  const range = { min: Math.max(outer.min, pocket.y.min), max: Math.min(outer.max, pocket.y.max) }
  if (!(range.max > range.min)) return undefined
  if (pocket.byMm === pocket.edgeMm) return range
  const isUnder = (y: number): boolean => (chordAt(section, 0, y)?.max ?? -Infinity) + riseAt(pocket, y) >= zMm
  const middle = Math.min(range.max, Math.max(range.min, 0))
  if (!isUnder(middle)) return undefined
  const reach = (end: number): number => {
    if (isUnder(end)) return end
    let [inside, outside] = [middle, end]
    for (let round = 0; round < SEARCH_ROUNDS; round += 1) {
      const y = (inside + outside) / 2
      if (isUnder(y)) inside = y
      else outside = y
    }
    return inside
  }
  return { min: reach(range.min), max: reach(range.max) }
}

/** Over an x-range and a height band: how far the wall is out at its tightest and at its widest, and where it is tightest. */
export interface WallReach {
  readonly tightMm: number
  readonly wideMm: number
  /** At which height it is tightest, and where along the vehicle. */
  readonly tightAt: { readonly xMm: number; readonly zMm: number }
}

/**
 * The wall’s y over an x-range and a height band: the tightest and the widest place, as y from the centreline on that
 * side (both ≥ 0 for a body round its centreline). A flare or raised roof widens it only where it is there over the whole x-range. Below
 * the foot of the wall, on a floor that is level but for a little, the foot counts. Undefined where the band leaves the
 * interior by more than a touch.
 */
export function wallReach(interior: Interior, side: 'left' | 'right', along: Span, band: Span): WallReach | undefined {
  if (interior.pockets.length === 0) return faceReach(interior, side, along, band)
  const pockets = wallPockets(interior, side)
  const roofs = roofPockets(interior)
  const throughout = ({ x }: Pocket): boolean => x.min <= along.min + TOUCH_MM && x.max >= along.max - TOUCH_MM
  let tight: WallReach | undefined
  let wide = -Infinity
  for (const x of piecesOf(
    along,
    [...pockets, ...roofs].flatMap((pocket) => [pocket.x.min, pocket.x.max]),
  )) {
    const over = roofs.filter((roof) => wellWithin(roof.x, spanMiddle(x)))
    for (const z of piecesOf(
      band,
      pockets.flatMap((pocket) => [pocket.z.min, pocket.z.max]),
    )) {
      const inside = pockets.filter(
        (pocket) => wellWithin(pocket.x, spanMiddle(x)) && wellWithin(pocket.z, spanMiddle(z)),
      )
      const face = faceReach(interior, side, x, z, mostOut(inside), over)
      if (face === undefined) return undefined
      if (tight === undefined || face.tightMm < tight.tightMm) tight = face
      const all = faceReach(interior, side, x, z, mostOut(inside.filter(throughout)), over.filter(throughout))
      wide = Math.max(wide, all?.wideMm ?? -Infinity)
    }
  }
  return tight === undefined ? undefined : { ...tight, wideMm: wide }
}

const NO_ROOFS: readonly RoofPocket[] = []

/** As `wallReach`, of the body’s own face moved outward by a flare, and of raised roofs that are over all of the range. */
function faceReach(
  interior: Interior,
  side: 'left' | 'right',
  along: Span,
  band: Span,
  outMm = 0,
  roofs = NO_ROOFS,
): WallReach | undefined {
  const sign = side === 'left' ? 1 : -1
  let tight = Infinity
  let wide = -Infinity
  let tightX = along.min
  let tightZ = band.min
  const isPoint = band.max === band.min
  for (const x of turnsAt(interior, along, 1, isPoint ? [band.min] : [band.min, band.max])) {
    const section = sectionAt(interior, x)
    // between the ends of the band a wall that bends outward is nowhere tighter than at one of them, and widest at a corner; a raised
    // roof is as wide as the body where it begins, and nowhere wider further up
    for (let end = isPoint ? 1 : 0; end < 2; end += 1) {
      const z = end === 0 ? band.max : band.min
      let reach = reachAt(section, sign, z) + outMm
      for (const roof of roofs) reach = Math.max(reach, roofReach(section, roof, sign, z))
      if (reach === -Infinity) return undefined
      if (reach < tight) {
        tight = reach
        tightX = x
        tightZ = z
      }
      if (reach > wide) wide = reach
    }
    if (!isPoint)
      for (const corner of section) {
        const reach = corner[0] * sign + outMm
        if (reach > wide && corner[1] > band.min && corner[1] < band.max) wide = reach
      }
  }
  return { tightMm: tight, wideMm: wide, tightAt: { xMm: tightX, zMm: tightZ } }
}

/** How far out one is under a raised roof at a height, to one side; −Infinity where it does not reach so high. */
function roofReach(section: Polygon, roof: RoofPocket, sign: number, zMm: number): number {
  const chord = roofChord(section, roof, zMm)
  return chord === undefined ? -Infinity : sign > 0 ? chord.max : -chord.min
}

/** A floor that rises by no more than this share is level: the wall begins where it ends. */
const LEVEL = 1 / 20

/**
 * How far a section goes out to one side (1 left, −1 right) at a height; −Infinity above and below it by more than a touch.
 * A section begins at the floor’s centre and passes the roof’s centre half-way round. In the hot loop: no objects.
 */
function reachAt(section: Polygon, sign: number, zMm: number): number {
  const count = section.length
  const half = count / 2
  const step = sign > 0 ? 1 : count - 1
  let low = Infinity
  let high = -Infinity
  let foot = -Infinity
  let onFloor = true
  let at = 0
  let before = section[0]!
  for (let index = 0; index <= half; index += 1) {
    const corner = section[at]!
    const z = corner[1]
    if (z < low) low = z
    if (z > high) high = z
    if (onFloor) {
      onFloor = Math.abs(z - before[1]) <= LEVEL * (corner[0] - before[0]) * sign
      if (onFloor && z > foot) foot = z
    }
    before = corner
    at += step
    if (at >= count) at -= count
  }
  if (!(zMm >= low - TOUCH_MM && zMm <= high + TOUCH_MM)) return -Infinity
  const z = Math.min(Math.max(zMm, foot), high - HAIR_MM)
  let most = -Infinity
  at = 0
  let y0 = 0
  let z0 = 0
  for (let index = 0; index <= half; index += 1) {
    const y1 = section[at]![0] * sign
    const z1 = section[at]![1]
    at += step
    if (at >= count) at -= count
    if (index > 0 && !((z < z0 && z < z1) || (z > z0 && z > z1))) {
      const reach = z0 === z1 ? Math.max(y0, y1) : y0 + ((y1 - y0) * (z - z0)) / (z1 - z0)
      if (reach > most) most = reach
    }
    y0 = y1
    z0 = z1
  }
  return most
}

/** Whether a thing’s heights meet a band; at a single height its very top and bottom count, for a band a touch does not. */
const meetsBand = (heights: Span, band: Span): boolean =>
  band.max - band.min <= TOUCH_MM
    ? heights.min <= band.max + TOUCH_MM && heights.max >= band.min - TOUCH_MM
    : heights.max > band.min + TOUCH_MM && heights.min < band.max - TOUCH_MM

/** What stands proud of the body over an x-range and a height band, across, in y. */
const standingIn = (interior: Interior, along: Span, band: Span): readonly Span[] =>
  interior.keepOuts.flatMap(({ prism }) => {
    const { x, y, z } = prismBounds(prism)
    return x.max > along.min + TOUCH_MM && x.min < along.max - TOUCH_MM && meetsBand(z, band) ? [y] : []
  })

/** The ranges across that are free over an x-range and a whole height band; none where the band leaves the interior. */
export function freeAcross(interior: Interior, along: Span, band: Span): readonly Span[] {
  const left = wallReach(interior, 'left', along, band)
  const right = wallReach(interior, 'right', along, band)
  if (left === undefined || right === undefined || !(left.tightMm > -right.tightMm)) return []
  return stretchesLeft({ min: -right.tightMm, max: left.tightMm }, standingIn(interior, along, band))
}

/**
 * Free width across the lined body over an x-range and a whole height band, in mm: the length that a straight board
 * may have there. Wheel arches and what else stands proud count where they stand in the band, and of what is left on either
 * side of them the wider; openings do not. 0 where the band leaves the interior.
 */
export const clearWidth = (interior: Interior, along: Span, band: Span): number =>
  spanLength(longestSpan(freeAcross(interior, along, band), { min: 0, max: 0 }))

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
