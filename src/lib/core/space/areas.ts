import { sectionAt, type Interior, knots, liningTop, wallsAt } from '../shell'
import { area, intersectConvex, prismBounds, sliceAtX, spanLength, type Polygon, type Span } from '../geometry'
import { TOUCH_MM } from '../units'

/** Simpson's rule between stations: exact for what is quadratic there, as areas of linear sections are. */
function integrate(interior: Interior, along: Span, of: (xMm: number) => number): number {
  const stops = knots(interior, along)
  let sum = 0
  for (let index = 1; index < stops.length; index += 1) {
    const [from, to] = [stops[index - 1]!, stops[index]!]
    sum += ((to - from) / 6) * (of(from) + 4 * of((from + to) / 2) + of(to))
  }
  return sum
}

/** The part of the load space that a keep-out takes along the body; undefined where it takes none. */
function within(interior: Interior, { min, max }: Span): Span | undefined {
  const along = { min: Math.max(min, interior.xSpan.min), max: Math.min(max, interior.xSpan.max) }
  return along.max > along.min ? along : undefined
}

/** Air in the lined body in cubic metres, without what stands proud of it. */
export function volumeM3(interior: Interior): number {
  const air = integrate(interior, interior.xSpan, (x) => area(sectionAt(interior, x)) + pocketArea(interior, x))
  const solid = interior.keepOuts.reduce((sum, { prism }) => {
    const along = within(interior, prismBounds(prism).x)
    const cutAt = (x: number): number => {
      const slice = sliceAtX(prism, x)
      const cut: Polygon = slice.length < 3 ? [] : intersectConvex(slice, sectionAt(interior, x))
      return cut.length < 3 ? 0 : area(cut)
    }
    return along === undefined ? sum : sum + integrate(interior, along, cutAt)
  }, 0)
  return (air - solid) * 1e-9
}

function pocketArea(interior: Interior, xMm: number): number {
  const here = interior.pockets.filter(({ x }) => xMm >= x.min && xMm <= x.max)
  const walls = here.reduce((sum, pocket) => sum + (pocket.kind === 'wall' ? pocket.byMm * spanLength(pocket.z) : 0), 0)
  // strips of a roof lie in one another: each adds what it is higher by than the next wider one
  const strips = here
    .flatMap((pocket) => (pocket.kind === 'roof' ? [pocket] : []))
    .sort((a, b) => spanLength(b.y) - spanLength(a.y))
  const roof = strips.reduce(
    (sum, { y, byMm }, index) => sum + spanLength(y) * (byMm - (strips[index - 1]?.byMm ?? 0)),
    0,
  )
  return walls + roof
}

/** Floor that can be stood on, in square metres, without what stands on it. */
export function floorAreaM2(interior: Interior): number {
  const whole = integrate(interior, interior.xSpan, (x) => {
    const floor = liningTop(interior, x)
    const walls = wallsAt(interior, x, floor)
    return walls === undefined ? 0 : spanLength(walls)
  })
  const taken = interior.keepOuts.reduce((sum, { prism }) => {
    const { x, y, z } = prismBounds(prism)
    const along = within(interior, x)
    if (along === undefined || z.min > interior.lining.floorMm + TOUCH_MM || z.max <= interior.lining.floorMm)
      return sum
    const middle = (along.min + along.max) / 2
    const walls = wallsAt(interior, middle, liningTop(interior, middle)) ?? y
    return sum + spanLength(along) * Math.max(0, Math.min(y.max, walls.max) - Math.max(y.min, walls.min))
  }, 0)
  return (whole - taken) * 1e-6
}

/** Ceiling to be lined, in square metres: the faces that are roof by their slope, measured round their curve. */
export const ceilingAreaM2 = (interior: Interior): number =>
  integrate(interior, interior.xSpan, (x) => {
    const section = sectionAt(interior, x)
    return section.reduce((sum, from, edge) => {
      const to = section[(edge + 1) % section.length]!
      return interior.faces[edge] === 'roof' ? sum + Math.hypot(to[0] - from[0], to[1] - from[1]) : sum
    }, 0)
  }) * 1e-6
