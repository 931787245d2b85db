import { createReadStream, statSync } from 'node:fs'
import { Readable } from 'node:stream'
import { NO_SUCH_COPY } from '$lib/server/copies/answer'
import { refuse } from '$lib/server/http'
import { copies } from '$lib/server/store'
import type { RequestHandler } from './$types'

/** A copy as a file. */
export const GET: RequestHandler = ({ params }) => {
  const file = copies.pathOf(params.name)
  if (file === undefined) return refuse(404, NO_SUCH_COPY)
  return new Response(Readable.toWeb(createReadStream(file)) as ReadableStream, {
    headers: {
      'content-type': 'application/vnd.sqlite3',
      'content-length': String(statSync(file).size),
      'content-disposition': `attachment; filename="${params.name}"`,
    },
  })
}

export const DELETE: RequestHandler = ({ params }) =>
  copies.remove(params.name) ? new Response(null, { status: 204 }) : refuse(404, NO_SUCH_COPY)
