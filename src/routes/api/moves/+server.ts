import { json } from '@sveltejs/kit'
import { variantsOf } from '$lib/core/job'
import { readJob, refuse } from '$lib/server/http'
import { movesAnswer, neighbours } from '$lib/server/moves-answer'
import type { RequestHandler } from './$types'

/**
 * A job document in; for the first variant or the `variant` asked for, the moves from each mode to the next out, or those from
 * `from` to `to`. Nothing is stored.
 */
export const POST: RequestHandler = async ({ request, url }) => {
  const read = await readJob(request)
  if (!read.ok) return read.response
  const job = read.value
  const variantId = url.searchParams.get('variant') ?? variantsOf(job)[0]![0]
  if (!Object.hasOwn(job.variants, variantId))
    return refuse(404, 'There is no such variant in the document.', [
      { path: 'variant', message: `one of ${Object.keys(job.variants).join(', ')}` },
    ])
  const { modes } = job.variants[variantId]!.plan
  const [from, to] = [url.searchParams.get('from'), url.searchParams.get('to')]
  if (from === null && to === null)
    return json({
      variant: variantId,
      changes: neighbours(job, variantId).map((pair) => movesAnswer(job, variantId, ...pair)),
    })
  const missing = (
    [
      ['from', from],
      ['to', to],
    ] as const
  ).filter(([, id]) => id === null || !Object.hasOwn(modes, id))
  if (missing.length > 0)
    return refuse(
      404,
      'There is no such mode in the variant.',
      missing.map(([path]) => ({ path, message: `one of ${Object.keys(modes).join(', ')}` })),
    )
  return json({ variant: variantId, changes: [movesAnswer(job, variantId, from!, to!)] })
}
