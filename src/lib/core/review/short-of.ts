import type { Need } from '../brief'
import type { NeedState } from '../needs'
import type { Scene } from '../scene'

/**
 * The musts of a need taken together, where they are not met, in the mode in which that is to be said: at most one answer. What one of
 * them has too little, another cannot make up for.
 */
export function shortOf(
  states: readonly NeedState[],
  need: Need,
  scene: Scene,
): readonly { readonly measured: number; readonly needed: number }[] {
  const musts = states.filter(({ demand }) => demand.need === need && demand.must)
  // what cannot stand where it is has a finding of its own
  const short = musts.filter(
    ({ state, ifAllStood, needed }) => state !== 'met' && state !== 'cannot-tell' && ifAllStood < needed,
  )
  if (short[0]?.modeId !== scene.modeId) return []
  const sum = (of: (state: NeedState) => number): number => musts.reduce((total, one) => total + of(one), 0)
  return [
    { measured: sum(({ ifAllStood, needed }) => Math.min(ifAllStood, needed)), needed: sum(({ needed }) => needed) },
  ]
}
