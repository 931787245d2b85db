import { describe, expect, it } from 'vitest'
import { jobWith, put, variant } from '../../../../tests/support/plan'
import { apply, type Drawn, type Job } from '.'

const drawn = (job: Job) => job.variants[variant]!.plan.drawn
const with1 = (id: string, one: Drawn, job = jobWith('van-long-high', put('fit-a', 'galley', 900))): Job =>
  apply(job, { type: 'drawn.put', variant, id, drawn: one as never }).job

describe('what is on the drawing itself', () => {
  const tape: Drawn = { kind: 'tape', view: 'plan', from: [100, -200], to: [1200, 340] }
  const note: Drawn = { kind: 'note', view: 'left', at: [10, 20], fitting: 'fit-a', text: 'oak here' }

  it('is put and removed, and leaves no trace', () => {
    const job = with1('drawn-tape', tape)
    expect(drawn(job)).toEqual({ 'drawn-tape': tape })
    expect(drawn(apply(job, { type: 'drawn.remove', variant, id: 'drawn-tape' }).job)).toBeUndefined()
  })

  it('is pinned to nothing that is not there', () => {
    expect(() => with1('drawn-note', { ...note, fitting: 'fit-z' } as Drawn)).toThrow()
  })

  it('loses a pinned distance with its fitting, and keeps a note', () => {
    const both = with1('drawn-pinned', { kind: 'pinned', fitting: 'fit-a', row: 'rear' }, with1('drawn-note', note))
    const without = apply(both, { type: 'fitting.remove', variant, id: 'fit-a' })
    expect(Object.keys(drawn(without.job) ?? {})).toEqual(['drawn-note'])
    const back = apply(without.job, { type: 'diff', direction: 'undo', what: 'x', patches: [...without.diff.undo] })
    expect(drawn(back.job)).toEqual(drawn(both))
  })

  it('goes to the other side with the plan, and twice is where it was', () => {
    const sheet: Drawn = {
      kind: 'sheet',
      view: 'plan',
      photo: '0123456789abcdef0123456789abcdef',
      at: [0, 100],
      wideMm: 900,
      highMm: 400,
    }
    const job = with1('drawn-tape', tape, with1('drawn-sheet', sheet, with1('drawn-note', note)))
    const over = apply(job, { type: 'plan.mirror', variant }).job
    expect(drawn(over)).toMatchObject({
      'drawn-tape': { from: [100, 200], to: [1200, -340] },
      'drawn-note': { view: 'right', at: [10, 20] },
      'drawn-sheet': { at: [0, -500] },
    })
    expect(drawn(apply(over, { type: 'plan.mirror', variant }).job)).toEqual(drawn(job))
  })

  it('survives a restored variant: a copy of a variant has its notes', () => {
    const job = apply(with1('drawn-tape', tape), { type: 'variant.add', id: 'variant-b', name: 'B', from: variant }).job
    expect(job.variants['variant-b']!.plan.drawn).toEqual({ 'drawn-tape': tape })
  })
})
