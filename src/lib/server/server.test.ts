import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { sql } from 'kysely'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { DEMO_JOBS } from '$lib/demo'
import type { Command, Job } from '$lib/core/job'
import { directEngine } from '../../../tests/support/direct-engine'
import { openDatabase } from './database'
import { toStored } from './engine/jobs'
import { readJob } from './engine/reading'
import { storageSentence } from './faults'
import { readBody } from './http'
import { JobRepository } from './job-repository'
import { migrateDatabase, MIGRATIONS } from './migrations'

const AT = '2026-11-23T12:00:00.000Z'
const job = DEMO_JOBS[0]!
const rename = (name: string): Command => ({ type: 'job.rename', name })
let folder = ''
let opened: ReturnType<typeof openDatabase>
let jobs: JobRepository

beforeEach(async () => {
  folder = mkdtempSync(path.join(tmpdir(), 'zimmerman-'))
  opened = openDatabase(path.join(folder, 'deep/zimmerman.sqlite'))
  await migrateDatabase(opened.db)
  jobs = new JobRepository(opened, directEngine)
  await jobs.create(toStored(job), AT)
})
afterEach(async () => {
  await opened.close()
  rmSync(folder, { recursive: true })
})
const send = (base: number, uid: string, ...commands: Command[]) =>
  jobs.commit(
    job.id,
    base,
    'tab-a',
    commands.map((command, index) => ({ uid: `${uid}-${index}`, command })),
    AT,
  )

/** The job as it is stored, and as it was. */
const stored = async () => {
  const found = await jobs.get(job.id)
  return found && { job: JSON.parse(found.document) as Job, revision: found.revision }
}
const at = async (revision: number) => {
  const document = await jobs.at(job.id, revision)
  return document === undefined ? undefined : (JSON.parse(document) as Job)
}

describe('the database', () => {
  it('runs every migration once', async () => {
    expect(await migrateDatabase(opened.db)).toEqual([])
    const { rows } = await sql<{ name: string }>`select name from kysely_migration order by name`.execute(opened.db)
    expect(rows.map(({ name }) => name)).toEqual(Object.keys(MIGRATIONS))
  })

  it('is in WAL with foreign keys and full synchrony', async () => {
    const read = async (pragma: string) =>
      Object.values((await sql.raw<Record<string, unknown>>(`pragma ${pragma}`).execute(opened.db)).rows[0]!)[0]
    expect([await read('journal_mode'), await read('foreign_keys'), await read('synchronous')]).toEqual(['wal', 1, 2])
  })

  it('refuses what it cannot bind before the driver sees it', async () => {
    await expect(sql`select ${true as unknown as string}`.execute(opened.db)).rejects.toThrow(
      /cannot store true \(boolean\)/,
    )
    await expect(sql`select ${Number.NaN}`.execute(opened.db)).rejects.toThrow(/cannot store NaN/)
  })
})

describe('the repository', () => {
  it('gives back what it took, and lists it with its open stops once they are counted', async () => {
    expect(await stored()).toEqual({ job, revision: 0 })
    const listed = async () => (await jobs.list())[0]!.variants.map(({ name, stops }) => [name, stops])
    expect((await jobs.list())[0]).toMatchObject({
      id: job.id,
      shellName: job.shell.name,
      revision: 0,
      changedAt: AT,
    })
    expect(await listed()).toEqual([
      ['A, bed across', null],
      ['B, bed along', null],
    ])
    const counted = await jobs.count(job.id, directEngine)
    expect(counted!.variants.map(({ stops }) => stops)).toEqual([1, 0])
    expect(await listed()).toEqual([
      ['A, bed across', 1],
      ['B, bed along', 0],
    ])
    await send(0, 'one', rename('Changed since'))
    expect(await listed()).toEqual([
      ['A, bed across', null],
      ['B, bed along', null],
    ])
    expect(await jobs.count('job-none', directEngine)).toBeUndefined()
  })

  it('applies commands and answers the new revision, each uid once', async () => {
    expect(await send(0, 'one', rename('First'), rename('Second'))).toEqual({ kind: 'done', revision: 2 })
    expect(await send(0, 'one', rename('First'), rename('Second'))).toEqual({ kind: 'done', revision: 2 })
    expect((await stored())!.job.name).toBe('Second')
  })

  it('keeps a code and names, no sentence, of each command; entries of earlier days keep their words', async () => {
    await send(0, 'one', rename('First'))
    const kept = () => opened.db.selectFrom('journal').select(['words', 'told']).orderBy('revision').execute()
    const [entry] = await kept()
    expect([entry!.words, JSON.parse(entry!.told!)]).toEqual(['', { code: 'job.rename', name: 'First' }])
    const old = { words: 'Called “First”', told: null }
    await opened.db.updateTable('journal').set(old).execute()
    await send(1, 'two', rename('Second'))
    const words = ['Renamed the job “Second”', 'Called “First”']
    expect((await jobs.history(job.id)).map((one) => one.words)).toEqual(words)
    expect((await jobs.since(job.id, 0)).map((one) => one.words)).toEqual([...words].reverse())
  })

  it('answers a stale base with what happened since, and changes nothing', async () => {
    await send(0, 'one', rename('First'))
    const result = await send(0, 'two', rename('Other'))
    expect(result).toMatchObject({
      kind: 'conflict',
      revision: 1,
      since: [{ uid: 'one-0', words: 'Renamed the job “First”' }],
    })
    expect((await stored())!.job.name).toBe('First')
  })

  it('takes all commands of a request or none', async () => {
    const refused = await send(0, 'bad', rename('Half'), {
      type: 'fitting.remove',
      variant: 'variant-a',
      id: 'fit-none',
    })
    expect(refused).toMatchObject({
      kind: 'refused',
      uid: 'bad-1',
      message: expect.stringContaining('no longer there'),
    })
    expect(await stored()).toEqual({ job, revision: 0 })
    expect(await jobs.history(job.id)).toEqual([])
  })

  it('refuses a diff that would leave an invalid job', async () => {
    const patches = [{ op: 'replace' as const, path: ['variants', 'variant-a', 'plan', 'lining', 'wallMm'], value: -5 }]
    expect(await send(0, 'diff', { type: 'diff', direction: 'undo', what: 'x', patches })).toMatchObject({
      kind: 'refused',
      message: expect.stringContaining('lining.wallMm'),
    })
    expect(await stored()).toEqual({ job, revision: 0 })
  })

  it('walks its history: every state is there, over snapshots too', async () => {
    for (let n = 1; n <= 103; n += 1) await send(n - 1, `n${n}`, rename(`Name ${n}`))
    for (const revision of [0, 1, 49, 50, 51, 100, 103])
      expect((await at(revision))!.name).toBe(revision === 0 ? job.name : `Name ${revision}`)
    expect(await at(104)).toBeUndefined()
    const { n } = (await sql<{ n: number }>`select count(*) as n from snapshots`.execute(opened.db)).rows[0]!
    expect(n).toBe(3)
    expect((await jobs.history(job.id, 3)).map(({ words }) => words)).toEqual([
      'Renamed the job “Name 2”',
      'Renamed the job “Name 1”',
    ])
    expect(await jobs.since(job.id, 101)).toHaveLength(2)
  })

  it('follows variants as they come and go', async () => {
    await send(
      0,
      'v',
      { type: 'variant.remove', variant: 'variant-b' },
      { type: 'variant.add', id: 'variant-c', name: 'C' },
    )
    expect((await jobs.list())[0]!.variants.map(({ id }) => id)).toEqual(['variant-a', 'variant-c'])
  })

  it('deletes so that it can be put back', async () => {
    expect(await jobs.remove(job.id, AT)).toBe(true)
    expect(await jobs.remove(job.id, AT)).toBe(false)
    expect(await jobs.get(job.id)).toBeUndefined()
    expect(await send(0, 'gone', rename('x'))).toEqual({ kind: 'missing' })
    const goneAt = '2027-05-22T12:00:00.000Z'
    const deleted = { id: job.id, name: job.name, deletedAt: AT, goneAt }
    expect(await jobs.listDeleted()).toEqual({ jobs: [deleted], more: false })
    expect(await jobs.putBack(job.id)).toBe(true)
    expect((await stored())!.job).toEqual(job)
    expect(await jobs.isTaken(job.id)).toBe(true)
    expect(await jobs.isEmpty()).toBe(false)
  })
})

describe('requests', () => {
  const post = (body: BodyInit) => new Request('http://localhost/', { method: 'POST', body })

  it('reads a document and refuses what is none, with the path of each fault', async () => {
    expect(readJob(Buffer.from(JSON.stringify(job))).ok).toBe(true)
    const refused = readJob(Buffer.from(JSON.stringify({ ...job, units: 'cubits' })))
    expect(refused.ok || [refused.reply.status, JSON.parse(String(refused.reply.body))]).toEqual([
      422,
      { message: expect.any(String), faults: [{ path: 'units', message: expect.any(String) }] },
    ])
    const binary = readJob(new Uint8Array([0xff, 0xfe, 0x00]))
    expect(binary.ok || binary.reply.status).toBe(400)
  })

  it('stops reading at 5 MB, whatever the header says', async () => {
    const large = await readBody(post('x'.repeat(5_000_001)))
    expect(large.ok || large.reply.status).toBe(413)
  })

  it('reads what is too large to its end and keeps none of it, so that the connection is free again', async () => {
    let sent = 0
    let cut = false
    const body = new ReadableStream<Uint8Array>({
      pull(controller) {
        if (sent === 90) return controller.close()
        sent += 1
        controller.enqueue(new Uint8Array(100_000))
      },
      cancel: () => void (cut = true),
    })
    const streamed = { method: 'POST', body, duplex: 'half' } as RequestInit
    const read = await readBody(new Request('http://localhost/', streamed))
    expect([read.ok || read.reply.status, sent, cut]).toEqual([413, 90, false])
  })
})

describe('storageSentence', () => {
  it.each([
    ['SQLITE_FULL', 'database or disk is full', 507, /disk is full/],
    ['SQLITE_READONLY', 'attempt to write a readonly database', 503, /cannot be written to/],
    ['SQLITE_CANTOPEN', 'unable to open database file', 503, /cannot be opened/],
    ['SQLITE_BUSY', 'database is locked', 503, /another program/i],
    ['SQLITE_NOTADB', 'file is not a database', 503, /damaged/],
  ])('%s in one sentence', (code, message, status, words) => {
    const sentence = storageSentence(Object.assign(new Error(message), { code }))!
    expect(sentence.status).toBe(status)
    expect(sentence.message).toMatch(words)
  })

  it('says so of a real damaged file, and nothing of other errors', async () => {
    const file = path.join(folder, 'broken.sqlite')
    writeFileSync(file, 'this is no database at all'.repeat(100))
    let cause: unknown
    try {
      const broken = openDatabase(file)
      await migrateDatabase(broken.db)
    } catch (caught) {
      cause = caught
    }
    expect(storageSentence(cause)?.message).toMatch(/damaged/)
    expect(storageSentence(new Error('something else'))).toBeUndefined()
  })
})
