import {
  areaInside,
  faceOf,
  knots,
  liningTop,
  piecesOf,
  sectionAt,
  wallsAt,
  riseAt,
  type Face,
  type Interior,
} from '../shell'
import { prismBounds, rectangle, spanLength, spanMiddle, type Box, type Span, type Vec3 } from '../geometry'
import { TOUCH_MM } from '../units'

/** Nodes and weights of Gauss and Legendre’s rule of three points on −1 … 1: none lies on a step, where a quantity has two values. */
const NODES = [
  [-Math.sqrt(0.6), 5 / 9],
  [0, 8 / 9],
  [Math.sqrt(0.6), 5 / 9],
] as const

/** Exact for what is a polynomial up to the fifth degree in each stretch, as areas of linear sections are. */
function integrate(stretches: readonly Span[], of: (at: number) => number): number {
  let sum = 0
  for (const stretch of stretches) {
    const half = spanLength(stretch) / 2
    for (const [node, weight] of NODES) sum += half * weight * of(spanMiddle(stretch) + node * half)
  }
  return sum
}

/** The load space along, cut where its body or what stands in it bends or begins. */
const stretchesOf = (interior: Interior, boxes: readonly Box[]): readonly Span[] =>
  piecesOf(interior.xSpan, [
    ...knots(interior, interior.xSpan),
    ...interior.pockets.flatMap(({ x }) => [x.min, x.max]),
    ...boxes.flatMap(({ x }) => [x.min, x.max]),
  ])

const holds = ({ min, max }: Span, value: number): boolean => value > min && value < max

/** Rectangles over the same ground as those given, none over another. */
function apart(rectangles: readonly { readonly y: Span; readonly z: Span }[]): readonly { y: Span; z: Span }[] {
  const stops = [...new Set(rectangles.flatMap(({ y }) => [y.min, y.max]))].sort((a, b) => a - b)
  return stops.slice(1).flatMap((max, index): { y: Span; z: Span }[] => {
    const y = { min: stops[index]!, max }
    const columns = rectangles
      .filter((one) => holds(one.y, spanMiddle(y)))
      .map(({ z }) => z)
      .sort((a, b) => a.min - b.min)
    const joined: Span[] = []
    for (const z of columns) {
      const last = joined[joined.length - 1]
      if (last !== undefined && z.min <= last.max)
        joined[joined.length - 1] = { min: last.min, max: Math.max(last.max, z.max) }
      else joined.push(z)
    }
    return joined.map((z) => ({ y, z }))
  })
}

const FAR_MM = 10_000

/** Air in the lined body in cubic metres, without what stands proud of it; what lies in two counts once. */
export function volumeM3(interior: Interior): number {
  const boxes = interior.keepOuts.map(({ prism }) => prismBounds(prism))
  const areaOf = (xMm: number, y: Span, z: Span): number =>
    areaInside(interior, xMm, rectangle(y.min, z.min, y.max, z.max))
  const everywhere = { min: -FAR_MM, max: FAR_MM }
  const air = integrate(stretchesOf(interior, boxes), (xMm) => {
    const solid = apart(boxes.filter(({ x }) => holds(x, xMm))).reduce((sum, { y, z }) => sum + areaOf(xMm, y, z), 0)
    return areaOf(xMm, everywhere, everywhere) + raisedArea(interior, xMm) - solid
  })
  return air * 1e-9
}

/** What raised roofs add to a section, the higher counted where two are. */
function raisedArea(interior: Interior, xMm: number): number {
  const roofs = interior.pockets.flatMap((pocket) => (pocket.kind === 'roof' && holds(pocket.x, xMm) ? [pocket] : []))
  if (roofs.length === 0) return 0
  const across = { min: -FAR_MM, max: FAR_MM }
  const strips = piecesOf(across, [0, ...roofs.flatMap(({ y }) => [y.min, y.max])])
  return integrate(strips, (y) =>
    roofs.reduce((most, roof) => (holds(roof.y, y) ? Math.max(most, riseAt(roof, y)) : most), 0),
  )
}

/** Floor that can be stood on, in square metres, without what stands on it; what lies in two counts once. */
export function floorAreaM2(interior: Interior): number {
  const boxes = interior.keepOuts
    .map(({ prism }) => prismBounds(prism))
    .filter(({ z }) => z.min <= interior.lining.floorMm + TOUCH_MM && z.max > interior.lining.floorMm + TOUCH_MM)
  const clear = integrate(stretchesOf(interior, boxes), (xMm) => {
    const walls = wallsAt(interior, xMm, liningTop(interior, xMm))
    if (walls === undefined) return 0
    const z = { min: 0, max: 1 }
    const taken = apart(boxes.filter(({ x }) => holds(x, xMm)).map(({ y }) => ({ y, z }))).reduce(
      (sum, { y }) => sum + Math.max(0, Math.min(y.max, walls.max) - Math.max(y.min, walls.min)),
      0,
    )
    return spanLength(walls) - taken
  })
  return clear * 1e-6
}

/** The faces of a body that are called so by their own slope, in square metres, measured round their curve. */
const facesM2 = (interior: Interior, faces: readonly Face[]): number =>
  integrate(stretchesOf(interior, []), (xMm) => {
    const section = sectionAt(interior, xMm)
    return section.reduce((sum, from, edge) => {
      const to = section[(edge + 1) % section.length]!
      return faces.includes(faceOf(from, to)) ? sum + Math.hypot(to[0] - from[0], to[1] - from[1]) : sum
    }, 0)
  }) * 1e-6

/** A face of the body: how large, and where its middle is. */
export interface FaceArea {
  readonly face: Face
  readonly m2: number
  readonly at: Vec3
}

const FACES: readonly Face[] = ['floor', 'wall-left', 'wall-right', 'roof']

/** Every face of the lined body, measured round its curve, openings counted, with its middle in the vehicle frame. */
export function faceAreas(interior: Interior): readonly FaceArea[] {
  const stretches = stretchesOf(interior, [])
  return FACES.map((face) => {
    const over = (of: (along: number, y: number, z: number, xMm: number) => number): number =>
      integrate(stretches, (xMm) => {
        const section = sectionAt(interior, xMm)
        return section.reduce((sum, from, edge) => {
          const to = section[(edge + 1) % section.length]!
          if (faceOf(from, to) !== face) return sum
          return (
            sum + of(Math.hypot(to[0] - from[0], to[1] - from[1]), (from[0] + to[0]) / 2, (from[1] + to[1]) / 2, xMm)
          )
        }, 0)
      })
    const mm2 = over((along) => along)
    const mean = (of: (along: number, y: number, z: number, xMm: number) => number) => (mm2 === 0 ? 0 : over(of) / mm2)
    return {
      face,
      m2: mm2 * 1e-6,
      at: [mean((along, _y, _z, xMm) => along * xMm), mean((along, y) => along * y), mean((along, _y, z) => along * z)],
    }
  })
}

/** Ceiling to be lined, in square metres. */
export const ceilingAreaM2 = (interior: Interior): number => facesM2(interior, ['roof'])
/** Walls to be lined, both sides, doors and windows in them counted, in square metres. */
export const wallAreaM2 = (interior: Interior): number => facesM2(interior, ['wall-left', 'wall-right'])
