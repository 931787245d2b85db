import { NO_SUCH_JOB, withJobs } from '$lib/server/answer'
import { queryOf, refuse, send } from '$lib/server/http'
import { heavy } from '$lib/server/pool/pool'
import type { RequestHandler } from './$types'

/** The template of a scribed fitting’s end panel at 1 : 1, as `format` svg or dxf. */
export const GET: RequestHandler = ({ params, url }) =>
  withJobs(async (jobs) => {
    const template = await jobs.answer(params.id, (document) => heavy('template', document, queryOf(url)))
    return template === undefined ? refuse(404, NO_SUCH_JOB) : send(template)
  })
