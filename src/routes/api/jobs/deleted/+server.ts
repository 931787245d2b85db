import { json } from '@sveltejs/kit'
import { withJobs } from '$lib/server/answer'
import { wholeNumber } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** Deleted jobs, last deleted first, after the first `skip` of them; each with the day on which it is gone for good. */
export const GET: RequestHandler = ({ url }) =>
  withJobs(async (jobs) => {
    const skip = wholeNumber(url, 'skip')
    return skip.ok ? json(await jobs.listDeleted(skip.value)) : skip.response
  })
