import type { Job } from '$lib/core/job'
import type { Finding, ProvenRemedy, VariantReview } from '$lib/core/review'
import { openEngine } from './open-engine'
import engineUrl from './review-engine?engine'
import type { ReviewEngine } from './review-engine'

interface Request {
  readonly job: Job
  readonly variantId: string
  readonly restMs: number
}

/**
 * Reviews in a worker, one request at a time: while one runs or rests, only the newest of those that wait is kept.
 */
export class ReviewClient {
  readonly #opened = openEngine<ReviewEngine>(engineUrl)
  readonly #answer: (review: VariantReview, job: Job) => void
  #running = false
  #waiting: Request | undefined
  #wake: () => void = () => undefined

  constructor(answer: (review: VariantReview, job: Job) => void = () => undefined) {
    this.#answer = answer
  }

  /**
   * Asks for a review. `restMs` is how long after the one before it may begin: in a drag the processor is left to the drawing.
   * One without a rest begins at once.
   */
  request(job: Job, variantId: string, restMs = 0): void {
    this.#waiting = { job, variantId, restMs }
    if (restMs === 0) this.#wake()
    if (!this.#running) void this.#run()
  }

  async #run(): Promise<void> {
    this.#running = true
    try {
      const { remote } = this.#opened
      // of what is asked in one turn only the last is meant
      await Promise.resolve()
      while (this.#waiting !== undefined) {
        const { job, variantId } = this.#waiting
        this.#waiting = undefined
        this.#answer(await remote.review(job, variantId), job)
        await this.#rest()
      }
    } finally {
      this.#running = false
    }
  }

  /** Until the newest request that waits may begin. */
  #rest(): Promise<void> | void {
    const restMs = this.#waiting?.restMs ?? 0
    if (restMs > 0)
      return new Promise((resolve) => {
        const timer = setTimeout(resolve, restMs)
        this.#wake = () => {
          clearTimeout(timer)
          resolve()
        }
      })
  }

  /** One review that no other overtakes. */
  async review(job: Job, variantId: string): Promise<VariantReview> {
    const { remote } = this.#opened
    return remote.review(job, variantId)
  }

  async remedies(job: Job, variantId: string, finding: Finding): Promise<readonly ProvenRemedy[]> {
    const { remote } = this.#opened
    return remote.remedies(job, variantId, finding)
  }

  close(): void {
    this.#opened.worker.terminate()
  }
}
