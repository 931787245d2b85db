import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { formatLength, LENGTH_UNITS, parseLength, parseMass, parseVolume, sayLength, sayNeed } from './index'

describe('parseLength', () => {
  it.each([
    ['1850', 'mm', 1850],
    ['1 850', 'mm', 1850],
    ['1,850', 'mm', 1850],
    ['1 850.5 mm', 'mm', 1850.5],
    ['185 cm', 'mm', 1850],
    ['185', 'cm', 1850],
    ['1.85m', 'mm', 1850],
    ['1,85 m', 'mm', 1850],
    ['.5 m', 'mm', 500],
    ['73.5in', 'mm', 1866.9],
    [`6' 1 1/2"`, 'mm', 1866.9],
    [`6 ft 1½ in`, 'mm', 1866.9],
    [`6'1-1/2"`, 'mm', 1866.9],
    ['73 1/2', 'in', 1866.9],
    ['3/4"', 'mm', 19.05],
    ['6′ 2″', 'mm', 1879.6],
    ['-40', 'mm', -40],
    ['−40', 'mm', -40],
    ['0', 'mm', 0],
  ] as const)('reads %s in %s as %d mm', (text, unit, mm) => {
    const result = parseLength(text, unit)
    expect(result.ok && result.value).toBeCloseTo(mm, 9)
  })

  // worked out by hand
  it.each([
    ['1850 − 2×18', 'mm', 1814],
    ['1850-2*18', 'mm', 1814],
    ['185 - 2 x 1.8', 'cm', 1814],
    ['3/4in + 40', 'mm', 59.05],
    ['3/4in + 40', 'cm', 419.05],
    ['6\' 2 1/2" − 19mm', 'mm', 1873.3],
    ['(1850 − 36) / 2', 'mm', 907],
    ['1850 / 2', 'mm', 925],
    ['2×(600 + 18)', 'mm', 1236],
    ['2 × 18mm', 'cm', 36],
    ['36in ÷ 2', 'mm', 457.2],
    ['1 850 + 40', 'mm', 1890],
    ['73-1/2', 'in', 1866.9],
    ['73 - 1/2', 'in', 1841.5],
    ['-40 + 100', 'mm', 60],
    ['100 + -40', 'mm', 60],
    ['100 − 40 − 30', 'mm', 30],
    ['100 ÷ 4 ÷ 5', 'mm', 5],
  ] as const)('works out %s in %s: %d mm', (text, unit, mm) => {
    const result = parseLength(text, unit)
    expect(result.ok ? result.value : result.fault).toBeCloseTo(mm, 9)
  })

  it.each([
    ['1850 −', /^Cannot read/],
    ['× 2', /^Cannot read/],
    ['2 ** 3', /^Cannot read/],
    ['(1850 − 36', /bracket is not closed/],
    ['1850)', /^Cannot read/],
    ['((((((((((1))))))))))', /^Cannot read/],
    ['10mm × 10mm', /Only one side of ×/],
    ['100 ÷ 4mm', /Only one side of ÷/],
    ['100 ÷ (4 − 4)', /divided by 0/],
    ['9999999 × 9999999', /Too large/],
    [`1${' + 1'.repeat(200)}`, /^Cannot read/],
  ])('refuses %j in words', (text, words) => {
    const result = parseLength(text, 'mm')
    expect(result.ok ? `read as ${result.value}` : result.fault).toMatch(words)
  })

  it.each([
    ['', /Type a figure/],
    ['wide', /^Cannot read/],
    ['12 parsecs', /Unknown unit “parsecs”/],
    ['1/0 in', /^Cannot read/],
    ['1,850 m', /two things/],
    ['12 34 56', /^Cannot read/],
    ['1e308', /Unknown unit “e”/],
    ['99999999999', /Too large/],
    ['constructor', /^Cannot read/],
    ['5 constructor', /Unknown unit/],
    ['NaN', /^Cannot read/],
  ])('refuses %j in words', (text, words) => {
    const result = parseLength(text, 'mm')
    expect(result.ok ? `read as ${result.value}` : result.fault).toMatch(words)
  })

  it('reads back what it formats, to the figure that is shown', () => {
    const half = { mm: 0.5, cm: 0.5, in: 25.4 / 32, ft: 25.4 / 32 }
    fc.assert(
      fc.property(
        fc.double({ min: -20_000, max: 20_000, noNaN: true }),
        fc.constantFrom(...LENGTH_UNITS),
        (mm, unit) => {
          const result = parseLength(formatLength(mm, unit), unit)
          return result.ok && Math.abs(result.value - mm) <= half[unit] + 1e-9
        },
      ),
      { seed: 1, numRuns: 500 },
    )
    expect(formatLength(-0.2, 'mm')).toBe('0')
  })
})

describe('formatLength', () => {
  it.each([
    [1790, 'mm', '1\u202f790'],
    [1790, 'cm', '179.0'],
    [1866.9, 'in', '73 1/2″'],
    [19.05, 'in', '3/4″'],
    [-40, 'mm', '−40'],
    [12345.6, 'mm', '12\u202f346'],
    // a foot is 304.8 mm exactly (international yard and pound agreement of 1959, from memory)
    [1866.9, 'ft', '6′\u00a01 1/2″'],
    [304.8, 'ft', '1′'],
    [304, 'ft', '11 15/16″'],
    [3657.6, 'ft', '12′'],
    [-1866.9, 'ft', '−6′\u00a01 1/2″'],
    [0, 'ft', '0″'],
  ] as const)('%d in %s', (mm, unit, text) => expect(formatLength(mm, unit)).toBe(text))

  it('in feet and inches reads what it writes, and a bare number as inches', () => {
    for (const mm of [0, 12.7, 304.8, 1500, 2699.4, 5999]) {
      const read = parseLength(formatLength(mm, 'ft'), 'ft')
      expect(read.ok && Math.abs(read.value - mm), String(mm)).toBeLessThan(0.8)
    }
    expect(parseLength('30', 'ft')).toEqual({ ok: true, value: 762 })
    expect(sayNeed(450, 'ft')).toBe('1′\u00a05 3/4″')
  })

  it('names the unit in sentences', () => {
    expect(sayLength(1790, 'mm')).toBe('1\u202f790\u00a0mm')
    expect(sayNeed(1790, 'mm')).toBe('1\u202f790\u00a0mm')
    expect(sayLength(1790, 'in')).toBe('70 1/2″')
    // a need is never said smaller than it is: 17 11/16″ of 449 mm is 17 3/4″, and 450 mm, 17.717″, as well
    expect(sayNeed(449, 'in')).toBe('17 3/4″')
    expect(sayNeed(450, 'in')).toBe('17 3/4″')
    expect(sayNeed(457.2, 'in')).toBe('18″')
  })

  it('throws on what is no length', () => expect(() => formatLength(Number.NaN, 'mm')).toThrow(/finite, got NaN/))
})

describe('other quantities', () => {
  it('reads pounds and US gallons (exact factors: 0.4536 kg, 3.785 L)', () => {
    const mass = parseMass('10 lb')
    const volume = parseVolume('10 gal')
    expect(mass.ok && mass.value).toBeCloseTo(4.536, 3)
    expect(volume.ok && volume.value).toBeCloseTo(37.85, 2)
  })
})
