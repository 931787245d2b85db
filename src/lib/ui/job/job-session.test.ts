import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { openDB } from 'idb'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { DEMO_JOBS } from '$lib/demo'
import type { Command, Job } from '$lib/core/job'
import { JobSession } from './job-session.svelte'
import { closePendingDatabase } from './pending-store'

const base = DEMO_JOBS[0]!
const label = (text: string, id = 'fit-galley'): Command => ({
  type: 'fitting.label',
  variant: 'variant-a',
  id,
  label: text,
})
const labelOf = (job: Job, id = 'fit-galley') => job.variants['variant-a']!.plan.fittings[id]!.label

interface Sent {
  base: number
  commands: { uid: string; command: Command }[]
}
/** What the server would answer, one after the other; the last goes on for ever. */
let answers: ((sent: Sent) => { status: number; body: unknown } | 'dead')[] = []
let requests: Sent[] = []
let kept = new Map<string, string>()
/** Locks as a browser gives them, one name to one holder, until it lets go. */
let locks = new Map<string, () => void>()

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'Date'] })
  requests = []
  kept = new Map()
  locks = new Map()
  vi.stubGlobal('BroadcastChannel', undefined)
  vi.stubGlobal('indexedDB', new IDBFactory())
  vi.stubGlobal('navigator', {
    locks: {
      request: async (name: string, hold: () => Promise<void>) => {
        locks.set(name, () => locks.delete(name))
        await hold()
        locks.delete(name)
      },
      query: async () => ({ held: [...locks.keys()].map((name) => ({ name })) }),
    },
  })
  vi.stubGlobal(
    'localStorage',
    new Proxy(
      {
        getItem: (key: string) => kept.get(key) ?? null,
        setItem: (key: string, value: string) => void kept.set(key, value),
        removeItem: (key: string) => void kept.delete(key),
      },
      { ownKeys: () => [...kept.keys()], getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }) },
    ),
  )
  vi.stubGlobal('fetch', async (url: string, init?: { body: string }) => {
    if (init === undefined) return { ok: true, status: 200, json: async () => reads[url.split('/').slice(4).join('/')] }
    const sent = JSON.parse(init.body) as Sent
    requests.push(sent)
    const answer = (answers.length > 1 ? answers.shift()! : answers[0]!)(sent)
    if (answer === 'dead') throw new TypeError('no network')
    return { ok: answer.status < 400, status: answer.status, json: async () => answer.body }
  })
})
afterEach(async () => {
  await closePendingDatabase()
  vi.useRealTimers()
  vi.unstubAllGlobals()
})
/** What the server answers to those who read, by the end of the address. */
let reads: Record<string, unknown> = {}

const accept = (sent: Sent) => ({ status: 200, body: { revision: sent.base + sent.commands.length } })
/** Lets the browser’s database do what it was asked; its own clock is not the tests’. */
const ticks = async () => {
  for (let tick = 0; tick < 25; tick += 1) await new Promise((resolve) => setImmediate(resolve))
}
const wait = async (ms: number) => {
  for (let passed = 0; passed < ms; passed += 100) {
    await vi.advanceTimersByTimeAsync(100)
    await ticks()
  }
}
const settle = () => wait(10_000)
/** The rows of the browser’s database. */
async function rows(): Promise<readonly { uid: string; base: number; tab: string }[]> {
  const db = await openDB('zimmerman', 1)
  const all = (await db.getAll('pending')) as { uid: string; base: number; tab: string }[]
  db.close()
  return all
}
/** A tab that is killed: it does nothing more and holds no lock. */
const kill = () => {
  for (const release of [...locks.values()]) release()
  vi.clearAllTimers()
}

describe('JobSession', () => {
  it('applies at once, saves in the background, undoes and redoes by commands', async () => {
    answers = [accept]
    const session = new JobSession(base.id, base, 4)
    expect(session.do(label('Kitchen'))).toBe(true)
    expect(labelOf(session.job)).toBe('Kitchen')
    expect(session.save.kind).toBe('saving')
    session.undo()
    expect(labelOf(session.job)).toBeUndefined()
    expect([session.canUndo, session.canRedo, session.redoWhat]).toEqual([false, true, 'Renamed the galley “Kitchen”'])
    session.redo()
    await settle()
    expect(session.save.kind).toBe('saved')
    expect(session.revision).toBe(7)
    expect(requests.flatMap(({ commands }) => commands.map(({ command }) => command.type))).toEqual([
      'fitting.label',
      'diff',
      'diff',
    ])
    expect(await rows()).toEqual([])
  })

  it('undoes small steps of one run as one, and what comes later or belongs elsewhere by itself', () => {
    const now = vi.spyOn(Date, 'now').mockReturnValue(10_000)
    const session = new JobSession(base.id, base, 0)
    const names = ['One', 'Two', 'Three']
    for (const name of names) session.do(label(name), 'typing')
    session.undo()
    expect([labelOf(session.job), session.canUndo]).toEqual([undefined, false])
    session.redo()
    expect(labelOf(session.job)).toBe('Three')
    // a run that pauses is another, and so is one of another name
    session.do(label('Four'), 'typing')
    now.mockReturnValue(12_001)
    session.do(label('Five'), 'typing')
    session.do(label('Six'), 'elsewhere')
    const back: (string | undefined)[] = []
    while (session.canUndo) {
      session.undo()
      back.push(labelOf(session.job))
    }
    expect(back).toEqual(['Five', 'Four', undefined])
    now.mockRestore()
  })

  it('refuses what does not fit, with words, and sends nothing', async () => {
    answers = [accept]
    const session = new JobSession(base.id, base, 0)
    expect(session.do({ type: 'fitting.remove', variant: 'variant-a', id: 'fit-none' })).toBe(false)
    expect(session.notice.text).toContain('no longer there')
    await settle()
    expect(requests).toEqual([])
  })

  it('keeps what a dead server did not take, tries again, and loses nothing', async () => {
    answers = [() => 'dead', () => ({ status: 507, body: { message: 'The disk is full.' } }), accept]
    const session = new JobSession(base.id, base, 0)
    session.do(label('Kitchen'))
    await wait(300)
    expect(session.save).toMatchObject({ kind: 'waiting', message: expect.stringContaining('kept in this browser') })
    expect(await rows()).toHaveLength(1)
    await wait(1100)
    expect(session.save).toMatchObject({
      kind: 'waiting',
      message: 'The disk is full. Until then your work is kept in this browser.',
    })
    await settle()
    expect(session.save.kind).toBe('saved')
    expect(new Set(requests.map(({ commands }) => commands[0]!.uid)).size).toBe(1)
    expect(await rows()).toEqual([])
  })

  it('takes over what a tab of earlier days left in the old place', async () => {
    answers = [accept]
    kept.set(
      `zimmerman pending ${base.id} tab-gone`,
      JSON.stringify([{ uid: 'left-over-1', command: label('Left over') }]),
    )
    const session = new JobSession(base.id, base, 0)
    await session.takeOver()
    expect(labelOf(session.job)).toBe('Left over')
    expect(kept.size).toBe(0)
    await settle()
    expect(requests[0]!.commands[0]!.uid).toBe('left-over-1')
    expect(await rows()).toEqual([])
  })

  it('goes on top of what another window did elsewhere, and tells', async () => {
    const theirs = {
      revision: 1,
      uid: 'theirs-1',
      command: label('Their bed', 'fit-bed'),
      words: 'Bed called “Their bed”',
    }
    answers = [() => ({ status: 409, body: { revision: 1, since: [theirs] } }), accept]
    const session = new JobSession(base.id, base, 0)
    session.do(label('Kitchen'))
    await settle()
    expect([labelOf(session.job), labelOf(session.job, 'fit-bed')]).toEqual(['Kitchen', 'Their bed'])
    expect(session.notice.text).toContain('Their bed')
    expect(requests.at(-1)!.base).toBe(1)
    expect(session.save.kind).toBe('saved')
  })

  it('reads on where only the first part of what happened came, and holds its own against all of it', async () => {
    const line = (revision: number, words: string) => ({
      revision,
      uid: `theirs-${revision}`,
      command: label(words, 'fit-bed'),
      words,
    })
    answers = [() => ({ status: 409, body: { revision: 3, since: [line(1, 'One')] } }), accept]
    reads = {
      'commands?since=1': { since: [line(2, 'Two')], revision: 3 },
      'commands?since=2': { since: [line(3, 'Three')], revision: 3 },
    }
    const session = new JobSession(base.id, base, 0)
    session.do(label('Kitchen'))
    await settle()
    expect([labelOf(session.job), labelOf(session.job, 'fit-bed')]).toEqual(['Kitchen', 'Three'])
    expect([requests.at(-1)!.base, session.revision, session.save.kind]).toEqual([3, 4, 'saved'])
  })

  it('begins anew where a copy was put back that is older than what it knows, and keeps what waits', async () => {
    let reloads = 0
    vi.stubGlobal('location', { reload: () => (reloads += 1) })
    answers = [() => ({ status: 409, body: { revision: 2, since: [] } })]
    const session = new JobSession(base.id, base, 5)
    session.do(label('Kitchen'))
    await wait(1000)
    expect([reloads, session.save.kind]).toEqual([1, 'waiting'])
    expect(labelOf(session.job)).toBe('Kitchen')
    expect(await rows()).toHaveLength(1)
  })

  it.each([
    [true, 'Kitchen'],
    [false, 'Counter'],
  ])('asks where both changed the same thing; own kept: %s', async (mine, expected) => {
    const theirs = { revision: 1, uid: 'theirs-1', command: label('Counter'), words: 'Galley called “Counter”' }
    answers = [() => ({ status: 409, body: { revision: 1, since: [theirs] } }), accept]
    const session = new JobSession(base.id, base, 0)
    session.do(label('Kitchen'))
    await settle()
    expect(session.conflict).toMatchObject({ theirWords: ['Galley called “Counter”'] })
    expect(labelOf(session.job)).toBe('Counter')
    expect(session.canUndo).toBe(false)
    session.decide(mine)
    await settle()
    expect(labelOf(session.job)).toBe(expected)
    expect(session.save.kind).toBe('saved')
  })

  it('takes back the one change that the server refuses, and keeps the rest', async () => {
    answers = [(sent) => ({ status: 422, body: { uid: sent.commands[0]!.uid, message: 'too small' } }), accept]
    const session = new JobSession(base.id, base, 0)
    session.do(label('Kitchen'))
    session.do(label('My bed', 'fit-bed'))
    await settle()
    expect([labelOf(session.job), labelOf(session.job, 'fit-bed')]).toEqual([undefined, 'My bed'])
    expect(session.notice.text).toBe(
      'Taken back, because it could not be saved: Renamed the galley “Kitchen” (too small).',
    )
    expect(session.save.kind).toBe('saved')
  })

  it('of sixty that wait takes back the one that is refused, and what rests on it, by name', async () => {
    const add: Command = {
      type: 'fitting.add',
      variant: 'variant-a',
      id: 'fit-new',
      fitting: { ...base.variants['variant-a']!.plan.fittings['fit-galley']!, label: 'New one' } as never,
    }
    let bad = ''
    answers = [
      (sent) => {
        bad ||= sent.commands[2]!.uid
        return sent.commands.some(({ uid }) => uid === bad)
          ? { status: 422, body: { uid: bad, message: 'too much' } }
          : accept(sent)
      },
    ]
    const session = new JobSession(base.id, base, 0)
    session.do(label('First'))
    session.do(label('Second', 'fit-bed'))
    session.do(add)
    session.do(label('Rests on it', 'fit-new'))
    for (let change = 0; change < 56; change += 1) session.do(label(`Name ${change}`))
    await settle()
    expect(session.save.kind).toBe('saved')
    expect(session.job.variants['variant-a']!.plan.fittings['fit-new']).toBeUndefined()
    expect([labelOf(session.job), labelOf(session.job, 'fit-bed')]).toEqual(['Name 55', 'Second'])
    expect(session.notice.text).toMatch(
      /could not be saved: Added “New one” in variant “A, bed across” \(too much\)\. With it went what rests on it: Renamed a fitting “Rests on it”/,
    )
    expect(session.refusal).toMatchObject({ command: { type: 'fitting.add' }, message: 'too much' })
    expect(await rows()).toEqual([])
    expect(requests.at(-1)!.commands).toHaveLength(58)
  })

  it('a figure over its limit stays here, is told with its limit, and stops nothing else', async () => {
    answers = [accept]
    const session = new JobSession(base.id, base, 0)
    const { seat } = base.variants['variant-a']!.plan.fittings['fit-galley']!
    const far = { ...seat, along: { ...seat.along, mm: 18_500 } }
    expect(session.do({ type: 'fitting.seat', variant: 'variant-a', id: 'fit-galley', seat: far })).toBe(false)
    expect(session.notice.text).toMatch(/seat\.along\.mm: at most 15.000/)
    session.do(label('Kitchen'))
    await settle()
    expect(requests.flatMap(({ commands }) => commands.map(({ command }) => command.type))).toEqual(['fitting.label'])
    expect(session.save.kind).toBe('saved')
  })

  it.each([400, 413, 422])(
    'that is answered %s without saying which sends them one by one, and loses only that one',
    async (status) => {
      answers = [
        (sent) =>
          sent.commands.some(({ command }) => command.type === 'fitting.label' && command.label === 'Bad')
            ? { status, body: { message: 'no' } }
            : accept(sent),
      ]
      const session = new JobSession(base.id, base, 0)
      for (const text of ['One', 'Two', 'Bad', 'Four'])
        session.do(label(text, text === 'Bad' ? 'fit-bed' : 'fit-galley'))
      await settle()
      expect([session.save.kind, labelOf(session.job)]).toEqual(['saved', 'Four'])
      expect(labelOf(session.job, 'fit-bed')).toBe(labelOf(base, 'fit-bed'))
      expect(session.notice.text).toMatch(/Taken back.*\(no\)/)
    },
  )

  it.each([401, 403, 404, 429, 500, 503])(
    'an answer of %s is no refusal: it waits and is tried again',
    async (status) => {
      answers = [() => ({ status, body: { message: 'not now' } }), accept]
      const session = new JobSession(base.id, base, 0)
      session.do(label('Kitchen'))
      await wait(300)
      expect(session.save.kind).toBe('waiting')
      await settle()
      expect([session.save.kind, labelOf(session.job)]).toEqual(['saved', 'Kitchen'])
    },
  )

  it('a batch of any size goes in parts and is undone as one', async () => {
    answers = [accept]
    const session = new JobSession(base.id, base, 0)
    const commands = Array.from({ length: 450 }, (_, index) => label(`Name ${index}`) as never)
    expect(session.do({ type: 'batch', what: 'move', commands })).toBe(true)
    session.undo()
    expect([labelOf(session.job), session.canUndo]).toEqual([labelOf(base), false])
    await settle()
    const sent = requests.flatMap(({ commands }) => commands.map(({ command }) => command))
    expect(sent.map((command) => (command.type === 'batch' ? command.commands.length : command.type))).toEqual([
      200,
      200,
      50,
      'diff',
    ])
  })

  it('says that the browser keeps it only when its disk has it, and says so when it cannot', async () => {
    answers = [() => 'dead']
    vi.stubGlobal('indexedDB', {
      open: () => {
        throw new Error('private window')
      },
    })
    const session = new JobSession(base.id, base, 0)
    session.do(label('Kitchen'))
    expect(session.couldLose).toBe(true)
    await wait(400)
    expect(session.save).toMatchObject({
      message: 'No connection: this browser cannot keep your work meanwhile: leave this page open.',
    })
    expect(session.couldLose).toBe(true)
    vi.stubGlobal('indexedDB', new IDBFactory())
    session.do(label('Kitchen 2'))
    await wait(400)
    expect(session.couldLose).toBe(false)
    // both are there: the one that could not be kept before, too
    expect(await rows()).toHaveLength(2)
  })
})

describe('a tab that is gone', () => {
  const left = async (text = 'Left over', id = 'fit-galley') => {
    answers = [() => 'dead']
    const gone = new JobSession(base.id, base, 3)
    gone.do(label(text, id))
    await wait(300)
    kill()
  }

  it('leaves its work to the next, which may die at any step and still loses nothing', async () => {
    await left()
    // the second takes it over, and dies before it sends
    const second = new JobSession(base.id, base, 3)
    await second.takeOver()
    expect(labelOf(second.job)).toBe('Left over')
    kill()
    // the third dies in the middle of taking over
    const third = new JobSession(base.id, base, 3)
    void third.takeOver()
    await ticks()
    kill()
    expect(await rows()).toHaveLength(1)
    answers = [accept]
    const last = new JobSession(base.id, base, 3)
    await last.takeOver()
    await settle()
    expect([last.save.kind, labelOf(last.job)]).toEqual(['saved', 'Left over'])
    expect(await rows()).toEqual([])
  })

  it('is not taken for gone while it lives', async () => {
    answers = [() => 'dead']
    const first = new JobSession(base.id, base, 3)
    first.do(label('Mine'))
    await wait(300)
    const second = new JobSession(base.id, base, 3)
    await second.takeOver()
    expect(labelOf(second.job)).toBe(labelOf(base))
    expect(await rows()).toHaveLength(1)
  })

  const theirs = (text: string, id: string, revision = 4) => ({
    revision,
    uid: `theirs-${revision}`,
    command: label(text, id),
    words: `${id} called “${text}”`,
  })
  const after = (entry: ReturnType<typeof theirs>): Job => ({
    ...base,
    variants: {
      ...base.variants,
      'variant-a': {
        ...base.variants['variant-a']!,
        plan: {
          ...base.variants['variant-a']!.plan,
          fittings: {
            ...base.variants['variant-a']!.plan.fittings,
            [entry.command.type === 'fitting.label' ? entry.command.id : '']: {
              ...base.variants['variant-a']!.plan.fittings[
                entry.command.type === 'fitting.label' ? entry.command.id : ''
              ]!,
              label: entry.command.type === 'fitting.label' ? entry.command.label : '',
            },
          },
        },
      },
    },
  })

  it('is asked about where another changed the same place meanwhile, and again after a crash, until it is chosen', async () => {
    await left('Left over')
    const other = theirs('Counter', 'fit-galley')
    reads = { 'history/3': base, 'commands?since=3': { since: [other], revision: other.revision } }
    answers = [accept]
    for (let opened = 0; opened < 3; opened += 1) {
      const session = new JobSession(base.id, after(other), 4)
      await session.takeOver()
      await wait(500)
      expect(session.conflict).toMatchObject({ theirWords: ['fit-galley called “Counter”'], mine: [{ base: 3 }] })
      expect([labelOf(session.job), (await rows()).length, requests.filter(({ base }) => base === 4).length]).toEqual([
        'Counter',
        1,
        0,
      ])
      kill()
    }
    const session = new JobSession(base.id, after(other), 4)
    await session.takeOver()
    await wait(200)
    session.decide(true)
    await settle()
    expect([session.save.kind, labelOf(session.job), (await rows()).length]).toEqual(['saved', 'Left over', 0])
    expect(requests.at(-1)).toMatchObject({ base: 4, commands: [{ command: { label: 'Left over' } }] })
  })

  it('stays beside what another changed elsewhere', async () => {
    await left('Left over')
    const other = theirs('Their bed', 'fit-bed')
    reads = { 'history/3': base, 'commands?since=3': { since: [other], revision: other.revision } }
    answers = [accept]
    const session = new JobSession(base.id, after(other), 4)
    await session.takeOver()
    await settle()
    expect(session.conflict).toBeUndefined()
    expect([labelOf(session.job), labelOf(session.job, 'fit-bed'), session.save.kind]).toEqual([
      'Left over',
      'Their bed',
      'saved',
    ])
    expect(requests.at(-1)!.base).toBe(4)
  })

  it('is asked about where this tab itself changed the same place since, saved or not', async () => {
    await left('Left over')
    answers = [accept]
    reads = {}
    const session = new JobSession(base.id, base, 3)
    session.do(label('Mine now'))
    await session.takeOver()
    await wait(300)
    expect(session.conflict).toMatchObject({ mine: [{ command: { label: 'Left over' } }] })
    expect(labelOf(session.job)).toBe('Mine now')
    session.decide(false)
    await settle()
    expect([session.save.kind, labelOf(session.job), (await rows()).length]).toEqual(['saved', 'Mine now', 0])
  })

  it('whose server cannot be asked yet waits, and is asked about later', async () => {
    await left('Left over')
    const other = theirs('Counter', 'fit-galley')
    reads = {}
    answers = [accept]
    const session = new JobSession(base.id, after(other), 4)
    await session.takeOver()
    await wait(100)
    expect(session.save).toMatchObject({
      kind: 'waiting',
      message: expect.stringMatching(/earlier window.*kept in this browser/),
    })
    expect(await rows()).toHaveLength(1)
    reads = { 'history/3': base, 'commands?since=3': { since: [other], revision: other.revision } }
    await wait(3000)
    expect(session.conflict).toBeDefined()
  })
})
