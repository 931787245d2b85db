import FlatQueue from 'flatqueue'
import type { Grid } from './distance-field'

/** For each cell: the widest bottleneck of any way from a source, and the cell before it on such a way (-1 at a source or out of reach). */
export interface WidestPaths {
  readonly bottleneck: Float64Array
  readonly previous: Int32Array
}

const STEPS = [
  [-1, -1],
  [0, -1],
  [1, -1],
  [-1, 0],
  [1, 0],
  [-1, 1],
  [0, 1],
  [1, 1],
] as const

/**
 * The way from the sources to every cell whose narrowest cell is as wide as can be (Dijkstra's search with max–min
 * in place of sum). Cells no wider than `shut` are closed. Among equally wide ways the one found first stands. What is reached without
 * becoming narrower is as wide as any that waits: it is taken next, without going through the heap.
 */
export function widestPaths(grid: Grid, width: Float64Array, sources: Iterable<number>, shut = 0): WidestPaths {
  const size = grid.columns * grid.rows
  const bottleneck = new Float64Array(size)
  const previous = new Int32Array(size).fill(-1)
  const settled = new Uint8Array(size)
  const heap = new FlatQueue<number>()
  for (const source of sources) {
    if (!(source >= 0 && source < size)) throw new RangeError(`source ${source} is outside the grid`)
    if (width[source]! > shut) {
      bottleneck[source] = width[source]!
      heap.push(source, -width[source]!)
    }
  }
  const level = new Int32Array(size)
  for (let first = heap.pop(); first !== undefined; first = heap.pop()) {
    if (settled[first] === 1) continue
    settled[first] = 1
    const here = bottleneck[first]!
    level[0] = first
    let count = 1
    for (let at = 0; at < count; at += 1) {
      const cell = level[at]!
      const column = cell % grid.columns
      const row = (cell - column) / grid.columns
      const right = column + 1 < grid.columns ? 1 : 0
      const below = row + 1 < grid.rows ? 1 : 0
      // all eight neighbours; the cell itself is settled
      for (let dy = row > 0 ? -1 : 0; dy <= below; dy += 1)
        for (let dx = column > 0 ? -1 : 0; dx <= right; dx += 1) {
          const next = cell + dy * grid.columns + dx
          if (settled[next] === 1) continue
          const wide = width[next]!
          if (wide >= here) {
            bottleneck[next] = here
            previous[next] = cell
            settled[next] = 1
            level[count] = next
            count += 1
          } else if (wide > shut && wide > bottleneck[next]!) {
            bottleneck[next] = wide
            previous[next] = cell
            heap.push(next, -wide)
          }
        }
    }
  }
  return { bottleneck, previous }
}

/**
 * The shortest way from any source to `target` through cells at least `leastWidth` wide, as cells from source to
 * target; empty if there is none. Diagonal steps count √2.
 */
export function shortestWithin(
  grid: Grid,
  width: Float64Array,
  sources: Iterable<number>,
  target: number,
  leastWidth: number,
): readonly number[] {
  const size = grid.columns * grid.rows
  const cost = new Float64Array(size).fill(Infinity)
  const previous = new Int32Array(size).fill(-1)
  const heap = new FlatQueue<number>()
  for (const source of sources) {
    if (width[source]! < leastWidth) continue
    cost[source] = 0
    heap.push(source, 0)
  }
  const settled = new Uint8Array(size)
  for (let cell = heap.pop(); cell !== undefined && cell !== target; cell = heap.pop()) {
    if (settled[cell] === 1) continue
    settled[cell] = 1
    const column = cell % grid.columns
    const row = (cell - column) / grid.columns
    for (const [dx, dy] of STEPS) {
      const nextColumn = column + dx
      const nextRow = row + dy
      if (nextColumn < 0 || nextRow < 0 || nextColumn >= grid.columns || nextRow >= grid.rows) continue
      const next = nextRow * grid.columns + nextColumn
      if (width[next]! < leastWidth || settled[next] === 1) continue
      const total = cost[cell]! + (dx !== 0 && dy !== 0 ? Math.SQRT2 : 1)
      if (total < cost[next]!) {
        cost[next] = total
        previous[next] = cell
        heap.push(next, total)
      }
    }
  }
  if (cost[target] === Infinity) return []
  return trace(previous, target)
}

/** The cells from a source to `target` along `previous`. */
export function trace(previous: Int32Array, target: number): readonly number[] {
  const path: number[] = []
  for (let cell = target; cell !== -1; cell = previous[cell]!) path.push(cell)
  return path.reverse()
}
