import { nth } from '../units'
import { cellCentre, type Span, spanMiddle, type Vec2 } from '../geometry'
import { liningTop, wallsAt } from '../shell'
import type { Scene } from './scene'
import { STEP_OVER_MM, type WayGround } from './way-ground'

/** Steps to all sides: one that is held from two sides gives way only aslant. */
const AROUND = [-1, 0, 1].flatMap((right) => [-1, 0, 1].map((up) => [right, up] as const))

/** Of so many cells one is looked at first. */
const FEW_CELLS = 37

/** The largest circle that is free of obstacles inside the body, sought on the grid and then to the millimetre. */
export function largestCircle(
  scene: Scene,
  { field: { grid, mm, obstacles } }: WayGround,
): { readonly mm: number; readonly at: Vec2 } {
  const { xSpan } = scene.interior
  const wallsAlong = new Map<number, Span>()
  // a doorway is open to those who walk in, and no room to turn in
  const toWall = (x: number, y: number): number => {
    if (x < xSpan.min || x > xSpan.max) return -1
    const known = wallsAlong.get(x)
    const walls = known ?? wallsAt(scene.interior, x, liningTop(scene.interior, x) + STEP_OVER_MM)
    if (known === undefined && walls !== undefined) wallsAlong.set(x, walls)
    return walls === undefined ? -1 : Math.min(walls.max - y, y - walls.min)
  }
  let best = -1
  let at: Vec2 = [spanMiddle(xSpan), 0]
  const take = (x: number, y: number): void => {
    // the wall is asked first: it is soon told, and often settles it
    const wall = toWall(x, y)
    if (!(wall > best)) return
    const within = Math.min(wall, obstacles.bareDistance(x, y))
    if (within > best) [best, at] = [within, [x, y]]
  }
  // nothing is nearer than it counts as: cells that count as near cannot be better. A few first, so that few are left
  for (const every of [FEW_CELLS, 1])
    for (let cell = 0; cell < mm.length; cell += every) if (nth(mm, cell) > best) take(...cellCentre(grid, cell))
  for (let step = grid.cellMm / 2; step >= 0.25; step /= 2) {
    const [x, y] = at
    for (const [right, up] of AROUND) take(x + right * step, y + up * step)
  }
  return { mm: Math.floor(2 * Math.max(0, best)), at }
}
