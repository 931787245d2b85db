import { describe, expect, it } from 'vitest'
import { awgFor, awgMm2, CONDUCTORS, dropV, faultsOf, fuseFor, FUSES_A, sizedFor } from './conductors'

describe('conductors', () => {
  it('have the resistances of IEC 60228, class 5 (as remembered): about what copper of their section has, and a little more', () => {
    for (const { mm2, ohmPerKm } of CONDUCTORS) {
      // 17.24 Ω mm²/km: annealed copper at 20 °C, IEC 60028 (as remembered)
      const pure = 17.24 / mm2
      expect(ohmPerKm / pure).toBeGreaterThan(1)
      expect(ohmPerKm / pure).toBeLessThan(1.2)
    }
    const of = (mm2: number) => CONDUCTORS.find((one) => one.mm2 === mm2)!.ohmPerKm
    expect([1.5, 2.5, 4, 6, 10, 16, 25, 35, 50, 70].map(of)).toEqual([
      13.3, 7.98, 4.95, 3.3, 1.91, 1.21, 0.78, 0.554, 0.386, 0.272,
    ])
  })

  it('have the gauges of ASTM B258: AWG 10 is 5.26 mm², AWG 4/0 is 107 mm²', () => {
    expect(awgMm2(10)).toBeCloseTo(5.26, 2)
    expect(awgMm2(-3)).toBeCloseTo(107, 0)
    expect([1.5, 2.5, 4, 6, 10, 16, 35, 50, 95].map(awgFor)).toEqual([
      '14',
      '12',
      '10',
      '8',
      '6',
      '4',
      '1',
      '1/0',
      '4/0',
    ])
  })

  it('carry more the thicker they are', () => {
    for (let at = 1; at < CONDUCTORS.length; at += 1) {
      expect(CONDUCTORS[at]!.carriesA).toBeGreaterThan(CONDUCTORS[at - 1]!.carriesA)
      expect(CONDUCTORS[at]!.ohmPerKm).toBeLessThan(CONDUCTORS[at - 1]!.ohmPerKm)
    }
  })
})

describe('a wire', () => {
  it('by hand, first: a cold box of 4.4 A, 6 m away, 3 % of 12 V', () => {
    // a fuse over 1.25 × 4.4 = 5.5 A: 7.5 A; out and back 12 m. At 45 °C copper has 1 + 25 × 0.00393 = 1.098 of its resistance.
    // 1.5 mm²: 4.4 × 12 × 0.0133 × 1.098 = 0.771 V, more than 0.36. 2.5: 0.463. 4: 0.287 V, 2.4 %
    const sized = sizedFor({ amps: 4.4, surgeA: 4.4, lengthMm: 6000, volts: 12, mostDrop: 0.03 })!
    expect([sized.conductor.mm2, sized.fuseA, sized.because]).toEqual([4, 7.5, 'drop'])
    expect(sized.dropV).toBeCloseTo(0.287, 3)
    expect(dropV(CONDUCTORS[0]!, 4.4, 6000)).toBeCloseTo(0.771, 3)
  })

  it('by hand, second: an inverter of 2 000 W at 12 V, 1 m away, twice that for a moment', () => {
    // 2000 / 12 / 0.9 = 185 A, over 1.25 × 185 = 231 A: a fuse of 250 A; 70 mm² carries 265 A. Out and back 2 m:
    // 185 × 2 × 0.000272 × 1.098 = 0.111 V, and 0.221 V at 370 A: 1.8 % of 12 V
    const sized = sizedFor({ amps: 185.2, surgeA: 370.4, lengthMm: 1000, volts: 12, mostDrop: 0.03 })!
    expect([sized.conductor.mm2, sized.fuseA, sized.because]).toEqual([70, 250, 'fuse'])
    expect(sized.dropV).toBeCloseTo(0.111, 3)
  })

  it('is never thinner than its fuse asks, never loses more than it may, and the thinner one does not do', () => {
    for (const amps of [0.5, 3, 8, 20, 60, 150])
      for (const lengthMm of [300, 2000, 9000])
        for (const mostDrop of [0.03, 0.05, 0.1]) {
          const duty = { amps, surgeA: amps * 2, lengthMm, volts: 12, mostDrop }
          const sized = sizedFor(duty)
          if (sized === undefined) continue
          const { conductor, fuseA } = sized
          expect(conductor.carriesA).toBeGreaterThanOrEqual(fuseA)
          expect(fuseA).toBeGreaterThanOrEqual(1.25 * amps)
          expect(dropV(conductor, amps, lengthMm)).toBeLessThanOrEqual(12 * mostDrop)
          const thinner = CONDUCTORS[CONDUCTORS.indexOf(conductor) - 1]
          if (thinner === undefined) continue
          const does =
            thinner.carriesA >= fuseA &&
            dropV(thinner, amps, lengthMm) <= 12 * mostDrop &&
            dropV(thinner, 2 * amps, lengthMm) <= 24 * mostDrop
          expect(does).toBe(false)
        }
  })

  it('that nothing is thick enough for is none, and so is one that no fuse holds', () => {
    expect(sizedFor({ amps: 250, surgeA: 250, lengthMm: 30_000, volts: 12, mostDrop: 0.03 })).toBeUndefined()
    expect(fuseFor({ amps: 400, surgeA: 400 })).toBeUndefined()
    const least = FUSES_A[0] / 1.25
    expect(fuseFor({ amps: least, surgeA: least })).toBe(FUSES_A[0])
  })

  it('has a fuse that a glow plug of 100 W does not blow, nor a compressor as it starts (ISO 8820-3, from memory: a blade bears twice its rating for a moment)', () => {
    // a diesel heater: 25 W for long, 100 W for minutes at 12 V: 8.3 A, over 1.25 times that 10.4
    expect(fuseFor({ amps: 25 / 12, startA: 100 / 12, surgeA: 100 / 12 })).toBe(15)
    // a compressor of 48 W and three times that for a moment: 12 A, half of it 6
    expect(fuseFor({ amps: 4, surgeA: 4 })).toBe(5)
    expect(fuseFor({ amps: 4, surgeA: 12 })).toBe(7.5)
    const glows = { amps: 2.1, startA: 8.3, surgeA: 8.3, lengthMm: 2000, volts: 12, mostDrop: 0.03 }
    expect(faultsOf(sizedFor(glows, CONDUCTORS, { fuseA: 5 })!, glows)).toContain('fuse-small')
    expect(faultsOf(sizedFor(glows)!, glows)).toEqual([])
  })
})
