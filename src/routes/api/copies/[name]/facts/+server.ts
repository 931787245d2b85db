import { sendCopied } from '$lib/server/copies/answer'
import { copies } from '$lib/server/store'
import type { RequestHandler } from './$types'

/** What is in a copy. */
export const GET: RequestHandler = async ({ params }) => sendCopied(await copies.look({ copy: params.name }))
