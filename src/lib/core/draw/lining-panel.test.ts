import { describe, expect, it } from 'vitest'
import { area, polygonSpan } from '../geometry'
import { bareInterior, interiorOf, type Lining } from '../shell'
import { genericShell, GENERIC_SHELLS } from '../shells'
import { ceilingAreaM2 } from '../space'
import { liningPanel, liningSheet, PANEL_FACES, toSvg } from './index'

const LINED: Lining = { floorMm: 20, wallMm: 30, roofMm: 25 }
const size = (outline: Parameters<typeof area>[0]) => {
  const [u, v] = [polygonSpan(outline, 0), polygonSpan(outline, 1)]
  return [u.max - u.min, v.max - v.min]
}

describe('a lining panel', () => {
  it('of a box is the wall itself, its door where that is', () => {
    // walls 2160 high and 4300 long; the side door is on the right from 3240 to 4020, up to 1930
    const box = bareInterior(genericShell('truck-box'))
    const left = liningPanel(box, 'left')!
    const { min, max } = box.xSpan
    expect(size(left.outline)[0]).toBeCloseTo(max - min, 0)
    expect(left.holes).toEqual([])
    const right = liningPanel(box, 'right')!
    expect(size(right.outline)[1]).toBeCloseTo(size(left.outline)[1]!, 6)
    const [door] = right.holes
    const shell = genericShell('truck-box')
    const opening = shell.openings.find(({ side }) => side === 'right')!
    expect(right.holes).toHaveLength(1)
    expect(door!.outline[0]![0]).toBeCloseTo(opening.fromMm - min, 0)
    expect(size(door!.outline)).toEqual([
      expect.closeTo(opening.toMm - opening.fromMm, 0),
      expect.closeTo(opening.headMm - opening.sillMm, 0),
    ])
  })

  it.each(GENERIC_SHELLS.map(({ id }) => id))('of the ceiling of %s has its area', (id) => {
    const interior = interiorOf(genericShell(id), LINED)
    const ceiling = liningPanel(interior, 'ceiling')!
    // worked out apart from it: by slices of the roof
    expect(area(ceiling.outline) / 1e6).toBeGreaterThan(ceilingAreaM2(interior) * 0.97)
    expect(area(ceiling.outline) / 1e6).toBeLessThan(ceilingAreaM2(interior) * 1.03)
  })

  it('of a curved wall is as high as a tape along it says, further than straight up', () => {
    const interior = interiorOf(genericShell('van-long-high'), LINED)
    const { ticks } = liningPanel(interior, 'left')!
    for (const { acrossMm } of ticks) {
      expect(acrossMm).toBeGreaterThan(1400)
      expect(acrossMm).toBeLessThan(2100)
    }
    const part = liningPanel(interior, 'left', { min: 1000, max: 2000 })!
    expect(size(part.outline)[0]).toBeGreaterThanOrEqual(1000)
    expect(size(part.outline)[0]).toBeLessThan(1010)
    expect(liningPanel(interior, 'left', { min: 9000, max: 9500 })).toBeUndefined()
  })

  it.each(PANEL_FACES)('%s is drawn with figures that are figures', (face) => {
    const interior = interiorOf(genericShell('bus-9m'), LINED)
    const panel = liningPanel(interior, face)!
    const svg = toSvg(liningSheet(panel, 'Bus', 'mm'))
    expect(svg).not.toMatch(/NaN|undefined|Infinity/)
    expect(svg).toContain('lining, 1 : 1')
    for (const { outline } of panel.holes) {
      const [u, v] = [polygonSpan(outline, 0), polygonSpan(outline, 1)]
      const whole = [polygonSpan(panel.outline, 0), polygonSpan(panel.outline, 1)] as const
      expect(u.min).toBeGreaterThanOrEqual(whole[0].min - 1)
      expect(v.max).toBeLessThanOrEqual(whole[1].max + 1)
    }
  })
})
