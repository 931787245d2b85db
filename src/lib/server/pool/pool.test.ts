import path from 'node:path'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import type { TaskInput, TaskName } from '../engine/tasks'
import { threadSentence } from '../http'
import { ClientLeft, Pool, TookTooLong, TooLarge } from './pool'
import { Busy } from './turns'

const LIMITS = { running: 1, waiting: 3, waitingEach: 2, longestMs: 1500, mostMb: 64 }
let pool: Pool
beforeEach(() => (pool = new Pool(path.resolve('tests/support/stubborn-worker.mjs'), LIMITS)))
afterEach(() => pool.close())

/** What the stand-in for the engine is told to do, as the pool takes it: it does not look into its tasks. */
const ask = (what: string, turn: string, left?: AbortSignal, ms = 30): Promise<unknown> =>
  pool.ask('renumbered' as TaskName, [what, ms] as unknown as TaskInput<TaskName>, turn, left)
const faultOf = (work: Promise<unknown>): Promise<unknown> =>
  work.then(
    () => 'none',
    (cause: unknown) => cause,
  )

describe('an answer that', () => {
  it('takes too long is stopped, and the next one is made', async () => {
    const stopped = faultOf(ask('spins', 'a'))
    const next = ask('next', 'b')
    expect(await stopped).toBeInstanceOf(TookTooLong)
    expect(await next).toBe('next')
    expect(threadSentence(await stopped)!.status).toBe(503)
  })

  it('needs too much memory is stopped alone', async () => {
    // on a slow machine memory takes its time to fill
    await pool.close()
    pool = new Pool(path.resolve('tests/support/stubborn-worker.mjs'), { ...LIMITS, longestMs: 60_000 })
    const stopped = await faultOf(ask('fills', 'a'))
    expect(stopped).toBeInstanceOf(TooLarge)
    expect(await ask('next', 'b')).toBe('next')
  })

  it('is given up while it fills the memory takes nothing else along', async () => {
    await pool.close()
    pool = new Pool(path.resolve('tests/support/stubborn-worker.mjs'), { ...LIMITS, longestMs: 700 })
    // which comes first is the machine’s affair
    const stopped = await faultOf(ask('fills', 'a'))
    expect([TookTooLong, TooLarge].some((kind) => stopped instanceof kind)).toBe(true)
    // what the thread says of its memory while it ends is nobody’s answer, and no end of the process
    expect(await ask('next', 'b', undefined, 5)).toBe('next')
  })

  it('no one waits for any more ends at once, at work or in the queue', async () => {
    const [atWork, queued] = [new AbortController(), new AbortController()]
    const spinning = faultOf(ask('spins', 'a', atWork.signal))
    const waiting = faultOf(ask('never', 'b', queued.signal))
    await new Promise((resolve) => setTimeout(resolve, 100))
    queued.abort()
    expect(await waiting).toBeInstanceOf(ClientLeft)
    expect(pool.load).toEqual({ running: 1, waiting: 0 })
    const from = Date.now()
    atWork.abort()
    expect(await spinning).toBeInstanceOf(ClientLeft)
    expect(Date.now() - from).toBeLessThan(LIMITS.longestMs)
    expect(pool.load).toEqual({ running: 0, waiting: 0 })
    expect(await ask('next', 'c')).toBe('next')
  })

  it('fails by a fault of the program throws it, and leaves the thread for the next', async () => {
    expect(await faultOf(ask('fails', 'a'))).toMatchObject({ message: 'the engine is broken' })
    expect(threadSentence(await faultOf(ask('fails', 'a')))).toBeUndefined()
    expect(await ask('next', 'b')).toBe('next')
  })
})

it('a flood is refused with the time to wait, and other clients are served in between', async () => {
  const order: string[] = []
  const noted = (name: string, turn: string) => ask(name, turn).then((done) => order.push(String(done)))
  const flood = [1, 2, 3].map((n) => noted(`flood ${n}`, 'a'))
  const refused = await faultOf(ask('flood 4', 'a'))
  expect(refused).toBeInstanceOf(Busy)
  const response = threadSentence(refused)!
  expect([response.status, Number(response.headers.get('retry-after'))]).toEqual([503, 3])
  await Promise.all([...flood, noted('another', 'b')])
  expect(order).toEqual(['flood 1', 'flood 2', 'another', 'flood 3'])
})
