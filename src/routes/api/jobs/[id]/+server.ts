import { json } from '@sveltejs/kit'
import { NO_SUCH_JOB, withJobs } from '$lib/server/answer'
import { refuse } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** The open document itself; `?download` names it as a file. */
export const GET: RequestHandler = ({ params, url }) =>
  withJobs(async (jobs) => {
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
