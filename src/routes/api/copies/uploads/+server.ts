import { json } from '@sveltejs/kit'
import { readBody, refuse, send, wholeNumber } from '$lib/server/http'
import { copies } from '$lib/server/store'
import type { RequestHandler } from './$types'

/**
 * Takes in a file to be looked into, part by part: the first without a name, which the answer gives, each further one with it and with where it
 * begins.
 */
export const POST: RequestHandler = async ({ request, url }) => {
  const body = await readBody(request)
  if (!body.ok) return send(body.reply)
  const offset = wholeNumber(url, 'offset')
  if (!offset.ok) return offset.response
  const upload = await copies.take(url.searchParams.get('upload') ?? undefined, offset.value ?? 0, body.value)
  return upload === undefined
    ? refuse(409, 'That part does not follow the one before it: start again.')
    : json({ upload })
}
