import { z } from 'zod'
import { sendCopied } from '$lib/server/copies/answer'
import { readJson } from '$lib/server/engine/reading'
import { readBody, send } from '$lib/server/http'
import { copies } from '$lib/server/store'
import type { RequestHandler } from './$types'

const schema = z.union([z.strictObject({ copy: z.string().max(100) }), z.strictObject({ upload: z.string().max(40) })])

/** Puts a copy, or a file that was taken in, in the place of all that is stored now; that is kept as a copy of its own. */
export const POST: RequestHandler = async ({ request }) => {
  const body = await readBody(request)
  if (!body.ok) return send(body.reply)
  const read = readJson(body.value, schema)
  return read.ok ? sendCopied(await copies.restore(read.value, new Date().toISOString())) : send(read.reply)
}
