import { describe, expect, it } from 'vitest'
import { simulatedScale } from './scale'

describe('the simulated scale', () => {
  it('rocks, comes to rest, and then reads within its slack', async () => {
    let seed = 7
    const random = () => (seed = (seed * 16_807) % 2_147_483_647) / 2_147_483_647
    const scale = simulatedScale([700, 690, 720, 610], random)
    expect((await scale.read(0)).isSteady).toBe(false)
    const { padsKg, isSteady } = await scale.read(20)
    expect(isSteady).toBe(true)
    padsKg.forEach((kg, pad) => {
      expect(Math.abs(kg - [700, 690, 720, 610][pad]!)).toBeLessThanOrEqual(scale.slackKg)
      expect(kg % scale.stepKg).toBe(0)
    })
  })
})
