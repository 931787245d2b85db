import { json } from '@sveltejs/kit'
import { NO_SUCH_JOB, withJobs } from '$lib/server/answer'
import { refuse } from '$lib/server/http'
import { caretaker } from '$lib/server/store'
import type { RequestHandler } from './$types'

/** Has the open stops of a job counted, unless they are known; answers the job as the list shows it. */
export const POST: RequestHandler = ({ params }) =>
  withJobs(async () => {
    const summary = await (await caretaker()).count(params.id)
    return summary === undefined ? refuse(404, NO_SUCH_JOB) : json(summary)
  })
