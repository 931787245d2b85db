import { modesOf, variantsOf } from '$lib/core/job'
import { SCALES, thumbnailSheet, toSvg, unfoldedSheet } from '$lib/core/draw'
import { NO_SUCH_JOB, withJobs } from '$lib/server/answer'
import { refuse } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** A small plan of a job's first variant by day, for lists; `?full` gives the whole sheet as a file, at 1 : 20 or the `scale` asked for. */
export const GET: RequestHandler = ({ params, url }) =>
  withJobs(async (jobs) => {
    const found = await jobs.get(params.id)
    if (found === undefined) return refuse(404, NO_SUCH_JOB)
    const variants = variantsOf(found.job)
    const [variantId, variant] = variants.find(([id]) => id === url.searchParams.get('variant')) ?? variants[0]!
    const modes = modesOf(variant.plan)
    const asked = modes.find(([id]) => id === url.searchParams.get('mode'))
    const [modeId] = asked ?? modes.find(([, mode]) => mode.purpose === 'living') ?? modes[0]!
    const full = url.searchParams.has('full')
    const scale = SCALES.find((one) => one === Number(url.searchParams.get('scale'))) ?? 20
    const date = new Date().toISOString().slice(0, 10)
    const sheet = full
      ? unfoldedSheet(found.job, { variantId, modeId, scale, date })
      : thumbnailSheet(found.job, variantId, modeId)
    const headers = {
      'content-type': 'image/svg+xml',
      'cache-control': 'no-cache',
      ...(full ? { 'content-disposition': 'attachment; filename="plan.svg"' } : {}),
    }
    return new Response(toSvg(sheet), { headers })
  })
