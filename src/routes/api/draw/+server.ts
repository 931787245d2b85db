import { answerBody, queryOf, today } from '$lib/server/http'
import { heavy } from '$lib/server/pool/pool'
import type { RequestHandler } from './$types'

/** A job document in, its unfolded drawing out. Nothing is stored. */
export const POST: RequestHandler = ({ request, url }) =>
  answerBody(request, (bytes) => heavy('draw', bytes, queryOf(url), today()))
