import { expose } from 'comlink'
import { type Brief } from '$lib/core/brief'
import { compareVehicles, contradictionsOf } from '$lib/core/suit'
import { reviewVariant } from '$lib/core/review'
import { interiorOf, type BodyChanges, type Lining, type Shell } from '$lib/core/shell'
import { GENERIC_SHELLS } from '$lib/core/shells'

/** Briefs held against bodies and plans. Plain data both ways. */
const briefEngine = {
  contradictions: (brief: Brief, shell: Shell, lining: Lining, changes: BodyChanges) =>
    contradictionsOf(brief, interiorOf(shell, lining, changes)),
  review: reviewVariant,
  compare: (brief: Brief, own: readonly Shell[], lining: Lining) =>
    compareVehicles(brief, [...own, ...GENERIC_SHELLS], lining),
}
expose(briefEngine)
export type BriefEngine = typeof briefEngine
