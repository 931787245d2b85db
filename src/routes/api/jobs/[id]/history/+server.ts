import { json } from '@sveltejs/kit'
import { withJobs } from '$lib/server/answer'
import type { RequestHandler } from './$types'

/** What was done to a job, newest first. */
export const GET: RequestHandler = ({ params }) => withJobs(async (jobs) => json(await jobs.history(params.id)))
