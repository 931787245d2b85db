import { area, chordAt, intersectConvex, rectangle, spanMiddle, type Polygon, type Span, type Vec2 } from '../geometry'
import { TOUCH_MM } from '../units'
import { riseAt } from './changes'
import { sectionAt, type Interior } from './interior'
import { floorPockets, mostOut, piecesOf, wallPockets, wellWithin } from './steps'
import { wallsAt } from './walls'

/** Past the touch within which the tighter side of a step counts. */
const PAST_MM = 2 * TOUCH_MM
const CURVE_POINTS = 12

/** A row of the outline: where it lies, and where the walls are asked for it, a little inside of a step. */
interface Row {
  readonly z: number
  readonly askedAt: number
}

/** The lined body cut at `xMm` with all that its changes add, as one outline; counter-clockwise as a section. */
export function outlineAt(interior: Interior, xMm: number): Polygon {
  const section = sectionAt(interior, xMm)
  if (interior.pockets.length === 0) return section
  const at = (z: number, by = 0): Row => ({ z, askedAt: z + by })
  const rows = section.map(([, z]) => at(z))
  for (const pocket of interior.pockets) {
    if (!wellWithin(pocket.x, xMm)) continue
    if (pocket.kind === 'wall') {
      const { min, max } = pocket.z
      rows.push(at(min), at(min, PAST_MM), at(max, -PAST_MM), at(max))
      continue
    }
    if (pocket.kind === 'floor') {
      const floor = chordAt(section, 0, spanMiddle(pocket.y))?.min
      if (floor !== undefined) rows.push(at(floor - pocket.byMm), at(floor, -PAST_MM))
      continue
    }
    const roofAt = (y: number) => chordAt(section, 0, y)?.max
    const top = roofAt(0) ?? 0
    for (const y of [pocket.y.min, pocket.y.max]) {
      const edge = roofAt(y)
      if (edge !== undefined) rows.push(at(edge), at(edge, PAST_MM), at(edge + pocket.edgeMm))
    }
    for (const [y, z] of section) if (wellWithin(pocket.y, y) && z > top / 2) rows.push(at(z + riseAt(pocket, y)))
    for (let index = 1; pocket.byMm !== pocket.edgeMm && index < CURVE_POINTS; index += 1) {
      const y = (pocket.y.max * index) / CURVE_POINTS
      const roof = roofAt(y)
      if (roof !== undefined) rows.push(at(roof + riseAt(pocket, y)))
    }
  }
  const found = rows
    .sort((a, b) => a.z - b.z || a.askedAt - b.askedAt)
    .flatMap(({ z, askedAt }) => {
      const walls = wallsAt(interior, xMm, askedAt)
      return walls === undefined ? [] : [{ z, walls }]
    })
  return [
    ...found.map(({ z, walls }): Vec2 => [walls.max, z]),
    ...found.reverse().map(({ z, walls }): Vec2 => [walls.min, z]),
  ]
}

/** Beyond any body. */
const FAR_MM = 10_000
const EVERYWHERE: Span = { min: -FAR_MM, max: FAR_MM }

const halfOf = (side: 'left' | 'right'): Polygon =>
  side === 'left' ? rectangle(0, -FAR_MM, FAR_MM, FAR_MM) : rectangle(-FAR_MM, -FAR_MM, 0, FAR_MM)

/** A section as a flare moves it outward. */
const movedOut = (section: Polygon, side: 'left' | 'right', byMm: number): Polygon =>
  section.map(([y, z]): Vec2 => [y + (side === 'left' ? byMm : -byMm), z])

/**
 * What of a convex slice lies in the lined body cut at `xMm`, as convex shapes: first that between the body’s own faces, whole; then for each
 * flare the band of it that the flare lets out, which goes on into the first; and what of it lies in a well.
 */
export function partsInside(interior: Interior, xMm: number, slice: Polygon): readonly Polygon[] {
  const section = sectionAt(interior, xMm)
  const flares = interior.pockets.flatMap((pocket): Polygon[] => {
    if (pocket.kind !== 'wall' || !wellWithin(pocket.x, xMm)) return []
    const band = intersectConvex(slice, rectangle(-FAR_MM, pocket.z.min, FAR_MM, pocket.z.max))
    const out = intersectConvex(band, movedOut(section, pocket.side, pocket.byMm))
    return [intersectConvex(out, halfOf(pocket.side))]
  })
  return [intersectConvex(slice, section), ...flares, ...inWells(interior, xMm, slice)].filter(
    (part) => part.length >= 3,
  )
}

/** What of a convex slice lies in wells in the floor; none of them lies over another. */
const inWells = (interior: Interior, xMm: number, slice: Polygon): readonly Polygon[] =>
  floorPockets(interior).flatMap(({ x, y, byMm }): Polygon[] => {
    const floor = wellWithin(x, xMm) ? chordAt(sectionAt(interior, xMm), 0, spanMiddle(y))?.min : undefined
    return floor === undefined ? [] : [intersectConvex(slice, rectangle(y.min, floor - byMm, y.max, floor))]
  })

/** The area of a convex slice that lies in the lined body cut at `xMm`, flares and wells with it, what lies in two of them once; mm². */
export function areaInside(interior: Interior, xMm: number, slice: Polygon): number {
  const section = sectionAt(interior, xMm)
  const wells = inWells(interior, xMm, slice).reduce((sum, part) => (part.length < 3 ? sum : sum + area(part)), 0)
  return (['left', 'right'] as const).reduce((sum, side) => {
    const pockets = wallPockets(interior, side).filter(({ x }) => wellWithin(x, xMm))
    const half = intersectConvex(slice, halfOf(side))
    const bands = piecesOf(
      EVERYWHERE,
      pockets.flatMap(({ z }) => [z.min, z.max]),
    )
    return bands.reduce((inSide, z) => {
      const out = mostOut(pockets.filter((pocket) => wellWithin(pocket.z, spanMiddle(z))))
      const band = intersectConvex(half, rectangle(-FAR_MM, z.min, FAR_MM, z.max))
      const part = intersectConvex(band, movedOut(section, side, out))
      return part.length < 3 ? inSide : inSide + area(part)
    }, sum)
  }, wells)
}
