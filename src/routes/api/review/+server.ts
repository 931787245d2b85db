import { answerBody } from '$lib/server/http'
import { heavy } from '$lib/server/pool/pool'
import type { RequestHandler } from './$types'

/** A job document in, its findings for each variant and mode out. Nothing is stored. */
export const POST: RequestHandler = ({ request }) => answerBody(request, (bytes) => heavy('review', bytes))
