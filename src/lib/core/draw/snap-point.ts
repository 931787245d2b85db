import { clamp, longestSpan, prismBounds, type Box, type Span, type Vec2 } from '../geometry'
import type { Scene } from '../scene'
import { freeAcross, heightsAt } from '../shell'
import type { ViewId } from './display'
import { viewExtent } from './hand'

/** At which height a plan’s walls are looked at, as its own dimensions are. */
const WALLS_AT_MM = 900

/** What of the body runs along and up a view at a place, mm of the view. */
function bodyLines(
  scene: Scene,
  view: ViewId,
  [u]: Vec2,
): { readonly u: readonly number[]; readonly v: readonly number[] } {
  const { interior } = scene
  const { min, max } = interior.xSpan
  if (view === 'section') return { u: [0], v: [] }
  const x = clamp(u, min, max)
  if (view !== 'plan') {
    const heights = heightsAt(interior, x, 0)
    return { u: [min, max], v: heights === undefined ? [] : [heights.min, heights.max] }
  }
  const free = freeAcross(interior, { min: x, max: x }, { min: WALLS_AT_MM, max: WALLS_AT_MM })
  const wide = longestSpan(free, { min: 0, max: 0 })
  return { u: [min, max], v: [wide.min, 0, wide.max] }
}

/** A point of a view drawn to the edges that are near it, on each axis by itself: of what stands there, of wheel arches, and of the body. */
export function snapPoint(scene: Scene, view: ViewId, at: Vec2, reachMm: number): Vec2 {
  const holds = ({ min, max }: Span, value: number) => value >= min - reachMm && value <= max + reachMm
  const boxes: readonly Box[] = [
    ...scene.placed.map(({ bounds }) => bounds),
    ...scene.interior.keepOuts.map(({ prism }) => prismBounds(prism)),
  ]
  const near = boxes
    .map((box) => viewExtent(view, box))
    .filter(([along, up]) => holds(along, at[0]) && holds(up, at[1]))
  const body = bodyLines(scene, view, at)
  const drawn = (value: number, lines: readonly number[]): number => {
    const [nearest] = [...lines].sort((a, b) => Math.abs(a - value) - Math.abs(b - value))
    return nearest !== undefined && Math.abs(nearest - value) <= reachMm ? nearest : Math.round(value)
  }
  return [
    drawn(at[0], [...near.flatMap(([{ min, max }]) => [min, max]), ...body.u]),
    drawn(at[1], [...near.flatMap(([, { min, max }]) => [min, max]), ...body.v]),
  ]
}
