import { describe, expect, it } from 'vitest'
import { apply, type Job, type Loading, type Weighing } from '../../job'
import { put, truck, variant } from '../../../../../tests/support/plan'
import { weightReport } from './report'
import { WHEELS } from './statics'
import { heldAgainst, plannedFor } from './weighing'

const job = truck(put('fit-tank', 'water-tank', 600, 'left-wall'))
const loading: Loading = { without: ['driver', 'things:loose'], levels: { water: 0, fuel: 60 } }

/** What four pads read when a mass that no plan knows of lies at a place as well. */
function padsWith(kg: number, x: number, y: number): [number, number, number, number] {
  const { limits } = weightReport(job, variant, loading)
  const front = (x - 1180) / 3750
  const left = 0.5 + y / 1750
  const extra = [front * left, front * (1 - left), (1 - front) * left, (1 - front) * (1 - left)]
  const pads = WHEELS.map((wheel, index) => limits.find(({ id }) => id === wheel)!.now + kg * extra[index]!)
  return pads as [number, number, number, number]
}
const weighed = (padsKg: [number, number, number, number]): Weighing => ({
  on: '2027-03-14',
  variant,
  loading,
  padsKg,
  slackKg: 5,
  from: 'scale',
  plannedKg: plannedFor(job, variant, loading),
})

describe('a weighing held against the plan', () => {
  it('finds how much is unaccounted for, and about where', () => {
    const held = heldAgainst(job, weighed(padsWith(80, 700, 600)))
    expect(held.overKg).toBeCloseTo(80, 6)
    expect(held.x!.mm).toBeCloseTo(700, 3)
    expect(held.y!.mm).toBeCloseTo(600, 3)
    // four pads of 5 kg each: 10 together, and what the plan itself does not know
    expect(held.uncertainKg).toBeGreaterThanOrEqual(10)
    expect(held.isBelowKerb).toBe(false)
  })

  it('does not say where what it cannot tell is', () => {
    expect(heldAgainst(job, weighed(padsWith(1, 700, 600)))).toMatchObject({ x: undefined, y: undefined })
    const { padsKg: _pads, ...rest } = weighed(padsWith(80, 700, 600))
    expect(heldAgainst(job, { ...rest, totalKg: 3000 })).toMatchObject({ x: undefined, y: undefined })
  })

  it('asks about a reading below the empty vehicle instead of refusing it', () => {
    expect(heldAgainst(job, weighed([500, 500, 450, 450])).isBelowKerb).toBe(true)
  })

  it('may become the base: then the plan weighs what the scale read, at every wheel', () => {
    const padsKg = padsWith(80, 700, 600)
    const based: Job = [
      { type: 'weighing.put', id: 'weighing-a', weighing: weighed(padsKg) } as const,
      { type: 'weighing.base', id: 'weighing-a' } as const,
    ].reduce((one, command) => apply(one, command).job, job)
    const { limits } = weightReport(based, variant, loading)
    for (const id of ['total', 'front', 'rear'] as const) {
      const read =
        id === 'total' ? padsKg.reduce((a, b) => a + b) : id === 'front' ? padsKg[0] + padsKg[1] : padsKg[2] + padsKg[3]
      expect(limits.find((limit) => limit.id === id)!.now).toBeCloseTo(read, 6)
    }
    const left = limits.find(({ id }) => id === 'side')!.now
    expect(left).toBeCloseTo(padsKg[0] + padsKg[2] - padsKg[1] - padsKg[3], 6)
    // the papers’ figures say again what is unaccounted for
    expect(heldAgainst(based, weighed(padsKg)).overKg).toBeCloseTo(80, 6)
  })
})
