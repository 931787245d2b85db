import { answerBody, queryOf } from '$lib/server/http'
import { heavy } from '$lib/server/pool/pool'
import type { RequestHandler } from './$types'

/**
 * A job document in; for the first variant or the `variant` asked for, the moves from each mode to the next out, or those from
 * `from` to `to`. Nothing is stored.
 */
export const POST: RequestHandler = ({ request, url }) =>
  answerBody(request, (bytes) => heavy('moves', bytes, queryOf(url)))
