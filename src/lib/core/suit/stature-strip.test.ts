import { describe, expect, it } from 'vitest'
import { interiorOf } from '../shell'
import { genericShell } from '../shells'
import { liningCost, statureStrips } from './index'

const lining = { floorMm: 37, wallMm: 30, roofMm: 25 }
const platform = { topMm: 700, mattressMm: 120, wideMm: 1300 }

describe('statureStrips', () => {
  it('in the leaning-wall van lets no one of 1.84 m lie across, and stands them under the full roof', () => {
    const [tall, short] = statureStrips(
      interiorOf(genericShell('van-long-high'), lining),
      [
        { label: 'tall', statureMm: 1840 },
        { label: 'short', statureMm: 1500 },
      ],
      platform,
    )
    expect(tall!.across).toEqual({ needMm: 1890, where: [] })
    // headroom is 1873 where the roof is whole and 1828 at the rear: 1860 is there from where it has risen by 32 of 45 in 500
    expect(tall!.stand.needMm).toBe(1860)
    expect(tall!.stand.where[0]!.min).toBeGreaterThanOrEqual(340)
    expect(tall!.stand.where[0]!.min).toBeLessThanOrEqual(400)
    expect(short!.across.where).toEqual([{ min: 0, max: 4250 }])
    // 0.52 × 1840 + 50 = 1006.8 above the mattress at 820
    expect(tall!.sitUp.needMm).toBeCloseTo(1006.8, 6)
    expect(tall!.sitUp.where.length).toBeGreaterThan(0)
  })

  it('parts a stretch where flares end', () => {
    const flare = { kind: 'flare', fromMm: 900, toMm: 2900, bottomMm: 600, topMm: 1100, depthMm: 100 } as const
    const [tall] = statureStrips(
      interiorOf(genericShell('van-long-high'), lining, {
        'flare-a': { ...flare, side: 'left' },
        'flare-b': { ...flare, side: 'right' },
      }),
      [{ label: 'tall', statureMm: 1840 }],
      platform,
    )
    const [stretch] = tall!.across.where
    // a mattress 1300 wide lies within 930 to 2870: its middle from 1580 to 2220
    expect(tall!.across.where).toHaveLength(1)
    expect(stretch!.min).toBeGreaterThanOrEqual(1550)
    expect(stretch!.max).toBeLessThanOrEqual(2250)
  })
})

describe('liningCost', () => {
  it('says up to which roof lining a tall adult keeps standing height, by hand', () => {
    // 1935 mm of bare height less 37 of floor is 1898; 1840 + 20 leaves 38 for the roof, 1880 + 20 none. The roof falls by
    // 11 in 310, so that 38 upright is 38 · 310 / √(310² + 11²) = 37.98 square to it
    const cost = liningCost(
      genericShell('van-long-high'),
      lining,
      {},
      [
        { label: 'partner', statureMm: 1690 },
        { label: 'tall', statureMm: 1840 },
        { label: 'taller', statureMm: 1880 },
      ],
      2000,
    )
    expect(cost.standing.map(({ label, mostRoofMm }) => [label, mostRoofMm])).toEqual([
      ['taller', undefined],
      ['tall', 37.9],
      ['partner', 150],
    ])
    // the wall leans by 68 in 600 there: 2 · √(68² + 600²) / 600 = 2.0128
    expect(cost.widthPerWallMm).toBeCloseTo(2.0128, 3)
  })
})
