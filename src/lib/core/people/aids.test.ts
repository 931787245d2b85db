import { describe, expect, it } from 'vitest'
import { ACCESS } from './index'

describe('ACCESS', () => {
  // 2010 ADA Standards, recalled from memory: each is given there in inches and rounded to 5 mm
  it.each([
    ['routeMm', 36],
    ['doorMm', 32],
    ['turningMm', 60],
    ['kneeHighMm', 27],
  ] as const)('%s is %d inches', (name, inches) =>
    expect(Math.abs(ACCESS[name] - inches * 25.4)).toBeLessThanOrEqual(3),
  )

  it.each([
    ['clearFloorMm', [48, 30]],
    ['toiletSeatMm', [17, 19]],
    ['transferShowerMm', [36, 36]],
    ['rollInShowerMm', [60, 30]],
  ] as const)('%s is %j inches', (name, inches) =>
    inches.forEach((inch, index) => expect(Math.abs(ACCESS[name][index]! - inch * 25.4)).toBeLessThanOrEqual(3)),
  )
})
