import { describe, expect, it } from 'vitest'
import { area, prismBounds } from '../geometry'
import { interiorOf, NO_LINING, type CabSeat, type Shell } from '../shell'
import { genericShell } from '../shells'
import { leaningBack, reclineFreedom, seatParts, seatSolids, swivelAxis, swivelFreedom, type Scene } from './index'

const van = genericShell('van-long-high')
const [driver, passenger] = van.cabSeats as [CabSeat, CabSeat]
const sceneIn = (shell: Shell, turned: readonly string[] = []): Scene => ({
  interior: interiorOf(shell, NO_LINING),
  modeId: 'mode-day',
  purpose: 'living',
  placed: [],
  turned,
  figures: {},
})
const withSeats = (...seats: CabSeat[]): Shell => ({ ...van, cabSeats: seats })

describe('a cab seat', () => {
  it('turns about an axis that lies inboard of its middle, on either side', () => {
    expect(swivelAxis(driver)).toEqual([4740, 390])
    expect(swivelAxis(passenger)).toEqual([4740, -390])
    expect(swivelAxis({ ...driver, swivel: undefined })).toBeUndefined()
  })

  it('faces forward with its back behind, and back again after half a turn, mirrored through its axis', () => {
    const forward = seatParts(driver)
    const turned = seatParts(driver, 180)
    const span = (polygon: readonly (readonly [number, number])[], axis: 0 | 1) => {
      const values = polygon.map((corner) => corner[axis])
      return [Math.min(...values), Math.max(...values)].map((value) => Math.round(value))
    }
    expect([span(forward.cushion, 0), span(forward.cushion, 1)]).toEqual([
      [4490, 4990],
      [190, 670],
    ])
    expect(span(forward.back, 0)).toEqual([4490, 4620])
    // the middle (4740, 430) comes to lie at (4740, 350)
    expect([span(turned.cushion, 0), span(turned.cushion, 1)]).toEqual([
      [4490, 4990],
      [110, 590],
    ])
    expect(span(turned.back, 0)).toEqual([4860, 4990])
    expect(area(seatParts(driver, 33).cushion)).toBeCloseTo(500 * 480, 6)
  })

  it('fills its cushion and, above it, its back', () => {
    const [cushion, back] = seatSolids(driver, 0).map((solid) => prismBounds(solid).z)
    expect(cushion).toEqual({ min: 300, max: 420 })
    expect(back).toEqual({ min: 420, max: 1060 })
  })
})

describe('swivelFreedom', () => {
  it('is right round where nothing stands near', () => {
    expect(swivelFreedom(sceneIn(van), driver)).toMatchObject({ freeDeg: 180, blockers: [] })
  })

  it('is stopped by what stands on both its sides, and turns the other way where only one is shut', () => {
    const post = (id: string, x: number, y: number): Shell['keepOuts'][number] => ({
      id,
      label: id,
      what: 'lever',
      notchable: false,
      from: [x - 12, y - 15, 0],
      to: [x + 12, y + 15, 900],
    })
    // The outer corners are 375 from the axis at (4740, 390), the inner ones 320. A post 337 to 360 behind is met only by
    // the outer corner that comes round by the back, at 132° to begin with, when it is turned left; turned right, none is.
    const behind = post('lever-behind', 4428, 560)
    expect(swivelFreedom(sceneIn({ ...van, keepOuts: [behind] }), driver).freeDeg).toBe(180)
    // A second one at 59° stops that corner when it is turned right, after about 132 − 59 = 73°.
    const ahead = post('lever-ahead', 4920, 690)
    const stopped = swivelFreedom(sceneIn({ ...van, keepOuts: [behind, ahead] }), driver)
    expect(stopped.freeDeg).toBeGreaterThanOrEqual(60)
    expect(stopped.freeDeg).toBeLessThanOrEqual(75)
    expect(stopped.blockers).toEqual([{ kind: 'keep-out', id: 'lever-ahead' }])
  })

  it('is stopped by the door where the seat stands too far out, and by its neighbour where they stand too near', () => {
    const outer = { ...driver, yMm: 640, swivel: { aheadMm: 0, inboardMm: 0 } }
    expect(swivelFreedom(sceneIn(withSeats(outer)), outer)).toMatchObject({
      freeDeg: expect.closeTo(0, -2),
      blockers: [{ kind: 'shell', id: 'shell' }],
    })
    const [left, right] = [
      { ...driver, yMm: 250, swivel: { aheadMm: 0, inboardMm: 0 } },
      { ...passenger, yMm: -250, swivel: { aheadMm: 0, inboardMm: 0 } },
    ]
    expect(swivelFreedom(sceneIn(withSeats(left, right)), left).freeDeg).toBeLessThan(60)
    expect(swivelFreedom(sceneIn(withSeats(left)), left).freeDeg).toBe(180)
  })
})

describe('the cab around a seat', () => {
  it('is as wide as it was measured, and its door pillars stand in it', () => {
    const narrow = { ...van, cab: { ...van.cab!, widthMm: 1500 } }
    expect(swivelFreedom(sceneIn(van), driver).freeDeg).toBe(180)
    // the outer corner comes 375 from the axis at y = 390, to y = 765; half the cab is 750
    expect(swivelFreedom(sceneIn(narrow), driver).blockers).toEqual([{ kind: 'shell', id: 'shell' }])
    expect(van.keepOuts.filter(({ what }) => what === 'pillar').map(({ from }) => from[0])).toEqual([4250, 4250])
    const further = { ...driver, xMm: 4430, yMm: 470, swivel: { aheadMm: 0, inboardMm: 0 } }
    const stopped = swivelFreedom(sceneIn(withSeats(further)), further)
    expect(stopped.blockers).toContainEqual({ kind: 'keep-out', id: 'pillar-door-left' })
  })
})

describe('reclineFreedom', () => {
  it('leans the back about its foot, and is whole where nothing stands behind', () => {
    const { x, z } = prismBounds(leaningBack(driver, 20))
    expect(x.min).toBeCloseTo(4490 - 640 * Math.sin((20 * Math.PI) / 180), 6)
    expect(z.max).toBeCloseTo(420 + 640 * Math.cos((20 * Math.PI) / 180) + 130 * Math.sin((20 * Math.PI) / 180), 6)
    expect(reclineFreedom(sceneIn(van), driver)).toEqual({ freeDeg: 20, blockers: [] })
  })

  it('ends at a bulkhead that is closed, not at one that is open', () => {
    const closed = { ...van, bulkhead: { ...van.bulkhead, wayThrough: false } }
    const near = { ...driver, xMm: 4600 }
    // its foot at 4350 leaves 100 behind it: 640 · sin a = 100 at 9°
    expect(reclineFreedom(sceneIn({ ...closed, cabSeats: [near] }), near)).toEqual({
      freeDeg: 7.5,
      blockers: [{ kind: 'shell', id: 'shell' }],
    })
    expect(reclineFreedom(sceneIn(withSeats(near)), near).freeDeg).toBe(20)
  })
})
