import { json } from '@sveltejs/kit'
import { withJobs } from '$lib/server/answer'
import { wholeNumber } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** What was done to a job, newest first: the newest 200 entries, or those `before` a revision. */
export const GET: RequestHandler = ({ params, url }) =>
  withJobs(async (jobs) => {
    const before = wholeNumber(url, 'before')
    return before.ok ? json(await jobs.history(params.id, before.value)) : before.response
  })
