import { json } from '@sveltejs/kit'
import { z } from 'zod'
import { commandSchema, faultsOf, guard, type Command, type Fault } from '$lib/core/job'
import { NAMING } from '$lib/core/units'
import { NO_SUCH_JOB, withJobs } from '$lib/server/answer'
import { readJson, refuse } from '$lib/server/http'
import type { RequestHandler } from './$types'

const MOST_COMMANDS = 200

const uid = z.string().regex(/^[\w-]{6,60}$/, 'a mark of 6 to 60 letters, figures and hyphens')
const schema = z.object({
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

/**
 * Applies commands made on a revision: 200 with the new revision, or 409 with what happened meanwhile. One that cannot be is named by its
 * uid, with the reason: none of them is applied then.
 */
export const POST: RequestHandler = async ({ params, request }) => {
  const read = await readJson(request, schema)
  if (!read.ok) return read.response
  const { base, client, commands } = read.value
  const sent: { uid: string; command: Command }[] = []
  for (const [index, { uid, command: value }] of commands.entries()) {
    const one = readCommand(value)
    if ('faults' in one) {
      const faults = one.faults.map(({ path, message }) => ({
        path: ['commands', index, 'command', path].filter((part) => part !== '').join('.'),
        message,
      }))
      const { path, message } = one.faults[0]!
      return json({ message: path === '' ? message : `${path}: ${message}`, uid, faults }, { status: 422 })
    }
    sent.push({ uid, command: one.command })
  }
  return withJobs(async (jobs) => {
    const result = await jobs.commit(params.id, base, client, sent, new Date().toISOString())
    switch (result.kind) {
      case 'done':
        return json({ revision: result.revision })
      case 'conflict':
        return json(
          { message: 'The job has changed meanwhile.', revision: result.revision, since: result.since },
          { status: 409 },
        )
      case 'refused':
        return json({ message: result.message, uid: result.uid }, { status: 422 })
      case 'missing':
        return refuse(404, NO_SUCH_JOB)
    }
  })
}

/** What happened since a revision. */
export const GET: RequestHandler = ({ params, url }) =>
  withJobs(async (jobs) => {
    const since = Number(url.searchParams.get('since') ?? 0)
    if (!Number.isInteger(since) || since < 0) return refuse(400, '“since” must be a revision, a whole number.')
    return json({ since: await jobs.since(params.id, since) })
  })
