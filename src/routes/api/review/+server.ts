import { json } from '@sveltejs/kit'
import { readJob } from '$lib/server/http'
import { reviewAnswer } from '$lib/server/review-answer'
import type { RequestHandler } from './$types'

/** A job document in, its findings for each variant and mode out. Nothing is stored. */
export const POST: RequestHandler = async ({ request }) => {
  const read = await readJob(request)
  return read.ok ? json(reviewAnswer(read.value)) : read.response
}
