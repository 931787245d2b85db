import { variantsOf, type Job } from '$lib/core/job'
import { readJob } from './reading'
import { refusal, reply, type Query, type Reply } from './reply'

/** Answers for each variant of a document, or for the one that `variant` names: what `answer` makes of it, with its id and name. */
export function repliedByVariant(
  bytes: Uint8Array,
  query: Query,
  answer: (job: Job, variantId: string) => object,
): Reply {
  const read = readJob(bytes)
  if (!read.ok) return read.reply
  const job = read.value
  const all = variantsOf(job).map(([id]) => id)
  const asked = query.variant === undefined ? all : all.filter((id) => id === query.variant)
  if (asked.length === 0)
    return refusal(404, 'There is no such variant in this job.', [
      { path: 'variant', message: `one of ${all.join(', ')}` },
    ])
  return reply({
    job: { id: job.id, name: job.name },
    variants: asked.map((id) => ({ id, name: job.variants[id]!.name, ...answer(job, id) })),
  })
}

/** To hundredths, as an answer writes figures. */
export const round = (value: number): number => Math.round(value * 100) / 100
/** JSON has no Infinity: what never ends is left out. */
export const finite = (value: number): number | undefined => (Number.isFinite(value) ? round(value) : undefined)
