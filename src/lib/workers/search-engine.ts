import { expose } from 'comlink'
import type { Finding } from '$lib/core/review'
import { searchRemedies, type Searched } from '$lib/core/what-if'
import { Evaluations } from './evaluations'
import type { News } from './protocol'

const evaluations = new Evaluations()

/** What the search’s worker does. Plain data both ways. */
const searchEngine = {
  search: (news: News, variantId: string, finding: Finding): Searched => {
    const before = evaluations.of(news, variantId)
    return searchRemedies(before.job, variantId, finding, { before })
  },
}
expose(searchEngine)
export type SearchEngine = typeof searchEngine
