import { expose } from 'comlink'
import { compareVehicles, contradictionsOf } from '$lib/core/suit'
import { interiorOf, type BodyChanges, type Lining, type Shell } from '$lib/core/shell'
import { GENERIC_SHELLS } from '$lib/core/shells'
import { Evaluations } from './evaluations'
import { HeldJob, type News } from './protocol'

const held = new HeldJob()
const evaluations = new Evaluations(held)

/** Briefs held against bodies and plans. Plain data both ways. */
const briefEngine = {
  contradictions: (news: News, lining: Lining, changes: BodyChanges) => {
    const { brief, shell } = held.take(news)
    return contradictionsOf(brief, interiorOf(shell, lining, changes))
  },
  review: (news: News, variantId: string) => evaluations.of(news, variantId).review,
  compare: (news: News, own: readonly Shell[], lining: Lining) =>
    compareVehicles(held.take(news).brief, [...own, ...GENERIC_SHELLS], lining),
}
expose(briefEngine)
export type BriefEngine = typeof briefEngine
