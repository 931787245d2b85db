import { describe, expect, it } from 'vitest'
import { jobWith, put, variant } from '../../../../tests/support/plan'
import { planInterior } from '../job'
import { buildScene, tapeOf } from '../scene'
import { handDimensions } from './hand'

describe('the chain of what is in hand', () => {
  // the van’s arches end 1690 ahead of the rear sill
  const job = jobWith(
    'van-long-high',
    put('fit-bench', 'bench-side', 2000, 'left-wall', { lengthMm: 900 }),
    put('fit-fridge', 'cold-box', 3100, 'left-wall', {}),
  )
  const { plan } = job.variants[variant]!
  const scene = buildScene(planInterior(job.shell, plan), plan, 'mode-day')
  const bench = scene.placed.find(({ id }) => id === 'fit-bench')!
  const arch = scene.interior.keepOuts.find(({ id }) => id.includes('arch') && id.includes('left'))!
  const chain = (view: 'plan' | 'left') => handDimensions(scene, view, bench, tapeOf(scene, bench))

  it('goes to the wheel arch behind and to the neighbour ahead, and says to what', () => {
    for (const view of ['plan', 'left'] as const) {
      const behind = chain(view).find(({ key }) => key === 'tape behind')
      expect(behind?.row?.partId).toBe(arch.id)
      expect(behind?.mm).toBeCloseTo(2000 - 1690, 6)
      expect(Math.abs(behind!.from[0] - behind!.to[0])).toBeCloseTo(behind!.mm, 6)
      expect(chain(view).find(({ key }) => key === 'tape ahead')?.row?.neighbourId).toBe('fit-fridge')
    }
  })

  it('has each length once, on the axes that the view shows', () => {
    const keys = chain('plan').map(({ key }) => key)
    expect(new Set(keys).size).toBe(keys.length)
    expect(keys.slice(0, 2)).toEqual(['size x', 'size y'])
    expect(chain('left').map(({ key }) => key)).toContain('size z')
    expect(keys).not.toContain('size z')
  })
})
