import { describe, expect, it } from 'vitest'
import { GROWN_UP_YEARS, grownMm, medianStatureMm } from './index'

describe('medianStatureMm', () => {
  // WHO Child Growth Standards 2006 and WHO Growth Reference 2007, medians, recalled from memory
  it.each([
    [0, 'boy', 499],
    [5, 'boy', 1100],
    [10, 'boy', 1378],
    [15, 'boy', 1690],
    [19, 'boy', 1765],
    [2, 'girl', 857],
    [10, 'girl', 1386],
    [12, 'girl', 1512],
    [19, 'girl', 1632],
  ] as const)('at %d years, %s: %d mm', (years, curve, mm) => expect(medianStatureMm(years, curve)).toBeCloseTo(mm, 6))

  it('is linear between years and level after nineteen', () => {
    expect(medianStatureMm(6.5, 'boy')).toBeCloseTo((1160 + 1217) / 2, 6)
    expect(medianStatureMm(40)).toBe(medianStatureMm(GROWN_UP_YEARS))
    expect(medianStatureMm(8)).toBeCloseTo((1273 + 1266) / 2, 6)
  })

  it('rises every year, girls before boys in the early teens', () => {
    for (const curve of ['boy', 'girl', 'either'] as const)
      for (let years = 1; years <= GROWN_UP_YEARS; years += 1)
        expect(medianStatureMm(years, curve)).toBeGreaterThan(medianStatureMm(years - 1, curve))
    expect(medianStatureMm(12, 'girl')).toBeGreaterThan(medianStatureMm(12, 'boy'))
    expect(medianStatureMm(16, 'boy')).toBeGreaterThan(medianStatureMm(16, 'girl'))
  })

  it('has no age before birth', () => expect(() => medianStatureMm(-1)).toThrow(/got -1/))
})

describe('grownMm', () => {
  it('keeps a child’s share of the median', () => {
    // 1300 of a median of 1273 at eight; three years on the median is 1431: 1300 · 1431 / 1273 = 1461.35
    expect(grownMm(1300, 8, 3, 'boy')).toBe(1462)
    expect(grownMm(1300, 8, 0, 'boy')).toBe(1300)
  })

  it('leaves adults as they are', () => expect(grownMm(1840, 34, 10)).toBe(1840))
})
