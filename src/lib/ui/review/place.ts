import type { Bounds } from '$lib/core/draw'
import { unionOf, type Box } from '$lib/core/geometry'
import type { Finding } from '$lib/core/review'
import type { Scene } from '$lib/core/scene'
import type { ViewFrame } from '../drawing/layout'

/** A place is shown with this much round it, and never nearer than this, mm. */
const ROUND_MM = 350
const LEAST_MM = 1700

const within = (low: number, high: number, least: number, from: number, to: number): readonly [number, number] => {
  const long = Math.min(to - from, Math.max(least, high - low))
  const start = Math.min(to - long, Math.max(from, (low + high) / 2 - long / 2))
  return [start, start + long]
}

/** The part of the plan in which a finding is: its fittings and its place with some room round them, inside the view. */
export function windowOf(scene: Scene, finding: Finding | undefined, view: Bounds): Bounds {
  if (finding === undefined) return view
  const [x, y, z] = finding.place
  const at: Box = { x: { min: x, max: x }, y: { min: y, max: y }, z: { min: z, max: z } }
  const boxes = scene.placed.filter(({ id }) => finding.fittings.includes(id)).map(({ bounds }) => bounds)
  const whole = finding.fittings.length === 0
  const box = unionOf([at, ...boxes])
  if (whole && finding.code !== 'standing-nowhere') return view
  const [x0, x1] = within(box.x.min - ROUND_MM, box.x.max + ROUND_MM, LEAST_MM, view.min[0], view.max[0])
  const [y0, y1] = within(box.y.min - ROUND_MM, box.y.max + ROUND_MM, LEAST_MM, view.min[1], view.max[1])
  return { min: [x0, y0], max: [x1, y1] }
}

/** A view of which a part fills a box on the screen, in its middle; the rest of the view goes on beyond it. */
export function frameOn(id: ViewFrame['id'], width: number, height: number, part: Bounds, margin: number): ViewFrame {
  const wide = part.max[0] - part.min[0]
  const high = part.max[1] - part.min[1]
  const scale = Math.max(0.02, Math.min((width - 2 * margin) / wide, (height - 2 * margin) / high))
  return { id, scale, left: (width - wide * scale) / 2, top: (height - high * scale) / 2, bounds: part }
}
