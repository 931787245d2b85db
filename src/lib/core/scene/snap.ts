import { prismBounds, sharedLength, spanMiddle, type Box, type Span } from '../geometry'
import { heightsAt, liningTop } from '../shell'
import { TOUCH_MM } from '../units'
import type { Placed, Scene } from './scene'
import { wallDistance } from './wall-distance'

/** What an edge was drawn to. */
export type SnapTo =
  | { readonly kind: 'neighbour'; readonly id: string }
  | { readonly kind: 'hollow'; readonly id: string }
  | { readonly kind: 'arch'; readonly id: string }
  | { readonly kind: 'door'; readonly id: string }
  | { readonly kind: 'wall'; readonly id: 'left' | 'right' | 'rear' | 'front' }
  | { readonly kind: 'station' | 'centre' | 'floor' | 'roof' | 'round'; readonly id: '' }

export interface Snap {
  readonly axis: 'x' | 'y' | 'z'
  /** What to add to the movement. */
  readonly byMm: number
  /** Where the line that was met lies on its axis. */
  readonly atMm: number
  readonly to: SnapTo
}

interface Line {
  readonly at: number
  readonly to: SnapTo
}

const ROUND_MM = 10

const shifted = (span: Span, by: number): Span => ({ min: span.min + by, max: span.max + by })

/** The nearest line to any of the edges, within reach. */
function nearest(
  axis: Snap['axis'],
  edges: readonly number[],
  lines: readonly Line[],
  reachMm: number,
): Snap | undefined {
  let best: Snap | undefined
  for (const { at, to } of lines) {
    for (const edge of edges) {
      const byMm = at - edge
      if (Math.abs(byMm) <= reachMm && Math.abs(byMm) < Math.abs(best?.byMm ?? Infinity))
        best = { axis, byMm, atMm: at, to }
    }
  }
  return best
}

const wall = (id: 'left' | 'right' | 'rear' | 'front'): SnapTo => ({ kind: 'wall', id })

/** The lines that an edge can be drawn to. In y and z only what the fitting would meet at its place counts. */
function linesFor(
  scene: Scene,
  placed: Placed,
  moved: Box,
  axis: Snap['axis'],
  stationMm: number | undefined,
): readonly Line[] {
  const { interior } = scene
  const lines: Line[] = []
  const { within } = placed
  if (within !== undefined) {
    const to: SnapTo = { kind: 'hollow', id: within.hostId }
    lines.push({ at: within.room[axis].min, to }, { at: within.room[axis].max, to })
    for (const other of scene.placed)
      if (other.id !== placed.id && other.within?.hostId === within.hostId) {
        const beside: SnapTo = { kind: 'neighbour', id: other.id }
        lines.push({ at: other.bounds[axis].min, to: beside }, { at: other.bounds[axis].max, to: beside })
      }
    return lines
  }
  for (const other of scene.placed) {
    if (other.id === placed.id) continue
    const aside = axis === 'x' ? true : sharedLength(other.bounds.x, moved.x) > TOUCH_MM
    if (!aside) continue
    const to: SnapTo = { kind: 'neighbour', id: other.id }
    lines.push({ at: other.bounds[axis].min, to }, { at: other.bounds[axis].max, to })
  }
  for (const { id, prism } of interior.keepOuts) {
    const bounds = prismBounds(prism)
    if (axis !== 'x' && !(sharedLength(bounds.x, moved.x) > TOUCH_MM)) continue
    const to: SnapTo = { kind: 'arch', id }
    lines.push({ at: bounds[axis].min, to }, { at: bounds[axis].max, to })
  }
  if (axis === 'x') {
    lines.push({ at: interior.xSpan.min, to: wall('rear') }, { at: interior.xSpan.max, to: wall('front') })
    for (const opening of interior.shell.openings) {
      if (opening.side !== 'rear')
        lines.push(
          { at: opening.fromMm, to: { kind: 'door', id: opening.id } },
          { at: opening.toMm, to: { kind: 'door', id: opening.id } },
        )
    }
    if (stationMm !== undefined) lines.push({ at: stationMm, to: { kind: 'station', id: '' } })
  }
  const middle = spanMiddle(moved.x)
  if (axis === 'y') {
    for (const side of ['left', 'right'] as const) {
      const reach = wallDistance(interior, side, moved.x, moved.z, placed.measuredAt)?.referenceMm
      if (reach !== undefined) lines.push({ at: side === 'left' ? reach : -reach, to: wall(side) })
    }
  }
  if (axis === 'z') {
    lines.push({ at: liningTop(interior, middle), to: { kind: 'floor', id: '' } })
    const heights = heightsAt(interior, middle, spanMiddle(moved.y))
    if (heights !== undefined) lines.push({ at: heights.max, to: { kind: 'roof', id: '' } })
  }
  return lines
}

/**
 * What a fitting that is moved by (dx, dy, dz) is drawn to, one line for each axis that moves, within `reachMm`; where
 * nothing is near, its low edge goes to a round 10 mm.
 */
export function snapsFor(
  scene: Scene,
  placed: Placed,
  move: { x?: number; y?: number; z?: number },
  reachMm: number,
  stationMm?: number,
): readonly Snap[] {
  const moved: Box = {
    x: shifted(placed.bounds.x, move.x ?? 0),
    y: shifted(placed.bounds.y, move.y ?? 0),
    z: shifted(placed.bounds.z, move.z ?? 0),
  }
  return (['x', 'y', 'z'] as const).flatMap((axis): Snap[] => {
    if (move[axis] === undefined) return []
    const span = moved[axis]
    const met = nearest(axis, [span.min, span.max], linesFor(scene, placed, moved, axis, stationMm), reachMm)
    const centre =
      axis === 'y' ? nearest('y', [spanMiddle(span)], [{ at: 0, to: { kind: 'centre', id: '' } }], reachMm) : undefined
    if (met !== undefined && centre !== undefined) return [Math.abs(centre.byMm) < Math.abs(met.byMm) ? centre : met]
    const snap = met ?? centre
    if (snap !== undefined) return [snap]
    const round = Math.round(span.min / ROUND_MM) * ROUND_MM
    return [{ axis, byMm: round - span.min, atMm: round, to: { kind: 'round', id: '' } }]
  })
}

/** What one edge of a fitting that is pulled to `atMm` along an axis is drawn to, within `reachMm`; nothing where nothing is near. */
export function edgeSnap(
  scene: Scene,
  placed: Placed,
  axis: Snap['axis'],
  atMm: number,
  reachMm: number,
  stationMm?: number,
): Snap | undefined {
  return nearest(axis, [atMm], linesFor(scene, placed, placed.bounds, axis, stationMm), reachMm)
}
