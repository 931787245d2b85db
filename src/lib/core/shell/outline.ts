import { chordAt, intersectConvex, rectangle, type Polygon, type Span, type Vec2 } from '../geometry'
import { TOUCH_MM } from '../units'
import { riseAt } from './changes'
import { sectionAt, type Interior } from './interior'
import { middleOf, mostOut, piecesOf, wellWithin, wallPockets } from './steps'
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

/** The parts of a convex slice that lie in the lined body cut at `xMm`, its flares with it; parts do not overlap. */
export function partsInside(interior: Interior, xMm: number, slice: Polygon): readonly Polygon[] {
  const section = sectionAt(interior, xMm)
  const here = interior.pockets.filter((pocket) => pocket.kind === 'wall' && wellWithin(pocket.x, xMm))
  if (here.length === 0) {
    const own = intersectConvex(slice, section)
    return own.length < 3 ? [] : [own]
  }
  return (['left', 'right'] as const).flatMap((side) => {
    const pockets = wallPockets(interior, side).filter(({ x }) => wellWithin(x, xMm))
    const sign = side === 'left' ? 1 : -1
    const half = sign > 0 ? rectangle(0, -FAR_MM, FAR_MM, FAR_MM) : rectangle(-FAR_MM, -FAR_MM, 0, FAR_MM)
    return piecesOf(
      EVERYWHERE,
      pockets.flatMap(({ z }) => [z.min, z.max]),
    ).flatMap((z): Polygon[] => {
      const by = sign * mostOut(pockets.filter((pocket) => wellWithin(pocket.z, middleOf(z))))
      const band = intersectConvex(intersectConvex(slice, rectangle(-FAR_MM, z.min, FAR_MM, z.max)), half)
      const part = intersectConvex(
        band,
        section.map(([y, height]): Vec2 => [y + by, height]),
      )
      return part.length < 3 ? [] : [part]
    })
  })
}
