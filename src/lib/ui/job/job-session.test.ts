import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { DEMO_JOBS } from '$lib/demo'
import type { Command, Job } from '$lib/core/job'
import { JobSession } from './job-session.svelte'

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

beforeEach(() => {
  vi.useFakeTimers()
  requests = []
  kept = new Map()
  vi.stubGlobal('BroadcastChannel', undefined)
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
  vi.stubGlobal('fetch', async (_url: string, init: { body: string }) => {
    const sent = JSON.parse(init.body) as Sent
    requests.push(sent)
    const answer = (answers.length > 1 ? answers.shift()! : answers[0]!)(sent)
    if (answer === 'dead') throw new TypeError('no network')
    return { ok: answer.status < 400, status: answer.status, json: async () => answer.body }
  })
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})
const accept = (sent: Sent) => ({ status: 200, body: { revision: sent.base + sent.commands.length } })
const settle = () => vi.advanceTimersByTimeAsync(30_000)

describe('JobSession', () => {
  it('applies at once, saves in the background, undoes and redoes by commands', async () => {
    answers = [accept]
    const session = new JobSession(base.id, base, 4)
    expect(session.do(label('Kitchen'))).toBe(true)
    expect(labelOf(session.job)).toBe('Kitchen')
    expect(session.save.kind).toBe('saving')
    session.undo()
    expect(labelOf(session.job)).toBe('Galley')
    expect([session.canUndo, session.canRedo, session.redoWhat]).toEqual([false, true, 'Galley called “Kitchen”'])
    session.redo()
    await settle()
    expect(session.save.kind).toBe('saved')
    expect(session.revision).toBe(7)
    expect(requests.flatMap(({ commands }) => commands.map(({ command }) => command.type))).toEqual([
      'fitting.label',
      'diff',
      'diff',
    ])
    expect([...kept.keys()]).toEqual([])
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
    await vi.advanceTimersByTimeAsync(300)
    expect(session.save).toMatchObject({ kind: 'waiting', message: expect.stringContaining('kept in this browser') })
    expect(kept.size).toBe(1)
    await vi.advanceTimersByTimeAsync(1100)
    expect(session.save).toMatchObject({ kind: 'waiting', message: 'The disk is full.' })
    await settle()
    expect(session.save.kind).toBe('saved')
    expect(new Set(requests.map(({ commands }) => commands[0]!.uid)).size).toBe(1)
    expect(kept.size).toBe(0)
  })

  it('takes over what an earlier tab left', async () => {
    answers = [accept]
    kept.set(
      `zimmerman pending ${base.id} tab-gone`,
      JSON.stringify([{ uid: 'left-over-1', command: label('Left over') }]),
    )
    const session = new JobSession(base.id, base, 0)
    expect(labelOf(session.job)).toBe('Left over')
    await settle()
    expect(requests[0]!.commands[0]!.uid).toBe('left-over-1')
    expect(kept.size).toBe(0)
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
    expect([labelOf(session.job), labelOf(session.job, 'fit-bed')]).toEqual(['Galley', 'My bed'])
    expect(session.notice.text).toContain('taken back: too small')
    expect(session.save.kind).toBe('saved')
  })
})
