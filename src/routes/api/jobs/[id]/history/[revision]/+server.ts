import { json } from '@sveltejs/kit'
import { withJobs } from '$lib/server/answer'
import { refuse } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** The document as it was at a revision. */
export const GET: RequestHandler = ({ params }) =>
  withJobs(async (jobs) => {
    const revision = Number(params.revision)
    const job = Number.isInteger(revision) && revision >= 0 ? await jobs.at(params.id, revision) : undefined
    return job === undefined ? refuse(404, 'There is no such state of this job.') : json(job)
  })
