import { expose } from 'comlink'
import type { Job } from '$lib/core/job'
import type { Finding } from '$lib/core/review'
import { searchRemedies } from '$lib/core/what-if'

/** How long a search for ways out may take. */
const SEARCH_MS = 1800

/** What the search’s worker does. Plain data both ways. */
const searchEngine = {
  search: (job: Job, variantId: string, finding: Finding) => {
    const until = performance.now() + SEARCH_MS
    return searchRemedies(job, variantId, finding, () => performance.now() < until)
  },
}
expose(searchEngine)
export type SearchEngine = typeof searchEngine
