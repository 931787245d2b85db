import { json } from '@sveltejs/kit'
import { randomBytes } from 'node:crypto'
import { withJobs } from '$lib/server/answer'
import { readBody, send } from '$lib/server/http'
import { heavy } from '$lib/server/pool/pool'
import { caretaker, photos } from '$lib/server/store'
import type { RequestHandler } from './$types'

export const GET: RequestHandler = () => withJobs(async (jobs) => json(await jobs.list()))

/** Takes a document in. If a job of its id is here already, it comes in as another. */
export const POST: RequestHandler = ({ request, url }) =>
  withJobs(async (jobs) => {
    const body = await readBody(request)
    if (!body.ok) return send(body.reply)
    const read = await heavy('readNewJob', body.value, url.searchParams.has('rest'))
    if (!read.ok) return send(read.reply)
    const id = (await jobs.isTaken(read.value.id)) ? `job-${randomBytes(5).toString('hex')}` : read.value.id
    const stored = id === read.value.id ? read.value : await heavy('renumbered', read.value, id)
    const at = new Date().toISOString()
    await jobs.create(stored, at)
    await (await photos()).adopt(id, stored.document, at)
    void caretaker().then((one) => one.touched(id, 0))
    return json({ id }, { status: 201, headers: { location: `/api/jobs/${id}` } })
  })
