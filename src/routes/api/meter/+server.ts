import { refuse } from '$lib/server/http'
import { readingStream } from '$lib/server/meter'
import type { RequestHandler } from './$types'

/** A stand-in for a laser distance meter: streams readings about a distance, with a hand's noise. */
export const GET: RequestHandler = ({ url }) => {
  const around = Number(url.searchParams.get('around') ?? NaN)
  if (!(around >= 1 && around <= 20_000))
    return refuse(400, 'The meter reads from 1 to 20000 mm.', [{ path: 'around', message: 'a distance in mm' }])
  return new Response(readingStream(around), {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' },
  })
}
