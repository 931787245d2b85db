import { known, nth } from '../units'
import type { ServiceType } from '../fittings'
import {
  cellCentre,
  chordAt,
  convexContains,
  distanceField,
  type DistanceField,
  floodFrom,
  footprintInBand,
  type Grid,
  gridOver,
  Obstacles,
  type Polygon,
  polygonSpan,
  type Prism,
  prismBounds,
  rectangle,
  shortestWithin,
  type Span,
  spanMiddle,
  type Vec2,
  WidestPaths,
} from '../geometry'
import { cabSpace, frontMost, type Interior, jambs, knots, liningTop, wallReach, wallsAt, wallTop } from '../shell'
import { cabSeatsIn } from './cab-seats'
import { doorOf } from './door'
import type { Placed, PlacedClearance, Scene } from './scene'
import { neededClearances, usedServices } from './use'

/** What a way squeezes past. */
export type WaySide =
  | { readonly kind: 'fitting'; readonly id: string }
  | { readonly kind: 'keep-out'; readonly id: string }
  | { readonly kind: 'wall'; readonly id: 'left' | 'right' | 'rear' | 'front' }

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

const CELL_MM = 25
/** Lower things are stepped over. */
const STEP_OVER_MM = 150
/** In a body in which no one stands, one goes on hands and knees over what is no higher than a seat. Common practice, no source. */
const CRAWL_OVER_MM = 450
/** One stoops under what hangs no lower: that is the matter of heads, not of the way. Common practice, no source. */
const STOOP_UNDER_MM = 1300
/** How far outside a door the way starts. */
const OUTSIDE_MM = 500
/** Where it is no wider than this no one passes, and the way counts as none. */
const NARROWEST_MM = 60

/** One slides into a seat from so far beside its knees’ room, which may lie under a table. Common practice, no source. */
const SLIDE_IN_MM = 250

/** Who walks: how high their shoulders are, and how much less of them has to pass beside what is lower. In mm. */
export interface Walker {
  readonly shoulderMm: number
  /** The lowest first: a thing no higher than `topMm` leaves `spareMm` more to its side than one of shoulder height. */
  readonly bands?: readonly { readonly topMm: number; readonly spareMm: number }[]
}

/** What one walks among: the same for modes in which everything stands alike. */
export interface WayGround {
  readonly placed: readonly Placed[]
  readonly turned: readonly string[]
  readonly walker: Walker
  /** What is no higher over the floor is gone over. */
  readonly fromMm: number
  readonly walls: Walls
  readonly field: DistanceField
  readonly paths: WidestPaths
  /** Whose each obstacle of the field is. */
  readonly owners: readonly WaySide[]
  readonly sources: readonly number[]
}

/** A wall seen from above as segments, open where people come in. */
function wallSegments(scene: Scene, side: 'left' | 'right', band: Span): readonly Polygon[] {
  const { interior } = scene
  const sign = side === 'left' ? 1 : -1
  const entrances = interior.shell.openings.filter((opening) => opening.entrance && opening.side === side)
  const at = (x: number): Vec2 => [x, (wallReach(interior, side, { min: x, max: x }, band)?.tightMm ?? 0) * sign]
  const stops = [
    ...knots(interior, interior.xSpan),
    ...entrances.flatMap((opening) => [opening.fromMm, opening.toMm]),
  ].sort((a, b) => a - b)
  const segments: Polygon[] = []
  for (let index = 1; index < stops.length; index += 1) {
    const from = nth(stops, index - 1)
    const to = nth(stops, index)
    const middle = (from + to) / 2
    if (to <= from || entrances.some((opening) => middle > opening.fromMm && middle < opening.toMm)) continue
    segments.push([at(from), at(to)])
  }
  return segments
}

/** The rear end as segments from wall to wall, open where people come in. */
function rearSegments(scene: Scene, right: number, left: number): readonly Polygon[] {
  const x = scene.interior.xSpan.min
  const entrance = scene.interior.shell.openings.find((opening) => opening.entrance && opening.side === 'rear')
  if (entrance === undefined)
    return [
      [
        [x, right],
        [x, left],
      ],
    ]
  return [
    [
      [x, right],
      [x, entrance.fromMm],
    ],
    [
      [x, entrance.toMm],
      [x, left],
    ],
  ]
}

/** The front end as segments: a bulkhead, or the sides and the dashboard of an open cab. */
function frontSegments(interior: Interior, right: number, left: number): readonly (readonly [Polygon, WaySide])[] {
  const x = interior.xSpan.max
  const wall = (id: 'left' | 'right' | 'front', ...points: readonly Vec2[]): readonly [Polygon, WaySide] => [
    points,
    { kind: 'wall', id },
  ]
  const cab = cabSpace(interior)
  if (cab === undefined) return [wall('front', [x, right], [x, left])]
  const [end, low, high] = [cab.x.max, Math.max(right, cab.y.min), Math.min(left, cab.y.max)]
  return [
    ...(low > right ? [wall('front', [x, right], [x, low])] : []),
    ...(high < left ? [wall('front', [x, high], [x, left])] : []),
    wall('right', [x, low], [end, low]),
    wall('left', [x, high], [end, high]),
    wall('front', [end, low], [end, high]),
  ]
}

/** The walls and ends of a body in a band of heights, and how far out they are to either side. */
interface Walls {
  readonly interior: Interior
  readonly band: Span
  readonly segments: readonly (readonly [Polygon, WaySide])[]
  readonly left: number
  readonly right: number
}

function wallsIn(scene: Scene, band: Span, before: Walls | undefined): Walls {
  const { interior } = scene
  if (before?.interior === interior && before.band.min === band.min && before.band.max === band.max) return before
  const sides = (['left', 'right'] as const).flatMap((id) =>
    wallSegments(scene, id, band).map((segment) => [segment, { kind: 'wall', id }] as const),
  )
  const edges = sides.map(([segment]) => polygonSpan(segment, 1))
  const left = Math.max(...edges.map((edge) => edge.max))
  const right = Math.min(...edges.map((edge) => edge.min))
  const front = frontSegments(interior, right, left)
  const rear = rearSegments(scene, right, left).map((segment) => [segment, { kind: 'wall', id: 'rear' }] as const)
  return { interior, band, segments: [...sides, ...rear, ...front], left, right }
}

/** Whether a part of the body is a lift that stands in an entrance: one comes in on it. */
function isLiftIn({ shell }: Interior, keepOutId: string): boolean {
  const part = shell.keepOuts.find(({ id }) => id === keepOutId)
  if (part?.what !== 'lift') return false
  const { from, to } = part
  const side = from[1] + to[1] > 0 ? 'left' : 'right'
  return shell.openings.some(
    (opening) => opening.entrance && opening.side === side && from[0] < opening.toMm && to[0] > opening.fromMm,
  )
}

/** Whether everything stands in one scene as it did for a ground. */
const standsAlike = (scene: Scene, walker: Walker, ground: WayGround): boolean =>
  JSON.stringify(ground.walker) === JSON.stringify(walker) &&
  ground.placed.length === scene.placed.length &&
  ground.turned.join() === scene.turned.join() &&
  ground.placed.every((placed, index) => placed === scene.placed[index])

/**
 * The obstacles of a scene from step height (on hands and knees, a seat’s) to the walker’s shoulders above the lined floor, the
 * exact distance field among them on a grid of 25 mm, and the widest ways from the entrances to every cell. A bulkhead ends it; an open cab is
 * gone into between its seats. Of `befores` one is handed back in which nothing stands otherwise, and the last is carried on where
 * little does.
 */
export function wayGround(scene: Scene, walker: Walker, befores: readonly WayGround[] = []): WayGround {
  const alike = befores.find((one) => standsAlike(scene, walker, one))
  if (alike !== undefined) return alike
  const before = befores.at(-1)
  const { shoulderMm } = walker
  const { interior } = scene
  const floor = liningTop(interior, (interior.xSpan.min + interior.xSpan.max) / 2)
  const peak = Math.max(...interior.sections.flatMap(({ polygon }) => polygon.map(([, z]) => z)))
  const crawls = peak - floor < shoulderMm
  const fromMm = crawls ? CRAWL_OVER_MM : STEP_OVER_MM
  const low = floor + fromMm
  const bands = crawls ? [] : (walker.bands ?? [])
  // in a low body one goes stooped: above the walls the roof curves in, and there is no going there
  const band: Span = { min: low, max: Math.max(low, Math.min(floor + shoulderMm, wallTop(interior))) }
  const polygons: Polygon[] = []
  const owners: WaySide[] = []
  const spare: number[] = []
  const add = (polygon: Polygon, owner: WaySide, spareMm = 0) => {
    if (polygon.length === 0) return
    polygons.push(polygon)
    owners.push(owner)
    spare.push(spareMm)
  }
  const addSolid = (prism: Prism, owner: WaySide) => {
    const { z } = prismBounds(prism)
    if (z.min - floor >= STOOP_UNDER_MM) return
    const top = z.max - floor
    add(footprintInBand(prism, band), owner, bands.find(({ topMm }) => top <= topMm)?.spareMm)
  }
  // one comes in on a lift, whatever it stands before, and by a door with all that hangs on it
  const standing = scene.placed.filter((placed) => !placed.facts.liftsPeople && doorOf(scene, placed) === undefined)
  for (const placed of standing)
    for (const { prism } of placed.inner) addSolid(prism, { kind: 'fitting', id: placed.id })
  for (const { id, prism } of interior.keepOuts) if (!isLiftIn(interior, id)) addSolid(prism, { kind: 'keep-out', id })
  for (const { seat, solids } of cabSeatsIn(scene))
    for (const prism of solids) addSolid(prism, { kind: 'keep-out', id: seat.id })
  const walls = wallsIn(scene, band, before?.walls)
  const { left, right } = walls
  for (const [segment, owner] of walls.segments) add(segment, owner)

  const entrances = interior.shell.openings.filter((opening) => opening.entrance)
  const beyond = (side: 'left' | 'right' | 'rear') =>
    entrances.some((opening) => opening.side === side) ? OUTSIDE_MM : 0
  const grid = gridOver(
    interior.xSpan.min - beyond('rear'),
    right - beyond('right'),
    frontMost(interior),
    left + beyond('left'),
    CELL_MM,
  )
  // one comes to a door anywhere before it: first its middle, then what is beside that
  const sources = entrances.flatMap((opening) => {
    const [first, second] = jambs(interior, opening)
    const cellAt = (x: number, y: number): number => {
      const column = Math.min(grid.columns - 1, Math.max(0, Math.floor((x - grid.x0) / CELL_MM)))
      const row = Math.min(grid.rows - 1, Math.max(0, Math.floor((y - grid.y0) / CELL_MM)))
      return row * grid.columns + column
    }
    const isRear = opening.side === 'rear'
    const [from, to] = isRear ? [first[1], second[1]] : [first[0], second[0]]
    const beside = opening.side === 'left' ? left + OUTSIDE_MM - CELL_MM : right - OUTSIDE_MM + CELL_MM / 2
    const asides = [0]
    for (let aside = CELL_MM; aside < Math.abs(to - from) / 2 - CELL_MM; aside += CELL_MM) asides.push(aside, -aside)
    return asides.map((aside) => {
      const at = (from + to) / 2 + aside
      return isRear ? cellAt(grid.x0 + CELL_MM / 2, at) : cellAt(at, beside)
    })
  })
  const own = { placed: scene.placed, turned: scene.turned, walker, fromMm, walls, owners, sources }
  // where what one walks round is the same, so are the ways, whatever else stands otherwise
  const same = befores.find(
    (one) => one.walls === walls && isSameGrid(one.field.grid, grid) && one.field.obstacles.areAlike(polygons, spare),
  )
  if (same !== undefined) return { ...own, field: same.field, paths: same.paths }
  const field = distanceField(grid, new Obstacles(polygons, spare), before?.field)
  return { ...own, field, paths: new WidestPaths(grid, field.mm, sources, NARROWEST_MM / 2) }
}

const isSameGrid = (a: Grid, b: Grid): boolean =>
  a.x0 === b.x0 && a.y0 === b.y0 && a.columns === b.columns && a.rows === b.rows && a.cellMm === b.cellMm

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
  const inside = (x: number, y: number, away: number): number => {
    if (x < xSpan.min || x > xSpan.max) return -1
    const known = wallsAlong.get(x)
    const walls = known ?? wallsAt(scene.interior, x, liningTop(scene.interior, x) + STEP_OVER_MM)
    if (known === undefined && walls !== undefined) wallsAlong.set(x, walls)
    return walls === undefined ? -1 : Math.min(away, walls.max - y, y - walls.min)
  }
  let best = -1
  let at: Vec2 = [spanMiddle(xSpan), 0]
  const take = (x: number, y: number): void => {
    const within = inside(x, y, obstacles.bareDistance(x, y))
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
interface Saddle {
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
function saddleNear(ground: WayGround, path: readonly number[], index: number): Saddle {
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
function bestNear(ground: WayGround, zone: Polygon, cell: number): Saddle {
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

/**
 * What stands on either side of a narrow place, what it spares, and what a tape measures between: those that count as near as the
 * nearest, within a hair. Where that is one alone, one stands on the edge of a lower thing that spares more than there is room: it is
 * the other side.
 */
function sidesOf(
  { owners, field: { obstacles } }: WayGround,
  at: Vec2,
  distance: number,
): Pick<Way, 'between' | 'spareMm' | 'gapMm'> {
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
function narrowPlaces(path: readonly number[], width: Float64Array): number[] {
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
