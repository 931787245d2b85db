import { describe, expect, it } from 'vitest'
import { bodyMm, poplitealMm } from './index'

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

describe('the hollow of the knee', () => {
  // ANSUR 1988, men and women at the mean, from memory: stature, popliteal height, buttock–popliteal length
  it.each([
    [1756, 434, 500],
    [1629, 389, 482],
  ])('of one of %d is where it was measured, to about 3 %%', (statureMm, heightMm, depthMm) => {
    const found = poplitealMm(bodyMm(statureMm, 'knee'), bodyMm(statureMm, 'hip'))
    expect(Math.abs(found.heightMm / heightMm - 1)).toBeLessThan(0.03)
    expect(Math.abs(found.depthMm / depthMm - 1)).toBeLessThan(0.03)
  })

  it('goes with a knee and a hip that were measured', () => {
    const [usual, long] = [poplitealMm(500, 930), poplitealMm(520, 990)]
    expect(long.heightMm / usual.heightMm).toBeCloseTo(520 / 500)
    expect(long.depthMm / usual.depthMm).toBeCloseTo(470 / 430)
  })
})
