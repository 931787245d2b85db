import type { ResolvedDemand } from '$lib/core/brief'
import type { Made } from '$lib/core/fittings'
import type { Job } from '$lib/core/job'
import type { Choice } from '$lib/core/review'
import type { Finding, ProvenRemedy, VariantReview } from '$lib/core/review'
import { EngineLink } from './engine-link'
import engineUrl from './review-engine?engine'
import type { ReviewAnswer, ReviewEngine } from './review-engine'

export type { ReviewAnswer }

interface Request {
  readonly job: Job
  readonly variantId: string
  readonly modeId: string
  readonly restMs: number
}

/** What becomes of a request. */
export interface Watch {
  /** The mode on screen, which is answered first. */
  readonly shown: (review: VariantReview) => void
  readonly all: (answer: ReviewAnswer) => void
  /** The engine stopped, and why; it has been started anew once, and stopped again. */
  readonly stopped: (message: string) => void
}

/**
 * Reviews in a worker, one request at a time: while one runs or rests, only the newest of those that wait is kept.
 */
export class ReviewClient {
  readonly #link = new EngineLink<ReviewEngine>(engineUrl)
  readonly #watch: Watch | undefined
  #running = false
  #isClosed = false
  #waiting: Request | undefined
  #wake: () => void = () => undefined

  constructor(watch?: Watch) {
    this.#watch = watch
  }

  /**
   * Asks for a review. `restMs` is how long after the one before it may begin: in a drag the processor is left to the drawing.
   * One without a rest begins at once.
   */
  request(job: Job, variantId: string, modeId: string, restMs = 0): void {
    this.#waiting = { job, variantId, modeId, restMs }
    if (restMs === 0) this.#wake()
    if (!this.#running) void this.#run()
  }

  async #run(): Promise<void> {
    this.#running = true
    try {
      // of what is asked in one turn only the last is meant
      await Promise.resolve()
      while (this.#waiting !== undefined) {
        const request = this.#waiting
        this.#waiting = undefined
        await this.#answer(request)
        await this.#rest()
      }
    } finally {
      this.#running = false
    }
  }

  async #answer(request: Request): Promise<void> {
    try {
      await this.#ask(request)
    } catch {
      if (this.#isClosed) return
      // started anew, once
      try {
        await this.#ask(request)
      } catch (cause) {
        if (this.#waiting === undefined && !this.#isClosed)
          this.#watch?.stopped(cause instanceof Error ? cause.message : String(cause))
      }
    }
  }

  async #ask({ job, variantId, modeId }: Request): Promise<void> {
    const shown = await this.#link.ask(job, (remote, news) => remote.shown(news, variantId, modeId))
    this.#watch?.shown(shown)
    // what has come meanwhile is nearer to what the screen shows than the other modes of this
    if (this.#waiting !== undefined) return
    const all = await this.#link.ask(job, (remote, news) => remote.all(news, variantId))
    this.#watch?.all(all)
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

  /** One review that no other overtakes. @throws EngineStopped where the engine gives none. */
  review(job: Job, variantId: string): Promise<VariantReview> {
    return this.#link.ask(job, (remote, news) => remote.review(news, variantId))
  }

  /** @throws EngineStopped where the engine gives no answer. */
  remedies(job: Job, variantId: string, finding: Finding): Promise<readonly ProvenRemedy[]> {
    return this.#link.ask(job, (remote, news) => remote.remedies(news, variantId, finding))
  }

  /** What a kind would do where it fits, to meet a demand. @throws EngineStopped where the engine gives no answer. */
  choice(job: Job, variantId: string, modeId: string, demand: ResolvedDemand, made: Made): Promise<Choice> {
    return this.#link.ask(job, (remote, news) => remote.choice(news, variantId, modeId, demand, made))
  }

  close(): void {
    this.#isClosed = true
    this.#waiting = undefined
    this.#link.close()
  }
}
