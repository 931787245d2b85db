import { describe, expect, it } from 'vitest'
import { area, prismBounds } from '../geometry'
import { interiorOf, genericShell, NO_LINING, type CabSeat, type Shell } from '../shell'
import { seatParts, seatSolids, swivelAxis, swivelFreedom, type Scene } from './index'

const van = genericShell('van-long-high')
const [driver, passenger] = van.cabSeats as [CabSeat, CabSeat]
const sceneIn = (shell: Shell, turned: readonly string[] = []): Scene => ({
  interior: interiorOf(shell, NO_LINING),
  modeId: 'mode-day',
  purpose: 'living',
  placed: [],
  turned,
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
