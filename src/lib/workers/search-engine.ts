import type { Job } from '$lib/core/job'
import type { Finding } from '$lib/core/review'
import { searchRemedies } from '$lib/core/what-if'
import { offerEngine } from './offer-engine'

/** How long a search for ways out may take. */
const SEARCH_MS = 1800

/** What the search’s worker does. Plain data both ways. */
export const searchEngine = offerEngine('search', {
  search: (job: Job, variantId: string, finding: Finding) => {
    const until = performance.now() + SEARCH_MS
    return searchRemedies(job, variantId, finding, () => performance.now() < until)
  },
})
export type SearchEngine = typeof searchEngine

/** Where this module is served from. */
export const engineUrl = import.meta.url
