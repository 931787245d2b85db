import { NO_SUCH_JOB, withJobs } from '$lib/server/answer'
import { refuse } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** Takes a deletion back. */
export const POST: RequestHandler = ({ params }) =>
  withJobs(async (jobs) =>
    (await jobs.putBack(params.id)) ? new Response(null, { status: 204 }) : refuse(404, NO_SUCH_JOB),
  )
