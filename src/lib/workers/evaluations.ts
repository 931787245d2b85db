import { evaluate, type Asked, type Evaluation } from '$lib/core/review'
import { HeldJob, type News } from './protocol'

/** So many variants are kept evaluated; a job seldom has more. */
const MOST_KEPT = 6

/** The job that a worker holds, and what it knows of its variants: each evaluation begins where the last one of that variant ended. */
export class Evaluations {
  readonly #held: HeldJob
  readonly #known = new Map<string, Evaluation>()

  constructor(held = new HeldJob()) {
    this.#held = held
  }

  of(news: News, variantId: string, asked?: Asked): Evaluation {
    const job = this.#held.take(news)
    const before = this.#known.get(variantId)
    const now = evaluate(job, variantId, before?.job.id === job.id ? before : undefined, asked)
    this.#known.delete(variantId)
    this.#known.set(variantId, now)
    for (const oldest of this.#known.keys()) if (this.#known.size > MOST_KEPT) this.#known.delete(oldest)
    return now
  }
}
