import { describe, expect, it } from 'vitest'
import { apply, type Command, type Job } from '$lib/core/job'
import { jobWith, put } from '../../../../tests/support/plan'
import { recalled } from './recall'
import type { Entry } from './rebase'

const from = jobWith('van-long-high', put('fit-a', 'galley', 900), put('fit-b', 'wardrobe', 2600))
const label = (id: string, text: string): Command => ({ type: 'fitting.label', variant: 'variant-a', id, label: text })
const labelOf = (job: Job, id: string) => job.variants['variant-a']!.plan.fittings[id]!.label

/** A journal of commands, each by whom it says. */
function journal(...lines: readonly (readonly [string, Command])[]): { lines: Entry[]; job: Job } {
  let job = from
  return {
    lines: lines.map(([client, command], index) => {
      job = apply(job, command).job
      return { revision: index + 1, uid: `uid-${index}`, command, words: '', client }
    }),
    get job() {
      return job
    },
  }
}
const back = (job: Job, patches: readonly unknown[]): Job =>
  apply(job, { type: 'diff', direction: 'undo', what: 'x', patches: [...patches] as never }).job

describe('what a page that is read anew can take back', () => {
  it('is what this tab did, the last first, and nothing of others', () => {
    const { lines, job } = journal(
      ['mine', label('fit-a', 'one')],
      ['theirs', label('fit-b', 'theirs')],
      ['mine', label('fit-a', 'two')],
    )
    const { undo, redo } = recalled(from, lines, ['mine'])
    expect(undo).toHaveLength(2)
    expect(redo).toEqual([])
    const once = back(job, undo[1]!.undo)
    expect(labelOf(once, 'fit-a')).toBe('one')
    expect(labelOf(back(once, undo[0]!.undo), 'fit-a')).toBe(labelOf(from, 'fit-a'))
    expect(labelOf(once, 'fit-b')).toBe('theirs')
  })

  it('leaves out what others changed since', () => {
    const { lines } = journal(['mine', label('fit-a', 'one')], ['theirs', label('fit-a', 'theirs')])
    expect(recalled(from, lines, ['mine']).undo).toEqual([])
    expect(recalled(from, lines, ['theirs']).undo).toHaveLength(1)
  })

  it('knows what was taken back already, and what was done again', () => {
    const first = label('fit-a', 'one')
    const { diff } = apply(from, first)
    const undone: Command = { type: 'diff', direction: 'undo', what: 'x', patches: [...diff.undo] }
    const redone: Command = { type: 'diff', direction: 'redo', what: 'x', patches: [...diff.redo] }
    const taken = recalled(from, journal(['mine', first], ['mine', undone]).lines, ['mine'])
    expect([taken.undo.length, taken.redo.length]).toEqual([0, 1])
    const again = recalled(from, journal(['mine', first], ['mine', undone], ['mine', redone]).lines, ['mine'])
    expect([again.undo.length, again.redo.length]).toEqual([1, 0])
    // a new change ends what could be done again
    const anew = recalled(from, journal(['mine', first], ['mine', undone], ['mine', label('fit-b', 'x')]).lines, [
      'mine',
    ])
    expect([anew.undo.length, anew.redo.length]).toEqual([1, 0])
  })
})
