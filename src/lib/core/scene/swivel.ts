import { nth } from '../units'
import { type Prism, prismBounds, prismsOverlap, type Vec2 } from '../geometry'
import { stancesOf } from '../fittings'
import type { CabSeat, Shell } from '../shell'
import { BACK_HEIGHT_MM, BACK_MM, HALF_TURN_DEG, seatSolids } from './cab-seats'
import type { Blocker } from './free'
import { keptNear } from './kept'
import type { Placed, Scene } from './scene'

const STEP_DEG = 7.5
/** Door and trim inside the skin beside a seat. */
const DOOR_MM = 80

/** How far out the inner face of the door beside a cab seat is: as measured, else by the outside as drawn. */
function doorY(shell: Shell, xMm: number): number {
  if (shell.cab !== undefined) return shell.cab.widthMm / 2
  const { plan } = shell.outline
  for (let index = 1; index < plan.length; index += 1) {
    const [a, b] = [nth(plan, index - 1), nth(plan, index)]
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

/** Whether a thing is a table that folds, drops or swings away. */
const isPutUp = ({ services, fitting }: Placed): boolean =>
  services.some(({ type }) => type === 'table-place') &&
  !services.some(({ type }) => type === 'desk') &&
  stancesOf(fitting).length > 1

/** What stands in the way of given solids of a cab seat: fittings, what stands proud of the body, the other seats. */
function inTheWay(scene: Scene, seat: CabSeat, solids: readonly Prism[], alsoShell: boolean): readonly Blocker[] {
  const others = scene.interior.shell.cabSeats
    .filter(({ id }) => id !== seat.id)
    .flatMap((other) => seatSolids(other, scene.turned.includes(other.id) ? HALF_TURN_DEG : 0))
  const meets = (prism: Prism) => solids.some((solid) => prismsOverlap(solid, prism))
  // a table is put up when the seat has turned
  const fittings = scene.placed.filter((placed) => !isPutUp(placed) && placed.inner.some(({ prism }) => meets(prism)))
  const proud = scene.interior.keepOuts.filter(({ prism }) => meets(prism))
  return [
    ...fittings.map(({ id }): Blocker => ({ kind: 'fitting', id })),
    ...proud.map(({ id }): Blocker => ({ kind: 'keep-out', id })),
    ...(alsoShell || others.some(meets) ? [{ kind: 'shell', id: 'shell' } as const] : []),
  ]
}

/** What stands so near a cab seat that it can meet it, however it turns or leans. */
function nearSeat(scene: Scene, { xMm, depthMm, widthMm, swivel }: CabSeat): readonly Placed[] {
  const axis = 2 * (Math.abs(swivel?.aheadMm ?? 0) + (swivel?.inboardMm ?? 0))
  const reach = depthMm + widthMm + BACK_HEIGHT_MM + axis
  return scene.placed.filter(({ bounds }) => bounds.x.max > xMm - reach && bounds.x.min < xMm + reach)
}

const keptSwivel = keptNear<CabSeat, SwivelFreedom>()
const keptRecline = keptNear<CabSeat, ReclineFreedom>()

/** How far a cab seat turns among what stands behind it, what stands proud of the body, the door and the other seats. */
export const swivelFreedom = (scene: Scene, seat: CabSeat): SwivelFreedom =>
  keptSwivel(seat, scene, nearSeat(scene, seat), () => swivelFound(scene, seat))

function swivelFound(scene: Scene, seat: CabSeat): SwivelFreedom {
  const { shell } = scene.interior
  const blockersAt = (deg: number): readonly Blocker[] => {
    const solids = seatSolids(seat, deg)
    const outside = solids.some((solid) => {
      const { x, y } = prismBounds(solid)
      const door = Math.min(doorY(shell, x.min), doorY(shell, x.max))
      return y.max > door || y.min < -door
    })
    return inTheWay(scene, seat, solids, outside)
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

/** The cab seats of a scene that are turned round and can be: one that meets something on its way is no seat to sit in. */
export function turnedSeats(scene: Scene): readonly CabSeat[] {
  const before = turned.get(scene)
  if (before !== undefined) return before
  const seats = scene.interior.shell.cabSeats.filter(
    (seat) => scene.turned.includes(seat.id) && swivelFreedom(scene, seat).freeDeg >= HALF_TURN_DEG,
  )
  turned.set(scene, seats)
  return seats
}
/** Worked out once for a scene. */
const turned = new WeakMap<Scene, readonly CabSeat[]>()

const RECLINE_STEP_DEG = 2.5

/** The backrest of a seat that faces forward, leant back about its foot. */
export function leaningBack(seat: CabSeat, deg: number): Prism {
  const [c, s] = [Math.cos((deg * Math.PI) / 180), Math.sin((deg * Math.PI) / 180)]
  const rear = seat.xMm - seat.depthMm / 2
  const lean = ([ahead, up]: Vec2): Vec2 => [rear + ahead * c - up * s, seat.cushionMm + ahead * s + up * c]
  const profile = (
    [
      [0, 0],
      [BACK_MM, 0],
      [BACK_MM, BACK_HEIGHT_MM],
      [0, BACK_HEIGHT_MM],
    ] as const
  ).map(lean)
  return { axis: 'y', profile, span: { min: seat.yMm - seat.widthMm / 2, max: seat.yMm + seat.widthMm / 2 } }
}

export interface ReclineFreedom {
  /** How far its backrest leans, to the last step that is free; all of its own recline when nothing is in the way. */
  readonly freeDeg: number
  readonly blockers: readonly Blocker[]
}

/** How far the backrest of a cab seat that faces forward leans back before it meets a fitting, the body or a bulkhead. */
export const reclineFreedom = (scene: Scene, seat: CabSeat): ReclineFreedom =>
  keptRecline(seat, scene, nearSeat(scene, seat), () => reclineFound(scene, seat))

function reclineFound(scene: Scene, seat: CabSeat): ReclineFreedom {
  const { bulkhead } = scene.interior.shell
  const most = seat.reclineDeg
  const steps = Array.from({ length: Math.floor(most / RECLINE_STEP_DEG) + 1 }, (_, step) => step * RECLINE_STEP_DEG)
  let freeDeg = 0
  for (const deg of [...steps, most]) {
    const back = leaningBack(seat, deg)
    const blockers = inTheWay(scene, seat, [back], !bulkhead.wayThrough && prismBounds(back).x.min < bulkhead.xMm)
    if (blockers.length > 0) return { freeDeg, blockers }
    freeDeg = deg
  }
  return { freeDeg: most, blockers: [] }
}
