import { describe, expect, it } from 'vitest'
import { jobWith, put, variant } from '../../../../tests/support/plan'
import { apply, planInterior, type Command } from '../job'
import { differencesBetween } from './differences'
import { buildScene } from './scene'

const job = jobWith('van-long-high', put('fit-a', 'galley', 600), put('fit-b', 'wardrobe', 2500))
const sceneAfter = (...commands: Command[]) => {
  const { plan } = commands.reduce((now, command) => apply(now, command).job, job).variants[variant]!
  return buildScene(planInterior(job.shell, plan), plan, 'mode-day')
}
const before = sceneAfter()

describe('what differs between two plans', () => {
  it('is nothing between a plan and itself', () => expect(differencesBetween(before, sceneAfter())).toEqual([]))

  it('is what moved and how far, what has another size and by how much', () => {
    const seat = { ...job.variants[variant]!.plan.fittings['fit-a']!.seat, along: { from: 'rear' as const, mm: 720 } }
    const moved = sceneAfter({ type: 'fitting.seat', variant, id: 'fit-a', seat })
    expect(differencesBetween(before, moved)).toMatchObject([{ id: 'fit-a', what: 'moved', by: [120, 0, 0] }])
    const longer = sceneAfter({ type: 'fitting.parameters', variant, id: 'fit-a', parameters: { lengthMm: 1350 } })
    const [difference, ...others] = differencesBetween(before, longer)
    expect(others).toEqual([])
    expect(difference).toMatchObject({ id: 'fit-a', what: 'other-size' })
    expect(difference!.by[0]).toBeCloseTo(1350 - (before.placed[0]!.bounds.x.max - before.placed[0]!.bounds.x.min), 6)
  })

  it('is what only one of them has, also where another kind took its id', () => {
    const without = sceneAfter({ type: 'fitting.remove', variant, id: 'fit-b' })
    expect(differencesBetween(before, without)).toMatchObject([{ id: 'fit-b', what: 'only-first' }])
    expect(differencesBetween(without, before)).toMatchObject([{ id: 'fit-b', what: 'only-second' }])
    const other = sceneAfter({ type: 'fitting.remove', variant, id: 'fit-b' }, put('fit-b', 'desk', 2500))
    expect(differencesBetween(before, other).map(({ what }) => what)).toEqual(['only-first', 'only-second'])
  })
})
