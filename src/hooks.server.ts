import type { Handle, HandleServerError, RequestEvent } from '@sveltejs/kit'
import { env } from '$env/dynamic/private'
import { drain, refuse } from '$lib/server/http'
import { storageSentence } from '$lib/server/faults'
import { inNameOf } from '$lib/server/pool/client'

const LOOPBACK = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/

const hostOf = (origin: string): string | undefined => {
  try {
    return new URL(origin).host
  } catch {
    return undefined
  }
}

/** Bound to loopback, the program answers only to loopback's names: a page elsewhere cannot reach it by a name of its own. */
function unwelcome(event: RequestEvent): Response | undefined {
  const open = env.HOST !== undefined && env.HOST !== '' && !/^(127\.|localhost$|::1$)/.test(env.HOST)
  if (!open && !LOOPBACK.test(event.request.headers.get('host') ?? 'localhost')) {
    return refuse(403, 'This Zimmerman answers only on this machine. Set HOST to open it to others.')
  }
  const fetchSite = event.request.headers.get('sec-fetch-site')
  const origin = event.request.headers.get('origin')
  const writes = event.request.method !== 'GET' && event.request.method !== 'HEAD'
  if (writes && origin !== null && hostOf(origin) !== event.request.headers.get('host'))
    return refuse(403, 'That came from another site.')
  if (writes && fetchSite !== null && fetchSite !== 'same-origin' && fetchSite !== 'none')
    return refuse(403, 'That came from another site.')
  return undefined
}

/** Whose turn a request takes: of an address, each page that is open there. */
function turnOf({ request, getClientAddress }: RequestEvent): string {
  const page = request.headers.get('x-tab') ?? request.headers.get('referer') ?? ''
  return `${getClientAddress()} ${page.slice(0, 200)}`
}

export const handle: Handle = async ({ event, resolve }) => {
  event.locals.who = ''
  const client = { turn: turnOf(event), left: event.request.signal }
  const response = unwelcome(event) ?? (await inNameOf(client, () => resolve(event)))
  await drain(event.request, response)
  response.headers.set('x-content-type-options', 'nosniff')
  response.headers.set('referrer-policy', 'same-origin')
  return response
}

export const handleError: HandleServerError = ({ error, status, message }) => {
  const storage = storageSentence(error)
  if (storage !== undefined) return { message: storage.message }
  if (status >= 500) console.error(error)
  return {
    message:
      status === 404
        ? 'There is nothing at this address.'
        : status >= 500
          ? 'Something went wrong here; nothing was changed.'
          : message,
  }
}
