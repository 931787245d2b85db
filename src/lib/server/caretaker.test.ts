import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { DEMO_JOBS } from '$lib/demo'
import type { Command } from '$lib/core/job'
import { directEngine } from '../../../tests/support/direct-engine'
import { Caretaker } from './caretaker'
import type { Copies } from './copies/copies'
import { openDatabase, type Opened } from './database'
import { toStored } from './engine/jobs'
import type { Engine } from './engine/tasks'
import { JobRepository } from './job-repository'
import { migrateDatabase } from './migrations'

/** What was asked of the threads; they are this test's own. */
const asked = vi.hoisted(() => ({ tasks: [] as string[], engine: undefined as unknown as Engine }))
vi.mock('./pool/pool', () => ({
  behind: ((task, ...input) => asked.engine(task, ...input)) satisfies Engine,
}))

const AT = '2027-01-01T10:00:00.000Z'
const job = DEMO_JOBS[0]!
let opened: Opened
let jobs: JobRepository
let days: string[]
let caretaker: Caretaker

beforeEach(async () => {
  asked.tasks = []
  asked.engine = (task, ...input) => {
    asked.tasks.push(task)
    return directEngine(task, ...input)
  }
  opened = openDatabase(':memory:')
  await migrateDatabase(opened.db)
  jobs = new JobRepository(opened, directEngine)
  await jobs.create(toStored(job), AT)
  days = []
  const copies = { daily: (now: string) => Promise.resolve(void days.push(now)) } as unknown as Copies
  caretaker = new Caretaker(jobs, copies, () => AT)
})
afterEach(async () => {
  vi.useRealTimers()
  await caretaker.close()
  await opened.close()
})

const stops = async () => (await jobs.list())[0]!.variants.map((variant) => variant.stops)
async function edit(from: number, to: number): Promise<void> {
  for (let base = from; base < to; base += 100) {
    const sent = Array.from({ length: Math.min(100, to - base) }, (_, index) => ({
      uid: `cmd-${base + index}-x`,
      command: { type: 'job.rename', name: `Name ${base + index}` } as Command,
    }))
    expect(await jobs.commit(job.id, base, 'tab-a', sent, AT)).toMatchObject({ kind: 'done' })
  }
}

describe('at the start', () => {
  it('what an earlier run left is done: stops counted, journals packed, the day’s copy made', async () => {
    await edit(0, 700)
    await caretaker.begin()
    await caretaker.settled()
    expect(await stops()).toEqual([1, 0])
    expect(days).toEqual([AT])
    expect(await jobs.untidy()).toEqual([])
    expect(await jobs.uncounted()).toEqual([])
  })
})

describe('after a change', () => {
  it('the job is counted once it is left alone, however often it was changed', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
    await edit(0, 3)
    for (let n = 1; n <= 3; n += 1) {
      caretaker.touched(job.id, n)
      vi.advanceTimersByTime(1500)
    }
    await caretaker.settled()
    expect(asked.tasks).toEqual([])
    vi.advanceTimersByTime(1000)
    await caretaker.settled()
    // once for each variant
    expect(asked.tasks).toEqual(['count', 'count'])
    expect(await stops()).toEqual([1, 0])
  })

  it('one that is never left alone is packed all the same', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
    await edit(0, 1100)
    caretaker.touched(job.id, 1100)
    await caretaker.settled()
    expect(await jobs.untidy()).toEqual([])
    expect(asked.tasks).toEqual([])
  })
})

describe('who asks for a count', () => {
  it('waits for the one that is being made, and for none where it is known', async () => {
    const both = await Promise.all([caretaker.count(job.id), caretaker.count(job.id)])
    expect(both.map((one) => one!.variants.map((variant) => variant.stops))).toEqual([
      [1, 0],
      [1, 0],
    ])
    expect(asked.tasks).toEqual(['count', 'count'])
    await caretaker.count(job.id)
    expect(asked.tasks).toHaveLength(2)
    expect(await caretaker.count('job-none')).toBeUndefined()
  })

  it('hears of a fault, and may ask again', async () => {
    const whole = asked.engine
    asked.engine = () => Promise.reject(new Error('the thread has gone'))
    await expect(caretaker.count(job.id)).rejects.toThrow('the thread has gone')
    asked.engine = whole
    expect((await caretaker.count(job.id))!.variants[0]!.stops).toBe(1)
  })
})
