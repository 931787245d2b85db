import { describe, expect, it } from 'vitest'
import { DEMO_JOBS } from '$lib/demo'
import { apply, type Command, type Job } from '$lib/core/job'
import { rebase } from './rebase'

const base = DEMO_JOBS[0]!
const label = (id: string, text: string): Command => ({ type: 'fitting.label', variant: 'variant-a', id, label: text })
const entry = (uid: string, command: Command, revision = 1) => ({ revision, uid, command, words: uid })
const pending = (job: Job, uid: string, command: Command, made = 0) => ({
  uid,
  command,
  base: made,
  diff: apply(job, command).diff,
})
const labelOf = (job: Job, id: string) => job.variants['variant-a']!.plan.fittings[id]!.label

describe('rebase', () => {
  it('puts own changes on top of others that touch something else', () => {
    const result = rebase(
      base,
      [entry('theirs', label('fit-bed', 'Their bed'))],
      [pending(base, 'mine', label('fit-galley', 'My galley'))],
      new Set(['mine']),
    )
    expect(labelOf(result.confirmed, 'fit-bed')).toBe('Their bed')
    expect(result.kept.map(({ uid }) => uid)).toEqual(['mine'])
    expect(result.contested).toEqual([])
    expect(result.foreignWords).toEqual(['theirs'])
  })

  it('hands back what both changed, and drops nothing', () => {
    const result = rebase(
      base,
      [entry('theirs', label('fit-bed', 'Their bed'))],
      [pending(base, 'mine', label('fit-bed', 'My bed'))],
      new Set(['mine']),
    )
    expect(result.kept).toEqual([])
    expect(result.contested.map(({ command }) => command)).toEqual([label('fit-bed', 'My bed')])
  })

  it('says what no longer fits', () => {
    const gone: Command = { type: 'fitting.remove', variant: 'variant-a', id: 'fit-bed' }
    const result = rebase(
      base,
      [entry('theirs', gone)],
      [pending(base, 'mine', label('fit-bed', 'My bed'))],
      new Set(['mine']),
    )
    expect(result.lost.map(({ refusal }) => refusal)).toEqual([{ code: 'gone', thing: 'fitting', id: 'fit-bed' }])
  })

  it('takes its own lost answers for saved', () => {
    const command = label('fit-bed', 'My bed')
    const result = rebase(base, [entry('mine', command)], [pending(base, 'mine', command)], new Set(['mine']))
    expect(result.kept).toEqual([])
    expect(result.contested).toEqual([])
    expect(result.foreignWords).toEqual([])
    expect(labelOf(result.confirmed, 'fit-bed')).toBe('My bed')
  })

  it('holds each change against what others did after the revision that it was made on, not before', () => {
    const theirs = entry('theirs', label('fit-bed', 'Their bed'), 5)
    const made = (at: number) =>
      rebase(base, [theirs], [pending(base, 'mine', label('fit-bed', 'My bed'), at)], new Set())
    expect(made(4).contested).toHaveLength(1)
    expect(made(5).contested).toEqual([])
    expect(made(5).kept).toHaveLength(1)
  })
})
