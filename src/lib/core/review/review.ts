import type { LoadSketch } from '../budgets'
import { piecesOf } from '../brief'
import type { Job } from '../job'
import { known } from '../units'
import type { Missing, Rule } from './define-rule'
import type { EndedWaiver } from './ended'
import { evaluate } from './evaluate'
import type { Finding } from './finding'

/** A rule that threw; never to be taken for a clean pass. */
export interface FailedRule {
  readonly rule: string
  readonly modeId: string
  readonly message: string
}

export interface ModeReview {
  readonly modeId: string
  readonly findings: readonly Finding[]
  /** What the page needs to tell of its weights while something is dragged; left out where a review did not go so far. */
  readonly load?: LoadSketch
}

/** A rule that could not be asked in any of its modes, and what it wants to know first. */
export interface UntoldRule {
  readonly rule: string
  readonly needs: readonly Missing[]
}

export interface VariantReview {
  readonly variantId: string
  readonly modes: readonly ModeReview[]
  readonly failed: readonly FailedRule[]
  readonly untold: readonly UntoldRule[]
  /** What was let be and has no finding any more. */
  readonly ended: readonly EndedWaiver[]
}

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
