import { piecesOf } from '../brief'
import type { Job } from '../job'
import { known } from '../units'
import type { Rule } from './define-rule'
import { evaluate } from './evaluate'
import type { VariantReview } from './variant-review'

/** Reviews one variant in each of its modes, from nothing. `rules` is for tests of the engine. */
export const reviewVariant = (job: Job, variantId: string, rules?: readonly Rule[]): VariantReview =>
  evaluate(job, variantId, undefined, rules === undefined ? {} : { rules }).review

/** What a review of several variants at once looks at, at most: see `reviewLoad`. */
export const MOST_LOAD = 3000
/** So many pieces of gear are as much work as a fitting. */
const PIECES_A_FITTING = 5

/** How much a review of some variants has to look at: fittings, and gear, in every mode. */
export function reviewLoad(job: Job, variantIds: readonly string[]): number {
  const gear = Math.ceil(piecesOf(job.brief).length / PIECES_A_FITTING)
  return variantIds.reduce((sum, id) => {
    const { fittings, modes } = known(job.variants[id], `variant “${id}”`).plan
    return sum + Object.keys(modes).length * (Object.keys(fittings).length + gear)
  }, 0)
}
