import type { Job } from '$lib/core/job'
import type { Finding, ProvenRemedy, VariantReview } from '$lib/core/review'
import { openEngine } from './open-engine'
import type { ReviewEngine } from './review-engine'

/**
 * Reviews in a worker, one request at a time: while one runs, only the newest of those that wait is kept, and an
 * answer that a newer request has overtaken is dropped.
 */
export class ReviewClient {
  readonly #opened = import('./review-engine').then(({ engineUrl }) => openEngine<ReviewEngine>('review', engineUrl))
  readonly #answer: (review: VariantReview, job: Job) => void
  #running = false
  #waiting: { job: Job; variantId: string } | undefined

  constructor(answer: (review: VariantReview, job: Job) => void = () => undefined) {
    this.#answer = answer
  }

  request(job: Job, variantId: string): void {
    this.#waiting = { job, variantId }
    if (!this.#running) void this.#run()
  }

  async #run(): Promise<void> {
    this.#running = true
    try {
      for (let next = this.#waiting; next !== undefined; next = this.#waiting) {
        this.#waiting = undefined
        const { job, variantId } = next
        const { remote } = await this.#opened
        const review = await remote.review(job, variantId)
        this.#answer(review, job)
      }
    } finally {
      this.#running = false
    }
  }

  /** One review that no other overtakes. */
  async review(job: Job, variantId: string): Promise<VariantReview> {
    const { remote } = await this.#opened
    return remote.review(job, variantId)
  }

  async remedies(job: Job, variantId: string, finding: Finding): Promise<readonly ProvenRemedy[]> {
    const { remote } = await this.#opened
    return remote.remedies(job, variantId, finding)
  }

  close(): void {
    void this.#opened.then(({ worker }) => worker.terminate())
  }
}
