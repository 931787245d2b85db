import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { openDB } from 'idb'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Command } from '$lib/core/job'
import { closePendingDatabase, OLD_BASE, PendingStore, type Waiting } from './pending-store'

const rename = (name: string): Command => ({ type: 'job.rename', name })
const waiting = (uid: string, base = 3): Waiting => ({ uid, command: rename(uid), base })
/** What a tab does while it holds a lock, and how it asked for it. */
type Hold = () => Promise<void> | void
let held = new Set<string>()
let queued: (readonly [name: string, grant: () => void])[] = []
const letGo = (name: string): void => {
  held.delete(name)
  for (const [waits, grant] of queued) if (waits === name) grant()
  queued = queued.filter(([waits]) => waits !== name)
}
let old = new Map<string, string>()

beforeEach(() => {
  held = new Set()
  queued = []
  old = new Map()
  vi.stubGlobal('indexedDB', new IDBFactory())
  vi.stubGlobal('navigator', {
    locks: {
      request: async (name: string, ...more: readonly [Hold] | readonly [{ signal: AbortSignal }, Hold]) => {
        const hold = more.at(-1) as Hold
        if (more.length === 1) {
          held.add(name)
          await hold()
          letGo(name)
          return
        }
        const { signal } = more[0] as { signal: AbortSignal }
        // one who waits shares the lock when it is let go
        await new Promise<void>((resolve, reject) => {
          signal.addEventListener('abort', () => reject(new Error('aborted')))
          if (held.has(name)) queued = [...queued, [name, resolve]]
          else resolve()
        })
        await hold()
      },
      query: async () => ({ held: [...held].map((name) => ({ name, mode: 'exclusive' })) }),
    },
  })
  vi.stubGlobal(
    'localStorage',
    new Proxy(
      {
        getItem: (key: string) => old.get(key) ?? null,
        removeItem: (key: string) => void old.delete(key),
      },
      { ownKeys: () => [...old.keys()], getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }) },
    ),
  )
})
afterEach(async () => {
  await closePendingDatabase()
  vi.unstubAllGlobals()
})

const rows = async () => {
  const db = await openDB('zimmerman', 1)
  const all = (await db.getAll('pending')) as {
    uid: string
    jobId: string
    tab: string
    base: number
    command: unknown
  }[]
  db.close()
  return all
}
const uids = (all: readonly { readonly uid: string }[]) => all.map(({ uid }) => uid)

describe('the browser’s store of unsaved work', () => {
  it('keeps what it is given in order, each once, and forgets what it is told to', async () => {
    const store = new PendingStore('job-a', 'tab-1')
    await store.add([waiting('one'), waiting('two')])
    await store.add([waiting('three'), { ...waiting('one'), base: 9 }])
    expect(uids(await rows())).toEqual(['one', 'two', 'three'])
    expect((await rows())[0]).toMatchObject({ jobId: 'job-a', tab: 'tab-1', base: 9, command: rename('one') })
    await store.drop(['two', 'never there'])
    expect(uids(await rows())).toEqual(['one', 'three'])
  })

  it('hands over only what dead tabs of the same job left, in the order in which it was done', async () => {
    await new PendingStore('job-a', 'tab-dead', false).add([waiting('one'), waiting('two', 4)])
    await new PendingStore('job-b', 'tab-dead', false).add([waiting('of another job')])
    await new PendingStore('job-a', 'tab-alive').add([waiting('of one who lives')])
    const taker = new PendingStore('job-a', 'tab-new')
    expect(await taker.takeOver()).toEqual([waiting('one'), waiting('two', 4)])
    expect((await rows()).map(({ uid, tab }) => [uid, tab])).toEqual([
      ['one', 'tab-new'],
      ['two', 'tab-new'],
      ['of another job', 'tab-dead'],
      ['of one who lives', 'tab-alive'],
    ])
    expect(await taker.takeOver()).toEqual([])
  })

  it('is passed on again when the one who took it over dies', async () => {
    await new PendingStore('job-a', 'tab-dead', false).add([waiting('one')])
    const second = new PendingStore('job-a', 'tab-second')
    await second.takeOver()
    expect(await new PendingStore('job-a', 'tab-third').takeOver()).toEqual([])
    second.close()
    await vi.waitFor(() => expect([...held].some((name) => name.includes('second'))).toBe(false))
    expect(uids(await new PendingStore('job-a', 'tab-fourth').takeOver())).toEqual(['one'])
  })

  it('tells when a tab is gone that was still there, once, and no more after it is closed itself', async () => {
    const going = new PendingStore('job-a', 'tab-going')
    await going.add([waiting('one'), waiting('two')])
    const taker = new PendingStore('job-a', 'tab-new')
    let told = 0
    expect(await taker.takeOver(() => (told += 1))).toEqual([])
    expect(await taker.takeOver(() => (told += 1))).toEqual([])
    expect(told).toBe(0)
    going.close()
    await vi.waitFor(() => expect(told).toBe(1))
    expect(uids(await taker.takeOver(() => (told += 1)))).toEqual(['one', 'two'])
    const [other, closed] = [new PendingStore('job-a', 'tab-other'), new PendingStore('job-a', 'tab-closed')]
    await other.add([waiting('three')])
    await closed.takeOver(() => (told += 1))
    closed.close()
    other.close()
    await vi.waitFor(() => expect([...held].some((name) => name.includes('other'))).toBe(false))
    expect(told).toBe(1)
  })

  it('leaves where it is what cannot be read', async () => {
    await new PendingStore('job-a', 'tab-dead', false).add([
      { uid: 'strange', command: { type: 'job.explode' } as never, base: 0 },
      waiting('plain'),
    ])
    expect(uids(await new PendingStore('job-a', 'tab-new').takeOver())).toEqual(['plain'])
    expect((await rows()).map(({ uid, tab }) => [uid, tab])).toEqual([
      ['strange', 'tab-dead'],
      ['plain', 'tab-new'],
    ])
  })

  it('brings in what was kept in the old place, and takes it from there only then', async () => {
    const key = 'zimmerman pending job-a tab-old'
    old.set(key, JSON.stringify([waiting('left-over'), { uid: 7 }, { uid: 'bad', command: {} }]))
    old.set('zimmerman pending job-b tab-old', '[]')
    const found = await new PendingStore('job-a', 'tab-new').takeOver()
    expect(found).toEqual([{ uid: 'left-over', command: rename('left-over'), base: OLD_BASE }])
    expect([...old.keys()]).toEqual(['zimmerman pending job-b tab-old'])
  })

  it('leaves the old place alone where the database cannot be written', async () => {
    old.set('zimmerman pending job-a tab-old', JSON.stringify([waiting('left-over')]))
    vi.stubGlobal('indexedDB', {
      open: () => {
        throw new Error('private window')
      },
    })
    const store = new PendingStore('job-a', 'tab-new')
    await expect(store.add([waiting('one')])).rejects.toThrow('private window')
    await expect(store.takeOver()).rejects.toThrow('private window')
    expect(old.size).toBe(1)
  })

  it('writes all of a row or nothing of it: a write that fails half-way leaves what was there', async () => {
    const store = new PendingStore('job-a', 'tab-1')
    await store.add([waiting('one')])
    const circular: Record<string, unknown> = {}
    circular.self = circular
    await expect(store.add([waiting('two'), { uid: 'three', command: circular as never, base: 0 }])).rejects.toThrow()
    expect(uids(await rows())).toEqual(['one'])
  })

  it('takes over everything where a browser has no locks: the uids keep that harmless', async () => {
    vi.stubGlobal('navigator', {})
    await new PendingStore('job-a', 'tab-1').add([waiting('one')])
    expect(uids(await new PendingStore('job-a', 'tab-2').takeOver())).toEqual(['one'])
  })
})
