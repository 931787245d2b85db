import type { Kysely } from 'kysely'
import {
  apply,
  CommandError,
  parseJob,
  parseJobText,
  replay,
  told,
  toldSchema,
  variantsOf,
  type Command,
  type Fault,
  type Job,
  type JobSummary,
} from '$lib/core/job'
import { reviewJob, tally } from '$lib/core/review'
import { sayRefusal, sayTold } from '$lib/core/text'
import type { Opened, Schema } from './database'
import { UnreadableJob } from './storage-faults'

/** A whole state is kept every so many revisions. */
const SNAPSHOT_EVERY = 50

export interface SentCommand {
  readonly uid: string
  readonly command: Command
}

export interface JournalEntry {
  readonly revision: number
  readonly uid: string
  readonly client: string
  readonly command: Command
  readonly words: string
  readonly at: string
}

export type CommitResult =
  | { readonly kind: 'done'; readonly revision: number }
  /** The job has moved on: what happened since the base that was named. */
  | { readonly kind: 'conflict'; readonly revision: number; readonly since: readonly JournalEntry[] }
  | { readonly kind: 'refused'; readonly uid: string; readonly message: string }
  | { readonly kind: 'missing' }

/** Everything that the program stores of jobs; nothing else touches their tables. Times come in as ISO strings. */
export class JobRepository {
  private readonly db: Kysely<Schema>

  constructor(private readonly store: Opened) {
    this.db = store.db
  }

  /** Jobs that are not deleted, newest change first. What has changed since its last review is not counted here: see `count`. */
  async list(): Promise<readonly JobSummary[]> {
    return this.#summaries()
  }

  /** One job as the list shows it, its open stops counted now if it has changed since they were. */
  async count(id: string): Promise<JobSummary | undefined> {
    const [summary] = await this.#summaries(id)
    if (summary === undefined || summary.variants.every(({ stops }) => stops !== null)) return summary
    let found
    try {
      found = await this.get(id)
    } catch (cause) {
      if (cause instanceof UnreadableJob) return { ...summary, unreadable: cause.reason }
      throw cause
    }
    if (found === undefined) return undefined
    for (const review of reviewJob(found.job)) {
      const { stop, caution } = tally(review)
      await this.db
        .updateTable('variants')
        .set({ stops: stop, cautions: caution, reviewed_revision: found.revision })
        .where('job_id', '=', id)
        .where('variant_id', '=', review.variantId)
        .execute()
    }
    return (await this.#summaries(id))[0]
  }

  async #summaries(only?: string): Promise<readonly JobSummary[]> {
    const jobs = await this.db
      .selectFrom('jobs')
      .where('deleted_at', 'is', null)
      .$if(only !== undefined, (query) => query.where('id', '=', only!))
      .select(['id', 'name', 'shell_name', 'revision', 'changed_at'])
      .orderBy('changed_at', 'desc')
      .orderBy('id')
      .execute()
    const variants = await this.db
      .selectFrom('variants')
      .$if(only !== undefined, (query) => query.where('job_id', '=', only!))
      .selectAll()
      .orderBy('position')
      .execute()
    return jobs.map((job) => ({
      id: job.id,
      name: job.name,
      shellName: job.shell_name,
      revision: job.revision,
      changedAt: job.changed_at,
      variants: variants
        .filter(({ job_id }) => job_id === job.id)
        .map(({ variant_id, name, stops, cautions, reviewed_revision }) => {
          const counted = reviewed_revision !== null && reviewed_revision >= job.revision
          return { id: variant_id, name, stops: counted ? stops : null, cautions: counted ? cautions : null }
        }),
    }))
  }

  /** Deleted jobs that can be put back, last deleted first. */
  async listDeleted(): Promise<readonly { readonly id: string; readonly name: string }[]> {
    return this.db
      .selectFrom('jobs')
      .where('deleted_at', 'is not', null)
      .select(['id', 'name'])
      .orderBy('deleted_at', 'desc')
      .limit(20)
      .execute()
  }

  async get(id: string): Promise<{ readonly job: Job; readonly revision: number } | undefined> {
    const row = await this.db
      .selectFrom('jobs')
      .where('id', '=', id)
      .where('deleted_at', 'is', null)
      .select(['document', 'revision'])
      .executeTakeFirst()
    return row === undefined ? undefined : { job: readStored(id, row.document), revision: row.revision }
  }

  /** Stores a job that is new here. @throws when its id is taken. */
  async create(job: Job, at: string): Promise<void> {
    await this.store.transact(async (trx) => {
      const document = JSON.stringify(job)
      await trx
        .insertInto('jobs')
        .values({
          id: job.id,
          name: job.name,
          revision: 0,
          document,
          shell_name: job.shell.name,
          created_at: at,
          changed_at: at,
          deleted_at: null,
        })
        .execute()
      await trx.insertInto('snapshots').values({ job_id: job.id, revision: 0, document, at }).execute()
      await writeVariants(trx, job)
    })
  }

  /** A job’s document as it is stored, whether it can be read or not. */
  async raw(id: string): Promise<string | undefined> {
    return (await this.db.selectFrom('jobs').where('id', '=', id).select('document').executeTakeFirst())?.document
  }

  async isTaken(id: string): Promise<boolean> {
    return (await this.db.selectFrom('jobs').where('id', '=', id).select('id').executeTakeFirst()) !== undefined
  }

  /**
   * Applies commands made on `base` in one transaction: all or none. Commands that are here already, by their uid, are
   * passed over, so that sending again after a lost answer is harmless.
   */
  async commit(
    id: string,
    base: number,
    client: string,
    sent: readonly SentCommand[],
    at: string,
  ): Promise<CommitResult> {
    return this.store
      .transact(async (trx): Promise<CommitResult> => {
        const row = await trx
          .selectFrom('jobs')
          .where('id', '=', id)
          .where('deleted_at', 'is', null)
          .select(['document', 'revision'])
          .executeTakeFirst()
        if (row === undefined) return { kind: 'missing' }
        const known = new Set(
          sent.length === 0
            ? []
            : (
                await trx
                  .selectFrom('journal')
                  .where('job_id', '=', id)
                  .where(
                    'uid',
                    'in',
                    sent.map(({ uid }) => uid),
                  )
                  .select('uid')
                  .execute()
              ).map(({ uid }) => uid),
        )
        const fresh = sent.filter(
          ({ uid }, index) => !known.has(uid) && sent.findIndex((other) => other.uid === uid) === index,
        )
        if (fresh.length === 0) return { kind: 'done', revision: row.revision }
        const since = await trx
          .selectFrom('journal')
          .where('job_id', '=', id)
          .where('revision', '>', base)
          .selectAll()
          .orderBy('revision')
          .execute()
        const foreign = since.filter((entry) => !known.has(entry.uid))
        if (foreign.length > 0 || base > row.revision)
          return { kind: 'conflict', revision: row.revision, since: since.map(entryOf) }
        const before = readStored(id, row.document)
        const states = [before]
        let job = before
        let revision = row.revision
        for (const { uid, command } of fresh) {
          const what = JSON.stringify(told(command, job))
          try {
            job = apply(job, command).job
          } catch (cause) {
            throw cause instanceof CommandError ? new RefusedError(uid, sayRefusal(cause.refusal)) : cause
          }
          states.push(job)
          revision += 1
          await trx
            .insertInto('journal')
            .values({ job_id: id, revision, uid, client, command: JSON.stringify(command), words: '', told: what, at })
            .execute()
        }
        const checked = parseJob(JSON.parse(JSON.stringify(job)))
        if (!checked.ok) {
          const { index, fault } = firstFaulty(states, checked.faults[0]!)
          throw new RefusedError(fresh[index - 1]!.uid, `${fault.path}: ${fault.message}`)
        }
        const document = JSON.stringify(checked.job)
        await trx
          .updateTable('jobs')
          .set({ document, revision, name: job.name, shell_name: job.shell.name, changed_at: at })
          .where('id', '=', id)
          .execute()
        if (Math.floor(revision / SNAPSHOT_EVERY) > Math.floor(row.revision / SNAPSHOT_EVERY)) {
          await trx.insertInto('snapshots').values({ job_id: id, revision, document, at }).execute()
        }
        await writeVariants(trx, job)
        return { kind: 'done', revision }
      })
      .catch((cause: unknown): CommitResult => {
        if (cause instanceof RefusedError) return { kind: 'refused', uid: cause.uid, message: cause.message }
        throw cause
      })
  }

  async since(id: string, revision: number): Promise<readonly JournalEntry[]> {
    const rows = await this.db
      .selectFrom('journal')
      .where('job_id', '=', id)
      .where('revision', '>', revision)
      .selectAll()
      .orderBy('revision')
      .execute()
    return rows.map(entryOf)
  }

  /** The newest entries of a job's history, newest first. */
  async history(id: string, limit = 200): Promise<readonly Omit<JournalEntry, 'command'>[]> {
    const rows = await this.db
      .selectFrom('journal')
      .where('job_id', '=', id)
      .select(['revision', 'uid', 'client', 'words', 'told', 'at'])
      .orderBy('revision', 'desc')
      .limit(limit)
      .execute()
    return rows.map(({ words, told: what, ...row }) => ({ ...row, words: wordsOf(words, what) }))
  }

  /** The job as it was at a revision: the last whole state before it, and the journal replayed from there. */
  async at(id: string, revision: number): Promise<Job | undefined> {
    const snapshot = await this.db
      .selectFrom('snapshots')
      .where('job_id', '=', id)
      .where('revision', '<=', revision)
      .select(['revision', 'document'])
      .orderBy('revision', 'desc')
      .executeTakeFirst()
    const row = await this.db
      .selectFrom('jobs')
      .where('id', '=', id)
      .where('deleted_at', 'is', null)
      .select('revision')
      .executeTakeFirst()
    if (snapshot === undefined || row === undefined || revision > row.revision) return undefined
    const entries = await this.db
      .selectFrom('journal')
      .where('job_id', '=', id)
      .where('revision', '>', snapshot.revision)
      .where('revision', '<=', revision)
      .select('command')
      .orderBy('revision')
      .execute()
    return entries.reduce(
      (job, { command }) => replay(job, JSON.parse(command) as Command).job,
      readStored(id, snapshot.document),
    )
  }

  /** Marks a job deleted; it can be put back. False when there is none. */
  async remove(id: string, at: string): Promise<boolean> {
    return this.#mark(id, at)
  }

  async putBack(id: string): Promise<boolean> {
    return this.#mark(id, null)
  }

  /** Marks a job deleted at a time, or not deleted; false where it is so already, or there is none. */
  async #mark(id: string, at: string | null): Promise<boolean> {
    return this.store.transact(async (trx) => {
      const { numUpdatedRows } = await trx
        .updateTable('jobs')
        .set({ deleted_at: at })
        .where('id', '=', id)
        .where('deleted_at', at === null ? 'is not' : 'is', null)
        .executeTakeFirst()
      return Number(numUpdatedRows) > 0
    })
  }

  async isEmpty(): Promise<boolean> {
    return (await this.db.selectFrom('jobs').select('id').limit(1).executeTakeFirst()) === undefined
  }
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

/** Undoes the transaction of a commit that would leave an invalid job. */
class RefusedError extends Error {
  constructor(
    readonly uid: string,
    message: string,
  ) {
    super(message)
  }
}

/** An entry's words, made of what it keeps; one of earlier days kept its words. */
function wordsOf(words: string, what: string | null): string {
  const known = what === null ? undefined : toldSchema.safeParse(JSON.parse(what))
  return known?.success === true ? sayTold(known.data) : words
}

const entryOf = (row: Schema['journal']): JournalEntry => ({
  revision: row.revision,
  uid: row.uid,
  client: row.client,
  command: JSON.parse(row.command) as Command,
  words: wordsOf(row.words, row.told),
  at: row.at,
})

function readStored(id: string, document: string): Job {
  const result = parseJobText(document)
  if (result.ok) return result.job
  const { path, message } = result.faults[0]!
  throw new UnreadableJob(id, path === '' ? `its text ${message}` : `${path} ${message}`)
}

async function writeVariants(trx: Kysely<Schema>, job: Job): Promise<void> {
  const variants = variantsOf(job)
  await trx
    .deleteFrom('variants')
    .where('job_id', '=', job.id)
    .where(
      'variant_id',
      'not in',
      variants.map(([id]) => id),
    )
    .execute()
  for (const [id, { name, order }] of variants) {
    await trx
      .insertInto('variants')
      .values({ job_id: job.id, variant_id: id, name, position: order, stops: 0, cautions: 0, reviewed_revision: null })
      .onConflict((conflict) => conflict.columns(['job_id', 'variant_id']).doUpdateSet({ name, position: order }))
      .execute()
  }
}
