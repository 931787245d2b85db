import { json } from '@sveltejs/kit'
import { NO_SUCH_JOB, withJobs } from '$lib/server/answer'
import { refuse } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** The job as the list shows it, with its open stops counted as of now. */
export const GET: RequestHandler = ({ params }) =>
  withJobs(async (jobs) => {
    const summary = await jobs.count(params.id)
    return summary === undefined ? refuse(404, NO_SUCH_JOB) : json(summary)
  })
