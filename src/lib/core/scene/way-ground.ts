import { nth } from '../units'
import {
  distanceField,
  type DistanceField,
  footprintInBand,
  type Grid,
  gridOver,
  Obstacles,
  type Polygon,
  polygonSpan,
  type Prism,
  prismBounds,
  type Span,
  type Vec2,
  WidestPaths,
} from '../geometry'
import { cabSpace, frontMost, type Interior, jambs, knots, liningTop, wallReach, wallTop } from '../shell'
import { cabSeatsIn } from './cab-seats'
import { doorOf } from './door'
import type { Placed, Scene } from './scene'

/** What a way squeezes past. */
export type WaySide =
  | { readonly kind: 'fitting'; readonly id: string }
  | { readonly kind: 'keep-out'; readonly id: string }
  | { readonly kind: 'wall'; readonly id: 'left' | 'right' | 'rear' | 'front' }

const CELL_MM = 25
/** Lower things are stepped over. */
export const STEP_OVER_MM = 150
/** In a body in which no one stands, one goes on hands and knees over what is no higher than a seat. Common practice, no source. */
const CRAWL_OVER_MM = 450
/** One stoops under what hangs no lower: that is the matter of heads, not of the way. Common practice, no source. */
const STOOP_UNDER_MM = 1300
/** How far outside a door the way starts. */
const OUTSIDE_MM = 500
/** Where it is no wider than this no one passes, and the way counts as none. */
export const NARROWEST_MM = 60

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
