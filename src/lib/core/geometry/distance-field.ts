import Flatbush from 'flatbush'
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
  /** Its bounds are all of it: a rectangle or segment along the axes. */
  readonly square: boolean
  readonly minX: number
  readonly maxX: number
  readonly minY: number
  readonly maxY: number
}

const isAlike = (a: Polygon, b: Polygon): boolean =>
  a === b || (a.length === b.length && a.every(([x, y], at) => x === b[at]![0] && y === b[at]![1]))

/** Polygons are values: what one is made into is kept. */
const flattened = new WeakMap<Polygon, Flat>()

function flatten(polygon: Polygon): Flat {
  const known = flattened.get(polygon)
  if (known !== undefined) return known
  const flat = made(polygon)
  flattened.set(polygon, flat)
  return flat
}

function made(polygon: Polygon): Flat {
  const x = spanOf(polygon.map((point) => point[0]))
  const y = spanOf(polygon.map((point) => point[1]))
  const area = polygon.length > 2
  const aslant = polygon.some(([x0, y0], index) => {
    const [x1, y1] = polygon[(index + 1) % polygon.length]!
    return x0 !== x1 && y0 !== y1
  })
  return {
    corners: Float64Array.from(polygon.flat()),
    area,
    square: !aslant,
    minX: x.min,
    maxX: x.max,
    minY: y.min,
    maxY: y.max,
  }
}

function squaredBoxDistance(x: number, y: number, box: Flat): number {
  const dx = x < box.minX ? box.minX - x : x > box.maxX ? x - box.maxX : 0
  const dy = y < box.minY ? box.minY - y : y > box.maxY ? y - box.maxY : 0
  return dx * dx + dy * dy
}

/** Squared distance to a convex polygon (counter-clockwise), segment or point; 0 inside. In the hot loop: no objects. */
function squaredDistance(x: number, y: number, flat: Flat): number {
  if (flat.square) return squaredBoxDistance(x, y, flat)
  const { corners, area } = flat
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

/** How far a point counts as from an obstacle: its distance and what the obstacle spares; 0 inside. */
const countedDistance = (x: number, y: number, flat: Flat, spare: number): number => {
  const squared = squaredDistance(x, y, flat)
  return squared === 0 ? 0 : Math.sqrt(squared) + spare
}

/**
 * Exact distance from any point to the nearest of many convex obstacles. An obstacle may spare those who pass: it then counts as
 * so much further off than it is.
 */
export class Obstacles {
  readonly #all: readonly Flat[]
  readonly #spare: Float64Array
  /** By where each lies; made when it is first asked. */
  #byPlace: Flatbush | undefined
  /** The most that one of them spares. */
  readonly mostSpare: number

  /** Each obstacle is convex and counter-clockwise: a polygon, a segment (two points) or a point. `spare` is in mm, by obstacle. */
  constructor(
    readonly polygons: readonly Polygon[],
    readonly spare: readonly number[] = [],
  ) {
    this.#all = polygons.map(flatten)
    this.#spare = Float64Array.from(polygons, (_, index) => spare[index] ?? 0)
    this.mostSpare = Math.max(0, ...spare)
  }

  /** Whether these are the same obstacles in the same order. */
  areAlike(polygons: readonly Polygon[], spare: readonly number[]): boolean {
    return (
      polygons.length === this.polygons.length &&
      polygons.every(
        (polygon, index) => (spare[index] ?? 0) === this.#spare[index] && isAlike(polygon, this.polygons[index]!),
      )
    )
  }

  /** Distance to one obstacle, as a tape has it. */
  distanceTo(index: number, x: number, y: number): number {
    return Math.sqrt(squaredDistance(x, y, this.#all[index]!))
  }

  /** As `distanceTo`, with what the obstacle spares. */
  countedTo(index: number, x: number, y: number): number {
    return countedDistance(x, y, this.#all[index]!, this.#spare[index]!)
  }

  /** Distance as counted to the nearest obstacle, of all or of `among`; Infinity when there are none. */
  distance(x: number, y: number, among?: readonly number[]): number {
    let least = Infinity
    const count = among?.length ?? this.#all.length
    for (let at = 0; at < count && least > 0; at += 1) {
      const index = among === undefined ? at : among[at]!
      least = nearer(x, y, this.#all[index]!, this.#spare[index]!, least)
    }
    return least
  }

  /** Distance as a tape has it to the nearest obstacle; Infinity when there are none. */
  bareDistance(x: number, y: number): number {
    let least = Infinity
    for (let at = 0; at < this.#all.length && least > 0; at += 1) {
      const candidate = this.#all[at]!
      if (squaredBoxDistance(x, y, candidate) >= least) continue
      least = Math.min(least, squaredDistance(x, y, candidate))
    }
    return Math.sqrt(least)
  }

  /** Writes at `cell` how far (x, y) counts as from the nearest obstacle of `among`, and which that is, unless what stands there is as near. */
  write({ mm, nearest }: DistanceField, cell: number, x: number, y: number, among: readonly number[]): void {
    let least = mm[cell]!
    for (let at = 0; at < among.length && least > 0; at += 1) {
      const counted = nearer(x, y, this.#all[among[at]!]!, this.#spare[among[at]!]!, least)
      if (counted < least) {
        least = counted
        nearest[cell] = among[at]!
      }
    }
    mm[cell] = least
  }

  /** One of `among` that is known to cover a whole rectangle; -1 if none is. */
  covering(minX: number, minY: number, maxX: number, maxY: number, among: readonly number[]): number {
    for (let at = 0; at < among.length; at += 1) {
      const flat = this.#all[among[at]!]!
      if (flat.square && flat.minX <= minX && flat.minY <= minY && flat.maxX >= maxX && flat.maxY >= maxY)
        return among[at]!
    }
    return -1
  }

  get #index(): Flatbush {
    if (this.#byPlace === undefined) {
      this.#byPlace = new Flatbush(this.#all.length)
      for (const { minX, minY, maxX, maxY } of this.#all) this.#byPlace.add(minX, minY, maxX, maxY)
      this.#byPlace.finish()
    }
    return this.#byPlace
  }

  /**
   * The obstacles, of all or of `among`, that can be nearest to any point within `radiusMm` of (x, y), by number: from the middle to
   * such a point the distance to each obstacle changes by the radius at most, unless the point lies inside it.
   */
  within(x: number, y: number, radiusMm: number, among?: readonly number[]): readonly number[] {
    const some = among ?? this.#around(x, y, radiusMm)
    const distances = new Float64Array(some.length)
    let least = Infinity
    for (let at = 0; at < some.length; at += 1) {
      const spare = this.#spare[some[at]!]!
      const distance = this.distanceTo(some[at]!, x, y)
      // one that may hold such a point counts as if it were there
      distances[at] = distance <= radiusMm ? distance : distance + spare
      if (distance + spare < least) least = distance + spare
    }
    const limit = least + 2 * radiusMm
    return some.filter((_, at) => distances[at]! <= limit)
  }

  /** All that `within` can name: none further off than the one whose bounds are nearest counts, and twice the radius. */
  #around(x: number, y: number, radiusMm: number): number[] {
    if (this.#all.length === 0) return []
    const [nearest] = this.#index.neighbors(x, y, 1)
    const reach = this.countedMost(nearest!, x, y) + 2 * radiusMm
    return this.#index.search(x - reach, y - reach, x + reach, y + reach).sort((a, b) => a - b)
  }

  /** How far off an obstacle counts at most: its distance, and what it spares even where one stands in it. */
  countedMost(index: number, x: number, y: number): number {
    return this.distanceTo(index, x, y) + this.#spare[index]!
  }
}

/** The lesser of `least` and of how far a point counts as from one more obstacle. In the hot loop. */
function nearer(x: number, y: number, flat: Flat, spare: number, least: number): number {
  let squared = squaredBoxDistance(x, y, flat)
  if (squared > 0) {
    const room = least - spare
    if (room <= 0 || squared >= room * room) return least
  }
  if (!flat.square) squared = squaredDistance(x, y, flat)
  const counted = squared === 0 ? 0 : Math.sqrt(squared) + spare
  return counted < least ? counted : least
}

/** Cells along the side of a block that shares one list of candidates, and of the blocks in it that share a shorter one. */
const BLOCK = 16
const SMALL_BLOCK = 4

/** The distance, as counted, from the centre of every cell to the nearest obstacle. */
export interface DistanceField {
  readonly grid: Grid
  readonly obstacles: Obstacles
  /** In mm; 0 inside an obstacle, Infinity when there is none. */
  readonly mm: Float64Array
  /** Which obstacle that is; -1 when there is none. */
  readonly nearest: Int32Array
}

/** Fields that differ by more obstacles than this share of them are made anew. */
const MOST_CHANGED = 0.5

/**
 * The exact distance, as counted, from every cell's centre to the nearest obstacle. Where `before` covers the same cells and most
 * of its obstacles stand as they did, only what came and went since is worked out.
 */
export function distanceField(grid: Grid, obstacles: Obstacles, before?: DistanceField): DistanceField {
  const size = grid.columns * grid.rows
  const field = {
    grid,
    obstacles,
    mm: new Float64Array(size).fill(Infinity),
    nearest: new Int32Array(size).fill(-1),
  }
  fill(field, before === undefined ? [] : carryOver(field, before))
  return field
}

/** Takes over the cells whose nearest obstacle still stands; the obstacles that came since. */
function carryOver({ grid, obstacles, mm, nearest }: DistanceField, before: DistanceField): readonly number[] {
  if ((['x0', 'y0', 'cellMm', 'columns', 'rows'] as const).some((key) => grid[key] !== before.grid[key])) return []
  // one that stands as it did is the same one, or another of the same corners
  const spareOf = ({ spare }: Obstacles, index: number): number => spare[index] ?? 0
  const now = new Map<Polygon, number>(obstacles.polygons.map((polygon, index) => [polygon, index]))
  const then = new Map<Polygon, number>(before.obstacles.polygons.map((polygon, index) => [polygon, index]))
  const fresh = obstacles.polygons.filter((polygon) => !then.has(polygon))
  for (const [polygon, index] of [...then])
    if (!now.has(polygon)) {
      const alike = fresh.find((one) => isAlike(one, polygon))
      if (alike === undefined) continue
      now.set(polygon, now.get(alike)!)
      then.set(alike, index)
    }
  const became = before.obstacles.polygons.map((polygon, index) => {
    const to = now.get(polygon)
    return to !== undefined && spareOf(obstacles, to) === spareOf(before.obstacles, index) ? to : -1
  })
  const came = obstacles.polygons.flatMap((polygon, index) => {
    const from = then.get(polygon)
    return from !== undefined && spareOf(before.obstacles, from) === spareOf(obstacles, index) ? [] : [index]
  })
  const gone = became.filter((index) => index === -1).length
  if (came.length + gone > MOST_CHANGED * obstacles.polygons.length) return []
  for (let cell = 0; cell < mm.length; cell += 1) {
    const stands = became[before.nearest[cell]!] ?? -1
    if (stands === -1) continue
    mm[cell] = before.mm[cell]!
    nearest[cell] = stands
  }
  return came
}

/** Fills the cells that are still open, and those that one of the obstacles that `came` is nearer to. */
function fill(field: DistanceField, came: readonly number[]): void {
  const { grid, obstacles, mm, nearest } = field
  const { columns, rows, cellMm, x0, y0 } = grid
  const radius = (side: number) => (side * cellMm * Math.SQRT2) / 2
  const fillBlock = (left: number, top: number, near: () => readonly number[]): void => {
    const right = Math.min(columns, left + SMALL_BLOCK)
    const bottom = Math.min(rows, top + SMALL_BLOCK)
    let open = false
    let most = 0
    for (let row = top; row < bottom; row += 1)
      for (let cell = row * columns + left; cell < row * columns + right; cell += 1) {
        if (nearest[cell] === -1) open = true
        else if (mm[cell]! > most) most = mm[cell]!
      }
    if (!open && came.length === 0) return
    const minX = x0 + left * cellMm
    const minY = y0 + top * cellMm
    const maxX = x0 + right * cellMm
    const maxY = y0 + bottom * cellMm
    const cover = obstacles.covering(minX, minY, maxX, maxY, open ? near() : came)
    if (cover !== -1) {
      for (let row = top; row < bottom; row += 1) {
        mm.fill(0, row * columns + left, row * columns + right)
        nearest.fill(cover, row * columns + left, row * columns + right)
      }
      return
    }
    const x = minX + (SMALL_BLOCK / 2) * cellMm
    const y = minY + (SMALL_BLOCK / 2) * cellMm
    const among = open
      ? obstacles.within(x, y, radius(SMALL_BLOCK), near())
      : came.filter(
          (index) =>
            obstacles.countedTo(index, x, y) < most + radius(SMALL_BLOCK) ||
            obstacles.distanceTo(index, x, y) <= radius(SMALL_BLOCK),
        )
    if (among.length === 0) return
    for (let row = top; row < bottom; row += 1)
      for (let column = left; column < right; column += 1)
        obstacles.write(field, row * columns + column, x0 + (column + 0.5) * cellMm, y0 + (row + 0.5) * cellMm, among)
  }
  for (let top = 0; top < rows; top += BLOCK)
    for (let left = 0; left < columns; left += BLOCK) {
      let some: readonly number[] | undefined
      const near = () =>
        (some ??= obstacles.within(x0 + (left + BLOCK / 2) * cellMm, y0 + (top + BLOCK / 2) * cellMm, radius(BLOCK)))
      for (let y = top; y < Math.min(rows, top + BLOCK); y += SMALL_BLOCK)
        for (let x = left; x < Math.min(columns, left + BLOCK); x += SMALL_BLOCK) fillBlock(x, y, near)
    }
}
