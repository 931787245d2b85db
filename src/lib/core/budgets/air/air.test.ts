import { describe, expect, it } from 'vitest'
import { jobWith, person, put, putAtHome, variant } from '../../../../../tests/support/plan'
import { answer, type Use } from '../../brief'
import { reviewVariant } from '../../review'
import type { Command, Job } from '../../job'
import { seenOf } from '../seen'
import { airReport, co2After } from './report'

const use = (more: Use): Command => ({ type: 'brief.use', use: more })
const bed: Command = put('fit-bed', 'bed-fixed', 0, 'left-wall')
const fan = (mm: number): Command => putAtHome('fit-fan', 'fan-extract', mm)
const hatch = (mm: number): Command => putAtHome('fit-hatch', 'hatch-roof', mm)
const truck = (...commands: Command[]): Job => jobWith('truck-box', person(1750), bed, ...commands)
const report = (job: Job) => airReport(job, variant)
/** A van with its cab open, whose windows are let down by so much. */
const cabin = (cm2: number, ...more: Command[]): Job =>
  jobWith('van-long-low', person(1750), bed, { type: 'warmth.assume', key: 'cabAirCm2', value: cm2 }, ...more)

describe('carbon dioxide', () => {
  it('with steady air ends at what is given off over what comes in: 13 L/h in 13 m³/h are 1 000 ppm over outside', () => {
    expect(co2After(1, 13, 10, 1000)).toBeCloseTo(1420, 6)
    // without any air it only gathers: 2 × 13 L/h × 8 h in 10 m³
    expect(co2After(2, 0, 10, 8)).toBeCloseTo(420 + 20_800, 6)
    expect(co2After(0, 5, 10, 8)).toBe(420)
  })
})

describe('air of a plan', () => {
  it('common practice, no source: a fan of 1 530 m³/h with an open hatch changes a body of 12 m³ in about half a minute, on its lowest tenth in 3 to 6 minutes', () => {
    const { fresh, volumeM3 } = report(truck(fan(3600), hatch(600)))
    const seconds = (m3h: number): number => (12 / m3h) * 3600
    expect(volumeM3).toBeGreaterThan(8)
    expect(seconds(fresh.full)).toBeGreaterThan(25)
    expect(seconds(fresh.full)).toBeLessThan(60)
    expect(seconds(fresh.lowest) / 60).toBeGreaterThan(3)
    expect(seconds(fresh.lowest) / 60).toBeLessThan(6)
  })

  it('take away the only inlet and the fan moves almost nothing', () => {
    const [open, shut] = [report(truck(fan(3600), hatch(600))), report(truck(fan(3600)))]
    expect(shut.fresh.full).toBeLessThan(0.1 * open.fresh.full)
    expect(open.places.map(({ id }) => id).sort()).toEqual(['fit-fan', 'fit-hatch'])
    expect(open.places.find(({ id }) => id === 'fit-fan')!.outM3H).toBeGreaterThan(100)
    expect(open.places.find(({ id }) => id === 'fit-hatch')!.outM3H).toBeLessThan(-100)
  })

  it('one window alone lets warm air out above and cold in below: a third of 0.6 A √(g H ΔT ÷ T) (textbook), and the joints a little', () => {
    const window: Command = {
      type: 'change.put',
      variant,
      id: 'change-w',
      change: { kind: 'window', side: 'left', fromMm: 1000, toMm: 1800, sillMm: 800, headMm: 1400, opens: 'hopper' },
    }
    const { fresh } = report(truck(window))
    const half = 0.5 * 0.8 * 0.6
    const q = (3600 * 0.6 * half * Math.sqrt((9.81 * 0.6 * 5) / 288.15)) / 3
    expect(fresh.open / q).toBeGreaterThan(0.97)
    expect(fresh.open / q).toBeLessThan(1.1)
  })

  it('the windows of an open cab let through what they are let down by (the same textbook), and are an inlet for the fan and for the review', () => {
    const [shut, open] = [report(cabin(0)), report(cabin(1600))]
    expect(shut.places).toEqual([])
    expect(open.places.map(({ what }) => what)).toEqual(['cab window', 'cab window'])
    const q = (3600 * 0.6 * 0.16 * Math.sqrt((9.81 * 0.4 * 5) / 288.15)) / 3
    expect((open.fresh.open - shut.fresh.open) / q).toBeGreaterThan(0.9)
    expect((open.fresh.open - shut.fresh.open) / q).toBeLessThan(1.1)
    expect(open.fresh.shut).toBe(shut.fresh.shut)
    const [alone, helped] = [cabin(0, fan(600)), cabin(1600, fan(600))]
    expect(report(helped).fresh.full).toBeGreaterThan(5 * report(alone).fresh.full)
    const oneWay = (job: Job): boolean =>
      reviewVariant(job, variant).modes.some(({ findings }) => findings.some(({ code }) => code === 'air-one-way'))
    expect([oneWay(alone), oneWay(helped)]).toEqual([true, false])
    // a bulkhead keeps the cab's windows to the cab
    expect(report(truck({ type: 'warmth.assume', key: 'cabAirCm2', value: 1600 })).places).toEqual([])
  })

  it('a curtain before the cab keeps most of that air in the cab: for the fan what goes by its gaps is two openings one after the other (textbook)', () => {
    const { interior } = seenOf(cabin(0), variant)
    const curtain = put(
      'fit-curtain',
      'curtain',
      interior.xSpan.max - 60,
      'centreline',
      { lengthMm: 2600, heightMm: 2200 },
      { turn: 90 },
    )
    const [open, drawn] = [report(cabin(1600, fan(600))), report(cabin(1600, fan(600), curtain))]
    expect([open.spaces.length, drawn.spaces.filter(({ isCab }) => isCab)]).toEqual([
      1,
      [expect.objectContaining({ sleepers: 0 })],
    ])
    const reached = drawn.fresh.full / open.fresh.full
    // 0.16 m² of window and 0.08 of gaps: 1 ÷ √(1 ÷ 0.16² + 1 ÷ 0.08²) is 0.072 m², less than half of 0.16; the fan pulls the harder for it
    expect(reached).toBeGreaterThan(0.072 / 0.16)
    expect(reached).toBeLessThan(0.95)
    expect(report(cabin(0, fan(600), curtain)).spaces).toHaveLength(1)
    expect(drawn.spaces.find(({ isCab }) => !isCab)!.volumeM3).toBeCloseTo(drawn.volumeM3, 9)
    // with no other opening nothing goes through
    expect(report(cabin(1600, curtain)).fresh.open).toBeLessThan(0.3 * report(cabin(1600)).fresh.open)
  })

  it('is within what is usual for windows and joints: shut, half and twice of it, as every joint lets through by its size', () => {
    const { fresh, freshRange } = report(truck(fan(3600), hatch(600)))
    expect(freshRange.shut[0]).toBeCloseTo(fresh.shut / 2, 3)
    expect(freshRange.shut[1]).toBeCloseTo(fresh.shut * 2, 3)
    expect(freshRange.most[0]).toBeLessThan(fresh.full)
    expect(freshRange.most[1]).toBeGreaterThan(fresh.full)
  })

  it('put the fan at the other end, and the sleeper is passed over or not', () => {
    // the hatch is at the front; the head lies at the rear
    const [rear, front] = [report(truck(fan(300), hatch(3400))), report(truck(fan(2600), hatch(3400)))]
    expect(rear.passed.map(({ who, isPassed }) => [who, isPassed])).toEqual([['sleeper', true]])
    expect(front.passed[0]!.isPassed).toBe(false)
    expect(front.byEnd.rear).toBe(1)
  })

  it('takes a short cut where its inlet is beside the fan; a second fan brings more', () => {
    expect(report(truck(fan(3000), hatch(3600))).isShortCut).toBe(true)
    const far = report(truck(fan(300), hatch(3600)))
    expect(far.isShortCut).toBe(false)
    expect(far.withSecond!).toBeGreaterThan(far.fresh.full)
  })

  it('two in a shut body have stale air by the morning, and fresh with a fan on its lowest', () => {
    const { co2 } = report(truck(person(1700, 'person-b'), fan(3600), hatch(600)))
    expect(co2.shut).toBeGreaterThan(2000)
    expect(co2.lowest).toBeLessThan(1000)
  })

  it('is hotter shut than aired, and asks more of a cooler than is let in by the sun alone where it is hot outside', () => {
    const { summer } = report(truck(fan(3600), hatch(600), use({ hottestC: 38, latitudeDeg: 38 })))
    expect(summer.noonShutC).toBeGreaterThan(summer.noonAiredC)
    expect(summer.noonAiredC).toBeGreaterThan(summer.hottestC)
    expect(summer.coolingW).toBeGreaterThan(200)
  })

  it('the hottest day is as the brief says, else as the weather of the itinerary has it, else as is usual, and that is named', () => {
    const desert: Command = {
      type: 'power.leg',
      id: 'leg-a',
      leg: { from: 1, to: 12, latitudeDeg: 30, climate: 'desert', nights: 31, drivingHours: 0, hookUpEvery: 0 },
    }
    const [usual, there, told] = [
      report(truck()),
      report(truck(desert)),
      report(truck(desert, use({ hottestC: 46 }))),
    ].map(({ summer }) => summer)
    expect([usual!.isUnsaid, there!.isUnsaid, told!.isUnsaid]).toEqual([true, false, false])
    expect(usual!.hottestC).toBe(answer(truck().brief, 'hottestC'))
    expect(there!.hottestC).toBeGreaterThan(35)
    expect(told!.hottestC).toBe(46)
    expect(Math.max(...told!.outsideC)).toBeCloseTo(46, 6)
  })

  it('a noise at a metre is 6 dB less at two, and two alike are 3 dB more than one', () => {
    const heater = (id: string, mm: number): Command => putAtHome(id, 'heater-air', mm, { fuel: 'diesel' })
    const db = (...commands: Command[]): number => report(truck(...commands)).noise[0]!.db
    const [one, two] = [db(heater('fit-a', 3000)), db(heater('fit-a', 3000), heater('fit-b', 3000))]
    expect(two - one).toBeCloseTo(10 * Math.log10(2), 1)
    expect(db(heater('fit-a', 1500))).toBeGreaterThan(one)
    expect(report(truck()).noise[0]!.source).toBeUndefined()
  })
})
