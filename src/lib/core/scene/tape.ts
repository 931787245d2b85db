import { sharedLength, spanMiddle, type Vec3 } from '../geometry'
import { heightsAt, liningTop, wallReach } from '../shell'
import { TOUCH_MM } from '../units'
import type { Placed, Scene } from './scene'

export type TapeId =
  'rear' | 'front' | 'left' | 'right' | 'floor' | 'ceiling' | 'behind' | 'ahead' | 'beside-left' | 'beside-right'

/** One distance that a person would measure. */
export interface TapeRow {
  readonly id: TapeId
  readonly mm: number
  /** To what it is measured, for neighbours. */
  readonly neighbourId?: string
  /** Moving the fitting along this direction by 1 mm lengthens the distance by 1 mm. */
  readonly grows: Vec3
}

/** Room between two things counts as a distance between neighbours up to this; beyond, nobody measures it. */
const NEIGHBOUR_MM = 2500

function neighbours(scene: Scene, placed: Placed): readonly TapeRow[] {
  const nearest = new Map<TapeId, TapeRow>()
  const offer = (id: TapeId, mm: number, neighbourId: string, grows: Vec3) => {
    if (mm >= -TOUCH_MM && mm < (nearest.get(id)?.mm ?? NEIGHBOUR_MM)) nearest.set(id, { id, mm, neighbourId, grows })
  }
  const own = placed.bounds
  for (const { id, bounds } of scene.placed) {
    if (id === placed.id) continue
    const level = sharedLength(own.z, bounds.z) > TOUCH_MM
    if (level && sharedLength(own.y, bounds.y) > TOUCH_MM) {
      offer('behind', own.x.min - bounds.x.max, id, [1, 0, 0])
      offer('ahead', bounds.x.min - own.x.max, id, [-1, 0, 0])
    }
    if (level && sharedLength(own.x, bounds.x) > TOUCH_MM) {
      offer('beside-right', own.y.min - bounds.y.max, id, [0, 1, 0])
      offer('beside-left', bounds.y.min - own.y.max, id, [0, -1, 0])
    }
  }
  return [...nearest.values()]
}

/** The tape of a fitting: from the rear sill and the bulkhead, from each wall at its own height, from floor and ceiling, to its neighbours. */
export function tapeOf(scene: Scene, placed: Placed): readonly TapeRow[] {
  const { interior } = scene
  const { x, y, z } = placed.bounds
  const rows: TapeRow[] = [
    { id: 'rear', mm: x.min - interior.xSpan.min, grows: [1, 0, 0] },
    { id: 'front', mm: interior.xSpan.max - x.max, grows: [-1, 0, 0] },
  ]
  const along = {
    min: Math.max(x.min, interior.xSpan.min),
    max: Math.max(x.min + 1, Math.min(x.max, interior.xSpan.max)),
  }
  const floor = liningTop(interior, spanMiddle(x))
  const height = Math.max(z.min, floor)
  const wall = (side: 'left' | 'right') => wallReach(interior, side, along, { min: height, max: height })?.tightMm
  const left = wall('left')
  const right = wall('right')
  if (left !== undefined)
    rows.push({ id: 'left', mm: placed.scribedTo === 'left' ? 0 : left - y.max, grows: [0, -1, 0] })
  if (right !== undefined)
    rows.push({ id: 'right', mm: placed.scribedTo === 'right' ? 0 : y.min + right, grows: [0, 1, 0] })
  rows.push({ id: 'floor', mm: z.min - floor, grows: [0, 0, 1] })
  const heights = heightsAt(interior, spanMiddle(x), spanMiddle(y))
  if (heights !== undefined) rows.push({ id: 'ceiling', mm: heights.max - z.max, grows: [0, 0, -1] })
  return [...rows, ...neighbours(scene, placed)]
}

/** The depth that a scribed part has left at a height: from its front to the wall. */
export function usableDepth(scene: Scene, placed: Placed, zMm: number): number | undefined {
  if (placed.scribedTo === undefined) return undefined
  const reach = wallReach(scene.interior, placed.scribedTo, placed.bounds.x, { min: zMm, max: zMm })
  if (reach === undefined) return undefined
  const front = placed.scribedTo === 'left' ? placed.bounds.y.min : -placed.bounds.y.max
  return Math.max(0, reach.tightMm - front)
}
