import { describe, expect, it } from 'vitest'
import { jobWith, putAtHome, variant } from '../../../../../tests/support/plan'
import type { Command } from '../../job'
import { placedInAnyMode } from '../seen'
import { powerReport } from './report'
import { NO_SHADE, shadeOn } from './shade'

const truck = (...commands: Command[]) => jobWith('truck-box', ...commands)
const panel = (id: string, mm: number): Command => putAtHome(id, 'solar-panel', mm, { lengthMm: 1000, watts: 200 })
const box = (mm: number, heightMm: number): Command =>
  putAtHome(
    'fit-box',
    'outside-box',
    mm,
    { lengthMm: 1200, depthMm: 1000, heightMm },
    {
      across: { from: 'centreline', mm: 0 },
      up: { from: 'on-roof', mm: 0 },
    },
  )
const of = (...commands: Command[]) => shadeOn(placedInAnyMode(truck(...commands), variant))

describe('the shade on panels', () => {
  it('is none where nothing stands higher', () => {
    expect(of()).toEqual(NO_SHADE)
    expect(of(panel('fit-a', 500), panel('fit-b', 1700))).toEqual(NO_SHADE)
    // what lies as low as they do
    expect(of(panel('fit-a', 500), putAtHome('fit-fridge', 'cold-box', 2500))).toEqual(NO_SHADE)
  })

  it('is longer the lower the sun, the nearer and the higher the box; overhead there is none', () => {
    const near = of(panel('fit-a', 500), box(1600, 400))
    const far = of(panel('fit-a', 500), box(2600, 400))
    const low = of(panel('fit-a', 500), box(1600, 150))
    expect(near.beam.at(-1)).toBe(1)
    for (let step = 1; step < near.beam.length; step += 1)
      expect(near.beam[step]!).toBeGreaterThanOrEqual(near.beam[step - 1]! - 1e-9)
    expect(near.diffuse).toBeLessThan(far.diffuse)
    expect(near.diffuse).toBeLessThan(low.diffuse)
    expect(near.diffuse).toBeGreaterThan(0.5)
    // at 45° a box of 400 throws a shadow of 400: past 100 between them it covers the nearest 300 of 1000 when the sun is straight behind it
    expect(near.beam[9]!).toBeLessThan(1)
    expect(far.beam[9]!).toBe(1)
  })

  it('costs the year what it takes of the sun, more in winter than in summer', () => {
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
    const sun = (...more: Command[]): number =>
      powerReport(truck(putAtHome('fit-battery', 'battery', 3000), panel('fit-a', 500), leg, heavy, ...more), variant)
        .perDay.sun
    const [open, shaded] = [sun(), sun(box(1600, 400))]
    expect(shaded).toBeLessThan(open * 0.98)
    expect(shaded).toBeGreaterThan(open * 0.6)
  })
})
