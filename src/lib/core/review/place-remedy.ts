import type { Need, ResolvedDemand } from '../brief'
import { firstFor, fittingFor, NEED_TABLE, seatsFor } from '../needs'
import type { RuleInput } from './define-rule'
import type { Remedy } from './finding'

/** Puts what would meet a need, of the size that a demand asks for, where it stands by that size; nothing where it fits nowhere. */
export function placeFor(
  { variantId, plan, scene, peers }: Pick<RuleInput, 'variantId' | 'plan' | 'scene' | 'peers'>,
  need: Need,
  demand?: ResolvedDemand,
): readonly Remedy[] {
  const made = demand === undefined ? firstFor(need) : fittingFor(demand)
  const { first } = NEED_TABLE[need]
  if (made === undefined || first === undefined) return []
  let number = 1
  while (plan.fittings[`fit-${first}-${number}`] !== undefined) number += 1
  const id = `fit-${first}-${number}`
  const scenes = [scene, ...peers().filter(({ modeId }) => modeId !== scene.modeId)]
  return seatsFor(plan, scenes, made).map((seat) => ({
    code: 'place',
    fittingId: id,
    amount: seat.along.mm,
    commands: [{ type: 'fitting.add', variant: variantId, id, fitting: { ...made, seat } as never }],
  }))
}
