import { moveToClear, placePrism, type Prism, type Vec3 } from '../geometry'
import type { ParameterValue, Seat } from '../fittings'
import type { SimpleCommand } from '../job'
import { nudged, type Placed } from '../scene'
import type { RuleInput } from './define-rule'
import type { Remedy, RemedyCode } from './finding'

type Anywhere = Pick<RuleInput, 'variantId'>
type Here = Pick<RuleInput, 'variantId' | 'plan' | 'scene'>

export const setParameters = (
  { variantId }: Anywhere,
  id: string,
  parameters: Record<string, ParameterValue>,
): SimpleCommand => ({
  type: 'fitting.parameters',
  variant: variantId,
  id,
  parameters,
})

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
  const seat = nudged(placed.seat, [dx * amount, dy * amount, dz * amount])
  const pressed = (seat.across.from !== 'centreline' && seat.across.mm < 0) || seat.up.mm < 0
  return pressed ? [] : [{ code, fittingId: placed.id, amount, commands: [setSeat(input, placed.id, seat)] }]
}

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
