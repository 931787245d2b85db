import { prismBounds, prismsOverlap, rectangle, type Polygon, type Prism, type Vec2 } from '../geometry'
import type { CabSeat, Shell } from '../shell'
import type { Blocker } from './free'
import type { Scene } from './scene'

/** A backrest's thickness, its height above the cushion, and how far a seat reaches below it. */
const BACK_MM = 130
const BACK_HEIGHT_MM = 640
const BELOW_MM = 120
const HALF_TURN_DEG = 180
const STEP_DEG = 7.5
/** Door and trim inside the skin beside a seat. */
const DOOR_MM = 80

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

/** How far out the inner face of the door beside a cab seat is. */
function doorY(shell: Shell, xMm: number): number {
  const { plan } = shell.outline
  for (let index = 1; index < plan.length; index += 1) {
    const [a, b] = [plan[index - 1]!, plan[index]!]
    if (xMm < a[0] || xMm > b[0] || a[0] === b[0]) continue
    return a[1] + ((b[1] - a[1]) * (xMm - a[0])) / (b[0] - a[0]) - DOOR_MM
  }
  return Math.max(...plan.map(([, y]) => y)) - DOOR_MM
}

export interface SwivelFreedom {
  /** How far it turns the better way round, to the last step that is free; 180 when it turns right round. */
  readonly freeDeg: number
  readonly blockers: readonly Blocker[]
  /** What it sweeps that way. */
  readonly sweep: readonly Prism[]
}

/** How far a cab seat turns among what stands behind it, what stands proud of the body, the door and the other seats. */
export function swivelFreedom(scene: Scene, seat: CabSeat): SwivelFreedom {
  const { shell } = scene.interior
  const others = shell.cabSeats
    .filter(({ id }) => id !== seat.id)
    .flatMap((other) => seatSolids(other, scene.turned.includes(other.id) ? HALF_TURN_DEG : 0))
  const blockersAt = (deg: number): readonly Blocker[] => {
    const solids = seatSolids(seat, deg)
    const meets = (prism: Prism) => solids.some((solid) => prismsOverlap(solid, prism))
    const fittings = scene.placed.filter((placed) => placed.solids.some(({ prism }) => meets(prism)))
    const proud = scene.interior.keepOuts.filter(({ prism }) => meets(prism))
    const outside = solids.some((solid) => {
      const { x, y } = prismBounds(solid)
      const door = Math.min(doorY(shell, x.min), doorY(shell, x.max))
      return y.max > door || y.min < -door
    })
    return [
      ...fittings.map(({ id }): Blocker => ({ kind: 'fitting', id })),
      ...proud.map(({ id }): Blocker => ({ kind: 'keep-out', id })),
      ...(outside || others.some(meets) ? [{ kind: 'shell', id: 'shell' } as const] : []),
    ]
  }
  const way = (sign: 1 | -1): SwivelFreedom => {
    const sweep: Prism[] = []
    for (let deg = STEP_DEG; deg <= HALF_TURN_DEG; deg += STEP_DEG) {
      const blockers = blockersAt(sign * deg)
      if (blockers.length > 0)
        return { freeDeg: deg - STEP_DEG, blockers, sweep: [...sweep, ...seatSolids(seat, sign * deg)] }
      sweep.push(...seatSolids(seat, sign * deg))
    }
    return { freeDeg: HALF_TURN_DEG, blockers: [], sweep }
  }
  const [left, right] = [way(1), way(-1)]
  return left.freeDeg >= right.freeDeg ? left : right
}
