import type { Job } from '$lib/core/job'
import { remediesFor, reviewVariant, searchRemedies, type Finding } from '$lib/core/review'
import { offerEngine } from './offer-engine'

/** How long a search for ways out may take. */
const SEARCH_MS = 1800

/** What the review’s worker does. Plain data both ways. */
export const reviewEngine = offerEngine('review', {
  review: reviewVariant,
  remedies: remediesFor,
  search: (job: Job, variantId: string, finding: Finding) => {
    const until = performance.now() + SEARCH_MS
    return searchRemedies(job, variantId, finding, () => performance.now() < until)
  },
})
export type ReviewEngine = typeof reviewEngine

/** Where this module is served from. */
export const engineUrl = import.meta.url
