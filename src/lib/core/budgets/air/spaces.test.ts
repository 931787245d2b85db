import { describe, expect, it } from 'vitest'
import { person, put, putAtHome, truck, variant } from '../../../../../tests/support/plan'
import { planInterior, type Command, type Job } from '../../job'
import { scenesOf, type Scene } from '../../scene'
import { windPa } from './moved'
import { airReport } from './report'
import { spacesOf } from './spaces'

const nightOf = (job: Job): Scene => {
  const one = job.variants[variant]!
  return scenesOf(one, planInterior(job.shell, one.plan)).find(({ purpose }) => purpose === 'sleeping')!
}
/** Across the truck, which is 2100 wide and 2200 high, so far from the rear. */
const across = (kind: string, x: number, more: Record<string, number | string> = {}): Command =>
  put(`fit-${kind}`, kind, x, 'centreline', { lengthMm: 2600, heightMm: 2600, ...more }, { turn: 90 })
const open = truck()
const walled = truck(across('partition', 1500))

describe('the spaces of a body', () => {
  it('are one where nothing stands from wall to wall, however much furniture there is', () => {
    expect(spacesOf(nightOf(open)).spaces.map(({ share }) => share)).toEqual([1])
    const furnished = truck(put('fit-a', 'wardrobe', 1000), put('fit-b', 'galley', 2000, 'right-wall'))
    expect(spacesOf(nightOf(furnished)).spaces).toHaveLength(1)
  })

  it('are two on the sides of a wall, by their lengths, with its joints between', () => {
    const { spaces, between, at } = spacesOf(nightOf(walled))
    expect(spaces).toHaveLength(2)
    const behind = spaces.find(({ id }) => id === at([500, 0]))!
    // 1.5 of 4.3 m
    expect(behind.share).toBeGreaterThan(0.31)
    expect(behind.share).toBeLessThan(0.38)
    expect(between.map(({ id, opens }) => [id, opens])).toEqual([['fit-partition', false]])
    expect(at([500, 0])).not.toBe(at([3500, 0]))
  })

  it('are two where a curtain is drawn at night, and one where it is left out', () => {
    const drawn = nightOf(truck(across('curtain', 1500, { heightMm: 2200 })))
    const { spaces, between } = spacesOf(drawn)
    expect([spaces.length, between[0]!.opens]).toEqual([2, true])
    expect(spacesOf(drawn, new Set(['fit-curtain'])).spaces).toHaveLength(1)
  })

  it('has a room to wash in as one of its own, whether it is drawn as walls or as a block', () => {
    for (const kind of ['wet-room', 'wet-cubicle']) {
      const night = nightOf(truck(put('fit-wet', kind, 1500, 'left-wall', { heightMm: 1900 })))
      const { spaces, at } = spacesOf(night)
      const { x, y } = night.placed[0]!.bounds
      expect([kind, spaces.length]).toEqual([kind, 2])
      const wet = spaces.find(({ id }) => id === at([(x.min + x.max) / 2, (y.min + y.max) / 2]))!
      const whole = 4.3 * 2.1
      expect(wet.share * whole).toBeCloseTo((x.max - x.min) * (y.max - y.min) * 1e-6, 0)
    }
  })
})

describe('air between spaces', () => {
  const asleep = (...more: Command[]): Job =>
    truck(
      person(1750),
      put('fit-bed', 'bed-fixed', 0, 'left-wall'),
      putAtHome('fit-fan', 'fan-extract', 3600),
      putAtHome('fit-hatch', 'hatch-roof', 2600),
      ...more,
    )
  const inBed = (job: Job) => airReport(job, variant).spaces.find(({ sleepers }) => sleepers > 0)!

  it('a door that is shut keeps it from the bed, and that is told with what opening it brings', () => {
    const shut = airReport(asleep(across('partition-door', 2200)), variant)
    expect(shut.spaces).toHaveLength(2)
    const [cut] = shut.cutOff
    expect(cut!.id).toBe('fit-partition-door')
    expect(cut!.openM3H).toBeGreaterThan(10 * cut!.shutM3H)
    expect(shut.passed.find(({ who }) => who === 'sleeper')!.isPassed).toBe(false)
    expect(shut.co2.lowest).toBeGreaterThan(airReport(asleep(), variant).co2.lowest)
  })

  it('make up the body together; what goes out by the openings comes in by them, but for the joints', () => {
    const { spaces, places, fresh } = airReport(asleep(across('curtain', 2200, { heightMm: 2200 })), variant)
    expect(spaces).toHaveLength(2)
    const out = places.reduce((sum, { outM3H }) => sum + outM3H, 0)
    // what the openings do not bring the joints do, and these are small
    expect(Math.abs(out)).toBeLessThan(0.2 * fresh.full)
    expect(spaces.reduce((sum, { volumeM3 }) => sum + volumeM3, 0)).toBeCloseTo(
      airReport(asleep(), variant).volumeM3,
      6,
    )
  })

  it('comes to the bed through a drawn curtain more than through a shut door', () => {
    const curtain = inBed(asleep(across('curtain', 2200, { heightMm: 2200 })))
    const door = inBed(asleep(across('partition-door', 2200)))
    expect(curtain.into.full).toBeGreaterThan(door.into.full)
  })

  it('is felt more beside an opening than away from it', () => {
    const { passed } = airReport(asleep(putAtHome('fit-over', 'hatch-roof', 300)), variant)
    const far = airReport(asleep(), variant).passed
    expect(passed[0]!.speed).toBeGreaterThan(far[0]!.speed)
  })
})

describe('wind', () => {
  it('of 5 m/s presses 0.6 × 0.6 × 25 = 9 Pa before a face, −7.5 beside it and on the roof, −4.5 behind it', () => {
    expect(windPa(5, 0)).toBeCloseTo(9, 9)
    expect(windPa(5, 90)).toBeCloseTo(-7.5, 9)
    expect(windPa(5, undefined)).toBeCloseTo(-7.5, 9)
    expect(windPa(5, 180)).toBeCloseTo(-4.5, 9)
    expect(windPa(0, 45)).toBeCloseTo(0, 12)
  })

  it('through two windows opposite each other brings 0.6 A √(2 Δp ÷ 1.2) for two in a row (textbook)', () => {
    const window = (id: string, side: 'left' | 'right'): Command => ({
      type: 'change.put',
      variant,
      id,
      change: { kind: 'window', side, fromMm: 1500, toMm: 2300, sillMm: 900, headMm: 1400, opens: 'hopper' },
    })
    const wind = (value: number): Command => ({ type: 'warmth.assume', key: 'windMs', value })
    const { fresh } = airReport(truck(window('change-a', 'left'), window('change-b', 'right'), wind(5)), variant)
    const half = 0.5 * 0.8 * 0.5
    // 9 + 4.5 Pa over two alike: half of it each
    const q = 3600 * 0.6 * half * Math.sqrt((2 * (13.5 / 2)) / 1.2)
    expect(fresh.open / q).toBeGreaterThan(0.93)
    expect(fresh.open / q).toBeLessThan(1.07)
    expect(airReport(truck(window('change-a', 'left'), window('change-b', 'right')), variant).fresh.open).toBeLessThan(
      fresh.open / 3,
    )
  })
})
