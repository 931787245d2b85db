import { expose } from 'comlink'
import { demandStates, remediesFor, type DemandState, type Finding, type VariantReview } from '$lib/core/review'
import type { ResolvedDemand } from '$lib/core/brief'
import type { Made } from '$lib/core/fittings'
import { choiceOf, type Choice } from '$lib/core/review'
import { stowedIn } from '$lib/core/needs'
import { changeOf, type ModeChange, type Stowed } from '$lib/core/scene'
import { Evaluations } from './evaluations'
import type { News } from './protocol'

/** All that a review of a variant says. */
export interface ReviewAnswer {
  readonly review: VariantReview
  /** What it takes to get to each mode from the one before. */
  readonly changes: readonly ModeChange[]
  readonly demands: readonly DemandState[]
  /** Where the client’s gear is packed, by mode. */
  readonly stowed: ReadonlyMap<string, Pick<Stowed, 'places' | 'blocks'>>
}

const evaluations = new Evaluations()

/** What the review’s worker does. Plain data both ways. */
const reviewEngine = {
  /** One mode only: what the screen shows is answered first. */
  shown: (news: News, variantId: string, modeId: string): VariantReview =>
    evaluations.of(news, variantId, { modes: [modeId] }).review,
  review: (news: News, variantId: string): VariantReview => evaluations.of(news, variantId).review,
  all: (news: News, variantId: string): ReviewAnswer => {
    const { review, scenes, job } = evaluations.of(news, variantId)
    const found = review.modes.flatMap(({ findings }) => findings)
    return {
      review,
      changes: scenes.slice(1).map((scene, index) => changeOf(scenes[index]!, scene, job.brief)),
      demands: demandStates(job.brief, scenes, found),
      stowed: new Map(
        scenes.map((scene) => {
          const { places, blocks } = stowedIn(scene, job.brief)
          return [scene.modeId, { places, blocks }]
        }),
      ),
    }
  },
  remedies: (news: News, variantId: string, finding: Finding) => {
    const before = evaluations.of(news, variantId)
    return remediesFor(before.job, variantId, finding, { before })
  },
  choice: (news: News, variantId: string, modeId: string, demand: ResolvedDemand, made: Made): Choice =>
    choiceOf(evaluations.of(news, variantId), demand, made, modeId),
}
expose(reviewEngine)
export type ReviewEngine = typeof reviewEngine
