import type { Bounds, ViewId } from '$lib/core/draw'
import type { Vec2 } from '$lib/core/geometry'

/** Where a view lies on the screen: px = left + (u − u0)·scale, py = top + (v1 − v)·scale. */
export interface ViewFrame {
  readonly id: ViewId
  readonly scale: number
  readonly left: number
  readonly top: number
  readonly bounds: Bounds
}

export const toScreen = (frame: ViewFrame, [u, v]: Vec2): Vec2 => [
  frame.left + (u - frame.bounds.min[0]) * frame.scale,
  frame.top + (frame.bounds.max[1] - v) * frame.scale,
]

export const toView = (frame: ViewFrame, [px, py]: Vec2): Vec2 => [
  frame.bounds.min[0] + (px - frame.left) / frame.scale,
  frame.bounds.max[1] - (py - frame.top) / frame.scale,
]

export const frameWidth = ({ bounds, scale }: ViewFrame): number => (bounds.max[0] - bounds.min[0]) * scale
export const frameHeight = ({ bounds, scale }: ViewFrame): number => (bounds.max[1] - bounds.min[1]) * scale

/** Height of the ruler along the top of the drawing. */
export const RULER_PX = 22
const TITLE_PX = 18
const GAP_PX = 24
const SIDE_PX = 30
const FOOT_PX = 10

/** The three views along the vehicle, one above the other on one x-scale, as large as the space allows. */
export function unfold(
  width: number,
  height: number,
  plan: Bounds,
  side: Bounds,
): readonly [ViewFrame, ViewFrame, ViewFrame] {
  const long = plan.max[0] - plan.min[0]
  const high = 2 * (side.max[1] - side.min[1]) + (plan.max[1] - plan.min[1])
  const scale = Math.max(
    0.02,
    Math.min((width - 2 * SIDE_PX) / long, (height - RULER_PX - TITLE_PX - 2 * GAP_PX - FOOT_PX) / high),
  )
  const left = Math.max(SIDE_PX, (width - long * scale) / 2)
  const spare = Math.max(0, height - RULER_PX - TITLE_PX - FOOT_PX - 2 * GAP_PX - high * scale)
  const gap = GAP_PX + Math.min(spare / 3, 30)
  const first = RULER_PX + TITLE_PX + Math.min(spare / 3, 30)
  const sideHigh = (side.max[1] - side.min[1]) * scale
  const planHigh = (plan.max[1] - plan.min[1]) * scale
  return [
    { id: 'left', scale, left, top: first, bounds: side },
    { id: 'plan', scale, left, top: first + sideHigh + gap, bounds: plan },
    { id: 'right', scale, left, top: first + sideHigh + planHigh + 2 * gap, bounds: side },
  ]
}

/** One view as large as a box allows, in its middle. */
export function fitView(id: ViewId, width: number, height: number, bounds: Bounds, margin = 8): ViewFrame {
  const wide = bounds.max[0] - bounds.min[0]
  const high = bounds.max[1] - bounds.min[1]
  const scale = Math.max(0.01, Math.min((width - 2 * margin) / wide, (height - 2 * margin) / high))
  return { id, scale, left: (width - wide * scale) / 2, top: (height - high * scale) / 2, bounds }
}

/** A movement in a view, as one in the vehicle. */
export function vehicleDelta(view: ViewId, du: number, dv: number): { x?: number; y?: number; z?: number } {
  if (view === 'plan') return { x: du, y: dv }
  if (view === 'section') return { y: -du, z: dv }
  return { x: du, z: dv }
}
