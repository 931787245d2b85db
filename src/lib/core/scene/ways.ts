import { known, nth } from '../units'
import type { ServiceType } from '../fittings'
import {
  cellCentre,
  chordAt,
  floodFrom,
  type Grid,
  type Polygon,
  polygonSpan,
  rectangle,
  shortestWithin,
  type Vec2,
  WidestPaths,
} from '../geometry'
import { bestNear, narrowPlaces, type Saddle, saddleNear, sidesOf } from './narrow-place'
import type { Placed, PlacedClearance, Scene } from './scene'
import { neededClearances, usedServices } from './use'
import { NARROWEST_MM, type WayGround, type WaySide } from './way-ground'

/** The widest way from an entrance to one place of use. */
export interface Way {
  readonly fittingId: string
  readonly clearanceId: string
  readonly services: readonly ServiceType[]
  /** How wide across the shoulders one may be who gets through its narrowest place; 0 when there is none. */
  readonly widthMm: number
  /** What a tape measures there; less than `widthMm` where low things leave room over them. */
  readonly gapMm: number
  /** What the thing on either side spares. */
  readonly spareMm: readonly [number, number]
  /** What is no higher over the floor is gone over. */
  readonly fromMm: number
  /** Where that is, in plan. */
  readonly at: Vec2
  readonly between: readonly WaySide[]
  /** The shortest of the widest ways, from the entrance, in plan; empty when there is none. Worked out when asked. */
  readonly path: () => readonly Vec2[]
}

/** One slides into a seat from so far beside its knees’ room, which may lie under a table. Common practice, no source. */
const SLIDE_IN_MM = 250

/** A place of use with what lies round it. */
function grown(zone: Polygon, byMm: number): Polygon {
  if (byMm === 0) return zone
  const [x, y] = [polygonSpan(zone, 0), polygonSpan(zone, 1)]
  return rectangle(x.min - byMm, y.min - byMm, x.max + byMm, y.max + byMm)
}

/** The cells whose centre lies in a place of use. */
function cellsIn(grid: Grid, zone: Polygon): readonly number[] {
  if (zone.length === 0) return []
  const { min, max } = polygonSpan(zone, 1)
  const cells: number[] = []
  for (let row = Math.max(0, Math.floor((min - grid.y0) / grid.cellMm)); row < grid.rows; row += 1) {
    const y = grid.y0 + (row + 0.5) * grid.cellMm
    if (y > max) break
    const chord = chordAt(zone, 1, y)
    if (chord === undefined) continue
    const first = Math.max(0, Math.ceil((chord.min - grid.x0) / grid.cellMm - 0.5))
    const last = Math.min(grid.columns - 1, Math.floor((chord.max - grid.x0) / grid.cellMm - 0.5))
    for (let column = first; column <= last; column += 1) cells.push(row * grid.columns + column)
  }
  return cells
}

interface Target {
  readonly placed: Placed
  readonly clearance: PlacedClearance
  readonly services: readonly ServiceType[]
}

/** Places of use: where one stands, sits down or gets in, for every service that this mode uses. */
function targetsOf(scene: Scene): readonly Target[] {
  return scene.placed.flatMap((placed) => {
    const used = usedServices(scene, placed)
    return neededClearances(scene, placed)
      .filter((clearance) => !clearance.outdoors)
      .filter((clearance) =>
        placed.services.some((service) => service.approach === clearance.id && used.includes(service.type)),
      )
      .map((clearance) => ({ placed, clearance, services: clearance.serves.filter((type) => used.includes(type)) }))
  })
}

/** The cell to which the widest way leads, of those the roomiest; −1 where none is reached by one wider than `leastMm`. */
function widestOf({ paths, field: { mm } }: WayGround, cells: readonly number[], leastMm = 0): number {
  const most = paths.widestTo(cells, leastMm)
  let best = -1
  if (most > 0)
    for (const cell of cells)
      if (paths.reach(cell) === most && (best === -1 || nth(mm, cell) > nth(mm, best))) best = cell
  return best
}

/** So many parts of a place of use are looked at, so far from one another. */
const MOST_PLACES = 3
const APART_MM = 150

function gapBetweenCells(grid: Grid, one: number, other: number): number {
  const { columns, cellMm } = grid
  const [column, across] = [one % columns, other % columns]
  return cellMm * Math.hypot(column - across, (one - column - (other - across)) / columns)
}

/** The narrowest place on the widest way to a cell of a place of use, and whether that is about where it ends. */
function narrowestOn(
  ground: WayGround,
  zone: Polygon,
  cell: number,
  saddles: Map<number, Saddle>,
): { readonly cell: number; readonly saddle: Saddle; readonly isAtEnd: boolean } {
  const { grid, mm } = ground.field
  const widest = ground.paths.trace(cell)
  const last = widest.length - 1
  const saddleOf = (index: number): Saddle => {
    const at = nth(widest, index)
    if (index === last) return bestNear(ground, zone, at)
    const before = saddles.get(at)
    if (before !== undefined) return before
    const found = saddleNear(ground, widest, index)
    saddles.set(at, found)
    return found
  }
  // the narrowest cells first, of all the way: where it starts one goes aside, and what was narrower there is not. One that is wider by more than a saddle may lie beside it is not looked at
  const places = narrowPlaces(widest, mm).sort((a, b) => nth(mm, nth(widest, a)) - nth(mm, nth(widest, b)))
  let least: Saddle | undefined
  for (const index of places) {
    if (least !== undefined && nth(mm, nth(widest, index)) - 1.5 * grid.cellMm > least.distance) continue
    const one = saddleOf(index)
    if (least === undefined || one.distance < least.distance) least = one
  }
  const saddle = known(least, 'a narrow place on a way')
  const [x, y] = cellCentre(grid, cell)
  return { cell, saddle, isAtEnd: Math.hypot(saddle.at[0] - x, saddle.at[1] - y) <= APART_MM }
}

/** A way as wide as this is looked at no more. Common practice, no source. */
const WIDE_MM = 600

/**
 * As a ground with one place of its ways filled in, so that they go elsewhere, and of those only what is wider than `leastMm`;
 * undefined where none such leads to any of `cells`.
 */
function without(
  ground: WayGround,
  { at: [x, y], distance }: Saddle,
  cells: readonly number[],
  leastMm: number,
  floods: Map<string, Uint8Array>,
): WayGround | undefined {
  const { grid, mm } = ground.field
  const filled: number[] = []
  const far = distance + grid.cellMm
  const around = Math.ceil(far / grid.cellMm)
  const [column, row] = [Math.floor((x - grid.x0) / grid.cellMm), Math.floor((y - grid.y0) / grid.cellMm)]
  for (let r = Math.max(0, row - around); r <= Math.min(grid.rows - 1, row + around); r += 1)
    for (let c = Math.max(0, column - around); c <= Math.min(grid.columns - 1, column + around); c += 1) {
      const cell = r * grid.columns + c
      const [u, v] = cellCentre(grid, cell)
      if (Math.hypot(u - x, v - y) <= far) filled.push(cell)
    }
  const least = Math.max(leastMm, NARROWEST_MM / 2)
  // many places lie behind one narrow place: where one still gets to is looked for once
  const key = `${x} ${y} ${distance}`
  const reached = floods.get(key) ?? floodFrom(grid, mm, ground.sources, least, filled)
  floods.set(key, reached)
  if (!cells.some((cell) => reached[cell] === 1)) return undefined
  const shut = Float64Array.from(mm)
  for (const cell of filled) shut[cell] = 0
  return { ...ground, paths: new WidestPaths(grid, shut, ground.sources, least) }
}

/**
 * The widest way from the entrances to everything that the scene's mode uses, its narrowest place measured to about a
 * millimetre. Who rolls comes up to a place of use and does not step into it: `besideMm` is how near.
 */
export function waysOf(scene: Scene, ground: WayGround, besideMm = 0): readonly Way[] {
  const targets = targetsOf(scene)
  if (targets.length === 0) return []
  const { paths } = ground
  const { grid, mm } = ground.field
  const saddles = new Map<number, Saddle>()
  const floods = new Map<string, Uint8Array>()
  const known = knownWays.get(paths) ?? new WeakMap<PlacedClearance, Map<string, Way>>()
  knownWays.set(paths, known)
  return targets.map((target): Way => {
    const { clearance, services } = target
    const of = known.get(clearance) ?? new Map<string, Way>()
    known.set(clearance, of)
    const key = `${besideMm} ${services.join()}`
    const way = of.get(key) ?? wayTo(target)
    of.set(key, way)
    return way
  })

  function wayTo({ placed, clearance, services }: Target): Way {
    const reachMm = services.includes('seat') ? Math.max(besideMm, SLIDE_IN_MM) : besideMm
    const zone = clearance.prism.axis === 'z' ? grown(clearance.prism.profile, reachMm) : []
    const cells = cellsIn(grid, zone)
    const best = widestOf(ground, cells)
    const target = { fittingId: placed.id, clearanceId: clearance.id, services, fromMm: ground.fromMm }
    const reach = best === -1 ? 0 : paths.reach(best)
    if (reach === 0) {
      const middle: Vec2 = [placed.placement.at[0], placed.placement.at[1]]
      return { ...target, widthMm: 0, gapMm: 0, spareMm: [0, 0], at: middle, between: [], path: () => [] }
    }
    let found = narrowestOn(ground, zone, best, saddles)
    // where the place of use itself is the narrowest, another part of it may be wider than the cells say
    for (let rest = cells, tried = 1; found.isAtEnd && tried < MOST_PLACES; tried += 1) {
      rest = rest.filter((cell) => gapBetweenCells(grid, cell, found.cell) > APART_MM)
      const other = widestOf(ground, rest, reach - grid.cellMm)
      if (other === -1 || paths.reach(other) < reach - grid.cellMm) break
      const one = narrowestOn(ground, zone, other, saddles)
      rest = rest.filter((cell) => gapBetweenCells(grid, cell, other) > APART_MM)
      if (one.saddle.distance > found.saddle.distance) found = one
    }
    const { isAtEnd, saddle: narrow } = found
    // the way need go no further than where the place of use begins: what is narrower within it need not be passed
    if (!isAtEnd && 2 * narrow.distance < WIDE_MM) {
      const within = new Set(cells)
      let last = -1
      let tried = 0
      for (const cell of paths.trace(found.cell)) {
        if (tried === MOST_PLACES) break
        if (!within.has(cell) || (last !== -1 && gapBetweenCells(grid, cell, last) <= APART_MM)) continue
        last = cell
        tried += 1
        const one = narrowestOn(ground, zone, cell, saddles)
        const better = one.saddle.distance - found.saddle.distance
        // to the cells they are alike: what seems better by more than one of them is another way
        if (better > 0 && better <= grid.cellMm) found = one
      }
    }
    let ways = ground
    // of two ways that are alike to the cells, the other may be the wider by a few millimetres
    if (!isAtEnd && 2 * narrow.distance < WIDE_MM) {
      const elsewhere = without(ground, narrow, cells, narrow.distance - grid.cellMm, floods)
      const other = elsewhere === undefined ? -1 : widestOf(elsewhere, cells)
      if (elsewhere !== undefined && other !== -1) {
        const one = narrowestOn(elsewhere, zone, other, new Map())
        if (one.saddle.distance > found.saddle.distance) [found, ways] = [one, elsewhere]
      }
    }
    const { saddle } = found
    const sides = sidesOf(ground, saddle.at, saddle.distance)
    const widthMm = Math.round(2 * saddle.distance)
    return {
      ...target,
      ...sides,
      widthMm,
      at: saddle.at,
      path: () =>
        shortestWithin(grid, mm, ground.sources, found.cell, ways.paths.reach(found.cell)).map((step) =>
          cellCentre(grid, step),
        ),
    }
  }
}

/** Ways that were found before, by the paths that they lie on: modes that one walks about in alike have them in common. */
const knownWays = new WeakMap<WidestPaths, WeakMap<PlacedClearance, Map<string, Way>>>()
