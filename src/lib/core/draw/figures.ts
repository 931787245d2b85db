import type { Vec2 } from '../geometry'
import { bodyMm } from '../people'
import { path, type Item } from './display'

const HEAD_RATIO = 0.72

/** An ellipse as a polygon. */
const ellipse = (x: number, y: number, rx: number, ry: number): Vec2[] =>
  Array.from({ length: 20 }, (_, step): Vec2 => [
    x + rx * Math.cos((step * Math.PI) / 10),
    y + ry * Math.sin((step * Math.PI) / 10),
  ])

/** How deep a trunk is as a share of stature, and how much of that lies behind its middle. */
const TRUNK_DEEP = 0.12
const TRUNK_BACK = 0.6 * TRUNK_DEEP

/** The silhouette of a standing body seen from in front, feet at (0, 0), head up; outlines in mm. */
function upright(statureMm: number): readonly (readonly Vec2[])[] {
  const at = (fraction: Parameters<typeof bodyMm>[1]) => bodyMm(statureMm, fraction)
  const shoulder = at('shoulderBreadth') / 2
  const hip = at('hipBreadth') / 2
  const crotch = at('hip') * 0.9
  const wrist = at('shoulder') - at('upperArm') - at('forearm')
  const head = (statureMm - at('chin')) / 2
  const arm = shoulder * 0.3
  const neck = head * 0.5
  const half: Vec2[] = [
    [neck, at('chin')],
    [neck, at('shoulder') + head * 0.35],
    [shoulder * 0.85, at('shoulder')],
    [shoulder, at('shoulder') - arm],
    [shoulder, wrist],
    [shoulder - arm * 0.3, wrist - at('hand') * 0.9],
    [shoulder - arm, wrist],
    [shoulder - arm * 1.05, at('elbow')],
    [hip * 0.92, at('elbow')],
    [hip, at('hip')],
    [hip * 0.85, at('knee')],
    [hip * 0.62, statureMm * 0.03],
    [hip * 0.7, 0],
    [hip * 0.12, 0],
    [hip * 0.14, at('knee')],
    [0, crotch],
  ]
  const mirrored = half
    .slice(0, -1)
    .reverse()
    .map(([x, y]): Vec2 => [-x, y])
  return [[...half, ...mirrored], ellipse(0, statureMm - head, head * HEAD_RATIO, head)]
}

/**
 * The silhouette of a sitting body from its side, facing +x; the seat's top behind the knees is at (0, 0), the floor so far below it. On a low seat
 * the legs go forward.
 */
function seated(statureMm: number, floorBelowMm: number): readonly (readonly Vec2[])[] {
  const at = (fraction: Parameters<typeof bodyMm>[1]) => bodyMm(statureMm, fraction)
  const thigh = at('hip') - at('knee')
  const back = -thigh
  const sitting = at('sittingHeight')
  const head = (statureMm - at('chin')) / 2
  const deep = statureMm * TRUNK_DEEP
  const long = at('knee')
  const shin = Math.min(long, floorBelowMm)
  const ahead = Math.sqrt(long * long - shin * shin)
  const body: Vec2[] = [
    [back - deep * 0.4, sitting - 2.2 * head],
    [back - deep * 0.6, sitting * 0.45],
    [back - deep * 0.5, 0],
    [-statureMm * 0.02, 0],
    [ahead - statureMm * 0.03, -shin + statureMm * 0.04],
    [ahead - statureMm * 0.03, -shin],
    [ahead + at('footLength') * 0.75, -shin],
    [ahead + statureMm * 0.05, -shin + statureMm * 0.05],
    [statureMm * 0.04, statureMm * 0.06],
    [back + deep * 0.6, statureMm * 0.085],
    [back + deep * 0.45, sitting - 2.8 * head],
  ]
  return [body, ellipse(back, sitting - head, head * HEAD_RATIO * 1.1, head)]
}

const drawn = (outlines: readonly (readonly Vec2[])[], place: (point: Vec2) => Vec2): readonly Item[] =>
  outlines.map((outline) => path(outline.map(place), 'hair', 'figure'))

export const standingFigure = (statureMm: number, [x, y]: Vec2): readonly Item[] =>
  drawn(upright(statureMm), ([u, v]) => [x + u, y + v])

/** Lying from `head` in `direction` (unit vector from head to feet) in plan. */
export const lyingFigure = (statureMm: number, [x, y]: Vec2, [dx, dy]: Vec2): readonly Item[] =>
  drawn(upright(statureMm), ([u, v]) => [x + dx * (statureMm - v) - dy * u, y + dy * (statureMm - v) + dx * u])

/** From the back of one who sits to the hollow of the knees, mm. */
export const leaningAhead = (statureMm: number): number =>
  bodyMm(statureMm, 'hip') - bodyMm(statureMm, 'knee') + statureMm * TRUNK_BACK

/** Sitting with the front edge of the seat at (x, y) and the floor so far below it, facing +x or −x. */
export const sittingFigure = (
  statureMm: number,
  [x, y]: Vec2,
  facing: 1 | -1,
  floorBelowMm = Infinity,
): readonly Item[] => drawn(seated(statureMm, floorBelowMm), ([u, v]) => [x + u * facing, y + v])
