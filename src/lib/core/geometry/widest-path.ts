import FlatQueue from 'flatqueue'
import type { Grid } from './distance-field'

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

/** What a search fills and leaves: made once, for the largest grid. */
let level = new Int32Array(0)
const levelFor = (size: number): Int32Array => (level.length < size ? (level = new Int32Array(size)) : level)
/** The queue of a whole millimetre; the widest wait in the last. */
const bucketOf = (wide: number): number => (wide >= MOST_MM ? MOST_MM : Math.floor(wide))

/**
 * The way from some sources to every cell whose narrowest cell is as wide as can be (Dijkstra's search with max–min
 * in place of sum), the widest first and no further down than is asked: what is narrower than all that one wants to know is never
 * looked at. Cells no wider than `shut` are closed. Among equally wide ways the one found first stands. What is reached without
 * becoming narrower is as wide as any that waits: it is taken next. A narrower cell waits once, by its own width, in the queue of
 * its whole millimetre; only within one of these is there an order. `width` must stay as it is.
 */
export class WidestPaths {
  /** Of a cell that is reached: how wide the widest way to it is. 0: not reached, less than 0: it waits. */
  readonly #bottleneck: Float64Array
  readonly #previous: Int32Array
  /** The next cell that waits in the same queue. */
  readonly #after: Int32Array
  readonly #waiting = new Int32Array(MOST_MM + 1).fill(-1)
  /** No queue above this one has anything. */
  #bucket = -1

  /** @throws RangeError if a source is outside the grid. */
  constructor(
    readonly grid: Grid,
    readonly width: Float64Array,
    sources: Iterable<number>,
    readonly shut = 0,
  ) {
    const size = grid.columns * grid.rows
    this.#bottleneck = new Float64Array(size)
    this.#previous = new Int32Array(size).fill(-1)
    this.#after = new Int32Array(size)
    for (const source of sources) {
      if (!(source >= 0 && source < size)) throw new RangeError(`source ${source} is outside the grid`)
      const wide = width[source]!
      if (!(wide > shut) || this.#bottleneck[source] !== 0) continue
      this.#bottleneck[source] = -wide
      const bucket = bucketOf(wide)
      this.#after[source] = this.#waiting[bucket]!
      this.#waiting[bucket] = source
      if (bucket > this.#bucket) this.#bucket = bucket
    }
  }

  /** How wide the widest way to a cell is; 0 where none is at least as wide as was asked for. */
  reach(cell: number): number {
    return Math.max(0, this.#bottleneck[cell]!)
  }

  /** The cells from a source to one that is reached, along a widest way. */
  trace(target: number): readonly number[] {
    return trace(this.#previous, target)
  }

  /** Looks for every way that is at least so wide. */
  downTo(leastMm: number): void {
    const end = Math.max(0, bucketOf(Math.max(0, leastMm)))
    for (; this.#bucket >= end; this.#bucket -= 1) this.#empty(this.#bucket)
  }

  /** The widest way to any of some cells; 0 where there is none, or none wider than `leastMm`. */
  widestTo(cells: readonly number[], leastMm = 0): number {
    const stop = Math.max(leastMm, this.shut)
    for (;;) {
      let most = 0
      for (const cell of cells) if (this.#bottleneck[cell]! > most) most = this.#bottleneck[cell]!
      // all that are wider than what waits have been found
      if (most > 0 || this.#bucket < bucketOf(stop)) return most
      this.downTo(Math.max(stop, this.#bucket - STEP_MM))
    }
  }

  /** Everything that waits in a queue, the widest first, and what comes to wait there meanwhile. */
  #empty(bucket: number): void {
    const { width, shut } = this
    const { columns, rows } = this.grid
    const [bottleneck, previous, after, waiting] = [this.#bottleneck, this.#previous, this.#after, this.#waiting]
    const level = levelFor(columns * rows)
    const open = new FlatQueue<number>()
    const take = (): void => {
      for (let cell = waiting[bucket]!; cell !== -1; cell = after[cell]!) open.push(cell, -width[cell]!)
      waiting[bucket] = -1
    }
    take()
    for (let first = open.pop(); first !== undefined; first = open.pop()) {
      if (bottleneck[first]! > 0) continue
      const here = width[first]!
      bottleneck[first] = here
      level[0] = first
      let count = 1
      for (let at = 0; at < count; at += 1) {
        const cell = level[at]!
        const column = cell % columns
        const row = (cell - column) / columns
        const right = column + 1 < columns ? 1 : 0
        const below = row + 1 < rows ? 1 : 0
        // all eight neighbours; the cell itself is reached
        for (let dy = row > 0 ? -1 : 0; dy <= below; dy += 1)
          for (let next = cell + dy * columns - (column > 0 ? 1 : 0); next <= cell + dy * columns + right; next += 1) {
            const known = bottleneck[next]!
            if (known > 0) continue
            const wide = width[next]!
            if (wide >= here) {
              bottleneck[next] = here
              previous[next] = cell
              level[count] = next
              count += 1
            } else if (known === 0 && wide > shut) {
              // it waits by its own width, whoever reaches it: the first is the widest
              bottleneck[next] = -wide
              previous[next] = cell
              const to = bucketOf(wide)
              after[next] = waiting[to]!
              waiting[to] = next
            }
          }
      }
      if (waiting[bucket] !== -1) take()
    }
  }
}

/** A search for the widest way to a place goes on by so much at a time. */
const STEP_MM = 25

/** Which cells one reaches from any of `sources` through cells wider than `least` and none of `filled`: 1 where one does. */
export function floodFrom(
  grid: Grid,
  width: Float64Array,
  sources: readonly number[],
  least: number,
  filled: readonly number[] = [],
): Uint8Array {
  const { columns, rows } = grid
  const size = columns * rows
  const reached = new Uint8Array(size)
  const level = levelFor(size)
  const FILLED = 2
  for (const cell of filled) reached[cell] = FILLED
  let count = 0
  const take = (cell: number): void => {
    reached[cell] = 1
    level[count] = cell
    count += 1
  }
  for (const cell of sources) if (reached[cell] === 0 && width[cell]! > least) take(cell)
  for (let at = 0; at < count; at += 1) {
    const cell = level[at]!
    const column = cell % columns
    const row = (cell - column) / columns
    const right = column + 1 < columns ? 1 : 0
    const below = row + 1 < rows ? 1 : 0
    for (let dy = row > 0 ? -1 : 0; dy <= below; dy += 1)
      for (let next = cell + dy * columns - (column > 0 ? 1 : 0); next <= cell + dy * columns + right; next += 1)
        if (reached[next] === 0 && width[next]! > least) take(next)
  }
  for (const cell of filled) reached[cell] = 0
  return reached
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
function trace(previous: Int32Array, target: number): readonly number[] {
  const path: number[] = []
  for (let cell = target; cell !== -1; cell = previous[cell]!) path.push(cell)
  return path.reverse()
}
