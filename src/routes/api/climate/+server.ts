import { answerBody, queryOf } from '$lib/server/http'
import { heavy } from '$lib/server/pool/pool'
import type { RequestHandler } from './$types'

/** A job document in; how warm, dry and airy each variant is goes out, with its sums. Nothing is stored. */
export const POST: RequestHandler = ({ request, url }) =>
  answerBody(request, (bytes) => heavy('climate', bytes, queryOf(url)))
