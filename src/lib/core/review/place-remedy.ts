import type { Need, ResolvedDemand } from '../brief'
import { defaultsOf, kindOf, kindOfMade, type Made, type Seat } from '../fittings'
import { firstFor, fittingFor, NEED_TABLE, seatsFor, smallerFor } from '../needs'
import type { RuleInput } from './define-rule'
import { added } from './add'
import type { Remedy } from './finding'
import { seatsTurned } from './ways-out'

/** Puts what would meet a need, of the size that a demand asks for, where it stands by that size; nothing where it fits nowhere. */
export function placeFor(
  { variantId, plan, scene, peers }: Pick<RuleInput, 'variantId' | 'plan' | 'scene' | 'peers'>,
  need: Need,
  demand?: ResolvedDemand,
): readonly Remedy[] {
  const made = demand === undefined ? firstFor(need) : fittingFor(demand)
  if (made === undefined || NEED_TABLE[need].first === undefined) return []
  const scenes = [scene, ...peers().filter(({ modeId }) => modeId !== scene.modeId)]
  // the usual one first; where it fits nowhere a smaller one that meets the need too
  for (const one of [made, ...smallerFor(need, made)]) {
    const seats = seatsFor(plan, scenes, one)
    if (seats.length > 0) return seats.map((seat) => added({ variantId, plan }, { ...one, seat }))
  }
  return []
}

/** Tables by a wall before turned cab seats: on an arm for one, long enough to reach both; and how far behind the bulkhead or past it. */
const CAB_TABLES: readonly Made[] = [
  ['table-drop', { lengthMm: 500, depthMm: 900 }],
  ['table-arm', {}],
].map(([kind, given]) => ({
  kind: kind as string,
  parameters: { ...defaultsOf(kindOf(kind as string)), ...(given as Made['parameters']) },
}))
const BEHIND_CAB_MM = [-200, -50, 100] as const
const STOOL: Made = { kind: 'stool', parameters: defaultsOf(kindOf('stool')) }
const STOOL_OFF_MM = 520

/** The cab seats turned round, and a table by the wall behind them: a place for two where there is no room for a lounge. */
export function tableAtCab(input: Pick<RuleInput, 'variantId' | 'plan' | 'scene'>): readonly Remedy[] {
  const turned = seatsTurned(input)
  const { cabSeats } = input.scene.interior.shell
  if (turned.length === 0 && !cabSeats.some(({ id }) => input.scene.turned.includes(id))) return []
  return CAB_TABLES.flatMap((made) =>
    (['left-wall', 'right-wall'] as const).flatMap((from) =>
      BEHIND_CAB_MM.flatMap((mm) => {
        const table = {
          ...made,
          seat: { ...kindOfMade(made).home, along: { from: 'bulkhead', mm }, across: { from, mm: 0 } } as Seat,
        }
        // where one seat alone turns, a stool across from it
        const stool = added(input, {
          ...STOOL,
          seat: { ...kindOfMade(STOOL).home, along: { from: 'bulkhead', mm: mm + STOOL_OFF_MM } } as Seat,
        })
        return [added(input, table, turned), added(input, table, [...turned, ...stool.commands])]
      }),
    ),
  )
}
