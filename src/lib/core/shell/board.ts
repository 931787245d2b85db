import { prismsOverlap, spanLength, type Polygon, type Prism, type Vec2 } from '../geometry'
import { TOUCH_MM } from '../units'
import type { Interior } from './interior'
import { protrusionOf } from './inside'
import { heightsAt, liningTop } from './heights'
import { clearWidth } from './walls'
import type { Opening } from './shape'

export interface Board {
  readonly mm: number
  /** Straight along the vehicle, slanted in plan, or one end raised. */
  readonly lies: 'straight' | 'slanted' | 'raised'
  readonly angleDeg: number
}

const MOST_ANGLE_DEG = 44
const ANGLE_STEP_DEG = 1
const HEIGHTS = 8

/** A rectangle round a point, turned. */
function turned([u, v]: Vec2, long: number, wide: number, angleDeg: number): Polygon {
  const [c, s] = [Math.cos((angleDeg * Math.PI) / 180), Math.sin((angleDeg * Math.PI) / 180)]
  return (
    [
      [-long / 2, -wide / 2],
      [long / 2, -wide / 2],
      [long / 2, wide / 2],
      [-long / 2, wide / 2],
    ] as const
  ).map(([a, b]): Vec2 => [u + a * c - b * s, v + a * s + b * c])
}

/**
 * The longest rigid board of a section that lies in the empty lined body: along it, slanted in plan, or with one end
 * raised. Found by search, to the millimetre; each answer was tried corner by corner, so it does fit, and a longer one
 * slanted both ways at once may too. Undefined when no board of that section fits at all.
 */
export function longestBoard(interior: Interior, wideMm: number, thickMm: number): Board | undefined {
  const { xSpan } = interior
  const centre = (xSpan.min + xSpan.max) / 2
  const floor = liningTop(interior, centre)
  const roof = heightsAt(interior, centre, 0)?.max ?? floor
  const fits = (board: Prism): boolean =>
    protrusionOf(interior, board) === undefined && !interior.keepOuts.some(({ prism }) => prismsOverlap(prism, board))
  /** Boards that lie in this way at this angle, by their length. */
  type Way = { readonly lies: Board['lies']; readonly angleDeg: number; readonly make: (long: number) => Prism }
  const ways: Way[] = []
  for (const [across, high] of [
    [wideMm, thickMm],
    [thickMm, wideMm],
  ] as const) {
    for (let level = 0; level < HEIGHTS; level += 1) {
      const z0 = floor + ((roof - floor - high) * level) / HEIGHTS
      for (let angleDeg = 0; angleDeg <= MOST_ANGLE_DEG; angleDeg += ANGLE_STEP_DEG)
        ways.push({
          lies: angleDeg === 0 ? 'straight' : 'slanted',
          angleDeg,
          make: (long) => ({
            axis: 'z',
            profile: turned([centre, 0], long, across, angleDeg),
            span: { min: z0, max: z0 + high },
          }),
        })
    }
    for (let angleDeg = ANGLE_STEP_DEG; angleDeg <= MOST_ANGLE_DEG; angleDeg += ANGLE_STEP_DEG)
      ways.push({
        lies: 'raised',
        angleDeg,
        make: (long) => ({
          axis: 'y',
          profile: turned([centre, (floor + roof) / 2], long, high, angleDeg),
          span: { min: -across / 2, max: across / 2 },
        }),
      })
  }
  let best: Board | undefined
  const most = Math.hypot(spanLength(xSpan), 2400, roof - floor)
  for (const { lies, angleDeg, make } of ways) {
    let low = (best?.mm ?? Math.max(wideMm, 1)) + 1
    if (low >= most || !fits(make(low))) continue
    let high = most
    while (high - low > 0.5) {
      const long = (low + high) / 2
      if (fits(make(long))) low = long
      else high = long
    }
    best = { mm: Math.floor(low), lies, angleDeg }
  }
  return best
}

export interface ThroughDoor {
  readonly mm: number
  readonly path: 'straight' | 'slanted-in'
  /** To the wall that the door is in; 90 is square through it. */
  readonly angleDeg: number
}

const WALL_AND_SKIN_MM = 40

/**
 * The longest board that goes in through an opening: straight through a rear one; through a side one slanted, its head to
 * one end of the body, until its tail clears the jamb. One straight push and one turn inside are looked at, no more.
 * Undefined when its section does not pass.
 */
export function throughDoor(
  interior: Interior,
  opening: Opening,
  wideMm: number,
  thickMm: number,
): ThroughDoor | undefined {
  const clear = opening.toMm - opening.fromMm
  const sill = Math.max(opening.sillMm, interior.lining.floorMm + TOUCH_MM)
  const high = opening.headMm - sill
  const { xSpan } = interior
  const poses = [
    [wideMm, thickMm],
    [thickMm, wideMm],
  ].filter(([across, up]) => across! <= clear && up! <= high) as [number, number][]
  let best: ThroughDoor | undefined
  for (const [across, up] of poses) {
    if (opening.side === 'rear') {
      const foot = Math.max(sill, liningTop(interior, xSpan.min) + TOUCH_MM)
      const at = { min: foot, max: foot + up }
      const straight = clearWidth(interior, xSpan, at) >= across ? Math.floor(spanLength(xSpan)) : 0
      if (straight > (best?.mm ?? 0)) best = { mm: straight, path: 'straight', angleDeg: 90 }
      continue
    }
    if (opening.side === 'roof') continue
    const jambs = { min: Math.max(opening.fromMm, xSpan.min), max: Math.min(opening.toMm, xSpan.max) }
    const room = clearWidth(interior, jambs, { min: sill, max: sill + up })
    const reach = Math.max(jambs.max - xSpan.min, xSpan.max - jambs.min)
    const wall = interior.lining.wallMm + WALL_AND_SKIN_MM
    for (let angleDeg = 90; angleDeg >= 1; angleDeg -= 0.25) {
      const [s, c] = [Math.sin((angleDeg * Math.PI) / 180), Math.cos((angleDeg * Math.PI) / 180)]
      if (spanLength(jambs) * s < across + wall * c) break
      const toFarWall = (room - across * c) / s
      const toTheEnd = c < 1e-9 ? Infinity : (reach - across * s) / c
      const mm = Math.floor(Math.min(toFarWall, toTheEnd))
      if (mm > (best?.mm ?? 0)) best = { mm, path: angleDeg === 90 ? 'straight' : 'slanted-in', angleDeg }
    }
  }
  return best
}
