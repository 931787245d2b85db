import { wrap, type Remote } from 'comlink'
import type { Job } from '$lib/core/job'
import type { Finding, ProvenRemedy, VariantReview } from '$lib/core/review'
import type { ReviewWorker } from './review-protocol'

/**
 * Reviews in a worker, one request at a time: while one runs, only the newest of those that wait is kept, and an
 * answer that a newer request has overtaken is dropped.
 */
export class ReviewClient {
  readonly #worker: Worker
  readonly #remote: Remote<ReviewWorker>
  readonly #answer: (review: VariantReview, job: Job) => void
  #running = false
  #waiting: { job: Job; variantId: string } | undefined

  constructor(answer: (review: VariantReview, job: Job) => void) {
    this.#worker = new Worker(new URL('./review.worker.ts', import.meta.url), { type: 'module' })
    this.#remote = wrap<ReviewWorker>(this.#worker)
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
        const review = await this.#remote.review(job, variantId)
        this.#answer(review, job)
      }
    } finally {
      this.#running = false
    }
  }

  remedies(job: Job, variantId: string, finding: Finding): Promise<readonly ProvenRemedy[]> {
    return this.#remote.remedies(job, variantId, finding)
  }

  close(): void {
    this.#worker.terminate()
  }
}
