import { describe, expect, it } from 'vitest'
import { jobWith, putAtHome, variant } from '../../../../../tests/support/plan'
import type { Command, Job } from '../../job'
import { seenOf } from '../seen'
import { powerCase } from './index'
import { powerReport } from './report'
import { findSets, mostSunWatts } from './finder'
import { lyingOn, roofRoomM2, tiltOnRoof } from './tilt'

const panel = (mm: number): Command =>
  putAtHome(
    'fit-panel',
    'solar-panel',
    1000,
    { lengthMm: 1000, depthMm: 500, watts: 200 },
    { across: { from: 'centreline', mm } },
  )
const lying = (job: Job) => lyingOn(seenOf(job, variant).interior, seenOf(job, variant).placed)

describe('a panel on the roof', () => {
  it('is level on a flat roof, and over the middle of a curved one; beside the middle it tilts as the section falls', () => {
    expect(lying(jobWith('truck-box', panel(100))).deg).toBe(0)
    const van = (mm: number): Job => jobWith('van-long-low', panel(mm))
    expect(lying(van(0)).deg).toBe(0)
    const { interior, placed } = seenOf(jobWith('bus-7m', panel(350)), variant)
    const { y } = placed[0]!.bounds
    // by hand, between the corners of the section that the panel spans
    const roof = interior.sections[0]!.polygon.filter(([, z]) => z > 1000).sort(([a], [b]) => a - b)
    const at = (mm: number): number => {
      const next = roof.findIndex(([along]) => along >= mm)
      const [[y0, z0], [y1, z1]] = [roof[next - 1]!, roof[next]!]
      return z0 + ((z1 - z0) * (mm - y0)) / (y1 - y0)
    }
    const deg = (Math.atan((at(y.min) - at(y.max)) / (y.max - y.min)) * 180) / Math.PI
    expect(deg).toBeGreaterThan(1)
    expect(tiltOnRoof(interior, placed[0]!.bounds)).toBeCloseTo(deg, 1)
    expect(lying(van(-350)).deg).toBeCloseTo(lying(van(350)).deg, 6)
    // over the rounded edge it is held by brackets, and tilts no more than the roof before it
    expect(lying(van(700)).deg).toBeLessThan(15)
  })

  it('on a roof that was raised lies level', () => {
    const raise: Command = {
      type: 'change.put',
      variant,
      id: 'change-roof',
      change: { kind: 'raised-roof', fromMm: 300, toMm: 2500, riseMm: 300, widthMm: 1400, shape: 'straight' },
    }
    expect(lying(jobWith('van-long-low', raise, panel(400))).deg).toBe(0)
  })

  it('loses little by a few degrees: no more than a hundredth of the year', () => {
    const sun = (mm: number): number => {
      const leg: Command = {
        type: 'power.leg',
        id: 'leg-a',
        leg: { from: 1, to: 12, latitudeDeg: 50, climate: 'wet-summers', nights: 31, drivingHours: 0, hookUpEvery: 0 },
      }
      const heavy: Command = {
        type: 'power.extra',
        id: 'load-a',
        extra: { label: 'All day', from: 'battery', watts: 400, hours: 24, when: 'always' },
      }
      const job = jobWith('van-long-low', putAtHome('fit-battery', 'battery', 2000), panel(mm), leg, heavy)
      return powerReport(job, variant).perDay.sun
    }
    const [level, beside] = [sun(0), sun(350)]
    expect(beside).toBeLessThan(level)
    expect(beside).toBeGreaterThan(0.98 * level)
  })
})

describe('room for panels', () => {
  const room = (job: Job): number => roofRoomM2(seenOf(job, variant).interior, seenOf(job, variant).placed)

  it('is four fifths of the roof between its rounded edges, less a fan and a box; panels take none of it', () => {
    // the truck’s box is 4.3 m long inside, and its roof turns down 0.98 m from the centreline
    expect(room(jobWith('truck-box'))).toBeCloseTo(0.8 * 4.3 * 1.96, 1)
    const box = putAtHome(
      'fit-box',
      'outside-box',
      1600,
      { lengthMm: 1200, depthMm: 1000, heightMm: 300 },
      { across: { from: 'centreline', mm: 0 }, up: { from: 'on-roof', mm: 0 } },
    )
    expect(room(jobWith('truck-box')) - room(jobWith('truck-box', box))).toBeCloseTo(0.8 * 1.2, 2)
    expect(room(jobWith('truck-box', panel(0)))).toBe(room(jobWith('truck-box')))
    const fan = putAtHome('fit-fan', 'fan-extract', 3000)
    const hole: Command = {
      type: 'change.put',
      variant,
      id: 'change-hole',
      change: { kind: 'roof-hatch', fromMm: 3000, toMm: 3400, rightMm: -200, leftMm: 200 },
    }
    const [bare, fanned, holed] = [
      room(jobWith('truck-box')),
      room(jobWith('truck-box', fan)),
      room(jobWith('truck-box', fan, hole)),
    ]
    expect(fanned).toBeLessThan(bare)
    // the hole is the fan’s
    expect(holed).toBeCloseTo(fanned, 9)
  })

  it('is under a raised roof what it was: a tall cupboard below it takes none', () => {
    const raise: Command = {
      type: 'change.put',
      variant,
      id: 'change-roof',
      change: { kind: 'raised-roof', fromMm: 300, toMm: 2500, riseMm: 500, widthMm: 1400, shape: 'straight' },
    }
    const tall = putAtHome(
      'fit-tall',
      'wardrobe',
      1000,
      { heightMm: 1900, lengthMm: 600, depthMm: 500 },
      {
        across: { from: 'centreline', mm: 0 },
      },
    )
    expect(room(jobWith('van-long-low', raise, tall))).toBe(room(jobWith('van-long-low', raise)))
  })

  it('bounds what the finder tries: no set and no cure asks for more roof than a small van has', () => {
    const heavy: Command = {
      type: 'power.extra',
      id: 'load-a',
      extra: { label: 'All day', from: 'battery', watts: 60, hours: 24, when: 'always' },
    }
    const small = jobWith('van-compact', putAtHome('fit-battery', 'battery', 800), heavy)
    const of = powerCase(small, variant)
    expect(mostSunWatts(of)).toBeLessThan(600)
    const sets = findSets(of)
    expect(sets.length).toBeGreaterThan(0)
    for (const { roofM2 } of sets) expect(roofM2).toBeLessThanOrEqual(of.roofRoomM2)
    expect(mostSunWatts(powerCase(jobWith('bus-12m'), variant))).toBe(1200)
  })
})
