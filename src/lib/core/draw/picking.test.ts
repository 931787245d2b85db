import { describe, expect, it } from 'vitest'
import { put, putInside, truck, variant } from '../../../../tests/support/plan'
import { planInterior, type Job } from '../job'
import { buildScene } from '../scene'
import { nextBelow, thingsAt } from './picking'

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

  it('is the smallest first, whatever covers it, in each view', () => {
    const [x, y, z] = middle('fit-battery')
    expect(thingsAt(scene, 'plan', [x, y])).toEqual(['fit-battery', 'fit-bench', 'fit-locker'])
    expect(thingsAt(scene, 'left', [x, z])).toEqual(['fit-battery', 'fit-bench'])
    // seen from behind the left wall is to the left
    expect(thingsAt(scene, 'section', [-y, z])[0]).toBe('fit-battery')
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
})
