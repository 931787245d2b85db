import { json } from '@sveltejs/kit'
import { NO_SUCH_JOB, withJobs } from '$lib/server/answer'
import { readBody, refuse, send, wholeNumber } from '$lib/server/http'
import { quick } from '$lib/server/pool/pool'
import { caretaker } from '$lib/server/store'
import type { RequestHandler } from './$types'

/**
 * Applies commands made on a revision: 200 with the new revision, or 409 with what happened meanwhile. One that cannot be is named by its
 * uid, with the reason: none of them is applied then.
 */
export const POST: RequestHandler = ({ params, request, locals }) =>
  withJobs(async (jobs) => {
    const body = await readBody(request)
    if (!body.ok) return send(body.reply)
    const read = await quick('readSent', body.value)
    if (!read.ok) return send(read.reply)
    const { base, client, commands } = read.value
    const result = await jobs.commit(params.id, base, client, commands, new Date().toISOString(), locals.who)
    switch (result.kind) {
      case 'done':
        void caretaker().then((one) => one.touched(params.id, result.revision))
        return json({ revision: result.revision })
      case 'conflict':
        return json(
          { message: 'The job has changed meanwhile.', revision: result.revision, since: result.since },
          { status: 409 },
        )
      case 'refused':
        return json({ message: result.message, uid: result.uid }, { status: 422 })
      case 'missing':
        return refuse(404, NO_SUCH_JOB)
    }
  })

/** What happened since a revision: the first thousand entries, and what the newest revision is. */
export const GET: RequestHandler = ({ params, url }) =>
  withJobs(async (jobs) => {
    const since = wholeNumber(url, 'since')
    if (!since.ok) return since.response
    const found = await jobs.summary(params.id)
    if (found === undefined) return refuse(404, NO_SUCH_JOB)
    return json({ since: await jobs.since(params.id, since.value ?? 0), revision: found.revision })
  })
