import { describe, expect, it } from 'vitest'
import { Busy, Turns } from './turns'

/** Work that ends when it is told to, and notes its start. */
function bench() {
  const started: string[] = []
  const ends: (() => void)[] = []
  const work = (name: string) => () => {
    started.push(name)
    return new Promise<string>((resolve) => ends.push(() => resolve(name)))
  }
  const endNext = async (): Promise<void> => {
    ends.shift()!()
    await new Promise((resolve) => setImmediate(resolve))
  }
  return { started, work, endNext }
}

const LIMITS = { running: 1, waiting: 6, waitingEach: 4 }

describe('turns', () => {
  it('are taken round robin by client, whoever asked most', async () => {
    const turns = new Turns(LIMITS)
    const { started, work, endNext } = bench()
    const all = [
      ...['a1', 'a2', 'a3', 'a4'].map((name) => turns.run('a', work(name))),
      turns.run('b', work('b1')),
      turns.run('c', work('c1')),
    ]
    for (let ended = 0; ended < 6; ended += 1) await endNext()
    expect(await Promise.all(all)).toHaveLength(6)
    expect(started).toEqual(['a1', 'a2', 'b1', 'c1', 'a3', 'a4'])
    expect(turns.load).toEqual({ running: 0, waiting: 0 })
  })

  it('refuse one client beyond its share, and everyone beyond the whole, with a time to wait', async () => {
    const turns = new Turns(LIMITS)
    const { work, endNext } = bench()
    const held = Array.from({ length: 5 }, (_, index) => turns.run('a', work(`a${index}`)))
    await expect(turns.run('a', work('one more'))).rejects.toThrow(Busy)
    held.push(turns.run('b', work('b1')), turns.run('b', work('b2')))
    await expect(turns.run('c', work('c1'))).rejects.toMatchObject({ retryAfterS: 7 })
    for (let ended = 0; ended < 7; ended += 1) await endNext()
    expect(await Promise.all(held)).toHaveLength(7)
  })

  it('never start what was called off while it waited', async () => {
    const turns = new Turns(LIMITS)
    const { started, work, endNext } = bench()
    const first = turns.run('a', work('first'))
    const gone = new AbortController()
    const left = turns.run('b', work('left'), gone.signal)
    const last = turns.run('b', work('last'))
    gone.abort(new Error('the client left'))
    await expect(left).rejects.toThrow('the client left')
    expect(turns.load).toEqual({ running: 1, waiting: 1 })
    await endNext()
    await endNext()
    expect([await first, await last]).toEqual(['first', 'last'])
    expect(started).toEqual(['first', 'last'])
    await expect(turns.run('b', work('too late'), gone.signal)).rejects.toThrow('the client left')
  })

  it('let the background wait for everyone, and go on after work that fails', async () => {
    const turns = new Turns(LIMITS)
    const { started, work, endNext } = bench()
    const failing = turns.run('a', () => new Promise((_, reject) => setImmediate(() => reject(new Error('broken')))))
    const behind = turns.runBehind(work('behind'))
    const asked = turns.run('a', work('asked'))
    await expect(failing).rejects.toThrow('broken')
    await endNext()
    await endNext()
    expect([await asked, await behind]).toEqual(['asked', 'behind'])
    expect(started).toEqual(['asked', 'behind'])
  })
})
