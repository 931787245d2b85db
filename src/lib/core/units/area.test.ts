import { describe, expect, it } from 'vitest'
import { sayAir, sayArea, sayOpening } from './area'

// NIST SP 811 (2008), appendix B.8, from memory: 1 ft² = 9.290 304 E−02 m², 1 ft³ = 2.831 685 E−02 m³, 1 in² = 6.4516 cm²
describe('areas and volumes in the job’s unit', () => {
  it('are metric in millimetres', () => {
    expect(sayArea(7.04, 'mm')).toBe('7.0\u00a0m²')
    expect(sayAir(13, 'mm')).toBe('13.0\u00a0m³')
    expect(sayOpening(150, 'mm')).toBe('150\u00a0cm²')
  })
  it.each(['in', 'ft'] as const)('are in feet and inches where the job is in %s', (unit) => {
    expect(sayArea(9.290304, unit)).toBe('100\u00a0sq\u00a0ft')
    expect(sayArea(1, unit, 2)).toBe('10.8\u00a0sq\u00a0ft')
    expect(sayAir(2.831685, unit)).toBe('100\u00a0cu\u00a0ft')
    expect(sayOpening(64.516, unit)).toBe('10.0\u00a0sq\u00a0in')
  })
  it('asks for no less than is needed', () => {
    expect(sayOpening(100, 'in', true)).toBe('15.6\u00a0sq\u00a0in')
    expect(sayOpening(100, 'in')).toBe('15.5\u00a0sq\u00a0in')
    expect(sayOpening(99.2, 'mm', true)).toBe('100\u00a0cm²')
  })
})
