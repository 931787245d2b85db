import fc from 'fast-check'
import * as polyclip from 'polyclip-ts'
import { describe, expect, it } from 'vitest'
import { area, type Polygon, type Vec2 } from '../geometry'
import { bareOf, interiorOf, outlineAt, partsInside, sectionAt, type BodyChanges } from './index'
import { genericShell } from '../shells'

const van = genericShell('van-long-high')
const truck = genericShell('truck-box')
const lining = { floorMm: 37, wallMm: 30, roofMm: 25 }
const flares: BodyChanges = {
  'flare-a': { kind: 'flare', side: 'left', fromMm: 100, toMm: 1700, bottomMm: 600, topMm: 1100, depthMm: 100 },
  'flare-b': { kind: 'flare', side: 'right', fromMm: 100, toMm: 1700, bottomMm: 600, topMm: 1100, depthMm: 60 },
}
const roof: BodyChanges = {
  'roof-a': { kind: 'raised-roof', fromMm: 500, toMm: 3500, widthMm: 1260, riseMm: 400, shape: 'straight' },
}
type Shape = [number, number][]
const closed = (polygon: Polygon): Shape => [...polygon, polygon[0]!].map(([y, z]): [number, number] => [y, z])
/** Area by another library: of the union of whatever rings come. */
const areaBy = (multi: ReturnType<typeof polyclip.union>): number =>
  multi.reduce(
    (sum, rings) =>
      sum +
      rings.reduce((inner, ring, index) => {
        const own = area(ring.slice(0, -1).map(([y, z]): Vec2 => [y, z]))
        return inner + (index === 0 ? own : -own)
      }, 0),
    0,
  )

describe('outlineAt', () => {
  it('is the section itself where nothing is changed', () => {
    const space = interiorOf(van, lining)
    expect(outlineAt(space, 2000)).toEqual(sectionAt(space, 2000))
  })

  it('grows by the pockets of its flares, by hand on upright walls', () => {
    const space = interiorOf(truck, lining, flares)
    // lined, the flares are 500 − 2 · 30 = 440 high; 100 and 60 deep
    const grown = area(outlineAt(space, 800)) - area(sectionAt(space, 800))
    expect(grown / (440 * 100 + 440 * 60)).toBeCloseTo(1, 3)
    expect(area(outlineAt(space, 110))).toBeCloseTo(area(sectionAt(space, 110)), -2)
  })

  it('grows by a raised roof over its lined width', () => {
    const space = interiorOf(truck, { floorMm: 0, wallMm: 30, roofMm: 0 }, roof)
    const grown = area(outlineAt(space, 1000)) - area(sectionAt(space, 1000))
    expect(grown / (1200 * 400)).toBeCloseTo(1, 2)
  })

  it('of the same body without its lining holds the lined one', () => {
    const space = interiorOf(van, lining, { ...flares, ...roof })
    for (const x of [200, 800, 1650, 2500, 3900]) {
      const [bare, lined] = [outlineAt(bareOf(space), x), outlineAt(space, x)]
      const outside = areaBy(polyclip.difference([closed(lined)], [closed(bare)]))
      expect(outside / area(lined)).toBeLessThan(1e-4)
      expect(area(bare)).toBeGreaterThan(area(lined))
    }
  })
})

describe('partsInside', () => {
  it('keeps of a carcass what another library keeps of it within the outline', () => {
    const space = interiorOf(van, lining, flares)
    let cut = 0
    const run = fc.check(
      fc.property(
        fc.integer({ min: 200, max: 1500 }),
        fc.integer({ min: 300, max: 900 }),
        fc.integer({ min: 100, max: 500 }),
        fc.integer({ min: 60, max: 1400 }),
        fc.integer({ min: 50, max: 700 }),
        fc.boolean(),
        (x, y, deep, z, high, left) => {
          const [y0, y1] = left ? [y, y + deep] : [-y - deep, -y]
          const slice: Polygon = [
            [y0, z],
            [y1, z],
            [y1, z + high],
            [y0, z + high],
          ]
          const parts = partsInside(space, x, slice)
          const ours =
            parts.length === 0
              ? 0
              : areaBy(polyclip.union([closed(parts[0]!)], ...parts.slice(1).map((part) => [closed(part)])))
          const theirs = areaBy(polyclip.intersection([closed(slice)], [closed(outlineAt(space, x))]))
          if (theirs > 0 && theirs < area(slice) - 1) cut += 1
          return Math.abs(ours - theirs) <= 40
        },
      ),
      { seed: 41, numRuns: 150 },
    )
    expect(run.counterexample).toBeNull()
    expect(cut).toBeGreaterThan(30)
  })
})
