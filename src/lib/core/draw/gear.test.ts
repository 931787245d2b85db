import { describe, expect, it } from 'vitest'
import { apply, planInterior, type Job } from '../job'
import { buildScene } from '../scene'
import { putAtHome, truck, variant } from '../../../../tests/support/plan'
import { stowedIn } from '../needs'
import { countedByName, gearIn, gearItems } from './gear'

/** A wardrobe that is 1 000 × 600 × 800 inside, and gear that lies in it. */
const withGear = (...gear: readonly (readonly [string, number, readonly number[]])[]): Job =>
  gear.reduce(
    (job, [id, count, sizeMm]) =>
      apply(job, {
        type: 'demand.put',
        id,
        demand: { need: 'stowage', must: true, label: id, quantity: count, sizeMm } as never,
      }).job,
    truck(putAtHome('fit-w', 'wardrobe', 1000, { lengthMm: 1024, depthMm: 624, heightMm: 824 })),
  )
const packed = (job: Job) => {
  const { plan } = job.variants[variant]!
  return gearIn(stowedIn(buildScene(planInterior(job.shell, plan), plan, 'mode-drive'), job.brief), job.brief, 'fit-w')
}

describe('gear drawn where it lies', () => {
  it('each piece with its sides, inside, and as many as there are', () => {
    const pieces = packed(withGear(['crate', 2, [400, 300, 300]], ['case', 1, [500, 250, 600]]))
    expect(countedByName(pieces)).toEqual([
      ['case', 1],
      ['crate', 2],
    ])
    for (const { name, outline, block } of pieces) {
      const sides = outline.map(([x, y], at) => {
        const [u, v] = outline[(at + 1) % outline.length]!
        return Math.round(Math.hypot(u - x, v - y))
      })
      const high = Math.round(block.z.max - block.z.min)
      const own = name === 'crate' ? [300, 300, 400] : [250, 500, 600]
      expect([sides[0]!, sides[1]!, high].sort((a, b) => a - b)).toEqual(own)
    }
    const items = gearItems(pieces, 'plan')
    expect(items.filter(({ kind }) => kind === 'path')).toHaveLength(3)
    expect(items.some((item) => item.kind === 'text' && item.text === 'case')).toBe(true)
  })

  it('what is longer than the floor lies slanted, corner to corner, and keeps its length', () => {
    // the diagonal of 1 000 × 600 is 1 166: a pole of 1 100 × 40 goes in aslant
    const [pole] = packed(withGear(['pole', 1, [1100, 40, 40]]))
    const [a, b] = pole!.outline
    expect(Math.hypot(b![0] - a![0], b![1] - a![1])).toBeCloseTo(1100, 6)
    for (const [x, y] of pole!.outline) {
      expect(x).toBeGreaterThan(pole!.block.x.min - 1)
      expect(x).toBeLessThan(pole!.block.x.max + 1)
      expect(y).toBeGreaterThan(pole!.block.y.min - 1)
      expect(y).toBeLessThan(pole!.block.y.max + 1)
    }
  })

  it('nothing is drawn in what holds nothing', () => {
    expect(packed(withGear(['plank', 1, [3000, 500, 500]]))).toEqual([])
  })
})
