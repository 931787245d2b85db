import type { Fault } from '$lib/core/job'
import { MAX_DOCUMENT_BYTES } from './engine/jobs'
import { refusal, type Query, type Read, type Reply } from './engine/reply'
import { ClientLeft, LONGEST_MS, TookTooLong, TooLarge } from './pool/pool'
import { Busy } from './pool/turns'

/** Sends an answer out. */
export const send = ({ status, headers, body }: Reply): Response => new Response(body, { status, headers })

/** An answer that says what is wrong and where. */
export const refuse = (status: number, message: string, faults: readonly Fault[] = []): Response =>
  send(refusal(status, message, faults))

/**
 * The body, up to the limit. What is over it is read to its end all the same and forgotten: an answer to a request that
 * is still on its way would leave its connection stuck. What is far over it (see `start.ts`) ends in an error here, and the
 * connection is cut.
 */
export async function readBody(request: Request, most = MAX_DOCUMENT_BYTES): Promise<Read<Uint8Array>> {
  const chunks: Uint8Array[] = []
  let read = 0
  let whole = true
  try {
    for await (const chunk of (request.body ?? []) as AsyncIterable<Uint8Array>) {
      read += chunk.byteLength
      if (read <= most) chunks.push(chunk)
      else chunks.length = 0
    }
  } catch {
    whole = false
  }
  if (!whole || read > most) {
    const reply = refusal(413, `This file is over ${most / 1e6} MB, the largest that Zimmerman reads.`)
    return { ok: false, reply: whole ? reply : { ...reply, headers: { ...reply.headers, ...CUT } } }
  }
  return { ok: true, value: Buffer.concat(chunks) }
}

const CUT = { connection: 'close' } as const

/** Reads to its end whatever an answer was given without; see `readBody`. */
export async function drain(request: Request, response: Response): Promise<void> {
  if (request.body === null || request.bodyUsed) return
  const read = await readBody(request)
  if (!read.ok && 'connection' in read.reply.headers) response.headers.set('connection', CUT.connection)
}

/** The fields of an address; of one that is named twice, the last. */
export const queryOf = (url: URL): Query => Object.fromEntries(url.searchParams)

/** Today’s date, for sheets. */
export const today = (): string => new Date().toISOString().slice(0, 10)

/** A document that is sent as it is kept. */
export const sendDocument = (text: string, disposition?: string): Response =>
  new Response(text, {
    headers: {
      'content-type': 'application/json',
      ...(disposition === undefined ? {} : { 'content-disposition': disposition }),
    },
  })

type Field =
  { readonly ok: true; readonly value: number | undefined } | { readonly ok: false; readonly response: Response }

/** A field of the address that is a whole number from 0, where it is there. */
export function wholeNumber(url: URL, name: string): Field {
  const asked = url.searchParams.get(name)
  if (asked === null) return { ok: true, value: undefined }
  if (/^\d{1,9}$/.test(asked)) return { ok: true, value: Number(asked) }
  const faults = [{ path: name, message: `got “${asked.slice(0, 20)}”` }]
  return { ok: false, response: refuse(400, `“${name}” must be a whole number.`, faults) }
}

/** Answers a body with what a thread makes of it. */
export async function answerBody(request: Request, work: (bytes: Uint8Array) => Promise<Reply>): Promise<Response> {
  const body = await readBody(request)
  if (!body.ok) return send(body.reply)
  try {
    return send(await work(body.value))
  } catch (cause) {
    const told = threadSentence(cause)
    if (told === undefined) throw cause
    return told
  }
}

/** What is told of a request that no thread could answer; undefined for anything else. */
export function threadSentence(cause: unknown): Response | undefined {
  if (cause instanceof ClientLeft) return new Response(null, { status: 499 })
  if (cause instanceof Busy) {
    const response = refuse(503, 'Zimmerman is busy: try again in a moment.')
    response.headers.set('retry-after', String(cause.retryAfterS))
    return response
  }
  if (cause instanceof TookTooLong)
    return refuse(
      503,
      `This took longer than ${LONGEST_MS / 1000} s, the longest that an answer may take, and was stopped.`,
    )
  if (cause instanceof TooLarge) return refuse(503, 'This needed more memory than an answer may have, and was stopped.')
  return undefined
}
