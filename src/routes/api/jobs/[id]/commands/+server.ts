import { json } from '@sveltejs/kit'
import { z } from 'zod'
import { commandSchema } from '$lib/core/job'
import { NO_SUCH_JOB, withJobs } from '$lib/server/answer'
import { readJson, refuse } from '$lib/server/http'
import type { RequestHandler } from './$types'

const uid = z.string().regex(/^[\w-]{6,60}$/)
const schema = z.object({
  base: z.number().int().min(0),
  client: uid,
  commands: z.array(z.object({ uid, command: commandSchema })).max(200),
})

/** Applies commands made on a revision: 200 with the new revision, or 409 with what happened meanwhile. */
export const POST: RequestHandler = async ({ params, request }) => {
  const read = await readJson(request, schema)
  if (!read.ok) return read.response
  const { base, client, commands } = read.value
  return withJobs(async (jobs) => {
    const result = await jobs.commit(params.id, base, client, commands, new Date().toISOString())
    switch (result.kind) {
      case 'done':
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
}

/** What happened since a revision. */
export const GET: RequestHandler = ({ params, url }) =>
  withJobs(async (jobs) => {
    const since = Number(url.searchParams.get('since') ?? 0)
    if (!Number.isInteger(since) || since < 0) return refuse(400, '“since” must be a revision, a whole number.')
    return json({ since: await jobs.since(params.id, since) })
  })
