import type { Job } from '$lib/core/job'
import type { Finding, ProvenRemedy, VariantReview } from '$lib/core/review'

/** What the review worker does. Plain data both ways. */
export interface ReviewWorker {
  review(job: Job, variantId: string): VariantReview
  remedies(job: Job, variantId: string, finding: Finding): readonly ProvenRemedy[]
}
