import 'fake-indexeddb/auto'
import { vi } from 'vitest'
import type { ResolvedDemand } from '../../src/lib/core/brief'
import type { Made } from '../../src/lib/core/fittings'
import type { Job } from '../../src/lib/core/job'
import { choiceOf } from '../../src/lib/core/review'
import {
  demandStates,
  evaluate,
  remediesFor,
  reviewVariant,
  type Finding,
  type VariantReview,
} from '../../src/lib/core/review'
import { stowedIn } from '../../src/lib/core/needs'
import { changeOf } from '../../src/lib/core/scene'
import { JobSession } from '../../src/lib/ui/job/job-session.svelte'
import type { Watch } from '../../src/lib/workers/review-client'

/** The client of the review’s engine, with the engine in the same thread: what a request asks is answered before it returns. */
export class ReviewClient {
  constructor(private readonly watch?: Watch) {}

  request(job: Job, variantId: string, modeId: string): void {
    const shown = evaluate(job, variantId, undefined, { modes: [modeId] })
    this.watch?.shown(shown.review)
    const { review, scenes } = evaluate(job, variantId, shown)
    this.watch?.all({
      review,
      changes: scenes.slice(1).map((scene, index) => changeOf(scenes[index]!, scene, job.brief)),
      demands: demandStates(
        job.brief,
        scenes,
        review.modes.flatMap(({ findings }) => findings),
      ),
      stowed: new Map(scenes.map((scene) => [scene.modeId, stowedIn(scene, job.brief)])),
    })
  }

  review = async (job: Job, variantId: string): Promise<VariantReview> => reviewVariant(job, variantId)
  remedies = async (job: Job, variantId: string, finding: Finding) => remediesFor(job, variantId, finding)

  choice = async (job: Job, variantId: string, modeId: string, demand: ResolvedDemand, made: Made) =>
    choiceOf(evaluate(job, variantId), demand, made, modeId)

  close(): void {}
}

/** A session whose server takes everything. Nothing of it outlives `vi.unstubAllGlobals()`. */
export function sessionOf(job: Job): JobSession {
  vi.stubGlobal('BroadcastChannel', undefined)
  vi.stubGlobal('navigator', { locks: { request: async () => undefined, query: async () => ({ held: [] }) } })
  vi.stubGlobal('fetch', async () => ({ ok: true, status: 200, json: async () => ({ revision: 1 }) }))
  return new JobSession(job.id, job, 0)
}
