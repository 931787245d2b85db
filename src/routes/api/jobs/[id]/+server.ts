import { json } from '@sveltejs/kit'
import { NO_SUCH_JOB, withJobs } from '$lib/server/answer'
import { refuse } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** The open document itself; `?download` names it as a file, `?raw` gives it as it is stored, readable or not. */
export const GET: RequestHandler = ({ params, url }) =>
  withJobs(async (jobs) => {
    if (url.searchParams.has('raw')) {
      const text = await jobs.raw(params.id)
      if (text === undefined) return refuse(404, NO_SUCH_JOB)
      const name = `${params.id.replace(/[^\w-]/g, '')}.as-stored.json`
      return new Response(text, {
        headers: { 'content-type': 'application/json', 'content-disposition': `attachment; filename="${name}"` },
      })
    }
    const found = await jobs.get(params.id)
    if (found === undefined) return refuse(404, NO_SUCH_JOB)
    const name = `${found.job.name.replace(/[^\p{L}\p{N} .-]/gu, '').trim() || 'job'}.zimmerman.json`
    const headers = {
      etag: `"${found.revision}"`,
      ...(url.searchParams.has('download')
        ? { 'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(name)}` }
        : {}),
    }
    return json(found.job, { headers })
  })

export const DELETE: RequestHandler = ({ params }) =>
  withJobs(async (jobs) =>
    (await jobs.remove(params.id, new Date().toISOString()))
      ? new Response(null, { status: 204 })
      : refuse(404, NO_SUCH_JOB),
  )
