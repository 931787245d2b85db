import type { z } from 'zod'
import { faultsOf, guard, parseJobText, type Job } from '$lib/core/job'
import { NAMING } from '$lib/core/units'
import { refusal, type Read } from './reply'

/** Bytes as text. */
function textOf(bytes: Uint8Array): Read<string> {
  try {
    return { ok: true, value: new TextDecoder('utf-8', { fatal: true }).decode(bytes) }
  } catch {
    return { ok: false, reply: refusal(400, 'This file is not plain text (UTF-8).') }
  }
}

/** A job document; with `rest`, one with faults is read without its faulty parts if that can be done. */
export function readJob(bytes: Uint8Array, rest = false): Read<Job> {
  const text = textOf(bytes)
  if (!text.ok) return text
  const parsed = parseJobText(text.value)
  if (parsed.ok) return { ok: true, value: parsed.job }
  if (rest && parsed.rest !== undefined) return { ok: true, value: parsed.rest }
  const more = parsed.rest === undefined ? {} : { restCanBeRead: true }
  return { ok: false, reply: refusal(422, 'This is not a Zimmerman job.', parsed.faults, more) }
}

/** A JSON body checked against a schema. */
export function readJson<S extends z.ZodType>(bytes: Uint8Array, schema: S): Read<z.infer<S>> {
  const text = textOf(bytes)
  if (!text.ok) return text
  let value: unknown
  try {
    value = JSON.parse(text.value)
  } catch (cause) {
    return {
      ok: false,
      reply: refusal(400, `This is not JSON: ${cause instanceof Error ? cause.message : String(cause)}`),
    }
  }
  const guarded = guard(value)
  if (guarded.length > 0) return { ok: false, reply: refusal(400, 'The request could not be understood.', guarded) }
  const result = schema.safeParse(value, NAMING)
  if (result.success) return { ok: true, value: result.data }
  return { ok: false, reply: refusal(400, 'The request could not be understood.', faultsOf(result.error.issues)) }
}

/** The same for a document of another kind, by its own reader. */
export function readText<T>(bytes: Uint8Array, read: (text: string) => Read<T>): Read<T> {
  const text = textOf(bytes)
  return text.ok ? read(text.value) : text
}
