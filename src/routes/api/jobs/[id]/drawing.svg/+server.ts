import { NO_SUCH_JOB, withJobs } from '$lib/server/answer'
import { queryOf, refuse, send } from '$lib/server/http'
import { heavy } from '$lib/server/pool/pool'
import type { RequestHandler } from './$types'

/** A small plan of a job's first variant by day, for lists. */
export const GET: RequestHandler = ({ params, url }) =>
  withJobs(async (jobs) => {
    const picture = await jobs.answer(params.id, (document) => heavy('picture', document, queryOf(url)))
    if (picture === undefined) return refuse(404, NO_SUCH_JOB)
    const response = send(picture)
    response.headers.set('cache-control', 'no-cache')
    return response
  })
