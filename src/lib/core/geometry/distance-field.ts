import { spanOf } from './span'
import type { Polygon, Vec2 } from './types'

/** Square cells over a rectangle; a cell's value stands for its centre. */
export interface Grid {
  readonly x0: number
  readonly y0: number
  readonly cellMm: number
  readonly columns: number
  readonly rows: number
}

/** @throws RangeError if the rectangle is empty or would need over a million cells. */
export function gridOver(x0: number, y0: number, x1: number, y1: number, cellMm: number): Grid {
  const columns = Math.ceil((x1 - x0) / cellMm)
  const rows = Math.ceil((y1 - y0) / cellMm)
  if (!(columns > 0 && rows > 0 && columns * rows <= 1e6)) {
    throw new RangeError(`a grid needs 1 to 1e6 cells, got ${columns} × ${rows}`)
  }
  return { x0, y0, cellMm, columns, rows }
}

export const cellCentre = (grid: Grid, cell: number): Vec2 => [
  grid.x0 + ((cell % grid.columns) + 0.5) * grid.cellMm,
  grid.y0 + (Math.floor(cell / grid.columns) + 0.5) * grid.cellMm,
]

interface Flat {
  /** x0, y0, x1, y1 … of the corners. */
  readonly corners: Float64Array
  readonly area: boolean
  readonly minX: number
  readonly maxX: number
  readonly minY: number
  readonly maxY: number
}

function flatten(polygon: Polygon): Flat {
  const x = spanOf(polygon.map((point) => point[0]))
  const y = spanOf(polygon.map((point) => point[1]))
  const area = polygon.length > 2
  return { corners: Float64Array.from(polygon.flat()), area, minX: x.min, maxX: x.max, minY: y.min, maxY: y.max }
}

function squaredBoxDistance(x: number, y: number, box: Flat): number {
  const dx = x < box.minX ? box.minX - x : x > box.maxX ? x - box.maxX : 0
  const dy = y < box.minY ? box.minY - y : y > box.maxY ? y - box.maxY : 0
  return dx * dx + dy * dy
}

/** Squared distance to a convex polygon (counter-clockwise), segment or point; 0 inside. In the hot loop: no objects. */
function squaredDistance(x: number, y: number, { corners, area }: Flat): number {
  let best = Infinity
  let inside = area
  let ax = corners[corners.length - 2]!
  let ay = corners[corners.length - 1]!
  for (let at = 0; at < corners.length; at += 2) {
    const bx = corners[at]!
    const by = corners[at + 1]!
    const dx = bx - ax
    const dy = by - ay
    const px = x - ax
    const py = y - ay
    if (dx * py - dy * px < 0) inside = false
    const squared = dx * dx + dy * dy
    let t = squared === 0 ? 0 : (px * dx + py * dy) / squared
    t = t < 0 ? 0 : t > 1 ? 1 : t
    const ex = dx * t - px
    const ey = dy * t - py
    const distance = ex * ex + ey * ey
    if (distance < best) best = distance
    ax = bx
    ay = by
  }
  return inside ? 0 : best
}

/** Exact distance from any point to the nearest of many convex obstacles. */
export class Obstacles {
  readonly #all: readonly Flat[]

  /** Each obstacle is convex and counter-clockwise: a polygon, a segment (two points) or a point. */
  constructor(readonly polygons: readonly Polygon[]) {
    this.#all = polygons.map(flatten)
  }

  /** Distance to one obstacle. */
  distanceTo(index: number, x: number, y: number): number {
    return Math.sqrt(squaredDistance(x, y, this.#all[index]!))
  }

  /** Distance to the nearest obstacle, of all or of `among`; Infinity when there are none. */
  distance(x: number, y: number, among?: readonly number[]): number {
    let least = Infinity
    const count = among?.length ?? this.#all.length
    for (let at = 0; at < count && least > 0; at += 1) {
      const candidate = this.#all[among === undefined ? at : among[at]!]!
      if (squaredBoxDistance(x, y, candidate) >= least) continue
      const squared = squaredDistance(x, y, candidate)
      if (squared < least) least = squared
    }
    return Math.sqrt(least)
  }

  /**
   * The obstacles, of all or of `among`, that can be nearest to any point within `radiusMm` of (x, y): from the middle to such
   * a point the distance to each obstacle changes by the radius at most.
   */
  within(x: number, y: number, radiusMm: number, among?: readonly number[]): readonly number[] {
    const count = among?.length ?? this.#all.length
    const distances = new Float64Array(count)
    let least = Infinity
    for (let at = 0; at < count; at += 1) {
      const distance = this.distanceTo(among === undefined ? at : among[at]!, x, y)
      distances[at] = distance
      if (distance < least) least = distance
    }
    const limit = least + 2 * radiusMm
    const near: number[] = []
    for (let at = 0; at < count; at += 1) if (distances[at]! <= limit) near.push(among === undefined ? at : among[at]!)
    return near
  }
}

/** Cells along the side of a block that shares one list of candidates, and of the blocks in it that share a shorter one. */
const BLOCK = 16
const SMALL_BLOCK = 4

/** The exact Euclidean distance from every cell's centre to the nearest obstacle, in mm; 0 inside one. */
export function distanceField(grid: Grid, obstacles: Obstacles): Float64Array {
  const { columns, rows, cellMm, x0, y0 } = grid
  const field = new Float64Array(columns * rows)
  const near = (left: number, top: number, side: number, among?: readonly number[]) =>
    obstacles.within(
      x0 + (left + side / 2) * cellMm,
      y0 + (top + side / 2) * cellMm,
      (side * cellMm * Math.SQRT2) / 2,
      among,
    )
  const fill = (left: number, top: number, among: readonly number[]): void => {
    for (let row = top; row < Math.min(rows, top + SMALL_BLOCK); row += 1)
      for (let column = left; column < Math.min(columns, left + SMALL_BLOCK); column += 1)
        field[row * columns + column] = obstacles.distance(
          x0 + (column + 0.5) * cellMm,
          y0 + (row + 0.5) * cellMm,
          among,
        )
  }
  for (let top = 0; top < rows; top += BLOCK)
    for (let left = 0; left < columns; left += BLOCK) {
      const some = near(left, top, BLOCK)
      for (let y = top; y < Math.min(rows, top + BLOCK); y += SMALL_BLOCK)
        for (let x = left; x < Math.min(columns, left + BLOCK); x += SMALL_BLOCK)
          fill(x, y, near(x, y, SMALL_BLOCK, some))
    }
  return field
}
