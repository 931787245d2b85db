import { type Box, type Polygon, type Prism, rectangle, type Vec2 } from '../geometry'
import { cabSpace, type CabSeat } from '../shell'
import { TOUCH_MM } from '../units'
import type { Scene } from './scene'

/** A backrest's thickness, its height above the cushion, and how far a seat reaches below it. */
export const BACK_MM = 130
export const BACK_HEIGHT_MM = 640
const BELOW_MM = 120
export const HALF_TURN_DEG = 180

/** About what a seat turns, in plan; undefined where it does not turn. */
export function swivelAxis({ xMm, yMm, swivel }: CabSeat): Vec2 | undefined {
  return swivel === undefined ? undefined : [xMm + swivel.aheadMm, yMm - Math.sign(yMm) * swivel.inboardMm]
}

/** A seat's cushion and backrest in plan, turned by an angle about its axis; facing forward at 0. */
export function seatParts(seat: CabSeat, deg = 0): { readonly cushion: Polygon; readonly back: Polygon } {
  const [l, w] = [seat.depthMm / 2, seat.widthMm / 2]
  const axis = swivelAxis(seat) ?? [seat.xMm, seat.yMm]
  const [c, s] = [Math.cos((deg * Math.PI) / 180), Math.sin((deg * Math.PI) / 180)]
  const turn = ([x, y]: Vec2): Vec2 => {
    const [dx, dy] = [x - axis[0], y - axis[1]]
    return [axis[0] + dx * c - dy * s, axis[1] + dx * s + dy * c]
  }
  const [x0, x1, y0, y1] = [seat.xMm - l, seat.xMm + l, seat.yMm - w, seat.yMm + w]
  return {
    cushion: rectangle(x0, y0, x1, y1).map(turn),
    back: rectangle(x0, y0, x0 + BACK_MM, y1).map(turn),
  }
}

/** The volume that a seat fills at an angle: its cushion, and its backrest upright. */
export function seatSolids(seat: CabSeat, deg: number): readonly Prism[] {
  const { cushion, back } = seatParts(seat, deg)
  const { cushionMm } = seat
  return [
    { axis: 'z', profile: cushion, span: { min: cushionMm - BELOW_MM, max: cushionMm } },
    { axis: 'z', profile: back, span: { min: cushionMm, max: cushionMm + BACK_HEIGHT_MM } },
  ]
}

/** The cab’s seats as they are turned in a mode, as things that stand there: each with its cushion and its back; none where the cab is shut off, or what is asked for does not reach into it. */
export function cabSeatsIn(
  { interior, turned }: Pick<Scene, 'interior' | 'turned'>,
  reach?: Box,
): readonly CabSeatSolids[] {
  const isAhead = reach === undefined || reach.x.max > interior.xSpan.max + TOUCH_MM
  if (!isAhead || cabSpace(interior) === undefined) return []
  return interior.shell.cabSeats.map((seat) => ({
    seat,
    solids: seatSolids(seat, turned.includes(seat.id) ? HALF_TURN_DEG : 0),
  }))
}

interface CabSeatSolids {
  readonly seat: CabSeat
  readonly solids: readonly Prism[]
}
