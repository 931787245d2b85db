import { describe, expect, it } from 'vitest'
import { bodyMm } from './index'

describe('bodyMm', () => {
  // Drillis & Contini 1966, as drawn in Winter's book; fractions recalled from memory, products by hand.
  it.each([
    ['elbow', 1840, 1159.2],
    ['shoulderBreadth', 1840, 476.56],
    ['sittingHeight', 1750, 910],
    ['knee', 1700, 484.5],
    ['eye', 1600, 1497.6],
  ] as const)('%s of a body of %d mm is %d mm', (measure, stature, mm) =>
    expect(bodyMm(stature, measure)).toBeCloseTo(mm, 9),
  )

  it('adds up as a body does: shoulder to fingertip is under half the span of the arms, which is the stature', () => {
    const arm = bodyMm(1000, 'upperArm') + bodyMm(1000, 'forearm') + bodyMm(1000, 'hand')
    expect(2 * arm + bodyMm(1000, 'shoulderBreadth')).toBeGreaterThan(1000)
    expect(2 * arm + bodyMm(1000, 'shoulderBreadth')).toBeLessThan(1200)
  })

  it('throws on a stature that is none', () => expect(() => bodyMm(Number.NaN, 'eye')).toThrow(/got NaN/))
})
