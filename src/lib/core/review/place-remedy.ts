import type { Need, ResolvedDemand } from '../brief'
import { firstFor, fittingFor, NEED_TABLE, seatsFor } from '../needs'
import type { RuleInput } from './define-rule'
import { added } from './add'
import type { Remedy } from './finding'

/** Puts what would meet a need, of the size that a demand asks for, where it stands by that size; nothing where it fits nowhere. */
export function placeFor(
  { variantId, plan, scene, peers }: Pick<RuleInput, 'variantId' | 'plan' | 'scene' | 'peers'>,
  need: Need,
  demand?: ResolvedDemand,
): readonly Remedy[] {
  const made = demand === undefined ? firstFor(need) : fittingFor(demand)
  if (made === undefined || NEED_TABLE[need].first === undefined) return []
  const scenes = [scene, ...peers().filter(({ modeId }) => modeId !== scene.modeId)]
  return seatsFor(plan, scenes, made).map((seat) => added({ variantId, plan }, { ...made, seat }))
}
