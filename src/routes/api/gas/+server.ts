import { answerBody, queryOf } from '$lib/server/http'
import { heavy } from '$lib/server/pool/pool'
import type { RequestHandler } from './$types'

/** A job document in; how long each variant’s gas lasts goes out, with its sums. Nothing is stored. */
export const POST: RequestHandler = ({ request, url }) =>
  answerBody(request, (bytes) => heavy('gas', bytes, queryOf(url)))
