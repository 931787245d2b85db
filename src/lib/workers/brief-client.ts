import type { Job } from '$lib/core/job'
import type { VariantReview } from '$lib/core/review'
import type { BodyChanges, Lining, Shell } from '$lib/core/shell'
import type { Contradiction, VehicleRow } from '$lib/core/suit'
import engineUrl from './brief-engine?engine'
import type { BriefEngine } from './brief-engine'
import { EngineLink } from './engine-link'

/** Holds briefs against bodies and plans in a worker. Every question throws EngineStopped where the engine gives no answer. */
export class BriefClient {
  readonly #link = new EngineLink<BriefEngine>(engineUrl)

  contradictions(job: Job, lining: Lining, changes: BodyChanges): Promise<readonly Contradiction[]> {
    return this.#link.ask(job, (remote, news) => remote.contradictions(news, lining, changes))
  }

  review(job: Job, variantId: string): Promise<VariantReview> {
    return this.#link.ask(job, (remote, news) => remote.review(news, variantId))
  }

  compare(job: Job, own: readonly Shell[], lining: Lining): Promise<readonly VehicleRow[]> {
    return this.#link.ask(job, (remote, news) => remote.compare(news, own, lining))
  }

  close(): void {
    this.#link.close()
  }
}
