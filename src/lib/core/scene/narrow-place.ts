import { nth } from '../units'
import { cellCentre, convexContains, type Obstacles, type Polygon, polygonSpan, type Vec2 } from '../geometry'
import type { WayGround, WaySide } from './way-ground'

/** The way along which a place lies: square to the nearest thing beside it. */
function alongAt({ field: { obstacles } }: WayGround, [x, y]: Vec2, near: readonly number[]): Vec2 {
  let nearest = nth(near, 0)
  let least = Infinity
  for (const index of near) {
    const distance = obstacles.countedTo(index, x, y)
    if (distance < least) [nearest, least] = [index, distance]
  }
  const dx = obstacles.distanceTo(nearest, x + 1, y) - obstacles.distanceTo(nearest, x - 1, y)
  const dy = obstacles.distanceTo(nearest, x, y + 1) - obstacles.distanceTo(nearest, x, y - 1)
  const length = Math.hypot(dx, dy) || 1
  return [-dy / length, dx / length]
}

/** A place of a way, and how far the nearest thing is from it. */
export interface Saddle {
  readonly distance: number
  readonly at: Vec2
}

/** Large steps across a way, in search of its middle. */
const ACROSS_MM = 5
/** A place that is so many cells wider aside of what is near is open to that side. */
const FAR_OFF_CELLS = 3
/** How often a step of a cell is taken aside from what is near, to find the middle between it and what is opposite. */
const MOST_STEPS_ASIDE = 12

/**
 * The middle between what is near a place and what is opposite; undefined where it is open to that side: a way that runs close
 * by something is not narrow there, for one may walk further off. `enoughMm` is how far is far off.
 */
function middleNear(ground: WayGround, start: Vec2, enoughMm: number): Vec2 | undefined {
  const { grid, obstacles } = ground.field
  let centre = start
  for (let step = 0; step < MOST_STEPS_ASIDE; step += 1) {
    const near = obstacles.within(centre[0], centre[1], grid.cellMm * 2)
    const [ax, ay] = alongAt(ground, centre, near)
    const aside = (n: number): Vec2 => [centre[0] - ay * n, centre[1] + ax * n]
    const here = obstacles.distance(centre[0], centre[1], near)
    const [left, right] = [aside(grid.cellMm), aside(-grid.cellMm)].map((at) => ({
      at,
      distance: obstacles.distance(at[0], at[1], near),
    })) as [{ at: Vec2; distance: number }, { at: Vec2; distance: number }]
    const better = left.distance > right.distance ? left : right
    if (better.distance <= here) return centre
    if (better.distance > enoughMm) return undefined
    centre = better.at
  }
  return centre
}

/**
 * The true narrowest place near a narrowest cell. The saddle of the distance field lies within a cell of it: the least
 * along the way of the greatest across it, searched to the millimetre. Nothing is narrow that is open to one side.
 */
export function saddleNear(ground: WayGround, path: readonly number[], index: number): Saddle {
  const { grid, obstacles } = ground.field
  const start = cellCentre(grid, nth(path, index))
  const centre = middleNear(ground, start, nth(ground.field.mm, nth(path, index)) + FAR_OFF_CELLS * grid.cellMm)
  if (centre === undefined) return { distance: Infinity, at: start }
  const near = obstacles.within(centre[0], centre[1], grid.cellMm * 2)
  const along = alongAt(ground, centre, near)
  const reach = grid.cellMm * 1.5
  let least: Saddle = { distance: Infinity, at: centre }
  for (let s = index === 0 ? 0 : -reach; s <= reach; s += 3) {
    const aside = (n: number): Vec2 => [
      centre[0] + along[0] * s - along[1] * n,
      centre[1] + along[1] * s + along[0] * n,
    ]
    // across the way it rises to the middle and falls: sought in large steps, then in small ones
    let middle = 0
    let distance = -1
    const seek = (from: number, to: number, step: number) => {
      for (let n = from; n <= to; n += step) {
        const [x, y] = aside(n)
        const there = obstacles.distance(x, y, near)
        if (there > distance) [distance, middle] = [there, n]
      }
    }
    seek(-grid.cellMm, grid.cellMm, ACROSS_MM)
    seek(middle - ACROSS_MM + 1, middle + ACROSS_MM - 1, 1)
    seek(middle - 0.75, middle + 0.75, 0.25)
    if (distance < least.distance) least = { distance, at: aside(middle) }
  }
  return least
}

/** The best place to stand is found to this. */
const STAND_MM = 0.5

/** The best place to stand near a cell of a place of use: nothing beyond the place counts, one need not go there. */
export function bestNear(ground: WayGround, zone: Polygon, cell: number): Saddle {
  const { grid, obstacles } = ground.field
  const [x, y] = cellCentre(grid, cell)
  const near = obstacles.within(x, y, grid.cellMm * 2)
  const [across, up] = [polygonSpan(zone, 0), polygonSpan(zone, 1)]
  let most: Saddle = { distance: obstacles.distance(x, y, near), at: [x, y] }
  // no place in a square is further off than its middle and half its diagonal: what cannot be better is not divided
  const look = (cx: number, cy: number, half: number): void => {
    const beyond = cx - half > across.max || cx + half < across.min || cy - half > up.max || cy + half < up.min
    if (beyond) return
    const distance = obstacles.distance(cx, cy, near)
    if (distance > most.distance && convexContains(zone, [cx, cy])) most = { distance, at: [cx, cy] }
    // out of an obstacle one is at once as far off as it spares
    const bound = (distance === 0 ? obstacles.mostSpare : distance) + half * Math.SQRT2
    if (half * 2 <= STAND_MM || bound <= most.distance + STAND_MM / 2) return
    const step = half / 2
    for (const dx of [-step, step]) for (const dy of [-step, step]) look(cx + dx, cy + dy, step)
  }
  look(x, y, grid.cellMm)
  return most
}

/** The lower thing that is nearer to a place than its narrowest side counts, if there is one. */
function underfoot(
  obstacles: Obstacles,
  [x, y]: Vec2,
  within: number,
): { readonly index: number; readonly distance: number; readonly spareMm: number } | undefined {
  let nearest: { index: number; distance: number; spareMm: number } | undefined
  for (const [index, spareMm] of obstacles.spare.entries()) {
    if (spareMm === 0) continue
    const distance = obstacles.distanceTo(index, x, y)
    if (distance < Math.min(within, nearest?.distance ?? Infinity)) nearest = { index, distance, spareMm }
  }
  return nearest
}

/** What stands on either side of a narrow place, what each spares, and what a tape measures between. */
interface Sides {
  readonly between: readonly WaySide[]
  readonly spareMm: readonly [number, number]
  readonly gapMm: number
}

/**
 * What stands on either side of a narrow place, what it spares, and what a tape measures between: those that count as near as the
 * nearest, within a hair. Where that is one alone, one stands on the edge of a lower thing that spares more than there is room: it is
 * the other side.
 */
export function sidesOf({ owners, field: { obstacles } }: WayGround, at: Vec2, distance: number): Sides {
  const near = new Map<string, { readonly owner: WaySide; readonly counted: number; readonly spareMm: number }>()
  owners.forEach((owner, index) => {
    const counted = obstacles.countedTo(index, at[0], at[1])
    const key = `${owner.kind} ${owner.id}`
    // of a thing of several parts the nearest counts
    if (counted > distance + 3 || counted >= (near.get(key)?.counted ?? Infinity)) return
    near.set(key, { owner, counted, spareMm: nth(obstacles.spare, index) })
  })
  const sides = [...near.values()].slice(0, 2)
  const [one, other] = [sides[0]?.spareMm ?? 0, sides.at(-1)?.spareMm ?? 0]
  const gap = (mm: number) => Math.max(0, Math.round(mm))
  const under = sides.length === 1 ? underfoot(obstacles, at, distance) : undefined
  return under === undefined
    ? {
        between: sides.map(({ owner }) => owner),
        spareMm: [one, other],
        gapMm: gap(Math.round(2 * distance) - one - other),
      }
    : {
        between: [nth(sides, 0).owner, nth(owners, under.index)],
        spareMm: [one, under.spareMm],
        gapMm: gap(distance - one + under.distance),
      }
}

/** Widths that differ by less are one. */
const ALIKE_MM = 0.01
/** Along a passage of one width a place is looked at every so many cells: it may be open to one side where it begins. */
const EVERY_CELLS = 12

/**
 * Where a way is narrower than before and after, and where it ends: a cell off the true saddle may seem wider or narrower. Of a passage of one width both ends and some between.
 */
export function narrowPlaces(path: readonly number[], width: Float64Array): number[] {
  const at = (index: number): number => (index < 0 || index >= path.length ? Infinity : nth(width, nth(path, index)))
  const last = path.length - 1
  const found: number[] = []
  for (let first = 0; first <= last;) {
    let end = first
    while (end < last && Math.abs(at(end + 1) - at(first)) < ALIKE_MM) end += 1
    // where it ends one stands as well as one can: that is looked for there
    if (end === last) found.push(last)
    else if (at(first) < at(first - 1) && at(end) < at(end + 1)) {
      for (let index = first; index < end; index += EVERY_CELLS) found.push(index)
      found.push(end)
    }
    first = end + 1
  }
  return found
}
