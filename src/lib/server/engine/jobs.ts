import { z } from 'zod'
import {
  apply,
  CommandError,
  commandSchema,
  faultsOf,
  guard,
  parseJob,
  parseJobText,
  told,
  variantsOf,
  type Command,
  type Fault,
  type Job,
} from '$lib/core/job'
import { reviewVariant, tally } from '$lib/core/review'
import { sayRefusal } from '$lib/core/text'
import { NAMING } from '$lib/core/units'
import { readJob, readJson } from './reading'
import { refusal, reply, type Query, type Read, type Reply } from './reply'

/** The most that a document may hold, in bytes: what is read, and what commands may make of it. */
export const MAX_DOCUMENT_BYTES = 5_000_000
const MAX_WORDS = '5 MB'

/** What a stored document answers, or why it cannot be read. */
export type Stored<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly reason: string }

/** Reads a document that was stored. */
function readStored(document: string): Stored<Job> {
  const result = parseJobText(document)
  if (result.ok) return { ok: true, value: result.job }
  const { path, message } = result.faults[0]!
  return { ok: false, reason: path === '' ? `its text ${message}` : `${path} ${message}` }
}

/** Lets a stored document answer. */
export function answered<T>(document: string, answer: (job: Job) => T): Stored<T> {
  const read = readStored(document)
  return read.ok ? { ok: true, value: answer(read.value) } : read
}

/** A document as it is stored, with what the list shows of it. */
export interface StoredJob {
  readonly id: string
  readonly name: string
  readonly shellName: string
  readonly variants: readonly { readonly id: string; readonly name: string; readonly position: number }[]
  readonly document: string
}

export const toStored = (job: Job): StoredJob => ({
  id: job.id,
  name: job.name,
  shellName: job.shell.name,
  variants: variantsOf(job).map(([id, { name, order }]) => ({ id, name, position: order })),
  document: JSON.stringify(job),
})

/** A document that is brought in; with `newId` where its own is taken. */
export function readNewJob(bytes: Uint8Array, rest: boolean): Read<StoredJob> {
  const read = readJob(bytes, rest)
  return read.ok ? { ok: true, value: toStored(read.value) } : read
}

/** The same document under another id. */
export const renumbered = (stored: StoredJob, id: string): StoredJob => ({
  ...stored,
  id,
  document: JSON.stringify({ ...(JSON.parse(stored.document) as object), id }),
})

export interface SentCommand {
  readonly uid: string
  readonly command: Command
}

const MOST_COMMANDS = 200

const uid = z.string().regex(/^[\w-]{6,60}$/, 'a mark of 6 to 60 letters, figures and hyphens')
const sentSchema = z.object({
  base: z.number().int().min(0),
  client: uid,
  commands: z.array(z.object({ uid, command: z.unknown() })).max(MOST_COMMANDS),
})

/** A command from anyone’s hand: what it may hold at all, then what its kind asks. */
function readCommand(value: unknown): { readonly command: Command } | { readonly faults: readonly Fault[] } {
  const guarded = guard(value)
  if (guarded.length > 0) return { faults: guarded }
  const read = commandSchema.safeParse(value, NAMING)
  return read.success ? { command: read.data } : { faults: faultsOf(read.error.issues) }
}

export interface Sent {
  readonly base: number
  readonly client: string
  readonly commands: readonly SentCommand[]
}

/** Commands made on a revision; one that cannot be is named by its uid. */
export function readSent(bytes: Uint8Array): Read<Sent> {
  const read = readJson(bytes, sentSchema)
  if (!read.ok) return read
  const { base, client, commands } = read.value
  const sent: SentCommand[] = []
  for (const [index, { uid: own, command: value }] of commands.entries()) {
    const one = readCommand(value)
    if ('faults' in one) {
      const faults = one.faults.map(({ path, message }) => ({
        path: ['commands', index, 'command', path].filter((part) => part !== '').join('.'),
        message,
      }))
      const { path, message } = one.faults[0]!
      const words = path === '' ? message : `${path}: ${message}`
      return { ok: false, reply: refusal(422, words, faults, { uid: own }) }
    }
    sent.push({ uid: own, command: one.command })
  }
  return { ok: true, value: { base, client, commands: sent } }
}

export type Outcome =
  | {
      readonly kind: 'changed'
      readonly stored: StoredJob
      /** What each command did, by code and names, as JSON. */
      readonly told: readonly string[]
    }
  | { readonly kind: 'refused'; readonly uid: string; readonly message: string }
  | { readonly kind: 'unreadable'; readonly reason: string }

/** Applies commands to a stored document: all of them, or none. */
export function applySent(document: string, sent: readonly SentCommand[]): Outcome {
  const read = readStored(document)
  if (!read.ok) return { kind: 'unreadable', reason: read.reason }
  const states: Job[] = [read.value]
  const words: string[] = []
  let job = read.value
  for (const { uid: own, command } of sent) {
    words.push(JSON.stringify(told(command, job)))
    try {
      job = apply(job, command).job
    } catch (cause) {
      if (!(cause instanceof CommandError)) throw cause
      return { kind: 'refused', uid: own, message: sayRefusal(cause.refusal) }
    }
    states.push(job)
  }
  const text = JSON.stringify(job)
  const checked = parseJob(JSON.parse(text))
  if (!checked.ok) {
    const { index, fault } = firstFaulty(states, checked.faults[0]!)
    return { kind: 'refused', uid: sent[index - 1]!.uid, message: `${fault.path}: ${fault.message}` }
  }
  if (Buffer.byteLength(text) > MAX_DOCUMENT_BYTES) {
    const culprit = sent[firstOver(states) - 1]!
    return {
      kind: 'refused',
      uid: culprit.uid,
      message: `the job would be larger than ${MAX_WORDS}, the largest that Zimmerman reads`,
    }
  }
  return { kind: 'changed', stored: toStored(checked.job), told: words }
}

/** Which of a row of states is the first that is no document, the last being none: halved until it is found. */
function firstFaulty(states: readonly Job[], last: Fault): { readonly index: number; readonly fault: Fault } {
  let [good, bad] = [0, states.length - 1]
  let fault = last
  while (bad - good > 1) {
    const middle = (good + bad) >> 1
    const read = parseJob(JSON.parse(JSON.stringify(states[middle])))
    if (read.ok) good = middle
    else [bad, fault] = [middle, read.faults[0]!]
  }
  return { index: bad, fault }
}

/** Which of a row of states is the first that is too large; at least the first that a command made. */
const firstOver = (states: readonly Job[]): number =>
  Math.max(
    1,
    states.findIndex((state) => Buffer.byteLength(JSON.stringify(state)) > MAX_DOCUMENT_BYTES),
  )

export interface Counted {
  readonly variantId: string
  readonly stops: number
  readonly cautions: number
}

/** Open stops and cautions of a variant; none where it is not there. */
export const countStored = (document: string, variantId: string): Stored<Counted | undefined> =>
  answered(document, (job) => {
    if (job.variants[variantId] === undefined) return undefined
    const { stop, caution } = tally(reviewVariant(job, variantId))
    return { variantId, stops: stop, cautions: caution }
  })

/** A stored document as it is, or as a file with the job’s name. */
export const documentReply = (document: string, revision: number, query: Query): Stored<Reply> =>
  answered(document, (job) => {
    const name = `${job.name.replace(/[^\p{L}\p{N} .-]/gu, '').trim() || 'job'}.zimmerman.json`
    const named: Record<string, string> =
      'download' in query ? { 'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(name)}` } : {}
    return reply(job, 200, { etag: `"${revision}"`, ...named })
  })
