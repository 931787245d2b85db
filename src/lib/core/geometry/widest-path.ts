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

/** Widths are queued by whole millimetres up to this; what is wider waits in one queue. */
const MOST_MM = 4095

/** Arrays that a search fills and leaves: made once for the largest grid. */
interface Scratch {
  readonly settled: Uint8Array
  readonly level: Int32Array
  /** The next cell that waits at the same whole millimetre. */
  readonly after: Int32Array
}
let scratch: Scratch | undefined
const scratchFor = (size: number): Scratch => {
  if (scratch === undefined || scratch.settled.length < size)
    scratch = { settled: new Uint8Array(size), level: new Int32Array(size), after: new Int32Array(size) }
  else scratch.settled.fill(0, 0, size)
  return scratch
}
const waiting = new Int32Array(MOST_MM + 1)

/**
 * The way from the sources to every cell whose narrowest cell is as wide as can be (Dijkstra's search with max–min
 * in place of sum). Cells no wider than `shut` are closed. Among equally wide ways the one found first stands. What is reached without
 * becoming narrower is as wide as any that waits: it is taken next. A narrower cell waits once, by its own width; those that wait
 * lie in buckets of a whole millimetre, and only within one are they ordered.
 * @throws RangeError if a source is outside the grid.
 */
export function widestPaths(grid: Grid, width: Float64Array, sources: Iterable<number>, shut = 0): WidestPaths {
  const { columns, rows } = grid
  const size = columns * rows
  const bottleneck = new Float64Array(size)
  const previous = new Int32Array(size).fill(-1)
  const { settled, level, after } = scratchFor(size)
  waiting.fill(-1)
  let bucket = -1
  const wait = (cell: number, wide: number): void => {
    const at = wide >= MOST_MM ? MOST_MM : Math.floor(wide)
    after[cell] = waiting[at]!
    waiting[at] = cell
    if (at > bucket) bucket = at
  }
  for (const source of sources) {
    if (!(source >= 0 && source < size)) throw new RangeError(`source ${source} is outside the grid`)
    if (width[source]! > shut && bottleneck[source] === 0) {
      bottleneck[source] = width[source]!
      wait(source, width[source]!)
    }
  }
  /** The cells of the bucket that is being emptied. */
  const open = new FlatQueue<number>()
  for (; bucket >= 0; bucket -= 1) {
    const low = bucket
    const empty = (): void => {
      for (let cell = waiting[low]!; cell !== -1; cell = after[cell]!) open.push(cell, -width[cell]!)
      waiting[low] = -1
    }
    empty()
    for (let first = open.pop(); first !== undefined; first = open.pop()) {
      if (settled[first] === 1) continue
      settled[first] = 1
      const here = bottleneck[first]!
      level[0] = first
      let count = 1
      for (let at = 0; at < count; at += 1) {
        const cell = level[at]!
        const column = cell % columns
        const row = (cell - column) / columns
        const right = column + 1 < columns ? 1 : 0
        const below = row + 1 < rows ? 1 : 0
        // all eight neighbours; the cell itself is settled
        for (let dy = row > 0 ? -1 : 0; dy <= below; dy += 1)
          for (let next = cell + dy * columns - (column > 0 ? 1 : 0); next <= cell + dy * columns + right; next += 1) {
            if (settled[next] === 1) continue
            const wide = width[next]!
            if (wide >= here) {
              bottleneck[next] = here
              previous[next] = cell
              settled[next] = 1
              level[count] = next
              count += 1
            } else if (wide > shut && bottleneck[next] === 0) {
              // it waits by its own width, whoever reaches it: the first is the widest
              bottleneck[next] = wide
              previous[next] = cell
              wait(next, wide)
            }
          }
      }
      // nothing wider than this bucket can have come to wait
      bucket = low
      if (waiting[low] !== -1) empty()
    }
  }
  return { bottleneck, previous }
}

/** Whether one can go from any of `from` to any of `to` through cells wider than `least`, looked for from `from` outwards. */
export function isJoined(
  grid: Grid,
  width: Float64Array,
  from: readonly number[],
  to: readonly number[],
  least: number,
): boolean {
  const { columns, rows } = grid
  const { settled, level } = scratchFor(columns * rows)
  const SOUGHT = 2
  for (const cell of to) if (width[cell]! > least) settled[cell] = SOUGHT
  let count = 0
  for (const cell of from) {
    if (settled[cell] === SOUGHT) return true
    if (settled[cell] === 1 || !(width[cell]! > least)) continue
    settled[cell] = 1
    level[count] = cell
    count += 1
  }
  for (let at = 0; at < count; at += 1) {
    const cell = level[at]!
    const column = cell % columns
    const row = (cell - column) / columns
    const right = column + 1 < columns ? 1 : 0
    const below = row + 1 < rows ? 1 : 0
    for (let dy = row > 0 ? -1 : 0; dy <= below; dy += 1)
      for (let next = cell + dy * columns - (column > 0 ? 1 : 0); next <= cell + dy * columns + right; next += 1) {
        if (settled[next] === SOUGHT) return true
        if (settled[next] === 1 || !(width[next]! > least)) continue
        settled[next] = 1
        level[count] = next
        count += 1
      }
  }
  return false
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
