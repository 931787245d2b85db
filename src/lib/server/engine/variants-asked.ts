import { variantsOf, type Job } from '$lib/core/job'
import { readJob } from './reading'
import { refusal, reply, type Query, type Read, type Reply } from './reply'

/** The variants of a job by their ids, or the one that `variant` names. */
export function variantsAsked(job: Job, { variant }: Query): Read<readonly string[]> {
  const all = variantsOf(job).map(([id]) => id)
  const asked = variant === undefined ? all : all.filter((id) => id === variant)
  return asked.length > 0
    ? { ok: true, value: asked }
    : {
        ok: false,
        reply: refusal(404, 'There is no such variant in this job.', [
          { path: 'variant', message: `one of ${all.join(', ')}` },
        ]),
      }
}

/** Answers for each variant of a document, or for the one that `variant` names: what `answer` makes of it, with its id and name. */
export function repliedByVariant(
  bytes: Uint8Array,
  query: Query,
  answer: (job: Job, variantId: string) => object,
): Reply {
  const read = readJob(bytes)
  if (!read.ok) return read.reply
  const job = read.value
  const asked = variantsAsked(job, query)
  if (!asked.ok) return asked.reply
  return reply({
    job: { id: job.id, name: job.name },
    variants: asked.value.map((id) => ({ id, name: job.variants[id]!.name, ...answer(job, id) })),
  })
}

/** To hundredths, as an answer writes figures: more than any of these sums is worth. */
export const round = (value: number): number => Math.round(value * 100) / 100
/** JSON has no Infinity: what never ends is left out. */
export const finite = (value: number): number | undefined => (Number.isFinite(value) ? round(value) : undefined)
