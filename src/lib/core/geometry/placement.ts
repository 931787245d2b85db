import { counterClockwise } from './polygon'
import { spanOf } from './span'
import type { Axis, Prism } from './prism'
import type { Polygon, Vec2, Vec3 } from './types'

/** Counter-clockwise from above, in degrees. */
export const TURNS = [0, 90, 180, 270] as const
export type Turn = (typeof TURNS)[number]

/** How a fitting's own frame stands in the vehicle: mirrored in its own x first, then turned, then moved. */
export interface Placement {
  readonly at: Vec3
  readonly turn: Turn
  readonly mirrored: boolean
}

export const addTurns = (a: Turn, b: Turn): Turn => ((a + b) % 360) as Turn

const rotate = ([x, y]: Vec2, turn: Turn): Vec2 => {
  if (turn === 0) return [x, y]
  if (turn === 90) return [-y, x]
  if (turn === 180) return [-x, -y]
  return [y, -x]
}

export function placePoint(placement: Placement, [x, y]: Vec2): Vec2 {
  const [turnedX, turnedY] = rotate([placement.mirrored ? -x : x, y], placement.turn)
  return [placement.at[0] + turnedX, placement.at[1] + turnedY]
}

/** A placement that is given in the frame of another, as it stands in the vehicle. */
export function composed(host: Placement, { at, turn, mirrored }: Placement): Placement {
  const [x, y] = placePoint(host, [at[0], at[1]])
  return {
    at: [x, y, host.at[2] + at[2]],
    turn: addTurns(host.turn, host.mirrored ? (((360 - turn) % 360) as Turn) : turn),
    mirrored: host.mirrored !== mirrored,
  }
}

/** A movement in the vehicle, as it is seen in the frame that stands so. */
export function localMove({ turn, mirrored }: Placement, [dx, dy, dz]: Vec3): Vec3 {
  const [x, y] = rotate([dx, dy], ((360 - turn) % 360) as Turn)
  return [mirrored ? -x : x, y, dz]
}

/** A direction of a frame that stands so, as it is in the vehicle. */
export function placedMove({ turn, mirrored }: Placement, [dx, dy, dz]: Vec3): Vec3 {
  const [x, y] = rotate([mirrored ? -dx : dx, dy], turn)
  return [x, y, dz]
}

export const placePolygon = (placement: Placement, polygon: Polygon): Polygon =>
  counterClockwise(polygon.map((point) => placePoint(placement, point)))

/** A prism of the fitting's own frame in the vehicle frame; along x and y swap under a quarter turn. */
export function placePrism(placement: Placement, solid: Prism): Prism {
  const z = placement.at[2]
  if (solid.axis === 'z') {
    return {
      axis: 'z',
      profile: placePolygon(placement, solid.profile),
      span: { min: solid.span.min + z, max: solid.span.max + z },
    }
  }
  const swapped = placement.turn === 90 || placement.turn === 270
  const axis: Axis = swapped ? (solid.axis === 'x' ? 'y' : 'x') : solid.axis
  const place = (along: number, across: number): Vec2 =>
    placePoint(placement, solid.axis === 'x' ? [along, across] : [across, along])
  const pick = axis === 'x' ? 0 : 1
  const ends = [solid.span.min, solid.span.max].map((along) => place(along, 0)[pick])
  const profile = solid.profile.map(([across, height]): Vec2 => [place(0, across)[1 - pick]!, height + z])
  return { axis, profile: counterClockwise(profile), span: spanOf(ends) }
}
