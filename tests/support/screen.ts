import 'fake-indexeddb/auto'
import { vi } from 'vitest'
import type { Job } from '../../src/lib/core/job'
import { remediesFor, reviewVariant, type Finding, type VariantReview } from '../../src/lib/core/review'
import { JobSession } from '../../src/lib/ui/job/job-session.svelte'

/** The client of the review’s engine, with the engine in the same thread: what a request asks is answered before it returns. */
export class ReviewClient {
  constructor(private readonly answer: (review: VariantReview, job: Job) => void = () => undefined) {}

  request(job: Job, variantId: string): void {
    this.answer(reviewVariant(job, variantId), job)
  }

  review = async (job: Job, variantId: string): Promise<VariantReview> => reviewVariant(job, variantId)
  remedies = async (job: Job, variantId: string, finding: Finding) => remediesFor(job, variantId, finding)

  close(): void {}
}

/** A session whose server takes everything. Nothing of it outlives `vi.unstubAllGlobals()`. */
export function sessionOf(job: Job): JobSession {
  vi.stubGlobal('BroadcastChannel', undefined)
  vi.stubGlobal('navigator', { locks: { request: async () => undefined, query: async () => ({ held: [] }) } })
  vi.stubGlobal('fetch', async () => ({ ok: true, status: 200, json: async () => ({ revision: 1 }) }))
  return new JobSession(job.id, job, 0)
}
