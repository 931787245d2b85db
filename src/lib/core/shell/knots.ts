import type { Span, Vec2 } from '../geometry'
import type { Interior, Section } from './interior'

/** Where a pocket begins or ends, a drawing shows the body change over this length, within the pocket: at its edge the tighter side counts. */
const STEP_MM = 1

/** The x-values within a range at which the drawn outline of a body bends or steps, its ends with them. */
export function knots(interior: Interior, along: Span): readonly number[] {
  const stops = interior.sections.map((section) => section.xMm)
  for (const { x } of interior.pockets) stops.push(x.min, x.min + STEP_MM, x.max - STEP_MM, x.max)
  const inner = stops.filter((x) => x > along.min && x < along.max)
  return [along.min, ...(interior.pockets.length === 0 ? inner : inner.sort((a, b) => a - b)), along.max]
}

/** Whether two sections’ corners lie at the same heights (axis 1) or as far out (axis 0): then the faces between are linear. */
const sameAlong = (before: Section, after: Section, axis: 0 | 1): boolean =>
  before.polygon.every((corner, index) => Math.abs(corner[axis] - after.polygon[index]![axis]) < 1e-9)

interface Pair {
  readonly before: Section
  readonly after: Section
  /** By axis, whether what is asked at a fixed value of it is linear between the two. */
  readonly linear: readonly [boolean, boolean]
}

const knownPairs = new WeakMap<Interior, readonly Pair[]>()

function pairsOf(interior: Interior): readonly Pair[] {
  const known = knownPairs.get(interior)
  if (known !== undefined) return known
  const { sections } = interior
  const pairs = sections.slice(1).map((after, index): Pair => {
    const before = sections[index]!
    return { before, after, linear: [sameAlong(before, after, 0), sameAlong(before, after, 1)] }
  })
  knownPairs.set(interior, pairs)
  return pairs
}

/**
 * The x-values within a range between which the crossing of a body’s faces with a plane at a fixed height (axis 1) or a fixed
 * distance from the centreline (axis 0) has no extreme: the ends, the stations, and where between two stations of unlike corners a
 * corner comes through the plane or the twisted face turns back.
 */
export function turnsAt(interior: Interior, along: Span, axis: 0 | 1, at: readonly number[]): readonly number[] {
  const stops = [along.min]
  for (const { before, after, linear } of pairsOf(interior)) {
    const [from, to] = [Math.max(along.min, before.xMm), Math.min(along.max, after.xMm)]
    if (before.xMm > along.min && before.xMm < along.max) stops.push(before.xMm)
    if (linear[axis] || to <= from) continue
    const inner: number[] = []
    for (const value of at)
      for (const t of bendsBetween(before.polygon, after.polygon, axis, value)) {
        const x = before.xMm + (after.xMm - before.xMm) * t
        if (x > from && x < to) inner.push(x)
      }
    stops.push(...inner.sort((a, b) => a - b))
  }
  const last = interior.sections[interior.sections.length - 1]!.xMm
  if (last > along.min && last < along.max) stops.push(last)
  stops.push(along.max)
  return stops
}

/** Shares of the way from one section to the next at which its crossing with a plane bends or turns back. */
function bendsBetween(a: readonly Vec2[], b: readonly Vec2[], axis: 0 | 1, value: number): readonly number[] {
  const other = axis === 0 ? 1 : 0
  const found: number[] = []
  for (let index = 0; index < a.length; index += 1) {
    const next = index + 1 === a.length ? 0 : index + 1
    // the edge’s two corners on the axis, and across it, each as value and change from one section to the next
    const [z0, z1] = [a[index]![axis], a[next]![axis]]
    const [dz0, dz1] = [b[index]![axis] - z0, b[next]![axis] - z1]
    if (dz0 !== 0) found.push((value - z0) / dz0)
    const [y0, y1] = [a[index]![other], a[next]![other]]
    const [dy0, dy1] = [b[index]![other] - y0, b[next]![other] - y1]
    // crossing = (y0·D + (value − z0)·(y1 − y0)) / D with D = z1 − z0, all linear in t: a quotient n/e that turns where n′e = ne′
    const [e0, e1] = [z1 - z0, dz1 - dz0]
    const n0 = y0 * e0 + (value - z0) * (y1 - y0)
    const n1 = dy0 * e0 + y0 * e1 - dz0 * (y1 - y0) + (value - z0) * (dy1 - dy0)
    const n2 = dy0 * e1 - dz0 * (dy1 - dy0)
    found.push(...roots(n2 * e1, 2 * n2 * e0, n1 * e0 - n0 * e1))
  }
  return found.filter((t) => t > 0 && t < 1)
}

/** Real roots of a·t² + b·t + c; none where it is constant. */
function roots(a: number, b: number, c: number): readonly number[] {
  if (Math.abs(a) < 1e-12) return Math.abs(b) < 1e-12 ? [] : [-c / b]
  const inside = b * b - 4 * a * c
  if (inside < 0) return []
  const root = Math.sqrt(inside)
  return [(-b - root) / (2 * a), (-b + root) / (2 * a)]
}

/**
 * The share of the way from one section to the next at which a point fixed in (y, z) lies furthest out of an edge that twists
 * between them; undefined where that is at an end.
 */
export function furthestOut(before: Section, after: Section, edge: number, [y, z]: Vec2): number | undefined {
  const next = edge + 1 === before.polygon.length ? 0 : edge + 1
  const [p, q] = [before.polygon[edge]!, before.polygon[next]!]
  const [dp, dq] = [
    [after.polygon[edge]![0] - p[0], after.polygon[edge]![1] - p[1]] as const,
    [after.polygon[next]![0] - q[0], after.polygon[next]![1] - q[1]] as const,
  ]
  const [ey, ez] = [q[0] - p[0], q[1] - p[1]]
  const [fy, fz] = [dq[0] - dp[0], dq[1] - dp[1]]
  // out = (ez + fz·t)(y − py − dpy·t) − (ey + fy·t)(z − pz − dpz·t)
  const square = fy * dp[1] - fz * dp[0]
  const slope = fz * (y - p[0]) - ez * dp[0] - fy * (z - p[1]) + ey * dp[1]
  if (!(square < -1e-12)) return undefined
  const t = -slope / (2 * square)
  return t > 0 && t < 1 ? t : undefined
}
