import {
  chordAt,
  clamp,
  intersectConvex,
  polygonSpan,
  prismBounds,
  prismCorners,
  rectangle,
  sliceAtX,
  spanMiddle,
  type Polygon,
  type Prism,
  type Vec2,
} from '../geometry'
import { TOUCH_MM } from '../units'
import { riseAt, type FloorPocket, type Pocket, type WallPocket } from './changes'
import { bracket, sectionAt, type Face, type Interior } from './interior'
import { furthestOut, knots } from './knots'
import { mostOut, piecesOf, wellWithin } from './steps'

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
  const centre: Vec2 = [spanMiddle(bounds.y), spanMiddle(bounds.z)]
  note('rear', interior.xSpan.min - bounds.x.min, [bounds.x.min, ...centre])
  note('front', bounds.x.max - interior.xSpan.max, [bounds.x.max, ...centre])
  const inside = {
    min: clamp(bounds.x.min, interior.xSpan.min, interior.xSpan.max),
    max: clamp(bounds.x.max, interior.xSpan.min, interior.xSpan.max),
  }
  const stops = interior.pockets.flatMap(({ x }) => [x.min, x.max])
  for (const part of interior.pockets.length === 0 ? [inside] : piecesOf(inside, stops)) {
    const here = interior.pockets.filter(({ x }) => wellWithin(x, spanMiddle(part)))
    for (const x of placesToLook(interior, solid, part)) {
      const section = sectionAt(interior, x)
      for (const { polygon, out } of shifted(sliceAtX(solid, x), section, here)) {
        for (const [y, z] of polygon) {
          for (let edge = 0; edge < section.length; edge += 1) {
            const from = section[edge]!
            const to = section[(edge + 1) % section.length]!
            const dy = to[0] - from[0]
            const dz = to[1] - from[1]
            const length = Math.sqrt(dy * dy + dz * dz)
            if (length < TOUCH_MM) continue
            const face = interior.faces[edge]!
            const [oy, oz] = out(face, y)
            note(face, (dz * (y - oy - from[0]) - dy * (z - oz - from[1])) / length, [x, y, z])
          }
        }
      }
    }
  }
  return worst
}

/** Where along a solid it can stick out furthest: at its own corners, at stations, and where a face twists between two of them. */
function placesToLook(interior: Interior, solid: Prism, part: { min: number; max: number }): readonly number[] {
  const places = new Set(
    [...knots(interior, part), ...prismCorners(solid).map((corner) => corner[0])].filter(
      (x) => x >= part.min && x <= part.max,
    ),
  )
  const ends = [...places].sort((a, b) => a - b)
  for (const [index, to] of ends.entries()) {
    const from = ends[index - 1]
    if (from === undefined || to - from <= TOUCH_MM) continue
    const middle = (from + to) / 2
    const { before, after } = bracket(interior, middle)
    if (middle < before.xMm || middle > after.xMm) continue
    for (const corner of sliceAtX(solid, middle))
      for (let edge = 0; edge < before.polygon.length; edge += 1) {
        const t = furthestOut(before, after, edge, corner)
        const x = t === undefined ? NaN : before.xMm + (after.xMm - before.xMm) * t
        if (x > from && x < to) places.add(x)
      }
  }
  return [...places]
}

const NOT_OUT: Vec2 = [0, 0]
const nowhere = (): Vec2 => NOT_OUT

/**
 * A slice cut where pockets begin and end; for each part, how far each face lies further out there, at a place across. A raised
 * roof counts from where its edge leaves the body, a well from the floor down.
 */
function shifted(
  slice: Polygon,
  section: Polygon,
  pockets: readonly Pocket[],
): readonly { readonly polygon: Polygon; readonly out: (face: Face, yMm: number) => Vec2 }[] {
  if (pockets.length === 0) return [{ polygon: slice, out: nowhere }]
  if (slice.length < 3) return []
  const roofs = pockets.flatMap((pocket) =>
    pocket.kind === 'roof' ? [{ ...pocket, fromMm: chordAt(section, 0, pocket.y.max)?.max ?? Infinity }] : [],
  )
  const walls = pockets.flatMap((pocket): WallPocket[] => (pocket.kind === 'wall' ? [pocket] : []))
  const wells = pockets.flatMap((pocket): (FloorPocket & { readonly fromMm: number })[] => {
    if (pocket.kind !== 'floor') return []
    const floors = [pocket.y.min, pocket.y.max].map((y) => chordAt(section, 0, y)?.min ?? Infinity)
    return [{ ...pocket, fromMm: Math.min(...floors) }]
  })
  const ys = piecesOf(
    polygonSpan(slice, 0),
    [...roofs, ...wells].flatMap(({ y }) => [y.min, y.max]),
  )
  const zs = piecesOf(polygonSpan(slice, 1), [
    ...walls.flatMap(({ z }) => [z.min, z.max]),
    ...[...roofs, ...wells].map(({ fromMm }) => fromMm),
  ])
  return ys.flatMap((y) =>
    zs.flatMap((z) => {
      const polygon = intersectConvex(slice, rectangle(y.min, z.min, y.max, z.max))
      if (polygon.length === 0) return []
      const over = roofs.filter((roof) => wellWithin(roof.y, spanMiddle(y)) && spanMiddle(z) >= roof.fromMm)
      const wallOut = (side: 'left' | 'right') =>
        mostOut(walls.filter((wall) => wall.side === side && wellWithin(wall.z, spanMiddle(z))))
      const [left, right] = [wallOut('left'), -wallOut('right')]
      const under = mostOut(wells.filter((well) => wellWithin(well.y, spanMiddle(y)) && spanMiddle(z) <= well.fromMm))
      const out = (face: Face, yMm: number): Vec2 => {
        if (under > 0) return [0, -under]
        if (face === 'floor') return NOT_OUT
        if (over.length > 0) return [0, over.reduce((most, roof) => Math.max(most, riseAt(roof, yMm)), 0)]
        return face === 'wall-left' ? [left, 0] : face === 'wall-right' ? [right, 0] : NOT_OUT
      }
      return [{ polygon, out }]
    }),
  )
}
