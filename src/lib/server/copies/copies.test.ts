import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { sql } from 'kysely'
import Libsql from 'libsql'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { DEMO_JOBS } from '$lib/demo'
import type { Job } from '$lib/core/job'
import { directEngine } from '../../../../tests/support/direct-engine'
import { assertWhole, openDatabase, type Opened } from '../database'
import { toStored } from '../engine/jobs'
import { storageSentence } from '../faults'
import { JobRepository } from '../job-repository'
import { migrateDatabase, MIGRATIONS } from '../migrations'
import { backup, look, restore } from './by-hand'
import { lookInto, makeCopy, putInPlace } from './copying'
import { copyName, DAYS_KEPT, hasDaily, keptCopies, outlived, sayNewest } from './kept'

const KNOWN = Object.keys(MIGRATIONS)
const AT = '2027-03-01T10:00:00.000Z'
const job = DEMO_JOBS[0]!
let data = ''
let file = ''
let opened: Opened | undefined

async function start(): Promise<JobRepository> {
  opened = openDatabase(file, KNOWN)
  await migrateDatabase(opened.db)
  await assertWhole(opened, file)
  return new JobRepository(opened, directEngine)
}
async function stop(): Promise<void> {
  await opened?.close().catch(() => undefined)
  opened = undefined
}
const rename = (jobs: JobRepository, base: number) =>
  jobs.commit(
    job.id,
    base,
    'tab-a',
    [{ uid: `cmd-${base + 1}-x`, command: { type: 'job.rename', name: `Name ${base + 1}` } }],
    AT,
  )
const nameIn = async (jobs: JobRepository) => (JSON.parse((await jobs.get(job.id))!.document) as Job).name

beforeEach(() => {
  data = mkdtempSync(path.join(tmpdir(), 'zimmerman-copies-'))
  file = path.join(data, 'zimmerman.sqlite')
})
afterEach(async () => {
  await stop()
  rmSync(data, { recursive: true, force: true })
})

describe('a copy', () => {
  it('is whole though the database is in use, and holds all that was acknowledged before it', async () => {
    const jobs = await start()
    await jobs.create(toStored(job), AT)
    for (let base = 0; base < 7; base += 1) await rename(jobs, base)
    const copy = path.join(data, 'copies/one.sqlite')
    const made = makeCopy(file, copy, KNOWN)
    await rename(jobs, 7)
    expect(made).toMatchObject({
      ok: true,
      value: { jobs: [{ id: job.id, name: 'Name 7', revision: 7 }], saves: 8, isCutOff: false },
    })
    expect(readdirSync(path.join(data, 'copies'))).toEqual(['one.sqlite'])
    await stop()
    file = copy
    expect(await nameIn(await start())).toBe('Name 7')
  })

  it('of what is none, is damaged, is newer or is not there, is refused by name and leaves nothing behind', async () => {
    const jobs = await start()
    await jobs.create(toStored(job), AT)
    const good = path.join(data, 'good.sqlite')
    expect(makeCopy(file, good, KNOWN).ok).toBe(true)
    const put = (name: string, change: (at: string) => void) => {
      const at = path.join(data, name)
      copyFileSync(good, at)
      change(at)
      return at
    }
    const inside = (at: string, run: (db: Libsql.Database) => void) => {
      const db = new Libsql(at)
      run(db)
      db.close()
    }
    const faulty = {
      missing: path.join(data, 'none.sqlite'),
      text: put('text.sqlite', (at) => writeFileSync(at, 'a letter to the workshop '.repeat(90))),
      other: put('other.sqlite', (at) => (rmSync(at), inside(at, (db) => db.exec('create table bills (id integer)')))),
      marked: put('marked.sqlite', (at) => inside(at, (db) => db.pragma('application_id = 77'))),
      rigged: put('rigged.sqlite', (at) =>
        inside(at, (db) => db.exec('create trigger sly after insert on jobs begin delete from journal; end')),
      ),
      newer: put('newer.sqlite', (at) =>
        inside(at, (db) => db.exec("insert into kysely_migration values ('2031-01-later', '2031')")),
      ),
      cut: put('cut.sqlite', (at) => truncateSync(at, 40_000)),
      torn: put('torn.sqlite', (at) => {
        const bytes = readFileSync(at)
        bytes.fill(0x5a, 8192, 30_000)
        writeFileSync(at, bytes)
      }),
    }
    const found = Object.fromEntries(
      Object.entries(faulty).map(([name, at]) => {
        const looked = lookInto(at, data, KNOWN)
        return [name, looked.ok ? 'fine' : looked.fault]
      }),
    )
    expect(found).toEqual({
      missing: 'missing',
      text: 'foreign',
      other: 'foreign',
      marked: 'foreign',
      rigged: 'foreign',
      newer: 'newer',
      cut: 'damaged',
      torn: 'damaged',
    })
    // and none of them takes the place of what is there
    await stop()
    const before = readFileSync(file)
    for (const at of Object.values(faulty))
      expect(putInPlace(at, file, path.join(data, 'aside.sqlite'), KNOWN).ok).toBe(false)
    expect(readFileSync(file).equals(before)).toBe(true)
    expect(readdirSync(data).filter((name) => /aside|fresh|looked|part/.test(name))).toEqual([])
  })

  it('that the disk has no room for is none at all, and says so', async () => {
    await (await start()).create(toStored(job), AT)
    // a device without room, as a full disk answers; no folder can be made below a file
    expect(makeCopy(file, '/dev/full/copy.sqlite', KNOWN)).toEqual({ ok: false, fault: 'unwritable' })
    expect(() => backup(data, '/dev/full/copy.sqlite', AT)).toThrow(/cannot be written to/)
  })
})

describe('putting back', () => {
  it('takes the copy, keeps what was there, and goes on from it', async () => {
    let jobs = await start()
    await jobs.create(toStored(job), AT)
    for (let base = 0; base < 3; base += 1) await rename(jobs, base)
    expect(backup(data, undefined, AT)).toMatch(
      /Copied to .*1 jobs \(“Name 3” at revision 3\), 0 deleted, 0 modules.*opened once/,
    )
    const [copy] = keptCopies(data)
    const at = path.join(data, 'copies', copy!.name)
    for (let base = 3; base < 6; base += 1) await rename(jobs, base)
    await stop()
    expect(look(data, at)).toMatch(/“Name 3” at revision 3/)
    expect(await restore(data, at, '2027-03-02T08:00:00.000Z')).toMatch(
      /saved as .*2027-03-02T08-00-00Z-before\.sqlite/,
    )
    jobs = await start()
    expect([await nameIn(jobs), (await jobs.list())[0]!.revision]).toEqual(['Name 3', 3])
    expect(await rename(jobs, 3)).toEqual({ kind: 'done', revision: 4 })
    await stop()
    const before = keptCopies(data).find(({ reason }) => reason === 'before')!
    expect(look(data, path.join(data, 'copies', before.name))).toMatch(/“Name 6” at revision 6/)
  })

  it('works though what is there cannot be opened: it is kept as it is', async () => {
    await (await start()).create(toStored(job), AT)
    backup(data, path.join(data, 'good.sqlite'), AT)
    await stop()
    writeFileSync(file, 'no database any more')
    await restore(data, path.join(data, 'good.sqlite'), AT)
    expect(await nameIn(await start())).toBe(job.name)
    expect(readFileSync(path.join(data, 'copies', copyName(AT, 'before')), 'utf8')).toBe('no database any more')
  })

  it('takes a file along with its log', async () => {
    const jobs = await start()
    await jobs.create(toStored(job), AT)
    const elsewhere = path.join(data, 'elsewhere')
    mkdirSync(elsewhere)
    for (let base = 0; base < 4; base += 1) await rename(jobs, base)
    for (const end of ['', '-wal']) copyFileSync(`${file}${end}`, path.join(elsewhere, `zimmerman.sqlite${end}`))
    await stop()
    expect(look(data, path.join(elsewhere, 'zimmerman.sqlite'))).toMatch(/“Name 4” at revision 4/)
    rmSync(path.join(elsewhere, 'zimmerman.sqlite-wal'))
    expect(look(data, path.join(elsewhere, 'zimmerman.sqlite'))).toMatch(/0 jobs.*copied while in use, without its log/)
  })
})

describe('a database file copied alone', () => {
  it('while it was in use never opens as if nothing had been there', async () => {
    const jobs = await start()
    await jobs.create(toStored(job), AT)
    const alone = path.join(data, 'alone/zimmerman.sqlite')
    mkdirSync(path.dirname(alone))
    copyFileSync(file, alone)
    await stop()
    file = alone
    const cause = await start().then(
      () => undefined,
      (caught: unknown) => caught,
    )
    expect(storageSentence(cause, data)?.message).toMatch(
      /copied while Zimmerman had it open.*-wal and \.last.*no copy in/,
    )
    // and as it says: with the others beside it, or on purpose
    expect(await restore(path.dirname(alone), alone, AT)).toMatch(/Put in place/)
    expect(await (await start()).list()).toEqual([])
  })

  it('while one opening ends and another is at work is still told', async () => {
    const jobs = await start()
    await jobs.create(toStored(job), AT)
    const old = opened!
    const again = await start()
    await old.close()
    await rename(again, 0)
    // user version, at offset 60: in use
    expect(readFileSync(file).readInt32BE(60)).toBe(1)
  })

  it('after it was closed is whole', async () => {
    const jobs = await start()
    await jobs.create(toStored(job), AT)
    await rename(jobs, 0)
    await stop()
    const alone = path.join(data, 'alone/zimmerman.sqlite')
    mkdirSync(path.dirname(alone))
    copyFileSync(file, alone)
    file = alone
    expect(await nameIn(await start())).toBe('Name 1')
  })

  it('that is no database of ours is not written to', async () => {
    const db = new Libsql(file)
    db.exec('create table bills (id integer)')
    db.close()
    const before = readFileSync(file)
    expect(() => openDatabase(file, KNOWN)).toThrow(/database of something else/)
    expect(readFileSync(file).equals(before)).toBe(true)
  })

  it('is marked in a way that the format’s own tools read', async () => {
    await start()
    await sql`pragma wal_checkpoint(truncate)`.execute(opened!.db)
    const bytes = readFileSync(file)
    // SQLite file format, sqlite.org/fileformat2.html §1.3: user version at offset 60, application id at 68, big-endian
    expect([bytes.readInt32BE(60), bytes.subarray(68, 72).toString('ascii')]).toEqual([1, 'Zimm'])
    await stop()
    expect(readFileSync(file).readInt32BE(60)).toBe(0)
  })
})

describe('daily copies', () => {
  const day = (n: number) => `2027-03-${String(n).padStart(2, '0')}T05:00:00.000Z`

  it('are kept for seven days; those that someone asked for stay', () => {
    mkdirSync(path.join(data, 'copies'))
    for (let n = 1; n <= 10; n += 1) writeFileSync(path.join(data, 'copies', copyName(day(n), 'daily')), 'x')
    writeFileSync(path.join(data, 'copies', copyName(day(2), 'asked')), 'x')
    writeFileSync(path.join(data, 'copies', 'a stranger.sqlite'), 'x')
    const copies = keptCopies(data)
    expect(copies).toHaveLength(11)
    expect(outlived(copies)).toEqual([day(3), day(2), day(1)].map((at) => copyName(at, 'daily')))
    expect(DAYS_KEPT).toBe(7)
    expect([hasDaily(copies, '2027-03-10T23:59:00.000Z'), hasDaily(copies, '2027-03-11T00:00:00.000Z')]).toEqual([
      true,
      false,
    ])
    expect(sayNewest(data)).toMatch(
      /newest copy is of 2027-03-10 05:00 UTC: put it back on the page.*npm run restore -- .*2027-03-10T05-00-00Z-daily\.sqlite/,
    )
  })
})

it('a fault of the file names the copy that there is', async () => {
  const jobs = await start()
  await jobs.create(toStored(job), AT)
  backup(data, undefined, AT)
  await stop()
  writeFileSync(file, 'not a database any more '.repeat(400))
  const cause = await start().then(
    () => undefined,
    (caught: unknown) => caught,
  )
  expect(storageSentence(cause, data)?.message).toMatch(
    /file is damaged\. The newest copy is of 2027-03-01 10:00 UTC.*restore/,
  )
  expect(existsSync(path.join(data, 'copies', copyName(AT, 'asked')))).toBe(true)
})
