import { describe, expect, it } from 'vitest'
import { jobWith, put, variant } from '../../../../tests/support/plan'
import { planInterior } from '../job'
import { buildScene } from '../scene'
import { snapPoint } from './snap-point'

const job = jobWith('van-long-high', put('fit-galley', 'galley', 1000))
const { plan } = job.variants[variant]!
const scene = buildScene(planInterior(job.shell, plan), plan, 'mode-day')
const { bounds } = scene.placed[0]!

describe('a point of a free tape', () => {
  it('goes to the edges that are near it, each axis by itself', () => {
    expect(snapPoint(scene, 'plan', [bounds.x.max + 6, bounds.y.min - 5], 12)).toEqual([bounds.x.max, bounds.y.min])
    const [u, v] = snapPoint(scene, 'plan', [bounds.x.max + 6, bounds.y.min + 200.4], 12)
    expect([u, v]).toEqual([bounds.x.max, Math.round(bounds.y.min + 200.4)])
    expect(snapPoint(scene, 'left', [bounds.x.min - 4, bounds.z.max + 4], 12)).toEqual([bounds.x.min, bounds.z.max])
    // seen from behind the left wall is to the left
    expect(snapPoint(scene, 'section', [-bounds.y.max + 3, bounds.z.max], 12)[0]).toBeCloseTo(-bounds.y.max, 6)
  })

  it('goes to the body: the sill, the bulkhead, the floor under it', () => {
    const { min, max } = scene.interior.xSpan
    expect(snapPoint(scene, 'plan', [min + 5, -300], 12)[0]).toBe(min)
    expect(snapPoint(scene, 'right', [max - 5, 300], 12)[0]).toBe(max)
    expect(snapPoint(scene, 'left', [3300, 4], 12)[1]).toBeCloseTo(0, 6)
  })

  it('stays where nothing is near, on whole millimetres', () => {
    expect(snapPoint(scene, 'plan', [2900.4, 120.6], 12)).toEqual([2900, 121])
    expect(snapPoint(scene, 'plan', [bounds.x.max + 13, -400], 12)[0]).toBe(Math.round(bounds.x.max + 13))
  })
})
