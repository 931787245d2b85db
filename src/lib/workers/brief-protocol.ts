import type { Brief, Contradiction, VehicleRow } from '$lib/core/brief'
import type { Job } from '$lib/core/job'
import type { VariantReview } from '$lib/core/review'
import type { BodyChanges, Lining, Shell } from '$lib/core/shell'

/** What the brief's worker does. Plain data both ways. */
export interface BriefWorker {
  contradictions(brief: Brief, shell: Shell, lining: Lining, changes: BodyChanges): readonly Contradiction[]
  review(job: Job, variantId: string): VariantReview
  compare(brief: Brief, own: readonly Shell[], lining: Lining): readonly VehicleRow[]
}
