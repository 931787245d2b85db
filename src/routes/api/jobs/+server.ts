import { json } from '@sveltejs/kit'
import { randomBytes } from 'node:crypto'
import { withJobs } from '$lib/server/answer'
import { readJob } from '$lib/server/http'
import type { RequestHandler } from './$types'

export const GET: RequestHandler = () => withJobs(async (jobs) => json(await jobs.list()))

/** Takes a document in. If a job of its id is here already, it comes in as another. */
export const POST: RequestHandler = async ({ request, url }) => {
  const read = await readJob(request, url.searchParams.has('rest'))
  if (!read.ok) return read.response
  return withJobs(async (jobs) => {
    const id = (await jobs.isTaken(read.value.id)) ? `job-${randomBytes(5).toString('hex')}` : read.value.id
    await jobs.create({ ...read.value, id }, new Date().toISOString())
    return json({ id }, { status: 201, headers: { location: `/api/jobs/${id}` } })
  })
}
