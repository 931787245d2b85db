import { moveToClear, placePrism, type Prism, type Span, type Vec3 } from '../geometry'
import {
  adjusted,
  figureOf,
  type HandleName,
  handleOf,
  handlesOf,
  type HandleRef,
  isPressed,
  type ParameterValue,
  type Seat,
} from '../fittings'
import type { Fixing, SimpleCommand } from '../job'
import { nudged, type Placed } from '../scene'
import type { RuleInput } from './define-rule'
import type { Finding, Remedy, RemedyCode } from './finding'

type Anywhere = Pick<RuleInput, 'variantId'>
type Here = Pick<RuleInput, 'variantId' | 'plan' | 'scene'>

/** Sets a handle of a fitting, with all that follows; undefined where it has none of that name, or it goes no further. */
export function handleCommand(
  { variantId }: Anywhere,
  { id, fitting }: Pick<Placed, 'id' | 'fitting'>,
  at: HandleRef,
  value: ParameterValue,
): Extract<SimpleCommand, { type: 'fitting.parameters' }> | undefined {
  const parameters = adjusted(fitting, at, value)
  return parameters === undefined ? undefined : { type: 'fitting.parameters', variant: variantId, id, parameters }
}

/** A way out that takes hold of a fitting: none where there is nothing of that name to take hold of, or it goes no further. */
export function setHandle(
  here: Anywhere,
  placed: Placed,
  code: RemedyCode,
  name: HandleName,
  value: ParameterValue,
  amount = Number(value),
): readonly Remedy[] {
  const command = handleCommand(here, placed, name, value)
  const key = handleOf(placed.fitting, name)?.key
  if (command === undefined || key === undefined) return []
  return [
    {
      code,
      fittingId: placed.id,
      amount,
      ...(code === 'set-parameter' ? { parameter: { key, value } } : {}),
      commands: [command],
    },
  ]
}

/** Fastens what a finding is about first. */
export const fixWith = (
  { variantId, first }: Pick<RuleInput, 'variantId' | 'first'>,
  finding: Finding,
  fixing: Fixing,
): readonly Remedy[] => {
  const placed = first(finding)
  if (placed === undefined) return []
  const { id } = placed
  return [
    {
      code: 'strap',
      fittingId: id,
      amount: fixing.points,
      commands: [{ type: 'fitting.fixing', variant: variantId, id, fixing }],
    },
  ]
}

/** How long or deep a thing is that can be made shorter or shallower for the sake of others; undefined where someone lies in that measure. */
export function narrowable({ fitting }: Placed, name: 'end' | 'front'): number | undefined {
  const handle = handleOf(fitting, name)
  if (handle === undefined || handle.names.some((one) => one.startsWith('lying-'))) return undefined
  return typeof handle.value === 'number' ? handle.value : undefined
}

/** A bed on a platform on which one lies across the vehicle: how long, how high, and what band of the walls it needs at a height. */
export interface LiesAcross {
  readonly lengthMm: number
  readonly platformMm: number
  readonly band: (platformMm: number) => Span
}

/** What is under a platform’s top: its frame. */
const UNDER_PLATFORM_MM = 50

export function liesAcross(placed: Placed): LiesAcross | undefined {
  const platformMm = figureOf(placed.fitting, 'platform')
  const lengthMm = figureOf(placed.fitting, 'lying-length')
  const berth = placed.services.find(({ lying }) => lying !== undefined)?.lying
  if (platformMm === undefined || lengthMm === undefined || berth === undefined) return undefined
  if (Math.abs(berth.headward[1]) < 0.5) return undefined
  const base = placed.placement.at[2]
  const mattressMm = berth.zMm - platformMm
  return {
    lengthMm,
    platformMm,
    band: (height) => ({ min: base + height - UNDER_PLATFORM_MM, max: base + height + mattressMm }),
  }
}

const PLATFORM_STEP_MM = 10
const LOWEST_PLATFORM_MM = 250

/** The least that a platform comes down until `holds` at its height; nothing where that is nowhere. */
export function lowerUntil(
  here: Anywhere,
  placed: Placed,
  { platformMm }: LiesAcross,
  holds: (platformMm: number) => boolean,
  more: readonly SimpleCommand[] = [],
): readonly Remedy[] {
  for (let height = platformMm - PLATFORM_STEP_MM; height >= LOWEST_PLATFORM_MM; height -= PLATFORM_STEP_MM) {
    if (!holds(height)) continue
    return setHandle(here, placed, 'lower-platform', 'platform', height, platformMm - height).map((remedy) => ({
      ...remedy,
      commands: [...more, ...remedy.commands],
    }))
  }
  return []
}

/** Turned to lie along, against the left wall. */
export const turnedAlong = (here: Here, placed: Placed, more: readonly SimpleCommand[] = []): readonly Remedy[] => {
  const seat: Seat = { ...placed.seat, across: { from: 'left-wall', mm: 0 }, turn: 270 }
  return [{ code: 'turn-along', fittingId: placed.id, amount: 90, commands: [...more, setSeat(here, placed.id, seat)] }]
}

/** Seats a fitting: in this mode only if it stands elsewhere in it, else for good. */
export const setSeat = ({ variantId, plan, scene }: Here, id: string, seat: Seat): SimpleCommand =>
  plan.modes[scene.modeId]?.seats?.[id] === undefined
    ? { type: 'fitting.seat', variant: variantId, id, seat }
    : { type: 'mode.seat', variant: variantId, mode: scene.modeId, fitting: id, seat }

const MOST_FLARE_MM = 250
const LEAST_FLARE_MM = 20
/** A flare goes on beyond what it is for, so that its slopes leave the whole free. */
const ROUND_FLARE_MM = 20

/** Both walls come out round a block of a fitting by so much: a cut in the body, offered beside what costs none. */
export function flares(
  { variantId, plan, scene }: Here,
  placed: Placed,
  height: { readonly min: number; readonly max: number },
  byMm: number,
  more: readonly SimpleCommand[] = [],
): readonly Remedy[] {
  const amount = Math.max(LEAST_FLARE_MM, Math.ceil(byMm))
  const ids = { left: 'change-flare-left', right: 'change-flare-right' } as const
  if (amount > MOST_FLARE_MM || Object.values(ids).some((id) => plan.changes[id] !== undefined)) return []
  const { x } = placed.bounds
  // its own ends are lined too
  const round = ROUND_FLARE_MM + scene.interior.lining.wallMm
  const commands = (['left', 'right'] as const).map((side): SimpleCommand => ({
    type: 'change.put',
    variant: variantId,
    id: ids[side],
    change: {
      kind: 'flare',
      side,
      fromMm: Math.max(Math.ceil(scene.interior.xSpan.min), Math.floor(x.min - round)),
      toMm: Math.min(Math.floor(scene.interior.xSpan.max), Math.ceil(x.max + round)),
      bottomMm: Math.max(0, Math.floor(height.min - round)),
      topMm: Math.ceil(height.max + round),
      depthMm: amount,
    },
  }))
  return [{ code: 'flare', fittingId: placed.id, amount, commands: [...commands, ...more] }]
}

const DIRECTIONS: readonly (readonly [RemedyCode, Vec3])[] = [
  ['shift-forward', [1, 0, 0]],
  ['shift-back', [-1, 0, 0]],
  ['shift-left', [0, 1, 0]],
  ['shift-right', [0, -1, 0]],
]

/** A shift longer than this is no small move, and not offered. */
const MOST_MM = 1500

/** Moves a fitting by a whole number of millimetres one way; no remedy where its wall, floor or roof stops it. */
export function shift(
  input: Here,
  placed: Placed,
  code: RemedyCode,
  [dx, dy, dz]: Vec3,
  byMm: number,
): readonly Remedy[] {
  const amount = Math.ceil(byMm - 0.01)
  const seat = nudged(placed.seat, [dx * amount, dy * amount, dz * amount], placed.within?.host)
  return isPressed(seat) ? [] : [{ code, fittingId: placed.id, amount, commands: [setSeat(input, placed.id, seat)] }]
}

/** How much further than it must be a thing is moved, where there is something else just there. */
const FURTHER_MM = [0, 200, 500, 1000] as const

/** Each of some fittings moved along the vehicle, by so much or further, forward and back: for what is too near or too far. */
export const movedAlong = (
  input: Here & Pick<RuleInput, 'find'>,
  ids: readonly string[],
  byMm: number,
): readonly Remedy[] =>
  ids.flatMap((id) => {
    const placed = input.find(id)
    return placed === undefined || placed.fitting.locked === true
      ? []
      : FURTHER_MM.flatMap((more) => [
          ...shift(input, placed, 'shift-forward', [1, 0, 0], byMm + more),
          ...shift(input, placed, 'shift-back', [-1, 0, 0], byMm + more),
        ])
  })

/** The shortest shift each way after which none of a fitting's parts meets any of `others`. */
export function shiftsClearOf(
  input: Here,
  placed: Placed,
  parts: readonly Prism[],
  others: readonly Prism[],
): readonly Remedy[] {
  return DIRECTIONS.flatMap(([code, direction]): readonly Remedy[] => {
    const [dx, dy] = direction
    let total = 0
    for (let round = 0; round < 8; round += 1) {
      const placement = { at: [dx * total, dy * total, 0] as Vec3, turn: 0 as const, mirrored: false }
      const step = Math.max(
        0,
        ...parts.flatMap((part) => others.map((other) => moveToClear(placePrism(placement, part), other, direction))),
      )
      if (step === 0) return total > 0 ? shift(input, placed, code, direction, total) : []
      total += step
      if (!(total < MOST_MM)) return []
    }
    return []
  })
}

/** Each of some fittings taken out of the plan. */
export const takenOut = ({ variantId }: Anywhere, ids: readonly string[]): readonly Remedy[] =>
  ids.map((id) => ({
    code: 'take-out',
    fittingId: id,
    amount: 0,
    commands: [{ type: 'fitting.remove', variant: variantId, id }],
  }))

/** Every other choice that a fitting’s own figures leave: another chemistry, fuel, build. */
export const otherChoices = (here: Anywhere, placed: Placed): readonly Remedy[] =>
  handlesOf(placed.fitting).flatMap(({ key, limit, value: now }) =>
    limit.kind === 'choice'
      ? limit.choices
          .filter((value) => value !== now)
          .flatMap((value): readonly Remedy[] => {
            const command = handleCommand(here, placed, { key }, value)
            return command === undefined
              ? []
              : [
                  {
                    code: 'set-parameter',
                    fittingId: placed.id,
                    amount: 0,
                    parameter: { key, value },
                    commands: [command],
                  },
                ]
          })
      : [],
  )

/** Turns round every cab seat that can be and is not yet in this mode. */
export const seatsTurned = ({ variantId, scene }: Here): readonly SimpleCommand[] =>
  scene.interior.shell.cabSeats.flatMap((seat) =>
    seat.swivel === undefined || scene.turned.includes(seat.id)
      ? []
      : [{ type: 'mode.turned', variant: variantId, mode: scene.modeId, seat: seat.id, turned: true } as const],
  )

/** The cab seats turned round in this mode, one alone or all; none where nothing turns. */
export const turnSeats = (here: Here): readonly Remedy[] => {
  const all = seatsTurned(here)
  const remedy = (commands: readonly SimpleCommand[]): Remedy => ({
    code: 'turn-seats',
    fittingId: undefined,
    amount: commands.length,
    commands,
  })
  return all.length === 0 ? [] : [...(all.length > 1 ? all.map((one) => remedy([one])) : []), remedy(all)]
}
