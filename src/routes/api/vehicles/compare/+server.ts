import { answerBody } from '$lib/server/http'
import { heavy } from '$lib/server/pool/pool'
import type { RequestHandler } from './$types'

/** A brief in; every body held against it, best first. Nothing is stored. */
export const POST: RequestHandler = ({ request }) => answerBody(request, (bytes) => heavy('compare', bytes))
