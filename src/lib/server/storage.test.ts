import {
  copyFileSync,
  existsSync,
  mkdtempSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { sql } from 'kysely'
import Libsql from 'libsql'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { DEMO_JOBS } from '$lib/demo'
import { directEngine } from '../../../tests/support/direct-engine'
import { restoreFile } from './copies/copies'
import { putInPlace } from './copies/copying'
import { assertWhole, openDatabase, type Opened } from './database'
import { toStored } from './engine/jobs'
import { storageSentence } from './faults'
import { JobRepository } from './job-repository'
import { keepLastSaved, lastSaved } from './last-saved'
import { migrateDatabase, MIGRATIONS } from './migrations'
import { UnreadableJob } from './storage-faults'

const AT = '2027-01-01T10:00:00.000Z'
const job = DEMO_JOBS[0]!
let folder = ''
let file = ''
let open: Opened[] = []

async function start(known = Object.keys(MIGRATIONS)): Promise<{ opened: Opened; jobs: JobRepository }> {
  const opened = openDatabase(file, known)
  open.push(opened)
  await migrateDatabase(opened.db)
  await assertWhole(opened, file)
  return { opened, jobs: new JobRepository(opened, directEngine) }
}
const stop = async () => {
  for (const one of open) await one.close().catch(() => undefined)
  open = []
}
const rename = (jobs: JobRepository, base: number, uid: string, name = uid) =>
  jobs.commit(job.id, base, 'tab-a', [{ uid, command: { type: 'job.rename', name } }], AT)
const causeOf = async (work: () => Promise<unknown>) => {
  try {
    await work()
  } catch (cause) {
    return cause
  }
  return undefined
}

beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'zimmerman-'))
  file = path.join(folder, 'zimmerman.sqlite')
})
afterEach(async () => {
  await stop()
  rmSync(folder, { recursive: true, force: true })
})

describe('a log that is gone', () => {
  it('is told by how many changes are missing, and what to do; nothing is opened without a word', async () => {
    const { jobs } = await start()
    await jobs.create(toStored(job), AT)
    await sql`pragma wal_checkpoint(truncate)`.execute(open[0]!.db)
    for (let change = 0; change < 5; change += 1) await rename(jobs, change, `change-${change}`)
    expect(lastSaved(`${file}.last`)).toBe(6)
    // as a kill leaves it: the file as it was at the checkpoint, all since in the log
    const copy = path.join(folder, 'copy.sqlite')
    copyFileSync(file, copy)
    copyFileSync(`${file}.last`, `${copy}.last`)
    await stop()
    file = copy
    const cause = await causeOf(start)
    expect(storageSentence(cause)).toMatchObject({
      status: 503,
      message: expect.stringMatching(/5 changes are missing.*-wal.*npm run restore -- .*copy\.sqlite\./),
    })
    await stop()
    const aside = path.join(folder, 'aside.sqlite')
    const put = await restoreFile(file, file, aside, (...input) => Promise.resolve(putInPlace(...input)))
    expect(put.ok).toBe(true)
    const again = await start()
    expect((await again.jobs.get(job.id))!.revision).toBe(0)
  })

  it('that is whole is no reason to speak, and neither is a mark that lags', async () => {
    const { jobs } = await start()
    await jobs.create(toStored(job), AT)
    await rename(jobs, 0, 'change-1')
    keepLastSaved(`${file}.last`, 1)
    await stop()
    const again = await start()
    expect((await again.jobs.get(job.id))!.revision).toBe(1)
    expect(statSync(`${file}.last`).size).toBe(17)
  })
})

describe('a database that is missing', () => {
  it('though something was saved in it is not made anew without a word', async () => {
    const { jobs } = await start()
    await jobs.create(toStored(job), AT)
    await stop()
    for (const end of ['', '-wal', '-shm']) rmSync(`${file}${end}`, { force: true })
    const cause = await causeOf(start)
    expect(storageSentence(cause)?.message).toMatch(/zimmerman\.sqlite is missing.*saved there 1 times: put it back/)
    expect(existsSync(file)).toBe(false)
    rmSync(`${file}.last`)
    expect(await (await start()).jobs.list()).toEqual([])
  })
})

describe('a newer database', () => {
  it('is said to be newer, by name, and left as it is', async () => {
    const { opened } = await start()
    await sql`insert into kysely_migration (name, timestamp) values ('2031-01-later', '2031')`.execute(opened.db)
    await sql`pragma wal_checkpoint(truncate)`.execute(opened.db)
    await stop()
    const before = readFileSync(file)
    const cause = await causeOf(start)
    expect(storageSentence(cause)?.message).toMatch(/newer Zimmerman \(2031-01-later\).*Nothing in it was changed/)
    await stop()
    expect(readFileSync(file).equals(before)).toBe(true)
  })
})

describe('a folder that goes away', () => {
  it.each([
    ['is moved', () => renameSync(folder, `${folder}-moved`)],
    ['is deleted', () => rmSync(folder, { recursive: true })],
    ['is put another file in the place of', () => (renameSync(file, `${file}.old`), writeFileSync(file, ''))],
  ])('when it %s nothing is acknowledged any more', async (_what, goes) => {
    const { jobs, opened } = await start()
    await jobs.create(toStored(job), AT)
    goes()
    const cause = await causeOf(() => rename(jobs, 0, 'change-1'))
    expect(storageSentence(cause)?.message).toMatch(/moved or deleted.*waits in your browser/)
    expect(() => opened.assertThere()).toThrow(/moved or deleted/)
    rmSync(`${folder}-moved`, { recursive: true, force: true })
  })

  it('between the commit and its answer, the answer is none', async () => {
    const { opened } = await start()
    const cause = await causeOf(() =>
      opened.transact(async () => {
        rmSync(folder, { recursive: true })
        return 'done'
      }),
    )
    expect(storageSentence(cause)?.message).toMatch(/moved or deleted/)
  })
})

describe('a transaction', () => {
  it('gives the true cause, also where the rollback fails', async () => {
    const { opened } = await start()
    const cause = await causeOf(() =>
      opened.transact(async (trx) => {
        // as a full disk does: the database has rolled back by itself
        await sql`rollback`.execute(trx)
        throw Object.assign(new Error('database or disk is full'), { code: 'SQLITE_FULL' })
      }),
    )
    expect(storageSentence(cause)).toMatchObject({ status: 507 })
    expect(await opened.transact(async () => 'goes on')).toBe('goes on')
  })

  it('that found the file locked leaves nothing in progress: the next goes through', async () => {
    const { opened, jobs } = await start()
    await jobs.create(toStored(job), AT)
    const other = new Libsql(file)
    other.exec('begin immediate')
    expect(storageSentence(await causeOf(() => rename(jobs, 0, 'change-1')))?.message).toMatch(/another program/i)
    other.exec('rollback')
    other.close()
    expect(await rename(jobs, 0, 'change-1')).toEqual({ kind: 'done', revision: 1 })
    expect(await opened.transact(async () => 'and the next')).toBe('and the next')
  })

  it('that fails saves nothing and counts nothing', async () => {
    const { opened, jobs } = await start()
    await jobs.create(toStored(job), AT)
    const count = async () => (await opened.db.selectFrom('saves').select('count').executeTakeFirstOrThrow()).count
    const before = await count()
    await causeOf(() =>
      opened.transact(async (trx) => {
        await trx.updateTable('jobs').set({ name: 'half done' }).execute()
        throw new Error('no')
      }),
    )
    expect([await count(), (await jobs.list())[0]!.name]).toEqual([before, job.name])
  })
})

describe('a job that cannot be read', () => {
  it('says why, is given as it is stored, can be set aside, and spoils no other', async () => {
    const { jobs, opened } = await start()
    await jobs.create(toStored(job), AT)
    await jobs.create(toStored(DEMO_JOBS[1]!), AT)
    await opened.db.updateTable('jobs').set({ document: '{"format": "zimm' }).where('id', '=', job.id).execute()
    expect((await jobs.list()).map(({ id }) => id).sort()).toEqual([job.id, DEMO_JOBS[1]!.id].sort())
    const cause = await causeOf(() => jobs.answer(job.id, (document) => directEngine('document', document, 0, {})))
    expect(cause).toBeInstanceOf(UnreadableJob)
    expect((cause as UnreadableJob).message).toMatch(/cannot be read: its text is not JSON.*set it aside/)
    expect(await jobs.raw(job.id)).toBe('{"format": "zimm')
    expect((await jobs.get(DEMO_JOBS[1]!.id))!.revision).toBe(0)
    expect(await jobs.count(job.id, directEngine)).toMatchObject({
      id: job.id,
      unreadable: expect.stringMatching(/not JSON/),
    })
    expect(await jobs.remove(job.id, AT)).toBe(true)
    expect((await jobs.list()).map(({ id }) => id)).toEqual([DEMO_JOBS[1]!.id])
  })
})

describe('commands of one request', () => {
  it('of which one is refused name that one, wherever it stands; the others go in without it', async () => {
    const { jobs } = await start()
    await jobs.create(toStored(job), AT)
    const label = (uid: string, label: string, id = 'fit-galley') => ({
      uid,
      command: { type: 'fitting.label', variant: 'variant-a', id, label } as const,
    })
    // longer than a name may be: only the document as a whole says so
    const bad = label('bad-one', 'x'.repeat(61), 'fit-bed')
    for (const at of [0, 3, 9]) {
      const all = Array.from({ length: 9 }, (_, index) => label(`good-${at}-${index}`, `Name ${index}`))
      all.splice(at, 0, bad)
      expect(await jobs.commit(job.id, 0, 'tab-a', all, AT)).toMatchObject({ kind: 'refused', uid: 'bad-one' })
    }
    expect((await jobs.get(job.id))!.revision).toBe(0)
  })

  it('with the same uid twice apply it once', async () => {
    const { jobs } = await start()
    await jobs.create(toStored(job), AT)
    const one = { uid: 'twice-1', command: { type: 'job.rename', name: 'Once' } as const }
    expect(await jobs.commit(job.id, 0, 'tab-a', [one, one], AT)).toEqual({ kind: 'done', revision: 1 })
    truncateSync(`${file}.last`, 0)
    expect(lastSaved(`${file}.last`)).toBeUndefined()
  })
})
