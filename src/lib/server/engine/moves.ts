import { modesOf, planInterior, variantsOf, type Job } from '$lib/core/job'
import { changeBetween } from '$lib/core/scene'
import { namesOf, sayChange } from '$lib/core/text'
import { readJob } from './reading'
import { refusal, reply, type Query, type Reply } from './reply'

/** What it takes to get from one mode of a variant to another, with words. */
function movesBetween(job: Job, variantId: string, from: string, to: string): unknown {
  const { plan } = job.variants[variantId]!
  const change = changeBetween(planInterior(job.shell, plan), plan, from, to, job.brief)
  return { ...change, words: sayChange(change, job, namesOf(job, plan)) }
}

/** The pairs of modes in their order, each with the one after it. */
function neighbours(job: Job, variantId: string): readonly (readonly [string, string])[] {
  const ids = modesOf(job.variants[variantId]!.plan).map(([id]) => id)
  return ids.slice(1).map((id, index) => [ids[index]!, id])
}

/** The moves from each mode of a variant to the next, or those from `from` to `to`. */
export function movesReply(bytes: Uint8Array, query: Query): Reply {
  const read = readJob(bytes)
  if (!read.ok) return read.reply
  const job = read.value
  const variantId = query.variant ?? variantsOf(job)[0]![0]
  if (!Object.hasOwn(job.variants, variantId))
    return refusal(404, 'There is no such variant in this job.', [
      { path: 'variant', message: `one of ${Object.keys(job.variants).join(', ')}` },
    ])
  const { modes } = job.variants[variantId]!.plan
  const { from, to } = query
  if (from === undefined && to === undefined)
    return reply({
      variant: variantId,
      changes: neighbours(job, variantId).map((pair) => movesBetween(job, variantId, ...pair)),
    })
  const isThere = (id: string | undefined): id is string => id !== undefined && Object.hasOwn(modes, id)
  if (isThere(from) && isThere(to))
    return reply({ variant: variantId, changes: [movesBetween(job, variantId, from, to)] })
  const missing = Object.entries({ from, to }).filter(([, id]) => !isThere(id))
  return refusal(
    404,
    'There is no such mode in the variant.',
    missing.map(([path]) => ({ path, message: `one of ${Object.keys(modes).join(', ')}` })),
  )
}
