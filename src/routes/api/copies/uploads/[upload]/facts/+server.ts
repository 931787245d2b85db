import { sendCopied } from '$lib/server/copies/answer'
import { copies } from '$lib/server/store'
import type { RequestHandler } from './$types'

/** What is in a file that was taken in. */
export const GET: RequestHandler = async ({ params }) => sendCopied(await copies.look({ upload: params.upload }))
