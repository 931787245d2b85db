import { json } from '@sveltejs/kit'
import type { z } from 'zod'
import { guard, parseJobText, type Fault, type Job } from '$lib/core/job'
import { parseModuleText, type Module } from '$lib/core/module'
import { NAMING, sayIssue } from '$lib/core/units'

/** The largest document that is read, in bytes. */
const MAX_BODY_BYTES = 5_000_000

/** An answer that says what is wrong and where. */
export const refuse = (status: number, message: string, faults: readonly Fault[] = []): Response =>
  json({ message, faults }, { status })

type Body = { readonly ok: true; readonly text: string } | { readonly ok: false; readonly response: Response }

/**
 * The body as text, up to the limit. What is over it is read to its end all the same (the server's own limit ends that)
 * and forgotten: an answer to a request that is still on its way would leave its connection stuck, or cut.
 */
export async function readBody(request: Request): Promise<Body> {
  const chunks: Uint8Array[] = []
  let read = 0
  let whole = true
  try {
    for await (const chunk of (request.body ?? []) as AsyncIterable<Uint8Array>) {
      read += chunk.byteLength
      if (read <= MAX_BODY_BYTES) chunks.push(chunk)
    }
  } catch {
    whole = false
  }
  if (!whole || read > MAX_BODY_BYTES)
    return { ok: false, response: refuse(413, 'That is over 5 MB, the most that is read.') }
  try {
    return { ok: true, text: new TextDecoder('utf-8', { fatal: true }).decode(Buffer.concat(chunks)) }
  } catch {
    return { ok: false, response: refuse(400, 'That is not text in UTF-8.') }
  }
}

/** Reads to its end whatever an answer was given without; see `readBody`. */
export async function drain(request: Request): Promise<void> {
  if (request.body !== null && !request.bodyUsed) await readBody(request)
}

type Read<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly response: Response }

/** A job document from a request; with `rest`, one with faults is read without its faulty parts if that can be done. */
export async function readJob(request: Request, rest = false): Promise<Read<Job>> {
  const body = await readBody(request)
  if (!body.ok) return body
  const parsed = parseJobText(body.text)
  if (parsed.ok) return { ok: true, value: parsed.job }
  if (rest && parsed.rest !== undefined) return { ok: true, value: parsed.rest }
  const message = 'That is no job document that can be read.'
  return {
    ok: false,
    response: json(
      { message, faults: parsed.faults, ...(parsed.rest === undefined ? {} : { restCanBeRead: true }) },
      { status: 422 },
    ),
  }
}

/** A module document from a request. */
export async function readModule(request: Request): Promise<Read<Module>> {
  const body = await readBody(request)
  if (!body.ok) return body
  const parsed = parseModuleText(body.text)
  if (parsed.ok) return { ok: true, value: parsed.module }
  return { ok: false, response: refuse(422, 'That is no module that can be read.', parsed.faults) }
}

/** A small JSON body checked against a schema. */
export async function readJson<S extends z.ZodType>(request: Request, schema: S): Promise<Read<z.infer<S>>> {
  const body = await readBody(request)
  if (!body.ok) return body
  let value: unknown
  try {
    value = JSON.parse(body.text)
  } catch (cause) {
    return {
      ok: false,
      response: refuse(400, `That is not JSON: ${cause instanceof Error ? cause.message : String(cause)}`),
    }
  }
  const guarded = guard(value)
  if (guarded.length > 0) return { ok: false, response: refuse(400, 'That cannot be understood.', guarded) }
  const result = schema.safeParse(value, NAMING)
  if (result.success) return { ok: true, value: result.data }
  const faults = result.error.issues
    .slice(0, 20)
    .map((issue) => ({ path: issue.path.map(String).join('.'), message: sayIssue(issue) }))
  return { ok: false, response: refuse(400, 'That cannot be understood.', faults) }
}
