import { describe, expect, it } from 'vitest'
import { KINDS, limitsOf } from '../fittings'
import { apply, parseJob, replay, type Command, type Job } from './index'
import { put, truck, variant } from '../../../../tests/support/plan'

const RENAMED = KINDS.flatMap(({ id, formerly = {} }) =>
  Object.entries(formerly).map(([today, before]) => [id, today, before] as const),
)
const parametersOf = (job: Job) => job.variants[variant]!.plan.fittings['fit-a']!.parameters
const path = ['variants', variant, 'plan', 'fittings', 'fit-a', 'parameters']

describe.each(RENAMED)('of %s, “%s” that was “%s”', (kind, today, before) => {
  const limit = limitsOf(KINDS.find(({ id }) => id === kind)!).find(({ key }) => key === today)!
  const [least, most] = 'min' in limit ? [limit.min, limit.max] : [0, 0]
  const job = truck(put('fit-a', kind, 400, 'centreline', { [today]: most }))
  /** The job as a document of earlier days has it. */
  const old = (value: number): unknown => {
    const document = JSON.parse(JSON.stringify(job)) as Record<string, unknown>
    const fitting = (document as unknown as Job).variants[variant]!.plan.fittings['fit-a']! as {
      parameters: Record<string, unknown>
    }
    delete fitting.parameters[today]
    fitting.parameters[before] = value
    return document
  }

  it('is read from a document of earlier days', () => {
    expect(least).toBeLessThan(most)
    const read = parseJob(old(most))
    expect(read).toEqual({ ok: true, job })
  })

  it('is told by its name of today where it is out of its limits, and goes back to what is usual', () => {
    const read = parseJob(old(most * 10))
    expect(read).toMatchObject({ ok: false, faults: [{ path: [...path, today].join('.') }] })
    expect(!read.ok && Object.keys(parametersOf(read.rest!))).not.toContain(before)
  })

  it('is taken from commands and patches of an old journal, the last of them last', () => {
    const set: Command = { type: 'fitting.parameters', variant, id: 'fit-a', parameters: { [before]: least } }
    expect(parametersOf(apply(job, set).job)).toEqual({ ...parametersOf(job), [today]: least })
    const undo: Command = {
      type: 'diff',
      direction: 'undo',
      what: { code: 'fitting.parameters' },
      patches: [{ op: 'replace', path: [...path, before], value: least }],
    }
    expect(parametersOf(replay(job, undo).job)).toEqual({ ...parametersOf(job), [today]: least })
    const again: Command = { type: 'fitting.parameters', variant, id: 'fit-a', parameters: { [today]: most } }
    expect(parametersOf(replay(replay(job, undo).job, again).job)).toEqual(parametersOf(job))
  })
})

describe('a document of today', () => {
  it('is itself: what did not change is shared', () => {
    const job = truck(put('fit-a', 'bed-fixed', 400, 'centreline'), put('fit-b', 'galley', 2600, 'left-wall'))
    const rename: Command = {
      type: 'diff',
      direction: 'merge',
      what: { code: 'job.rename' },
      patches: [{ op: 'replace', path: ['name'], value: 'Other' }],
    }
    expect(replay(job, rename).job.variants).toBe(job.variants)
    expect(RENAMED.length).toBeGreaterThan(7)
  })
})
