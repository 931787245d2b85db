import { SCALES, toSvg, unfoldedSheet } from '$lib/core/draw'
import { modesOf, variantsOf } from '$lib/core/job'
import { readJob, refuse } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** A job document in, its unfolded drawing out. Nothing is stored. */
export const POST: RequestHandler = async ({ request, url }) => {
  const asked = (name: string) => url.searchParams.get(name) ?? undefined
  const format = asked('format') ?? 'svg'
  if (format !== 'svg')
    return refuse(400, 'The format can be svg.', [
      { path: 'format', message: `no drawing as “${format.slice(0, 20)}”` },
    ])
  const scale = Number(asked('scale') ?? 20)
  if (!SCALES.some((one) => one === scale))
    return refuse(400, `The scale can be ${SCALES.join(', ')}.`, [{ path: 'scale', message: 'is none of these' }])
  const read = await readJob(request)
  if (!read.ok) return read.response
  const job = read.value
  const variantId = asked('variant') ?? variantsOf(job)[0]![0]
  const variant = job.variants[variantId]
  if (variant === undefined || !Object.hasOwn(job.variants, variantId))
    return refuse(404, 'There is no such variant in the document.', [
      { path: 'variant', message: `one of ${Object.keys(job.variants).join(', ')}` },
    ])
  const modeId = asked('mode') ?? modesOf(variant.plan)[0]![0]
  if (!Object.hasOwn(variant.plan.modes, modeId))
    return refuse(404, 'There is no such mode in the variant.', [
      { path: 'mode', message: `one of ${Object.keys(variant.plan.modes).join(', ')}` },
    ])
  return new Response(
    toSvg(unfoldedSheet(job, { variantId, modeId, scale, date: new Date().toISOString().slice(0, 10) })),
    {
      headers: { 'content-type': 'image/svg+xml', 'content-disposition': 'inline; filename="zimmerman.svg"' },
    },
  )
}
