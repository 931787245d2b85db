import {
  longestRectangle,
  polygonSpan,
  prismBounds,
  prismsOverlap,
  rectangle,
  signedArea,
  spanLength,
  spanMiddle,
  spansOverlap,
  summit,
  type Polygon,
  type Prism,
  type Span,
  type Vec2,
} from '../geometry'
import { TOUCH_MM } from '../units'
import { heightsAt, liningTop, lowestRoof } from './heights'
import { protrusionOf } from './inside'
import type { Interior } from './interior'
import { wallReach } from './walls'

export interface Board {
  readonly mm: number
  /** Straight along the vehicle, slanted in plan, or one end raised. */
  readonly lies: 'straight' | 'slanted' | 'raised'
  readonly angleDeg: number
}

const MOST_ANGLE_DEG = 60
const ANGLE_STEP_DEG = 2
const HEIGHTS = 5
/** What is found in coarse steps is at least so much of what is found in fine ones. */
const COARSE_SHARE = 0.985
/** Below this a better angle or height makes no millimetre. */
const FINEST_DEG = 0.02
const FINEST_MM = 1

/** A convex room and what of it is not there: what the body lacks of its own hull, and what stands in it. */
interface Room {
  readonly hull: Polygon
  readonly obstacles: readonly Polygon[]
}

/** Beyond any body. */
const FAR_MM = 20_000

/** The room between a lower and an upper line over the same stops, as its hull and what the lines leave out of that. */
function roomBetween(lower: readonly Vec2[], upper: readonly Vec2[]): Room | undefined {
  if (lower.length < 2 || lower.some(([x, y], index) => y >= upper[index]![1] || x !== upper[index]![0]))
    return undefined
  const [under, over] = [chain(lower, 1), chain(upper, -1)]
  const below = lower.slice(1).map((to, index): Polygon => {
    const from = lower[index]!
    return [[from[0], -FAR_MM], [to[0], -FAR_MM], to, from]
  })
  const above = upper.slice(1).map((to, index): Polygon => {
    const from = upper[index]!
    return [from, to, [to[0], FAR_MM], [from[0], FAR_MM]]
  })
  const obstacles = [
    ...(under.length === lower.length ? [] : below),
    ...(over.length === upper.length ? [] : above),
  ].filter((polygon) => signedArea(polygon) > TOUCH_MM)
  return { hull: [...under, ...[...over].reverse()], obstacles }
}

/** The corners of a line that bends one way only: of its hull from below (1) or from above (−1). */
function chain(points: readonly Vec2[], sign: 1 | -1): readonly Vec2[] {
  const kept: Vec2[] = []
  for (const point of points) {
    while (kept.length > 1) {
      const [a, b] = [kept[kept.length - 2]!, kept[kept.length - 1]!]
      const bend = (b[0] - a[0]) * (point[1] - a[1]) - (b[1] - a[1]) * (point[0] - a[0])
      if (bend * sign >= -1e-6) break
      kept.pop()
    }
    kept.push(point)
  }
  return kept
}

/** Where along the body its plan and its side can bend or step. */
function stopsOf({ xSpan, sections, pockets }: Interior): readonly number[] {
  const PAST_MM = 2 * TOUCH_MM
  const inner = [
    ...sections.map(({ xMm }) => xMm),
    ...pockets.flatMap(({ x }) => [x.min, x.min + PAST_MM, x.max - PAST_MM, x.max]),
  ]
  return [...new Set([xSpan.min, ...inner.filter((x) => x > xSpan.min && x < xSpan.max), xSpan.max])].sort(
    (a, b) => a - b,
  )
}

/** The body from above over a height band, and what stands in that. */
function planRoom(interior: Interior, band: Span): Room | undefined {
  const runs: { readonly x: number; readonly right: number; readonly left: number }[][] = [[]]
  for (const x of stopsOf(interior)) {
    const at = { min: x, max: x }
    const [right, left] = [wallReach(interior, 'right', at, band), wallReach(interior, 'left', at, band)]
    if (right === undefined || left === undefined) runs.push([])
    else runs[runs.length - 1]!.push({ x, right: -right.tightMm, left: left.tightMm })
  }
  // between two raised roofs there is nothing to lie in
  const lengthOf = (run: (typeof runs)[number]): number => (run[run.length - 1]?.x ?? 0) - (run[0]?.x ?? 0)
  const walls = runs.reduce((most, run) => (lengthOf(run) > lengthOf(most) ? run : most))
  return withKeepOuts(
    interior,
    roomBetween(
      walls.map(({ x, right }): Vec2 => [x, right]),
      walls.map(({ x, left }): Vec2 => [x, left]),
    ),
    ({ y, z, x }) => (spansOverlap(z, band) ? [x, y] : undefined),
  )
}

/** The body from the side over a strip across, and what stands in that. */
function sideRoom(interior: Interior, strip: Span): Room | undefined {
  const heights = stopsOf(interior).flatMap((x) => {
    const roof = lowestRoof(interior, { min: x, max: x }, strip)
    return roof === undefined ? [] : [{ x, floor: liningTop(interior, x), roof }]
  })
  return withKeepOuts(
    interior,
    roomBetween(
      heights.map(({ x, floor }): Vec2 => [x, floor]),
      heights.map(({ x, roof }): Vec2 => [x, roof]),
    ),
    ({ x, y, z }) => (spansOverlap(y, strip) ? [x, z] : undefined),
  )
}

function withKeepOuts(
  { keepOuts }: Interior,
  room: Room | undefined,
  seen: (bounds: ReturnType<typeof prismBounds>) => readonly [Span, Span] | undefined,
): Room | undefined {
  if (room === undefined) return undefined
  const standing = keepOuts.flatMap(({ prism }): Polygon[] => {
    const spans = seen(prismBounds(prism))
    return spans === undefined ? [] : [rectangle(spans[0].min, spans[1].min, spans[0].max, spans[1].max)]
  })
  return { hull: room.hull, obstacles: [...room.obstacles, ...standing] }
}

/** A rectangle round a point, turned. */
function turned([u, v]: Vec2, long: number, wide: number, angleDeg: number): Polygon {
  const [c, s] = [Math.cos((angleDeg * Math.PI) / 180), Math.sin((angleDeg * Math.PI) / 180)]
  return rectangle(-long / 2, -wide / 2, long / 2, wide / 2).map(([a, b]): Vec2 => [
    u + a * c - b * s,
    v + a * s + b * c,
  ])
}

interface Lying {
  readonly mm: number
  readonly lies: 'slanted' | 'raised'
  readonly angleDeg: number
  readonly make: (long: number) => Prism
}

/**
 * The longest rigid board of a section that lies in the empty lined body: along it, slanted in plan, or with one end
 * raised over its middle. For each height and slant the longest is found exactly; heights and slants are searched in steps and then
 * finely round the best. It was tried corner by corner, so it does fit; a longer one slanted both ways at once may too. Undefined when
 * no board of that section fits at all.
 */
export function longestBoard(interior: Interior, wideMm: number, thickMm: number): Board | undefined {
  const centre = spanMiddle(interior.xSpan)
  const floor = liningTop(interior, centre)
  const roof = heightsAt(interior, centre, 0)?.max ?? floor
  let best: Lying | undefined
  const sections =
    wideMm === thickMm
      ? [[wideMm, thickMm]]
      : [
          [wideMm, thickMm],
          [thickMm, wideMm],
        ]
  // what is found quickly first: what cannot come near it is not looked at finely
  for (const [across, high] of sections as [number, number][])
    best = better(best, raised(interior, across, high, best?.mm ?? 0))
  for (const [across, high] of sections as [number, number][])
    best = better(best, slanted(interior, across, high, { min: floor, max: roof - high }, best?.mm ?? 0))
  if (best === undefined) return undefined
  const mm = Math.floor(proved(interior, best) + TOUCH_MM)
  const straight = Math.abs(best.angleDeg) < FINEST_DEG
  return mm < 1
    ? undefined
    : { mm, lies: straight ? 'straight' : best.lies, angleDeg: straight ? 0 : Math.round(Math.abs(best.angleDeg)) }
}

const better = (a: Lying | undefined, b: Lying | undefined): Lying | undefined =>
  a === undefined || (b !== undefined && b.mm > a.mm) ? b : a

/** What of a found length does fit, tried as a solid: faces that twist between stations can take a little more. */
function proved(interior: Interior, { mm, make }: Lying): number {
  const fits = (long: number): boolean => {
    const board = make(long)
    return (
      protrusionOf(interior, board) === undefined && !interior.keepOuts.some(({ prism }) => prismsOverlap(prism, board))
    )
  }
  if (fits(mm)) return mm
  let [low, high] = [0, mm]
  while (high - low > TOUCH_MM) {
    const long = (low + high) / 2
    if (fits(long)) low = long
    else high = long
  }
  return low
}

const ANGLES = Array.from(
  { length: (2 * MOST_ANGLE_DEG) / ANGLE_STEP_DEG + 1 },
  (_, index) => index * ANGLE_STEP_DEG - MOST_ANGLE_DEG,
).sort((a, b) => Math.abs(a) - Math.abs(b))

/** Level boards at every height from `range.min` to `range.max`, turned in plan. */
function slanted(interior: Interior, across: number, high: number, range: Span, atLeast: number): Lying | undefined {
  if (!(range.max >= range.min)) return undefined
  let best: (Lying & { readonly z: number }) | undefined
  const worthALook = atLeast * COARSE_SHARE
  const look = (z: number, angles: readonly number[]): boolean => {
    const band = { min: z, max: z + high }
    const room = z < range.min || z > range.max ? undefined : planRoom(interior, band)
    if (room === undefined) return false
    let found = false
    // a body that is alike on both sides takes a board either way round
    const both = room.obstacles.length > 0 || interior.shell.stations.some(({ right }) => right !== undefined)
    for (const angleDeg of angles) {
      if (angleDeg < 0 && !both) continue
      const one = longestRectangle(room.hull, room.obstacles, across, angleDeg, best?.mm ?? worthALook)
      if (one === undefined) continue
      found = true
      best = {
        mm: one.length,
        lies: 'slanted',
        angleDeg,
        z,
        make: (long) => ({ axis: 'z', profile: turned(one.centre, long, across, angleDeg), span: band }),
      }
    }
    return found
  }
  const { polygon } = interior.sections[Math.floor(interior.sections.length / 2)]!
  const [, widest] = polygon.reduce((most, corner) => (corner[0] > most[0] ? corner : most))
  const tops = interior.keepOuts.map(({ prism }) => prismBounds(prism).z.max)
  const levels = [
    ...Array.from({ length: HEIGHTS }, (_, index) => range.min + ((range.max - range.min) * index) / (HEIGHTS - 1)),
    ...[widest, widest - high / 2, ...tops],
  ].filter((z) => z >= range.min && z <= range.max)
  // rounded, so that heights which differ by a hair are looked at once
  for (const z of new Set(levels.map((level) => Math.ceil(level)))) look(Math.min(z, range.max), ANGLES)
  const coarse = best
  if (coarse === undefined) return undefined
  const spacing = (range.max - range.min) / (HEIGHTS - 1)
  const mostAt = (z: number): number => {
    const room = planRoom(interior, { min: z, max: z + high })
    if (room === undefined) return 0
    const lengthAt = (angleDeg: number) => longestRectangle(room.hull, room.obstacles, across, angleDeg)?.length ?? 0
    const angleDeg = summit(
      lengthAt,
      coarse.angleDeg - 2 * ANGLE_STEP_DEG,
      coarse.angleDeg + 2 * ANGLE_STEP_DEG,
      FINEST_DEG,
    )
    look(z, [angleDeg])
    return lengthAt(angleDeg)
  }
  summit(mostAt, Math.max(range.min, coarse.z - spacing), Math.min(range.max, coarse.z + spacing), FINEST_MM)
  return best
}

/** Boards over the middle of the body with one end raised. */
function raised(interior: Interior, across: number, high: number, atLeast: number): Lying | undefined {
  const strip = { min: -across / 2, max: across / 2 }
  const room = sideRoom(interior, strip)
  if (room === undefined || spanLength(polygonSpan(room.hull, 1)) < high) return undefined
  let best: Lying | undefined
  const look = (angleDeg: number): boolean => {
    const one = longestRectangle(room.hull, room.obstacles, high, angleDeg, best?.mm ?? atLeast)
    if (one === undefined) return false
    best = {
      mm: one.length,
      lies: 'raised',
      angleDeg,
      make: (long) => ({ axis: 'y', profile: turned(one.centre, long, high, angleDeg), span: strip }),
    }
    return true
  }
  for (const angleDeg of ANGLES) look(angleDeg)
  if (best === undefined) return undefined
  const { angleDeg }: Lying = best
  const lengthAt = (angle: number) => longestRectangle(room.hull, room.obstacles, high, angle)?.length ?? 0
  look(summit(lengthAt, angleDeg - ANGLE_STEP_DEG, angleDeg + ANGLE_STEP_DEG, FINEST_DEG))
  return best
}
