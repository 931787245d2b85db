import { answerBody, queryOf } from '$lib/server/http'
import { heavy } from '$lib/server/pool/pool'
import type { RequestHandler } from './$types'

/** A job document in, its findings for each variant, or for the `variant` asked for, and mode out. Nothing is stored. */
export const POST: RequestHandler = ({ request, url }) =>
  answerBody(request, (bytes) => heavy('review', bytes, queryOf(url)))
