import type { Handle, HandleServerError, RequestEvent } from '@sveltejs/kit'
import { drain, refuse } from '$lib/server/http'
import { storageSentence } from '$lib/server/faults'
import { asksKey, COOKIE, whoHas } from '$lib/server/key/sign-in'
import { inNameOf } from '$lib/server/pool/client'
import { isNamed, isOpen } from '$lib/server/reach'

const hostOf = (origin: string): string | undefined => {
  try {
    return new URL(origin).host
  } catch {
    return undefined
  }
}

/** What comes by a name that is not this program’s, or from another site. */
function unwelcome(event: RequestEvent): Response | undefined {
  if (!isNamed(event.request.headers.get('host'), process.env)) {
    return refuse(
      403,
      isOpen(process.env)
        ? 'This Zimmerman does not answer to that name. Add it to ZIMMERMAN_HOSTS if it should.'
        : 'This Zimmerman answers only on this machine. Set HOST to open it to others.',
    )
  }
  const fetchSite = event.request.headers.get('sec-fetch-site')
  const origin = event.request.headers.get('origin')
  const writes = event.request.method !== 'GET' && event.request.method !== 'HEAD'
  if (writes && origin !== null && hostOf(origin) !== event.request.headers.get('host'))
    return refuse(403, 'This request came from another site.')
  if (writes && fetchSite !== null && fetchSite !== 'same-origin' && fetchSite !== 'none')
    return refuse(403, 'This request came from another site.')
  return undefined
}

/** Whose turn a request takes: of who is signed in, or of an address, each tab or page that is open there. */
function turnOf({ request, locals, getClientAddress }: RequestEvent): string {
  const page = request.headers.get('x-tab') ?? request.headers.get('referer') ?? ''
  return `${locals.who || getClientAddress()} ${page.slice(0, 200)}`
}

const SIGN_IN = '/sign-in'

/** Where a key is asked for, only who is signed in gets further than the sign-in. */
async function unknown(event: RequestEvent): Promise<Response | undefined> {
  if (!asksKey()) return undefined
  const { pathname, search } = event.url
  try {
    const who = await whoHas(event.cookies.get(COOKIE))
    event.locals.who = who ?? ''
    if (who !== undefined || pathname === SIGN_IN) return undefined
  } catch (cause) {
    const storage = storageSentence(cause)
    if (storage === undefined) throw cause
    return refuse(storage.status, storage.message)
  }
  const isPage = event.request.method === 'GET' && event.request.headers.get('accept')?.includes('text/html') === true
  if (!isPage || event.isDataRequest) return refuse(401, 'Sign in with the workshop key first.')
  const to = `${SIGN_IN}?to=${encodeURIComponent(pathname + search)}`
  return new Response(null, { status: 303, headers: { location: to } })
}

export const handle: Handle = async ({ event, resolve }) => {
  event.locals.who = ''
  const response =
    unwelcome(event) ??
    (await unknown(event)) ??
    (await inNameOf({ turn: turnOf(event), left: event.request.signal }, () => resolve(event)))
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
