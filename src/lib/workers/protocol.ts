import { type Job, type Patch, patchesBetween, replayed } from '$lib/core/job'

/** How a worker is told of a job: whole, or by what has changed since the revision that it holds. Revisions are the page’s own count. */
export type News =
  | { readonly revision: number; readonly job: Job }
  | { readonly revision: number; readonly since: number; readonly patches: readonly Patch[] }

/** The name of the error of a worker that holds another revision than it is told of: then it is told the whole. */
const DOES_NOT_FIT = 'DoesNotFit'
export const doesNotFit = (cause: unknown): boolean => cause instanceof Error && cause.name === DOES_NOT_FIT

/** The page’s end: what its worker was told last. */
export class Teller {
  #last: { readonly revision: number; readonly job: Job } | undefined
  #count = 0

  /** What to send, so that the worker holds this job. */
  tell(job: Job): News {
    const last = this.#last
    if (last?.job === job) return { revision: last.revision, since: last.revision, patches: [] }
    const revision = (this.#count += 1)
    this.#last = { revision, job }
    return last?.job.id === job.id
      ? { revision, since: last.revision, patches: patchesBetween(last.job, job) }
      : { revision, job }
  }

  /** The worker holds nothing any more, or not what was thought: the next is told whole. */
  forget(): void {
    this.#last = undefined
  }
}

/** The worker’s end: the job that it holds. What a patch does not touch is the same object as before, so that what was made of it can be kept. */
export class HeldJob {
  #held: { readonly revision: number; readonly job: Job } | undefined

  /** @throws an error by the name of `DoesNotFit` if the patches are for another revision, or cannot be made. */
  take(news: News): Job {
    const job = 'job' in news ? news.job : this.#patched(news)
    this.#held = { revision: news.revision, job }
    return job
  }

  #patched({ since, patches }: Extract<News, { since: number }>): Job {
    const held = this.#held
    if (held?.revision !== since) throw misfit(`revision ${held?.revision ?? 'none'} is held, not ${since}`)
    try {
      return patches.length === 0 ? held.job : replayed(held.job, patches)
    } catch (cause) {
      this.#held = undefined
      throw misfit(cause instanceof Error ? cause.message : String(cause))
    }
  }
}

const misfit = (message: string): Error => Object.assign(new Error(message), { name: DOES_NOT_FIT })
