import {
  clamp,
  placePrism,
  type Polygon,
  polygonSpan,
  prismBounds,
  sharedLength,
  type Span,
  unionOf,
  type Vec2,
} from '../geometry'
import { footprintOf, type SeatPlace, solidsOf, stancesOf } from '../fittings'
import { wallReach } from '../shell'
import { TOUCH_MM } from '../units'
import { swivelAxis } from './cab-seats'
import { turnedSeats } from './swivel'
import type { Placed, Scene } from './scene'

/** From the middle of one who sits to the edge of a table that they eat at: more is out of reach. Common practice, no source. */
const TABLE_REACH_MM = 450
/** A seat is at a table that lies within this angle of straight ahead. */
const AHEAD_COS = 0.5

const nearestOn = (top: Polygon, [x, y]: Vec2): Vec2 => {
  const [u, v] = [polygonSpan(top, 0), polygonSpan(top, 1)]
  return [clamp(x, u.min, u.max), clamp(y, v.min, v.max)]
}

/** Whether one who sits there has the table before them within reach. */
export function isAtTable({ at, facesDeg }: SeatPlace, top: Polygon): boolean {
  const near = nearestOn(top, at)
  const [dx, dy] = [near[0] - at[0], near[1] - at[1]]
  const away = Math.hypot(dx, dy)
  if (away > TABLE_REACH_MM) return false
  if (away < TOUCH_MM) return true
  const turn = (facesDeg * Math.PI) / 180
  return (dx * Math.cos(turn) + dy * Math.sin(turn)) / away > AHEAD_COS
}

/** Everywhere that one can sit in a scene: on fittings, and on cab seats that are turned round, which look to the rear. */
export function seatPlaces(scene: Scene): readonly SeatPlace[] {
  const fitted = scene.placed.flatMap((placed) =>
    placed.services.flatMap((service) => (service.type === 'seat' ? (service.places ?? []) : [])),
  )
  const turned = turnedSeats(scene).flatMap((seat): SeatPlace[] => {
    const axis = swivelAxis(seat)
    if (axis === undefined) return []
    // turned about its axis by half a turn
    return [{ at: [2 * axis[0] - seat.xMm, 2 * axis[1] - seat.yMm], facesDeg: 180 }]
  })
  return [...fitted, ...turned]
}

/** Places at tables: those of a table with a chair of its own, and seats that have another’s top before them. */
export function tablePlacesOffered(scene: Scene): number {
  let free = [...seatPlaces(scene)]
  let sum = 0
  for (const placed of scene.placed)
    for (const { type, quantity, top } of placed.services) {
      if (type !== 'table-place') continue
      if (top === undefined) {
        sum += quantity
        continue
      }
      const at = free.filter((place) => isAtTable(place, top)).slice(0, quantity)
      free = free.filter((place) => !at.includes(place))
      sum += at.length
    }
  return sum
}

/** Room beside a table for someone to go by, on its right (−y) and on its left, at the height of hips. */
export interface PassBeside {
  readonly rightMm: number
  readonly leftMm: number
}

const HIPS_MM = { min: 700, max: 1100 } as const

/** A table in one of its stances: how far its top reaches from its wall, and who can go by. */
export interface TablePosition {
  readonly stance: string
  /** From the wall behind it, or from its middle where it stands free, to the far edge of its top; 0 without a top. */
  readonly reachMm: number
  readonly pass: PassBeside
}

/** A table in every stance that it has, as it would stand in this scene. */
export function tablePositions(scene: Scene, placed: Placed): readonly TablePosition[] {
  const { fitting, placement } = placed
  return stancesOf(fitting).map((stance) => {
    const local = solidsOf(fitting, stance)
    const solids = local.map((solid) => ({ ...solid, prism: placePrism(placement, solid.prism) }))
    const bounds = solids.length === 0 ? placed.bounds : unionOf(solids.map(({ prism }) => prismBounds(prism)))
    const walls = (side: 'left' | 'right'): number =>
      wallReach(scene.interior, side, clipped(bounds.x, scene.interior.xSpan), { min: WALL_AT_MM, max: WALL_AT_MM })
        ?.tightMm ?? 0
    const there: Placed = { ...placed, bounds, solids, inner: solids }
    const back = footprintOf(fitting).depthMm / 2
    const front = Math.min(...local.map(({ prism }) => prismBounds(prism).y.min), back)
    return {
      stance,
      reachMm: Math.round(back - front),
      pass: passBeside(scene, there, { left: walls('left'), right: walls('right') }),
    }
  })
}

const clipped = (span: Span, within: Span): Span => ({
  min: clamp(span.min, within.min, within.max - 1),
  max: clamp(span.max, within.min + 1, within.max),
})
/** Height over the load floor at which a body going by meets the wall. */
const WALL_AT_MM = 900

/** The free gaps across the vehicle beside a fitting, to what stands there or to the wall. */
export function passBeside(
  scene: Scene,
  placed: Placed,
  wallsMm: { readonly left: number; readonly right: number },
): PassBeside {
  let [right, left] = [placed.bounds.y.min + wallsMm.right, wallsMm.left - placed.bounds.y.max]
  for (const other of scene.placed) {
    if (other.id === placed.id) continue
    for (const { prism } of other.inner) {
      const { x, y, z } = prismBounds(prism)
      if (!(sharedLength(x, placed.bounds.x) > TOUCH_MM) || !(sharedLength(z, HIPS_MM) > TOUCH_MM)) continue
      if (y.max <= placed.bounds.y.min + TOUCH_MM) right = Math.min(right, placed.bounds.y.min - y.max)
      if (y.min >= placed.bounds.y.max - TOUCH_MM) left = Math.min(left, y.min - placed.bounds.y.max)
    }
  }
  return { rightMm: Math.max(0, right), leftMm: Math.max(0, left) }
}
