import type { Kysely } from 'kysely'
import type { JobSummary } from '$lib/core/job'
import type { Counted, SentCommand, Stored, StoredJob } from './engine/jobs'
import type { JournalEntry, Lines } from './engine/journal'
import type { Engine } from './engine/tasks'
import type { Opened, Schema } from './database'
import { UnreadableJob } from './storage-faults'

/** A whole state is kept every so many revisions. */
const SNAPSHOT_EVERY = 50
/** Lines of the journal that stand by themselves, at least; older ones are packed, so many together. */
const PLAIN_LINES = 200
const LINES_A_PACK = 400
/** Of whole states that are older than this, one in so many revisions is kept: the lines between them are replayed. */
const THINNED = [
  { olderThan: 500, oneIn: 400 },
  { olderThan: 10_000, oneIn: 2000 },
] as const
/** Lines that one answer holds; who wants more asks again. */
const MOST_LINES = 1000
const MOST_HISTORY = 200
const MOST_DELETED = 20
/** How long a deleted job can be put back. */
export const DELETED_KEPT_DAYS = 180
const DAY_MS = 86_400_000
/** A save that finds the job changed while it was worked out begins anew, so often. */
const MOST_ROUNDS = 8

/** The columns of a line, as the engine takes them. */
const LINE = ['revision', 'uid', 'client', 'who', 'command', 'words', 'told', 'at'] as const

export type CommitResult =
  | { readonly kind: 'done'; readonly revision: number }
  /** The job has moved on: what happened since the base that was named, or the first part of it. */
  | { readonly kind: 'conflict'; readonly revision: number; readonly since: readonly JournalEntry[] }
  | { readonly kind: 'refused'; readonly uid: string; readonly message: string }
  | { readonly kind: 'missing' }

export interface DeletedJob {
  readonly id: string
  readonly name: string
  readonly deletedAt: string
  /** When it is gone for good. */
  readonly goneAt: string
}

/**
 * Everything that the program stores of jobs; nothing else touches their tables. Documents go in and out as text: what is
 * read in them is worked out by the engine, never here. Times come in as ISO strings.
 */
export class JobRepository {
  private readonly db: Kysely<Schema>

  constructor(
    private readonly store: Opened,
    private readonly engine: Engine,
  ) {
    this.db = store.db
  }

  /** Jobs that are not deleted, newest change first. Stops are null where they have not been counted since the last change. */
  async list(): Promise<readonly JobSummary[]> {
    return this.#summaries()
  }

  /** One job as the list shows it. */
  async summary(id: string): Promise<JobSummary | undefined> {
    return (await this.#summaries(id))[0]
  }

  /** The open stops of a job, counted by `engine` unless they are known at this revision. */
  async count(id: string, engine: Engine): Promise<JobSummary | undefined> {
    const summary = await this.summary(id)
    if (summary === undefined || summary.variants.every(({ stops }) => stops !== null)) return summary
    const found = await this.get(id)
    if (found === undefined) return undefined
    const all: Counted[] = []
    // one by one: each is a piece of work of its own, and may be one among others
    for (const variant of summary.variants) {
      const counted = await engine('count', found.document, variant.id)
      if (!counted.ok) return { ...summary, unreadable: counted.reason }
      if (counted.value !== undefined) all.push(counted.value)
    }
    await this.#keepCounts(id, found.revision, all)
    return this.summary(id)
  }

  async #keepCounts(id: string, revision: number, counted: readonly Counted[]): Promise<void> {
    await this.store.transact(async (trx) => {
      for (const { variantId, stops, cautions } of counted)
        await trx
          .updateTable('variants')
          .set({ stops, cautions, reviewed_revision: revision })
          .where('job_id', '=', id)
          .where('variant_id', '=', variantId)
          .execute()
    })
  }

  /** Jobs whose stops have not been counted since they last changed, last changed first. */
  async uncounted(): Promise<readonly string[]> {
    const rows = await this.db
      .selectFrom('jobs')
      .innerJoin('variants', 'variants.job_id', 'jobs.id')
      .where('jobs.deleted_at', 'is', null)
      .where((where) =>
        where.or([
          where('variants.reviewed_revision', 'is', null),
          where('variants.reviewed_revision', '<', where.ref('jobs.revision')),
        ]),
      )
      .select('jobs.id')
      .distinct()
      .orderBy('jobs.changed_at', 'desc')
      .execute()
    return rows.map(({ id }) => id)
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
    const byJob = new Map<string, (typeof variants)[number][]>()
    for (const variant of variants) byJob.set(variant.job_id, [...(byJob.get(variant.job_id) ?? []), variant])
    return jobs.map((job) => ({
      id: job.id,
      name: job.name,
      shellName: job.shell_name,
      revision: job.revision,
      changedAt: job.changed_at,
      variants: (byJob.get(job.id) ?? []).map(({ variant_id, name, stops, cautions, reviewed_revision }) => {
        const counted = reviewed_revision !== null && reviewed_revision >= job.revision
        return { id: variant_id, name, stops: counted ? stops : null, cautions: counted ? cautions : null }
      }),
    }))
  }

  /** Deleted jobs that can be put back, last deleted first; after the first `skip` of them. */
  async listDeleted(skip = 0): Promise<{ readonly jobs: readonly DeletedJob[]; readonly more: boolean }> {
    const rows = await this.db
      .selectFrom('jobs')
      .where('deleted_at', 'is not', null)
      .select(['id', 'name', 'deleted_at'])
      .orderBy('deleted_at', 'desc')
      .orderBy('id')
      .limit(MOST_DELETED + 1)
      .offset(skip)
      .execute()
    const jobs = rows.slice(0, MOST_DELETED).map(({ id, name, deleted_at }) => ({
      id,
      name,
      deletedAt: deleted_at!,
      goneAt: new Date(Date.parse(deleted_at!) + DELETED_KEPT_DAYS * DAY_MS).toISOString(),
    }))
    return { jobs, more: rows.length > MOST_DELETED }
  }

  /** Deletes for good what was deleted longer ago than it is kept; answers how many. */
  async purge(now: string): Promise<number> {
    const before = new Date(Date.parse(now) - DELETED_KEPT_DAYS * DAY_MS).toISOString()
    const old = this.db.selectFrom('jobs').where('deleted_at', '<', before).select('id')
    if ((await old.limit(1).executeTakeFirst()) === undefined) return 0
    return this.store.transact(async (trx) => {
      const { numDeletedRows } = await trx.deleteFrom('jobs').where('deleted_at', '<', before).executeTakeFirst()
      return Number(numDeletedRows)
    })
  }

  /** A job’s document, as it is stored, and its revision. */
  async get(id: string): Promise<{ readonly document: string; readonly revision: number } | undefined> {
    return this.db
      .selectFrom('jobs')
      .where('id', '=', id)
      .where('deleted_at', 'is', null)
      .select(['document', 'revision'])
      .executeTakeFirst()
  }

  /** Lets a stored document answer. @throws UnreadableJob where it cannot be read. */
  async answer<T>(id: string, ask: (document: string, revision: number) => Promise<Stored<T>>): Promise<T | undefined> {
    const found = await this.get(id)
    if (found === undefined) return undefined
    const answered = await ask(found.document, found.revision)
    if (!answered.ok) throw new UnreadableJob(id, answered.reason)
    return answered.value
  }

  /** Stores a job that is new here. @throws when its id is taken. */
  async create({ id, name, shellName, variants, document }: StoredJob, at: string): Promise<void> {
    const packed = await this.engine('packDocument', document)
    await this.store.transact(async (trx) => {
      await trx
        .insertInto('jobs')
        .values({
          id,
          name,
          revision: 0,
          document,
          shell_name: shellName,
          created_at: at,
          changed_at: at,
          deleted_at: null,
        })
        .execute()
      await trx.insertInto('snapshots').values({ job_id: id, revision: 0, document: '', packed, at }).execute()
      await writeVariants(trx, id, variants)
    })
  }

  /** A job’s document as it is stored, whether it can be read or not, deleted or not. */
  async raw(id: string): Promise<string | undefined> {
    return (await this.db.selectFrom('jobs').where('id', '=', id).select('document').executeTakeFirst())?.document
  }

  async isTaken(id: string): Promise<boolean> {
    return (await this.db.selectFrom('jobs').where('id', '=', id).select('id').executeTakeFirst()) !== undefined
  }

  /**
   * Applies commands made on `base`: all or none, in one transaction. Commands that are here already, by their uid, are
   * passed over, so that sending again after a lost answer is harmless. What they make of the document is worked out
   * before the transaction, on the state that it had then; if that is no longer the newest, it begins anew.
   */
  async commit(
    id: string,
    base: number,
    client: string,
    sent: readonly SentCommand[],
    at: string,
    who = '',
  ): Promise<CommitResult> {
    for (let round = 0; round < MOST_ROUNDS; round += 1) {
      const result = await this.#commit(id, base, client, sent, at, who)
      if (result !== 'again') return result
    }
    throw new Error(`job ${id} changed ${MOST_ROUNDS} times while one save was worked out`)
  }

  async #commit(
    id: string,
    base: number,
    client: string,
    sent: readonly SentCommand[],
    at: string,
    who: string,
  ): Promise<CommitResult | 'again'> {
    this.store.assertThere()
    const row = await this.get(id)
    if (row === undefined) return { kind: 'missing' }
    const uids = [...new Set(sent.map(({ uid }) => uid))]
    const known = await this.#known(id, base, uids)
    const fresh = sent.filter(
      ({ uid }, index) => !known.has(uid) && sent.findIndex((other) => other.uid === uid) === index,
    )
    if (fresh.length === 0) return { kind: 'done', revision: row.revision }
    const ownSince = [...known.values()].filter((revision) => revision > base).length
    if (base > row.revision || row.revision - base > ownSince)
      return { kind: 'conflict', revision: row.revision, since: await this.since(id, base) }
    const outcome = await this.engine('applySent', row.document, fresh)
    if (outcome.kind === 'unreadable') throw new UnreadableJob(id, outcome.reason)
    if (outcome.kind === 'refused') return outcome
    const { name, shellName, document, variants } = outcome.stored
    const revision = row.revision + fresh.length
    const isDue = Math.floor(revision / SNAPSHOT_EVERY) > Math.floor(row.revision / SNAPSHOT_EVERY)
    const packed = isDue ? await this.engine('packDocument', document) : undefined
    return this.store.transact(async (trx): Promise<CommitResult | 'again'> => {
      const { numUpdatedRows } = await trx
        .updateTable('jobs')
        .set({ document, revision, name, shell_name: shellName, changed_at: at })
        .where('id', '=', id)
        .where('revision', '=', row.revision)
        .where('deleted_at', 'is', null)
        .executeTakeFirst()
      if (numUpdatedRows === 0n) return 'again'
      await trx
        .insertInto('journal')
        .values(
          fresh.map(({ uid, command }, index) => ({
            job_id: id,
            revision: row.revision + index + 1,
            uid,
            client,
            who,
            command: JSON.stringify(command),
            words: '',
            told: outcome.told[index]!,
            at,
          })),
        )
        .execute()
      if (packed !== undefined)
        await trx.insertInto('snapshots').values({ job_id: id, revision, document: '', packed, at }).execute()
      await writeVariants(trx, id, variants)
      return { kind: 'done', revision }
    })
  }

  /** Which of some uids are in the journal after `base`, or anywhere in what is not packed: uid to revision. */
  async #known(id: string, base: number, uids: readonly string[]): Promise<ReadonlyMap<string, number>> {
    if (uids.length === 0) return new Map()
    const plain = await this.db
      .selectFrom('journal')
      .where('job_id', '=', id)
      .where('uid', 'in', uids)
      .select(['uid', 'revision'])
      .execute()
    const packs = await this.#packs(id, base)
    const packed = packs.length === 0 ? [] : await this.engine('uidsIn', { packs, rows: [] }, base, uids)
    return new Map([...plain.map(({ uid, revision }) => [uid, revision] as const), ...packed])
  }

  async #packs(id: string, after: number, upTo = Number.MAX_SAFE_INTEGER): Promise<readonly Uint8Array[]> {
    const rows = await this.db
      .selectFrom('packs')
      .where('job_id', '=', id)
      .where('last', '>', after)
      .where('first', '<=', upTo)
      .select('data')
      .orderBy('first')
      .execute()
    return rows.map(({ data }) => data)
  }

  /** What is kept of the lines after a revision, up to another. */
  async #lines(id: string, after: number, upTo = Number.MAX_SAFE_INTEGER): Promise<Lines> {
    const rows = await this.db
      .selectFrom('journal')
      .where('job_id', '=', id)
      .where('revision', '>', after)
      .where('revision', '<=', upTo)
      .select(LINE)
      .orderBy('revision')
      .execute()
    return { packs: await this.#packs(id, after, upTo), rows }
  }

  /** What happened since a revision, or the first part of it. */
  async since(id: string, revision: number): Promise<readonly JournalEntry[]> {
    const upTo = revision + MOST_LINES
    return this.engine('entriesOf', await this.#lines(id, revision, upTo), revision, upTo)
  }

  /** The entries of a job's history before a revision, newest first. */
  async history(id: string, before = Number.MAX_SAFE_INTEGER): Promise<readonly Omit<JournalEntry, 'command'>[]> {
    const row = await this.db.selectFrom('jobs').where('id', '=', id).select('revision').executeTakeFirst()
    if (row === undefined) return []
    const newest = Math.min(before - 1, row.revision)
    const after = Math.max(0, newest - MOST_HISTORY)
    return this.engine('historyOf', await this.#lines(id, after, newest), after, newest)
  }

  /** The document as it was at a revision: the last whole state before it, and the journal replayed from there. */
  async at(id: string, revision: number): Promise<string | undefined> {
    const row = await this.get(id)
    if (row === undefined || revision > row.revision) return undefined
    const snapshot = await this.db
      .selectFrom('snapshots')
      .where('job_id', '=', id)
      .where('revision', '<=', revision)
      .select(['revision', 'document', 'packed'])
      .orderBy('revision', 'desc')
      .executeTakeFirst()
    if (snapshot === undefined) return undefined
    const { document, packed, revision: from } = snapshot
    const kept = packed === null ? { document } : { packed }
    const answered = await this.engine('documentAt', kept, from, await this.#lines(id, from, revision), revision)
    if (!answered.ok) throw new UnreadableJob(id, answered.reason)
    return answered.value
  }

  /**
   * Packs the oldest lines of a job’s journal, where enough of them stand by themselves, and thins its whole states. No
   * state is lost: what stands between those that stay is replayed. False when there was nothing to do.
   */
  async tidy(id: string): Promise<boolean> {
    const rows = await this.db
      .selectFrom('journal')
      .where('job_id', '=', id)
      .select(LINE)
      .orderBy('revision')
      .limit(LINES_A_PACK + PLAIN_LINES)
      .execute()
    if (rows.length < LINES_A_PACK + PLAIN_LINES) return false
    const oldest = rows.slice(0, LINES_A_PACK)
    const [first, last] = [oldest[0]!.revision, oldest.at(-1)!.revision]
    const data = await this.engine('packLines', oldest)
    const { thinned, loose } = await this.#snapshotsToTidy(id)
    const packed = await Promise.all(
      loose.map(async ({ revision, document }) => ({
        revision,
        packed: await this.engine('packDocument', document),
      })),
    )
    await this.store.transact(async (trx) => {
      await trx.insertInto('packs').values({ job_id: id, first, last, data }).execute()
      await trx.deleteFrom('journal').where('job_id', '=', id).where('revision', '<=', last).execute()
      if (thinned.length > 0)
        await trx.deleteFrom('snapshots').where('job_id', '=', id).where('revision', 'in', thinned).execute()
      for (const one of packed)
        await trx
          .updateTable('snapshots')
          .set({ document: '', packed: one.packed })
          .where('job_id', '=', id)
          .where('revision', '=', one.revision)
          .execute()
    })
    return true
  }

  /** Whole states that can go, and those of earlier days that are still plain text. */
  async #snapshotsToTidy(id: string): Promise<{
    readonly thinned: readonly number[]
    readonly loose: readonly { readonly revision: number; readonly document: string }[]
  }> {
    const kept = await this.db
      .selectFrom('snapshots')
      .where('job_id', '=', id)
      .select('revision')
      .orderBy('revision')
      .execute()
    const newest = kept.at(-1)?.revision ?? 0
    const seen = new Set<string>()
    const thinned = kept
      .map(({ revision }) => revision)
      .filter((revision) => {
        const rule = THINNED.findLast(({ olderThan }) => newest - revision > olderThan)
        if (rule === undefined) return false
        const place = `${rule.oneIn} ${Math.floor(revision / rule.oneIn)}`
        if (!seen.has(place)) {
          seen.add(place)
          return false
        }
        return true
      })
    const loose = await this.db
      .selectFrom('snapshots')
      .where('job_id', '=', id)
      .where('packed', 'is', null)
      .select(['revision', 'document'])
      .limit(20)
      .execute()
    return { thinned, loose: loose.filter(({ revision }) => !thinned.includes(revision)) }
  }

  /** Jobs whose journal is long enough to be packed. */
  async untidy(): Promise<readonly string[]> {
    const rows = await this.db
      .selectFrom('journal')
      .groupBy('job_id')
      .having((having) => having.fn.countAll(), '>=', LINES_A_PACK + PLAIN_LINES)
      .select('job_id')
      .execute()
    return rows.map(({ job_id }) => job_id)
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

/** Keeps the list of a job’s variants; what was counted of them stays. */
async function writeVariants(trx: Kysely<Schema>, jobId: string, variants: StoredJob['variants']): Promise<void> {
  await trx
    .deleteFrom('variants')
    .where('job_id', '=', jobId)
    .where(
      'variant_id',
      'not in',
      variants.map(({ id }) => id),
    )
    .execute()
  await trx
    .insertInto('variants')
    .values(
      variants.map(({ id, name, position }) => ({
        job_id: jobId,
        variant_id: id,
        name,
        position,
        stops: 0,
        cautions: 0,
        reviewed_revision: null,
      })),
    )
    .onConflict((conflict) =>
      conflict.columns(['job_id', 'variant_id']).doUpdateSet((update) => ({
        name: update.ref('excluded.name'),
        position: update.ref('excluded.position'),
      })),
    )
    .execute()
}
