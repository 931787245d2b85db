import { answerBody } from '$lib/server/http'
import { heavy } from '$lib/server/pool/pool'
import type { RequestHandler } from './$types'

/** A body, its lining and changes in; answers about the space that is left. Nothing is stored. */
export const POST: RequestHandler = ({ request }) => answerBody(request, (bytes) => heavy('space', bytes))
