import { modesOf, planInterior, type Job } from '$lib/core/job'
import { changeBetween } from '$lib/core/scene'
import { namesOf, sayChange } from '$lib/core/text'

/** What it takes to get from one mode of a variant to another, with words. */
export function movesAnswer(job: Job, variantId: string, from: string, to: string): unknown {
  const { plan } = job.variants[variantId]!
  const change = changeBetween(planInterior(job.shell, plan), plan, from, to, job.brief)
  return { ...change, words: sayChange(change, job, namesOf(job, plan)) }
}

/** The pairs of modes in their order, each with the one after it. */
export const neighbours = (job: Job, variantId: string): readonly (readonly [string, string])[] => {
  const ids = modesOf(job.variants[variantId]!.plan).map(([id]) => id)
  return ids.slice(1).map((id, index) => [ids[index]!, id])
}
