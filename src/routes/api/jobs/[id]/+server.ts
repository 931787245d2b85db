import { NO_SUCH_JOB, withJobs } from '$lib/server/answer'
import { queryOf, refuse, send, sendDocument } from '$lib/server/http'
import { quick } from '$lib/server/pool/pool'
import type { RequestHandler } from './$types'

/** The open document itself; `?download` names it as a file, `?raw` gives it as it is stored, readable or not. */
export const GET: RequestHandler = ({ params, url }) =>
  withJobs(async (jobs) => {
    if (url.searchParams.has('raw')) {
      const text = await jobs.raw(params.id)
      const name = `${params.id.replace(/[^\w-]/g, '')}.as-stored.json`
      return text === undefined ? refuse(404, NO_SUCH_JOB) : sendDocument(text, `attachment; filename="${name}"`)
    }
    const reply = await jobs.answer(params.id, (document, revision) =>
      quick('document', document, revision, queryOf(url)),
    )
    return reply === undefined ? refuse(404, NO_SUCH_JOB) : send(reply)
  })

export const DELETE: RequestHandler = ({ params }) =>
  withJobs(async (jobs) =>
    (await jobs.remove(params.id, new Date().toISOString()))
      ? new Response(null, { status: 204 })
      : refuse(404, NO_SUCH_JOB),
  )
