import { describe, expect, it } from 'vitest'
import { pinched } from './pinch'
import { keptIn, WHOLE } from './place'

const SIZE = [800, 600] as const

describe('two fingers', () => {
  it('keep what lay between them between them', () => {
    const to = pinched(
      {
        from: [
          [300, 300],
          [400, 300],
        ],
        zoom: WHOLE,
      },
      [
        [260, 330],
        [460, 330],
      ],
      ...SIZE,
    )
    expect(to.k).toBeCloseTo(2, 9)
    // the point that was at (350, 300) is at the new middle
    expect(350 * to.k + to.x).toBeCloseTo(360, 9)
    expect(300 * to.k + to.y).toBeCloseTo(330, 9)
  })

  it('go on from a drawing that is magnified already, and only push it where they stay as far apart', () => {
    const zoom = { k: 3, x: -500, y: -400 }
    const to = pinched(
      {
        from: [
          [100, 100],
          [200, 100],
        ],
        zoom,
      },
      [
        [130, 90],
        [230, 90],
      ],
      ...SIZE,
    )
    expect(to).toEqual({ k: 3, x: -470, y: -410 })
  })

  it('never make it smaller than whole, larger than eight times, or push it off the sheet', () => {
    const close = pinched(
      {
        from: [
          [0, 0],
          [400, 0],
        ],
        zoom: WHOLE,
      },
      [
        [0, 0],
        [10, 0],
      ],
      ...SIZE,
    )
    expect(close.k).toBe(1)
    const wide = pinched(
      {
        from: [
          [390, 0],
          [400, 0],
        ],
        zoom: WHOLE,
      },
      [
        [0, 0],
        [800, 0],
      ],
      ...SIZE,
    )
    expect(wide.k).toBe(8)
    expect(keptIn({ k: 2, x: 5000, y: -5000 }, ...SIZE)).toEqual({ k: 2, x: 80, y: 600 - 2 * 640 })
  })
})
