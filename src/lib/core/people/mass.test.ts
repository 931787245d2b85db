import { describe, expect, it } from 'vitest'
import { medianStatureMm } from './growth'
import { bodyMassKg } from './mass'

describe('the mass of a body', () => {
  // EU Regulation 1230/2012: a driver is 75 kg; that is a person of usual build of 1.77 m (from memory)
  it('is the 75 kg of a driver for an adult of usual build and 1.77 m', () => {
    expect(bodyMassKg(1770, true)).toBeCloseTo(75.2, 1)
    expect(bodyMassKg(1650, true)).toBeCloseTo(65.3, 1)
  })

  it('lies in the bands of the body-mass index by build', () => {
    const bmi = (build: 'slight' | 'usual' | 'broad') => bodyMassKg(1800, true, build) / 1.8 ** 2
    expect(bmi('slight')).toBeGreaterThan(18.5)
    expect(bmi('usual')).toBeLessThan(25)
    expect(bmi('broad')).toBeGreaterThan(25)
    expect(bmi('broad')).toBeLessThan(30)
  })

  // WHO weight-for-age medians, mean of boys and girls (from memory): 1 year 9.3 kg, 5 years 18.3, 10 years 31.5
  it.each([
    [1, 9.3],
    [5, 18.3],
    [10, 31.5],
  ])('is that of the median child of %i years within a tenth: %f kg', (years, kg) => {
    const mass = bodyMassKg(medianStatureMm(years), false)
    expect(Math.abs(mass - kg) / kg).toBeLessThan(0.1)
  })

  it('grows with stature at every age, and refuses none', () => {
    for (let mm = 500; mm < 1900; mm += 20) expect(bodyMassKg(mm + 20, false)).toBeGreaterThan(bodyMassKg(mm, false))
    expect(() => bodyMassKg(0, true)).toThrow(/positive/)
  })
})
