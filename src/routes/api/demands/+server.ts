import { answerBody } from '$lib/server/http'
import { heavy } from '$lib/server/pool/pool'
import type { RequestHandler } from './$types'

/** A brief in; the demands that it implies, biggest first, with their reasons, and what a body cannot give. Nothing is stored. */
export const POST: RequestHandler = ({ request }) => answerBody(request, (bytes) => heavy('demands', bytes))
