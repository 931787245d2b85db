import type { Vec2 } from '$lib/core/geometry'
import { keptIn, type Zoom } from './place'

/** Two fingers on the drawing, and how it lay when the second came. */
export interface Pinch {
  readonly from: readonly [Vec2, Vec2]
  readonly zoom: Zoom
}

const middle = ([a, b]: readonly [Vec2, Vec2]): Vec2 => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]
const apart = ([a, b]: readonly [Vec2, Vec2]): number => Math.max(1, Math.hypot(a[0] - b[0], a[1] - b[1]))

/** How the drawing lies once the two fingers are there: what lay between them lies between them still. Pixels. */
export function pinched({ from, zoom }: Pinch, to: readonly [Vec2, Vec2], width: number, height: number): Zoom {
  const asked = (zoom.k * apart(to)) / apart(from)
  const { k } = keptIn({ k: asked, x: 0, y: 0 }, width, height)
  const [was, now] = [middle(from), middle(to)]
  const at = (axis: 0 | 1, pushed: number): number => now[axis] - ((was[axis] - pushed) / zoom.k) * k
  return keptIn({ k, x: at(0, zoom.x), y: at(1, zoom.y) }, width, height)
}
