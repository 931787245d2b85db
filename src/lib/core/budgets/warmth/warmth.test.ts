import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { jobWith, person, putAtHome, variant } from '../../../../../tests/support/plan'
import type { Use } from '../../brief'
import { apply, type Command, type Job, type WarmthAssumedKey } from '../../job'
import { after, minutesTo, throughHours, type Lump } from './hours'
import { lossesOf } from './loss'
import { dewPointC, faceC, saturationKpa, vapourGM3, vapourKpa } from './moist'
import { warmthReport } from './report'

const use = (more: Use): Command => ({ type: 'brief.use', use: more })
const assume = (key: WarmthAssumedKey, value: number): Command => ({ type: 'warmth.assume', key, value })
const liningOf = (mm: number, material: string) => ({
  floorMm: mm,
  wallMm: mm,
  roofMm: mm,
  layers: { floor: [{ material, mm }], wall: [{ material, mm }], roof: [{ material, mm }] },
})
const van = (...commands: Command[]): Job => jobWith('van-long-high', person(1750), use({ coldestC: -10 }), ...commands)
/** The same, lined all round by so much; of what, is said or not. */
const lined = (mm: number, isSaid: boolean, ...commands: Command[]): Job => {
  const job = van(...commands)
  const { plan, ...rest } = job.variants[variant]!
  const { layers, ...totals } = liningOf(mm, 'pir')
  const lining = (isSaid ? { ...totals, layers } : totals) as typeof plan.lining
  return { ...job, variants: { [variant]: { ...rest, plan: { ...plan, lining } } } }
}
const report = (job: Job) => warmthReport(job, variant)

describe('vapour', () => {
  it.each([
    // ASHRAE tables of saturated moist air, from memory
    [0, 0.611],
    [10, 1.228],
    [20, 2.339],
  ])('at %d °C saturates at %d kPa', (c, kpa) => expect(saturationKpa(c)).toBeCloseTo(kpa, 2))

  it('of 60 % at 18 °C wets what is colder than 10.1 °C', () => {
    expect(dewPointC(0.6 * saturationKpa(18))).toBeCloseTo(10.1, 1)
  })

  it('weighs 17.3 g in a cubic metre at 20 °C when it is saturated (handbook table, from memory), and back', () => {
    const grams = vapourGM3(saturationKpa(20), 20)
    expect(grams).toBeCloseTo(17.28, 1)
    expect(vapourKpa(grams, 20)).toBeCloseTo(saturationKpa(20), 9)
  })

  it('a pane of 5.7 W/m²K is at 3.3 °C inside with 18 °C in the room and −1.8 °C outside: 18 − 5.7 × 0.13 × 19.8', () => {
    expect(faceC(18, -1.8, 5.7, 0.13)).toBeCloseTo(18 - 5.7 * 0.13 * 19.8, 9)
  })
})

describe('a lump of heat', () => {
  const lump: Lump = { whK: 100, wk: 50 }

  it('by hand: with 1 400 W and −10 °C outside it ends at 18 °C; from −10 it is at 7.7 °C after two hours', () => {
    expect(after(lump, 0, -10, 1400, 1000)).toBeCloseTo(18, 6)
    // 18 − 28 e^(−2 × 50 ÷ 100)
    expect(after(lump, -10, -10, 1400, 2)).toBeCloseTo(18 - 28 * Math.exp(-1), 9)
  })

  it('takes as long as the same sum turned round says, and for ever where the heater is too small', () => {
    const minutes = minutesTo(lump, -10, 15, -10, 2000)
    expect(after(lump, -10, -10, 2000, minutes / 60)).toBeCloseTo(15, 9)
    expect(minutesTo(lump, -10, 18, -10, 1300)).toBe(Infinity)
  })

  it('keeps its heat: what is put in and given off is what is stored and lost, hour by hour, for random plans', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 600, noNaN: true }),
        fc.double({ min: 5, max: 200, noNaN: true }),
        fc.double({ min: 0, max: 8000, noNaN: true }),
        fc.double({ min: 0, max: 300, noNaN: true }),
        fc.array(fc.double({ min: -30, max: 20, noNaN: true }), { minLength: 24, maxLength: 48 }),
        (whK, wk, mostW, gainW, outside) => {
          const one: Lump = { whK, wk }
          const went = throughHours(one, outside, { fromC: 18, heldC: 18, mostW, gainW }, (at) => at % 24 < 15)
          let c = 18
          went.forEach(({ insideC, heatW }, at) => {
            // in fine steps, the slow obvious way
            let slow = c
            const steps = 2000
            for (let step = 0; step < steps; step += 1)
              slow += ((heatW + gainW - wk * (slow - outside[at]!)) / whK) * (1 / steps)
            expect(Math.abs(slow - insideC)).toBeLessThan(0.05 + 0.01 * Math.abs(insideC))
            expect(heatW).toBeLessThanOrEqual(mostW + 1e-9)
            c = insideC
          })
        },
      ),
      { seed: 26, numRuns: 15 },
    )
  })
})

describe('what a body loses', () => {
  it('is its faces by their area and U-value, and air by 0.34 Wh for a cubic metre and kelvin', () => {
    const { losses, totalWK, volumeM3 } = lossesOf(van(assume('airChanges', 2)), variant)
    expect(losses.reduce((sum, { wk }) => sum + wk, 0)).toBeCloseTo(totalWK, 9)
    for (const { m2, uValue, wk } of losses) if (m2 > 0) expect(wk).toBeCloseTo(m2 * uValue, 6)
    expect(losses.find(({ what }) => what === 'air')!.wk).toBeCloseTo(0.34 * 2 * volumeM3, 9)
  })

  it('common practice, no source: a long van lined to about 50 W/K, with 1.5 m² of window and its cab shut off, loses 1.4 kW at −10 °C outside and 18 °C inside; with the cab open 1.85; with 3 m² of bare ribs 2.25; each within 15 %', () => {
    const pane = (id: string, side: 'left' | 'right', fromMm: number): Command => ({
      type: 'change.put',
      variant,
      id,
      change: { kind: 'window', side, fromMm, toMm: fromMm + 1000, sillMm: 900, headMm: 1400, opens: 'hopper' },
    })
    // 30 mm of wool all round, three panes of half a square metre, one air change an hour
    const plain = jobWith(
      'van-long-low',
      use({ coldestC: -10 }),
      pane('change-a', 'left', 800),
      pane('change-b', 'right', 800),
      pane('change-c', 'left', 2200),
      assume('airChanges', 1),
    )
    const { plan, ...rest } = plain.variants[variant]!
    const lining = liningOf(30, 'polyester') as typeof plan.lining
    const wool: Job = { ...plain, variants: { [variant]: { ...rest, plan: { ...plan, lining } } } }
    const with30 = (...commands: Command[]): Job => commands.reduce((job, command) => apply(job, command).job, wool)
    const shut = assume('cabPercent', 0)
    const needed = (...commands: Command[]): number => report(with30(...commands)).neededW[0] / 1000
    expect(lossesOf(with30(shut), variant).totalWK / 50).toBeLessThan(1.15)
    for (const [kw, usual] of [
      [needed(shut), 1.4],
      [needed(assume('cabPercent', 100)), 1.85],
      [needed(assume('cabPercent', 100), assume('bareRibM2', 3)), 2.25],
    ] as const) {
      expect(kw / usual).toBeGreaterThan(0.85)
      expect(kw / usual).toBeLessThan(1.15)
    }
  })

  it('falls with every millimetre of lining, and with covers before the windows', () => {
    const total = (mm: number): number => lossesOf(lined(mm, true), variant).totalWK
    const sums = [0, 5, 10, 20, 40, 60].map(total)
    for (const [at, sum] of sums.entries()) if (at > 0) expect(sum).toBeLessThan(sums[at - 1]!)
    expect(lossesOf(van(assume('coveredPercent', 100)), variant).totalWK).toBeLessThanOrEqual(
      lossesOf(van(), variant).totalWK,
    )
  })

  it('has a range where nobody said what the lining is made of, and none where it was said', () => {
    const { lowWK, totalWK, highWK } = lossesOf(lined(30, false), variant)
    expect(lowWK).toBeLessThan(totalWK)
    expect(highWK).toBeGreaterThan(totalWK)
    const said = lossesOf(lined(30, true), variant)
    expect(said.lowWK).toBeCloseTo(said.highWK, 9)
  })
})

describe('how warm a plan is', () => {
  const heater = (kilowatts: number): Command =>
    putAtHome('fit-heater', 'heater-air', 1500, { fuel: 'diesel', kilowatts })

  it('a heater that is too small never warms it, a larger one sooner than a smaller', () => {
    expect(report(van(heater(1), assume('airChanges', 12))).warmUpMin).toBe(Infinity)
    const [four, eight] = [report(van(heater(4))), report(van(heater(8)))]
    expect(eight.warmUpMin).toBeLessThan(four.warmUpMin)
    expect(eight.warmUpMin).toBeGreaterThan(1)
  })

  it('gives a tenth less for each thousand metres', () => {
    expect(report(van(heater(4), use({ coldestC: -10, altitudeM: 2000 }))).heaterW).toBeCloseTo(3200, 6)
  })

  it('cools at night and is warm again in the morning; thicker lining needs a smaller heater, and never costs heat', () => {
    const { hours, neededW } = report(lined(30, false, heater(4)))
    const at = (hour: number) => hours[(hour - 18 + 24) % 24]!.insideC
    expect(at(6)).toBeLessThan(at(21) - 3)
    expect(at(12)).toBeCloseTo(18, 3)
    expect(neededW[1]).toBeLessThan(neededW[0])
    for (const { savesW } of report(van(heater(4))).steps) expect(savesW).toBeGreaterThan(0)
  })

  it('panes sweat in bed where little air comes in, and are dry with as much as it says', () => {
    const sweats = report(van(assume('airChanges', 0.2)))
    const pane = sweats.damp.find(({ at }) => at === 'windows') ?? sweats.damp.find(({ at }) => at === 'bridges')!
    expect(pane.isWet).toBe(true)
    expect(pane.dryChanges).toBeGreaterThan(0.2)
    const dry = report(van(assume('airChanges', pane.dryChanges * 1.001)))
    expect(dry.damp.find(({ at }) => at === pane.at)!.isWet).toBe(false)
    // what is kept from the room is colder, and wet first
    const c = (at: string) => sweats.damp.find((one) => one.at === at)!.c
    expect(c('locker')).toBeLessThan(c('wall'))
  })

  it('a mattress on a closed board keeps the wall beside it colder than slats or a drilled board do', () => {
    const lies = (base: string): number =>
      report(van(putAtHome('fit-bed', 'bed-fixed', 500, { base }))).damp.find(({ at }) => at === 'mattress')!.c
    expect(lies('board')).toBeLessThan(lies('drilled') - 1)
    expect(lies('slats')).toBe(lies('drilled'))
  })

  it('with nobody in bed nothing is wet', () => {
    const empty = warmthReport(jobWith('van-long-high', use({ coldestC: -10 })), variant)
    expect(empty.damp.some(({ isWet }) => isWet)).toBe(false)
  })
})
