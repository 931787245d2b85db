import type { Kysely } from 'kysely'
import type { Opened, Schema } from '../database'
import type { Photo } from './encode'

/** The most photos that a job keeps. */
export const MOST_PHOTOS = 80
/** A photo that no list names is kept so long at least: it may be on its way into one, or wanted again by an undo. */
const LOOSE_KEPT_MS = 86_400_000

export type KeptPhoto = { readonly ok: true } | { readonly ok: false; readonly why: 'no-job' | 'full' }

/** Photos of jobs, with the jobs in one database; nothing else touches their table. Times come in as ISO strings. */
export class PhotoRepository {
  private readonly db: Kysely<Schema>

  constructor(private readonly store: Opened) {
    this.db = store.db
  }

  /** Keeps a photo of a job. Where the job has as many as it can hold, those that its list no longer names make room. */
  async keep(jobId: string, { id, data }: Photo, at: string): Promise<KeptPhoto> {
    return this.store.transact(async (trx): Promise<KeptPhoto> => {
      const job = await trx
        .selectFrom('jobs')
        .where('id', '=', jobId)
        .where('deleted_at', 'is', null)
        .select('document')
        .executeTakeFirst()
      if (job === undefined) return { ok: false, why: 'no-job' }
      const kept = await trx.selectFrom('photos').where('job_id', '=', jobId).select(['id', 'at']).execute()
      if (kept.some((one) => one.id === id)) return { ok: true }
      if (kept.length >= MOST_PHOTOS) {
        const before = new Date(Date.parse(at) - LOOSE_KEPT_MS).toISOString()
        const loose = kept.filter((one) => one.at < before && !job.document.includes(`"${one.id}"`))
        if (loose.length === 0) return { ok: false, why: 'full' }
        const ids = loose.map((one) => one.id)
        await trx.deleteFrom('photos').where('job_id', '=', jobId).where('id', 'in', ids).execute()
      }
      await trx.insertInto('photos').values({ job_id: jobId, id, data, at }).execute()
      return { ok: true }
    })
  }

  async get(jobId: string, id: string): Promise<Uint8Array | undefined> {
    const row = await this.db
      .selectFrom('photos')
      .where('job_id', '=', jobId)
      .where('id', '=', id)
      .select('data')
      .executeTakeFirst()
    // the driver hands a blob out as the buffer that it lies in
    return row === undefined ? undefined : new Uint8Array(row.data)
  }

  /** Gives a job that came in as a document the photos that it names, where another job here has them. */
  async adopt(jobId: string, document: string, at: string): Promise<number> {
    const named = [...new Set(document.match(/"[0-9a-f]{32}"/g) ?? [])].map((one) => one.slice(1, -1))
    if (named.length === 0) return 0
    return this.store.transact(async (trx) => {
      const { numInsertedOrUpdatedRows } = await trx
        .insertInto('photos')
        .columns(['job_id', 'id', 'data', 'at'])
        .expression((from) =>
          from
            .selectFrom('photos')
            .where('id', 'in', named.slice(0, MOST_PHOTOS))
            .select((column) => [column.val(jobId).as('job_id'), 'id', 'data', column.val(at).as('at')])
            .groupBy('id'),
        )
        .onConflict((conflict) => conflict.doNothing())
        .executeTakeFirst()
      return Number(numInsertedOrUpdatedRows ?? 0n)
    })
  }
}
