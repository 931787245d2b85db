import { answerBody, queryOf } from '$lib/server/http'
import { heavy } from '$lib/server/pool/pool'
import type { RequestHandler } from './$types'

/** A job document in, or one with a loading; what each variant weighs out, with its limits and worst loadings. Nothing is stored. */
export const POST: RequestHandler = ({ request, url }) =>
  answerBody(request, (bytes) => heavy('weight', bytes, queryOf(url)))
