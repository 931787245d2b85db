import { sql } from 'kysely'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { DEMO_JOBS } from '$lib/demo'
import type { Command, Job } from '$lib/core/job'
import { directEngine } from '../../../tests/support/direct-engine'
import { openDatabase, type Opened } from './database'
import { toStored } from './engine/jobs'
import { DELETED_KEPT_DAYS, JobRepository } from './job-repository'
import { migrateDatabase } from './migrations'

const AT = '2027-01-01T10:00:00.000Z'
const job = DEMO_JOBS[0]!
let opened: Opened
let jobs: JobRepository

beforeEach(async () => {
  opened = openDatabase(':memory:')
  await migrateDatabase(opened.db)
  jobs = new JobRepository(opened, directEngine)
  await jobs.create(toStored(job), AT)
})
afterEach(() => opened.close())

const rename = (n: number) => ({ uid: `cmd-${n}-x`, command: { type: 'job.rename', name: `Name ${n}` } as Command })
/** Renames from revision `from` + 1 to `to`, a hundred in a request. */
async function edit(from: number, to: number): Promise<void> {
  for (let base = from; base < to; base += 100) {
    const sent = Array.from({ length: Math.min(100, to - base) }, (_, index) => rename(base + index + 1))
    expect(await jobs.commit(job.id, base, 'tab-a', sent, AT, 'Ana')).toMatchObject({ kind: 'done' })
  }
}
const tidy = async (): Promise<void> => {
  while (await jobs.tidy(job.id));
}
const nameAt = async (revision: number) => (JSON.parse((await jobs.at(job.id, revision))!) as Job).name
const count = async (table: string) =>
  (await sql.raw<{ n: number }>(`select count(*) as n from ${table}`).execute(opened.db)).rows[0]!.n

describe('a long history', () => {
  it('is packed and thinned, and every state of it is still there', async () => {
    await edit(0, 1500)
    await tidy()
    expect([await count('packs'), await count('journal')]).toEqual([3, 300])
    // one in four hundred of the older ones, and those of the last five hundred revisions
    const kept = await opened.db.selectFrom('snapshots').select('revision').orderBy('revision').execute()
    expect(kept.map(({ revision }) => revision)).toEqual([0, 400, 800, 1000, 1100, 1200, 1300, 1400, 1500])
    for (const revision of [1, 399, 400, 401, 799, 800, 1000, 1199, 1200, 1201, 1499, 1500])
      expect([revision, await nameAt(revision)]).toEqual([revision, `Name ${revision}`])
    expect(await nameAt(0)).toBe(job.name)
    expect(JSON.parse((await jobs.at(job.id, 700))!)).toEqual({ ...job, name: 'Name 700' })
  })

  it('is read in words and by whom, page by page, packed or not', async () => {
    await edit(0, 700)
    await tidy()
    const read: number[] = []
    for (let before: number | undefined; before !== 1; before = read.at(-1)) {
      const page = await jobs.history(job.id, before)
      for (const { words, revision, who } of page)
        expect([words, who]).toEqual([`Renamed the job “Name ${revision}”`, 'Ana'])
      read.push(...page.map(({ revision }) => revision))
    }
    expect(read).toEqual(Array.from({ length: 700 }, (_, index) => 700 - index))
  })

  it('answers what happened since in parts of a thousand', async () => {
    await edit(0, 2300)
    await tidy()
    const revisions = (await jobs.since(job.id, 150)).map(({ revision }) => revision)
    expect([revisions[0], revisions.at(-1), revisions.length]).toEqual([151, 1150, 1000])
    expect((await jobs.since(job.id, 2299)).map(({ uid }) => uid)).toEqual(['cmd-2300-x'])
  })

  it('knows a command that comes again after its line was packed', async () => {
    await edit(0, 800)
    await tidy()
    expect(await count('journal')).toBe(400)
    expect(await jobs.commit(job.id, 4, 'tab-a', [rename(5), rename(6)], AT)).toEqual({ kind: 'done', revision: 800 })
    // with one that is new among them: what others did meanwhile is told
    expect(await jobs.commit(job.id, 4, 'tab-a', [rename(5), rename(9001)], AT)).toMatchObject({
      kind: 'conflict',
      revision: 800,
    })
  })

  it('takes the whole states of earlier days along', async () => {
    await edit(0, 100)
    const document = JSON.stringify({ ...job, name: 'Name 100' })
    await opened.db.updateTable('snapshots').set({ document, packed: null }).where('revision', '=', 100).execute()
    expect(await nameAt(100)).toBe('Name 100')
    await edit(100, 650)
    await tidy()
    expect(await opened.db.selectFrom('snapshots').select('revision').where('packed', 'is', null).execute()).toEqual([])
    expect(await nameAt(130)).toBe('Name 130')
  })
})

describe('two saves at once', () => {
  it('on one state: one is made, the other hears of it', async () => {
    const both = await Promise.all([
      jobs.commit(job.id, 0, 'tab-a', [rename(1)], AT),
      jobs.commit(job.id, 0, 'tab-b', [rename(2)], AT),
    ])
    expect(both.map(({ kind }) => kind).sort()).toEqual(['conflict', 'done'])
    const [done, told] = both[0]!.kind === 'done' ? [1, 0] : [2, 1]
    expect((await jobs.since(job.id, 0)).map(({ uid }) => uid)).toEqual([`cmd-${done}-x`])
    expect(told === 0 ? both[1] : both[0]).toMatchObject({ revision: 1, since: [{ uid: `cmd-${done}-x` }] })
  })
})

describe('deleted jobs', () => {
  const days = (n: number) => new Date(Date.parse(AT) + n * 86_400_000).toISOString()

  it('are listed in pages, each with the day on which it goes', async () => {
    for (let n = 0; n < 25; n += 1) {
      await jobs.create(toStored({ ...job, id: `job-${n}` }), AT)
      await jobs.remove(`job-${n}`, days(n))
    }
    const [first, second] = [await jobs.listDeleted(), await jobs.listDeleted(20)]
    expect([first.jobs.length, first.more, second.jobs.length, second.more]).toEqual([20, true, 5, false])
    expect(first.jobs[0]).toEqual({
      id: 'job-24',
      name: job.name,
      deletedAt: days(24),
      goneAt: days(24 + DELETED_KEPT_DAYS),
    })
  })

  it('are put back until that day, and gone with all their history after it', async () => {
    await edit(0, 700)
    await tidy()
    await jobs.remove(job.id, AT)
    expect(await jobs.purge(days(DELETED_KEPT_DAYS))).toBe(0)
    expect(await jobs.putBack(job.id)).toBe(true)
    await jobs.remove(job.id, AT)
    expect(await jobs.purge(days(DELETED_KEPT_DAYS + 1))).toBe(1)
    for (const table of ['jobs', 'variants', 'journal', 'snapshots', 'packs'])
      expect([table, await count(table)]).toEqual([table, 0])
  })
})
