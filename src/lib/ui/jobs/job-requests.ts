import type { Fault, Job, JobSummary, Plan } from '$lib/core/job'
import { ask, type Answer } from '../parts/ask'
import { linesSince } from '../job/lines-since'

/** A plan to start from, as the list names it. */
export interface LayoutSummary {
  readonly id: string
  readonly name: string
  readonly shellId: string
  /** The bodies for which it is offered. */
  readonly shells: readonly string[]
  readonly fittings: number
}
export const listLayouts = (): Promise<Answer<readonly LayoutSummary[]>> => ask('/api/layouts')
export const layoutPlan = (id: string): Promise<Answer<Plan>> => ask(`/api/layouts/${id}`)

export type Outcome =
  | { readonly ok: true; readonly id: string }
  | {
      readonly ok: false
      readonly message: string
      readonly faults: readonly Fault[]
      /** What is not at fault could be taken in by itself. */
      readonly restCanBeRead?: boolean
    }

async function send(path: string, init: RequestInit): Promise<Outcome> {
  try {
    const response = await fetch(path, init)
    if (response.status === 204) return { ok: true, id: '' }
    const answer = (await response.json()) as {
      id?: string
      message?: string
      faults?: readonly Fault[]
      restCanBeRead?: boolean
    }
    if (response.ok) return { ok: true, id: answer.id ?? '' }
    return {
      ok: false,
      message: answer.message ?? 'That did not work.',
      faults: answer.faults ?? [],
      restCanBeRead: answer.restCanBeRead === true,
    }
  } catch {
    return { ok: false, message: 'No connection to Zimmerman: is it still running?', faults: [] }
  }
}

/** Takes a document in, as it stands in a file; with `rest`, without what is at fault in it. */
export const bringIn = (text: string, rest = false): Promise<Outcome> =>
  send(`/api/jobs${rest ? '?rest' : ''}`, { method: 'POST', body: text })
export const deleteJob = (id: string): Promise<Outcome> => send(`/api/jobs/${id}`, { method: 'DELETE' })
export const putBackJob = (id: string): Promise<Outcome> => send(`/api/jobs/${id}/put-back`, { method: 'POST' })

async function fetchJob(id: string): Promise<Job> {
  return (await (await fetch(`/api/jobs/${id}`)).json()) as Job
}

/** A copy with a name and id of its own. */
export async function duplicateJob(id: string, newJobId: string): Promise<Outcome> {
  const job = await fetchJob(id)
  return bringIn(JSON.stringify({ ...job, id: newJobId, name: `${job.name}, copy`.slice(0, 120) }))
}

/** Renames a job; what else happened to it since the list was made is no matter, but another name is: then nothing is done. */
export async function renameJob(card: JobSummary, name: string, uid: string): Promise<Outcome> {
  const path = `/api/jobs/${card.id}/commands`
  const rename = (base: number): Promise<Outcome> =>
    send(path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ base, client: 'jobs-list', commands: [{ uid, command: { type: 'job.rename', name } }] }),
    })
  try {
    const { since, revision } = await linesSince(card.id, card.revision)
    if (since.some(({ command }) => command.type === 'job.rename'))
      return {
        ok: false,
        message: 'Another window renamed it meanwhile: look at its name, and rename it again.',
        faults: [],
      }
    return rename(revision)
  } catch {
    return rename(card.revision)
  }
}

/** The job with its open stops counted now; undefined when there is no answer. */
export async function countStops(id: string): Promise<JobSummary | undefined> {
  try {
    const response = await fetch(`/api/jobs/${id}/count`, { method: 'POST' })
    return response.ok ? ((await response.json()) as JobSummary) : undefined
  } catch {
    return undefined
  }
}

export interface DeletedPage {
  readonly jobs: readonly { readonly id: string; readonly name: string; readonly goneAt: string }[]
  readonly more: boolean
}

/** Deleted jobs after the first `skip` of them. */
export const deletedJobs = (skip: number): Promise<Answer<DeletedPage>> => ask(`/api/jobs/deleted?skip=${skip}`)
