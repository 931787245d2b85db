import { withJobs } from '$lib/server/answer'
import { refuse, sendDocument } from '$lib/server/http'
import type { RequestHandler } from './$types'

/** The document as it was at a revision. */
export const GET: RequestHandler = ({ params }) =>
  withJobs(async (jobs) => {
    const revision = Number(params.revision)
    const document = Number.isInteger(revision) && revision >= 0 ? await jobs.at(params.id, revision) : undefined
    return document === undefined ? refuse(404, 'There is no such version of this job.') : sendDocument(document)
  })
