import { describe, expect, it } from 'vitest'
import { newFound } from '$lib/core/condition'
import { placedBy, viewedIn } from './found-marks'

const found = {
  ...newFound('rust'),
  at: [900, 700, 1500] as [number, number, number],
  sizeMm: [200, 20, 100] as [number, number, number],
}

describe('what was found, in the drawing', () => {
  it.each([
    ['plan', [800, 690], [1000, 710]],
    ['side', [800, 1450], [1000, 1550]],
    // seen from behind, the left of the vehicle is on the left
    ['section', [-710, 1450], [-690, 1550]],
  ] as const)('stands in the %s where it is', (view, from, to) => {
    expect(viewedIn(view, found)).toEqual([from, to])
    expect(viewedIn(view, newFound('rust'))).toBeUndefined()
  })

  it('is placed by what a view tells, and by nothing else', () => {
    expect(placedBy('plan', [903.2, -698])).toEqual({ x: 900, y: -700 })
    expect(placedBy('side', [903.2, 1496])).toEqual({ x: 900, z: 1500 })
    expect(placedBy('section', [-698, 1504])).toEqual({ y: 700, z: 1500 })
    expect(placedBy('section', [0, 0])).toEqual({ y: 0, z: 0 })
  })
})
