import { heldAgainst, plannedFor, weightReport, type LimitId } from '$lib/core/budgets'
import type { Job } from '$lib/core/job'
import { weightHelps } from '$lib/core/what-if'
import { offerEngine } from './offer-engine'

/** How long a search for what would help may take. */
const SEARCH_MS = 2500

/** What the budgets’ worker does. Plain data both ways. */
export const budgetEngine = offerEngine('budget', {
  weight: weightReport,
  held: heldAgainst,
  planned: plannedFor,
  helps: (job: Job, variantId: string, limit: LimitId) => {
    const until = performance.now() + SEARCH_MS
    return weightHelps(job, variantId, limit, () => performance.now() < until)
  },
})
export type BudgetEngine = typeof budgetEngine

/** Where this module is served from. */
export const engineUrl = import.meta.url
