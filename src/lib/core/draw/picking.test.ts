import { describe, expect, it } from 'vitest'
import { put, putInside, truck, variant } from '../../../../tests/support/plan'
import { planInterior, type Job } from '../job'
import { buildScene } from '../scene'
import { nextBelow, thingsAt, thingsBetween } from './picking'

const sceneOf = (job: Job) => {
  const { plan } = job.variants[variant]!
  return buildScene(planInterior(job.shell, plan), plan, 'mode-day')
}

describe('what lies under a point', () => {
  // a bench 1200 long from 1000 on, a battery in it, a locker over it, and a tank further on at the other wall
  const scene = sceneOf(
    truck(
      put('fit-bench', 'bench-side', 1000, 'left-wall', { lengthMm: 1200 }),
      putInside('fit-battery', 'battery', 'fit-bench'),
      put(
        'fit-locker',
        'locker',
        900,
        'left-wall',
        { lengthMm: 1500, depthMm: 450 },
        { up: { from: 'floor', mm: 1300 } },
      ),
      put('fit-tank', 'water-tank', 3000, 'right-wall', { lengthMm: 800 }),
    ),
  )
  const middle = (id: string) => {
    const { x, y, z } = scene.placed.find((one) => one.id === id)!.bounds
    return [(x.min + x.max) / 2, (y.min + y.max) / 2, (z.min + z.max) / 2] as const
  }

  it('is what one sees before what is hidden, the smallest first, in each view', () => {
    const [x, y, z] = middle('fit-battery')
    expect(thingsAt(scene, 'plan', [x, y])).toEqual(['fit-locker', 'fit-battery', 'fit-bench'])
    expect(thingsAt(scene, 'left', [x, z])).toEqual(['fit-bench', 'fit-battery'])
    // seen from behind the left wall is to the left
    expect(thingsAt(scene, 'section', [-y, z])).toEqual(['fit-bench', 'fit-battery'])
    expect(thingsAt(scene, 'plan', [x, -y])).not.toContain('fit-battery')
  })

  it('counts what is a little beside the point, and nothing further off', () => {
    const { x, y } = scene.placed.find(({ id }) => id === 'fit-tank')!.bounds
    const beside = [x.max + 5, (y.min + y.max) / 2] as const
    expect(thingsAt(scene, 'plan', beside)).toEqual([])
    expect(thingsAt(scene, 'plan', beside, 10)).toEqual(['fit-tank'])
  })

  it('goes round: after the last the first again; nothing where there is no other', () => {
    expect(nextBelow(['a', 'b', 'c'], 'a')).toBe('b')
    expect(nextBelow(['a', 'b', 'c'], 'c')).toBe('a')
    expect(nextBelow(['a'], 'a')).toBeUndefined()
    expect(nextBelow([], 'a')).toBeUndefined()
    // one that is drawn over a point at which it has no matter: the first of those that do
    expect(nextBelow(['b'], 'a')).toBe('b')
  })

  it('between two corners is what lies there whole, whichever corner comes first', () => {
    const { x, y } = scene.placed.find(({ id }) => id === 'fit-tank')!.bounds
    const corners = [
      [x.min - 10, y.min - 10],
      [x.max + 10, y.max + 10],
    ] as const
    expect(thingsBetween(scene, 'plan', ...corners)).toEqual(['fit-tank'])
    expect(thingsBetween(scene, 'plan', corners[1], corners[0])).toEqual(['fit-tank'])
    expect(thingsBetween(scene, 'plan', corners[0], [x.max - 10, y.max + 10])).toEqual([])
  })
})
