import { expose } from 'comlink'
import { heldAgainst, plannedFor, weightReport, type LimitId } from '$lib/core/budgets'
import type { Job } from '$lib/core/job'
import { weightHelps } from '$lib/core/what-if'

/** How long a search for what would help may take. */
const SEARCH_MS = 2500

/** What the budgets’ worker does. Plain data both ways. */
const budgetEngine = {
  weight: weightReport,
  held: heldAgainst,
  planned: plannedFor,
  helps: (job: Job, variantId: string, limit: LimitId) => {
    const until = performance.now() + SEARCH_MS
    return weightHelps(job, variantId, limit, () => performance.now() < until)
  },
}
expose(budgetEngine)
export type BudgetEngine = typeof budgetEngine
