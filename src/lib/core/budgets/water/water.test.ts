import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { jobWith, person, putAtHome, truck as truckWith, put, variant } from '../../../../../tests/support/plan'
import { waterUse, type Use } from '../../brief'
import { planInterior, SETTING_OUT, type Command, type Job, type Loading } from '../../job'
import { buildScene } from '../../scene'
import { compose } from '../compose'
import { everyDays, throughDays, type WaterDays } from './days'
import { placedInAnyMode } from '../seen'
import { weightReport, type WeightReport } from '../weight/report'
import { waterLines } from './lines'
import { fillable, levelled, type Vessel } from './tanks'
import { waterReport } from './report'
import { heatKwh, litresAtTap, minutesToHeat } from './warm'

const use = (more: Use): Command => ({ type: 'brief.use', use: more })
const derives: Command = { type: 'brief.derives', derives: true }
/** A tank of so many litres: a box as `tankLitres` counts it is measured, so its size is found. */
const truck = (...commands: Command[]): Job => jobWith('truck-box', ...commands)
const report = (job: Job) => waterReport(job, variant)
const pet = (id: string): Command => ({
  type: 'pet.put',
  id,
  pet: { label: 'dog', kind: 'dog', lengthMm: 800, heightMm: 500, massKg: 20 } as never,
})

describe('cases of common practice, no source', () => {
  it('150 L at 21 L a day last one person 7.1 days', () => {
    const job = truck(person(1750), derives, use({ washing: 'inside' }))
    expect(waterUse(job.brief).nightL).toBe(21)
    expect(150 / waterUse(job.brief).nightL).toBeCloseTo(7.14, 2)
    const days = throughDays(
      { fresh: { litres: [150], dayL: 21, wasteADayL: 0 }, wasteL: Infinity, fills: everyDays(0) },
      10,
    )
    expect(days.findIndex(({ missedL }) => missedL > 0)).toBe(7)
  })

  it('two with two dogs on 136 L: 5.2 days at 26 L, 3.0 with a shower inside at 46 L', () => {
    const pair = (washing: 'outside' | 'inside'): Job =>
      truck(person(1750), person(1700, 'person-b'), pet('pet-a'), pet('pet-b'), derives, use({ washing }))
    const lasts = (['outside', 'inside'] as const).map((washing) => {
      const { nightL } = waterUse(pair(washing).brief)
      return [nightL, 136 / nightL]
    })
    expect(lasts[0]![0]).toBe(26)
    expect(lasts[0]![1]).toBeCloseTo(5.2, 1)
    expect(lasts[1]![0]).toBe(46)
    expect(lasts[1]![1]).toBeCloseTo(3.0, 1)
  })

  it('a boiler of 10 L gives two short showers of 9 L at 38 °C', () => {
    expect(litresAtTap(10, 65)).toBeGreaterThanOrEqual(18)
    expect(litresAtTap(10, 65) / 9).toBeGreaterThanOrEqual(2)
  })
})

describe('warm water, by hand', () => {
  it('10 L at 60 °C with 12 °C water make 18.5 L at 38 °C: 10 × 48 ÷ 26', () => {
    expect(litresAtTap(10, 60, 12, 38)).toBeCloseTo(18.46, 2)
    // and all of it again: what was hot and what was cold
    const cold = litresAtTap(10, 60, 12, 38) - 10
    expect((10 * 60 + cold * 12) / (10 + cold)).toBeCloseTo(38, 9)
  })

  it('10 L from 12 to 60 °C take 0.558 kWh (4.186 kJ for a litre and a kelvin), 41.9 minutes at 800 W', () => {
    expect(heatKwh(10, 12, 60)).toBeCloseTo(0.5581, 4)
    expect(minutesToHeat(10, 800)).toBeCloseTo(41.86, 2)
    expect(minutesToHeat(10, 0)).toBe(Infinity)
    expect(heatKwh(10, 60, 12)).toBe(0)
  })
})

describe('day by day', () => {
  const litres = fc.array(fc.double({ min: 0, max: 200, noNaN: true }), { maxLength: 4 })
  const day = fc.double({ min: 0, max: 120, noNaN: true })
  const plans = fc.record({
    fresh: litres,
    drinking: litres,
    wasteL: fc.double({ min: 0, max: 200, noNaN: true }),
    dayL: day,
    drinkL: day,
    share: fc.double({ min: 0, max: 1, noNaN: true }),
    fillEvery: fc.integer({ min: 0, max: 9 }),
  })
  type Plan = typeof plans extends fc.Arbitrary<infer P> ? P : never
  const of = ({ fresh, drinking, wasteL, dayL, drinkL, share, fillEvery }: Plan): WaterDays => ({
    fresh: { litres: fresh, dayL, wasteADayL: dayL * share },
    drinking: { litres: drinking, dayL: drinkL, wasteADayL: drinkL * share },
    wasteL,
    fills: everyDays(fillEvery),
  })

  it('keeps water: what was there and filled in is what was used and is there; what ran into the waste is let out, there, or over', () => {
    fc.assert(
      fc.property(plans, (plan) => {
        const days = throughDays(of(plan), 30)
        const sum = (values: readonly number[]): number => values.reduce((all, one) => all + one, 0)
        const began = sum([...plan.fresh, ...plan.drinking])
        const [used, filled] = [sum(days.map(({ usedL }) => usedL)), sum(days.map(({ filledL }) => filledL))]
        expect(began + filled - used).toBeCloseTo(sum([...days.at(-1)!.fresh, ...days.at(-1)!.drinking]), 6)
        const [out, over] = [sum(days.map(({ emptiedL }) => emptiedL)), sum(days.map(({ overL }) => overL))]
        expect(used * plan.share - out - over).toBeCloseTo(days.at(-1)!.wasteL, 6)
        for (const { usedL, missedL } of days) expect(usedL + missedL).toBeCloseTo(plan.dayL + plan.drinkL, 9)
      }),
      { seed: 25, numRuns: 200 },
    )
  })

  it('is as a slow obvious method has it, a tenth of a litre after the other', () => {
    const plan: WaterDays = {
      fresh: { litres: [40, 25.5], dayL: 17.3, wasteADayL: 17.3 * 0.6 },
      wasteL: 30,
      fills: everyDays(5),
    }
    const slow = (days: number) => {
      let [held, waste, missed] = [[40, 25.5], 0, 0]
      for (let day = 0; day < days; day += 1) {
        if (day > 0 && day % 5 === 0) [held, waste] = [[40, 25.5], 0]
        for (let sip = 0; sip < 173; sip += 1) {
          const at = held.findIndex((litres) => litres > 0.05)
          if (at < 0) missed += 0.1
          else {
            held = held.map((litres, index) => (index === at ? litres - 0.1 : litres))
            waste = Math.min(30, waste + 0.06)
          }
        }
      }
      return { left: held[0]! + held[1]!, waste, missed }
    }
    const days = throughDays(plan, 9)
    const { left, waste, missed } = slow(9)
    expect(days.at(-1)!.fresh[0]! + days.at(-1)!.fresh[1]!).toBeCloseTo(left, 1)
    expect(days.at(-1)!.wasteL).toBeCloseTo(waste, 1)
    expect(days.reduce((sum, { missedL }) => sum + missedL, 0)).toBeCloseTo(missed, 0)
  })
})

describe('tanks that are joined at the bottom', () => {
  const vessel = fc.record({
    litres: fc.integer({ min: 5, max: 80 }),
    bottomMm: fc.integer({ min: -300, max: 300 }),
    highMm: fc.integer({ min: 100, max: 500 }),
  })
  const vessels = (those: readonly { litres: number; bottomMm: number; highMm: number }[]): Vessel[] =>
    those.map(({ litres, bottomMm, highMm }, at) => ({ id: `${at}`, litres, bottomMm, topMm: bottomMm + highMm }))
  /** A cup after the other into the one whose water stands lowest. */
  const poured = (those: readonly Vessel[], litres: number, cup: number): number[] => {
    const held = those.map(() => 0)
    const level = (at: number): number => {
      const { bottomMm, topMm, litres: most } = those[at]!
      return held[at]! >= most - 1e-9 ? Infinity : bottomMm + ((topMm - bottomMm) * held[at]!) / most
    }
    for (let left = litres; left > 1e-9; left -= cup) {
      const lowest = those.map((_, at) => at).reduce((low, at) => (level(at) < level(low) ? at : low))
      held[lowest]! += Math.min(cup, left)
    }
    return held
  }

  it('keep one level, as a slow obvious method has it that pours cups into the lowest', () => {
    fc.assert(
      fc.property(
        fc.array(vessel, { minLength: 2, maxLength: 4 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (some, share) => {
          const those = vessels(some)
          const whole = those.reduce((sum, { litres }) => sum + litres, 0)
          const quick = levelled(those, whole * share)
          expect(quick.reduce((sum, one) => sum + one, 0)).toBeCloseTo(whole * share, 6)
          const slow = poured(those, whole * share, 0.02)
          quick.forEach((litres, at) => expect(Math.abs(litres - slow[at]!)).toBeLessThan(0.05))
        },
      ),
      { seed: 252, numRuns: 60 },
    )
  })

  it('by hand: 87 and 49 L of one height share what is left by their size; stood 100 mm lower, of 400, one gets 12.25 L first', () => {
    const level = vessels([
      { litres: 87, bottomMm: 0, highMm: 400 },
      { litres: 49, bottomMm: 0, highMm: 400 },
    ])
    expect(levelled(level, 68).map((litres) => litres.toFixed(2))).toEqual(['43.50', '24.50'])
    expect(fillable(level)).toBe(136)
    const lower = [level[0]!, { ...level[1]!, bottomMm: -100, topMm: 300 }]
    expect(levelled(lower, 12.25)[0]).toBeCloseTo(0, 9)
    expect(levelled(lower, 13)[0]).toBeGreaterThan(0.4)
    // up to the top of the lower one: three quarters of the first, all of the second
    expect(fillable(lower)).toBeCloseTo(0.75 * 87 + 49, 9)
  })
})

describe('what a plan holds', () => {
  const one = (...more: Command[]): Job => truckWith(person(1750), derives, ...more)
  const pair: Command = putAtHome('fit-tank', 'tank-pair', 2000)
  const under = (insulated: 'yes' | 'no'): Command => putAtHome('fit-tank', 'tank-under', 2000, { insulated })

  it('is its tanks, not the store of a heater nor the cassette of a toilet; joined tanks are one level', () => {
    const { fresh, waste, freshL } = report(
      one(
        pair,
        putAtHome('fit-waste', 'tank-waste', 1000),
        putAtHome('fit-boiler', 'heater-water', 3000),
        putAtHome('fit-toilet', 'toilet-cassette', 3600),
      ),
    )
    expect(fresh.map(({ id, joined }) => [id, joined])).toEqual([['fit-tank', 2]])
    expect(waste.map(({ id }) => id)).toEqual(['fit-waste'])
    // 0.7 × 0.22 × 0.4 m each, less their walls
    expect(freshL).toBeGreaterThan(100)
    expect(freshL).toBeLessThan(2 * 61.6)
  })

  it('freezes outside and not inside: unlagged in any frost, lagged in a hard one', () => {
    const cold: Command = {
      type: 'power.leg',
      id: 'leg-a',
      leg: { from: 1, to: 12, latitudeDeg: 60, climate: 'dark-north', nights: 31, drivingHours: 0, hookUpEvery: 0 },
    }
    const nights = (tank: Command) => report(one(cold, tank)).fresh[0]!.coldNights
    const [inside, lagged, bare] = [
      nights(put('fit-tank', 'water-tank', 2000)),
      nights(under('yes')),
      nights(under('no')),
    ]
    expect(inside).toBe(0)
    expect(lagged).toBeGreaterThan(20)
    expect(bare).toBeGreaterThan(lagged)
  })

  it('freezes on the nights on which water stands in it: a tank that is dry on two evenings of three, on a third of them', () => {
    const always: Command = {
      type: 'power.leg',
      id: 'leg-a',
      leg: { from: 1, to: 1, latitudeDeg: 65, climate: 'dark-north', nights: 31, drivingHours: 0, hookUpEvery: 0 },
    }
    const job = one(use({ washing: 'outside' }), always, { type: 'brief.nights', nights: 3 }, under('no'))
    const dayL = report(job).use.nightL
    // holds more than is used on one day, and less than on two
    const { fresh } = report(
      one(
        use({ washing: 'outside' }),
        always,
        { type: 'brief.nights', nights: 3 },
        putAtHome('fit-tank', 'tank-under', 2000, {
          insulated: 'no',
          lengthMm: 400,
          depthMm: 300,
          heightMm: Math.round((dayL * 1.5) / 0.12),
        }),
      ),
    )
    const [tank] = fresh
    expect(tank!.litres).toBeGreaterThan(dayL)
    expect(tank!.litres).toBeLessThan(2 * dayL)
    // every night of January, and none of those of summer
    expect(tank!.coldNights).toBe(31)
    expect(tank!.frostNights).toBe(Math.ceil(31 / 3))
  })

  it('of an evening is weighed where it stands: the vehicle is lighter by what was used, heavier by what ran into the waste, and leans by as much', () => {
    const job = truck(
      person(1750),
      derives,
      use({ washing: 'inside' }),
      put('fit-tank', 'water-tank', 400, 'left-wall', { lengthMm: 700, depthMm: 300, heightMm: 400, joined: 'joined' }),
      put('fit-low', 'water-tank', 2400, 'right-wall', { lengthMm: 500, heightMm: 300, joined: 'joined' }),
      put('fit-drink', 'water-tank', 3300, 'left-wall', { lengthMm: 400, heightMm: 200, holds: 'drinking' }),
      putAtHome('fit-waste', 'tank-waste', 1000),
    )
    const measured = { ...job, shell: { ...job.shell, axles: { ...job.shell.axles, trackMm: 1750 } } }
    const weighed = (tanks?: Loading['tanks']) =>
      weightReport(measured, variant, { ...SETTING_OUT, ...(tanks && { tanks }) })
    const of = (at: WeightReport, id: string): number => at.limits.find((limit) => limit.id === id)!.now
    const none = weighed({ 'water:fit-tank': 0, 'water:fit-low': 0, 'water:fit-drink': 0, 'waste:fit-waste': 0 })
    const full = weighed()
    const { days, freshL } = report(measured)
    expect(of(full, 'total') - of(none, 'total')).toBeCloseTo(freshL, 6)
    for (const day of days) {
      const evening = weighed(day.tanks)
      const fresh = [...day.fresh, ...day.drinking].reduce((sum, litres) => sum + litres, 0)
      expect(of(evening, 'total') - of(none, 'total')).toBeCloseTo(fresh + day.wasteL, 6)
      expect(of(evening, 'side') - of(none, 'side')).toBeCloseTo(day.leftKg!, 6)
      expect(of(evening, 'front') - of(none, 'front')).toBeCloseTo(day.frontKg, 6)
    }
    expect(days.some(({ leftKg }) => Math.abs(leftKg!) > 5)).toBe(true)
  })

  it('hangs so high over the ground', () => {
    const [tank] = report(one(under('yes'))).fresh
    expect(tank!.isOutside).toBe(true)
    const floor = tank!.overGroundMm! - tank!.bottomMm
    // the load floor of a box truck is about a metre over the road
    expect(floor).toBeGreaterThan(700)
    expect(floor).toBeLessThan(1200)
  })

  it('fills its waste first where that is smaller than what runs in; a shower that is longer empties it sooner, and without a waste tank is what would change it most', () => {
    const shower = (showerMin: number): Job =>
      one(
        use({ washing: 'inside', water: { showerMin } }),
        putAtHome('fit-tank', 'tank-under', 2000),
        putAtHome('fit-waste', 'tank-waste', 1000, { lengthMm: 400, depthMm: 300, heightMm: 150 }),
      )
    const [short, long] = [report(shower(2)), report(shower(4))]
    expect(short.first).toBe('full')
    expect(long.use.nightL - short.use.nightL).toBeCloseTo(10, 9)
    expect(long.nights).toBeLessThan(short.nights)
    expect(short.levers[0]!.what).toBe('waste')
    const bare = report(one(use({ washing: 'inside' }), putAtHome('fit-tank', 'tank-under', 2000)))
    expect([bare.first, bare.levers[0]!.what]).toEqual(['dry', 'shower'])
  })

  it('that is joined is one tank, and weighs as it stands; unequal tops leave some of it empty', () => {
    const joined = (second: object): Job =>
      one(
        put('fit-tank', 'water-tank', 400, 'left-wall', {
          lengthMm: 700,
          depthMm: 300,
          heightMm: 400,
          joined: 'joined',
        }),
        put('fit-other', 'water-tank', 400, 'right-wall', {
          lengthMm: 700,
          depthMm: 300,
          heightMm: 400,
          joined: 'joined',
          ...second,
        }),
      )
    const [even, uneven] = [report(joined({})), report(joined({ heightMm: 300 }))]
    expect(even.fresh.map(({ joined: count, lostL }) => [count, lostL])).toEqual([[2, 0]])
    // level with one another, at one height on both sides: nothing leans
    expect(even.days[0]!.leftKg).toBeCloseTo(0, 6)
    // 77 L of 400 mm are filled to 300 mm: a quarter of them stays empty
    expect(uneven.fresh[0]!.lostL).toBeCloseTo(77 / 4, 6)
    const job = joined({ heightMm: 300 })
    const { plan } = job.variants[variant]!
    const scene = buildScene(planInterior(job.shell, plan), plan, Object.keys(plan.modes)[0]!)
    const weighed = compose(job, scene).water.entries
    expect(weighed.reduce((sum, { amount }) => sum + amount, 0)).toBeCloseTo(uneven.freshL, 6)
  })

  it('leans as its tanks empty: 77 L on one side of a track of 1750, by the moments about the middle', () => {
    const job = one(put('fit-tank', 'water-tank', 400, 'left-wall', { lengthMm: 700, depthMm: 300, heightMm: 400 }))
    const { days, use: used } = report({
      ...job,
      shell: { ...job.shell, axles: { ...job.shell.axles, trackMm: 1750 } },
    })
    const y = placedInAnyMode(job, variant)[0]!.bounds.y
    const arm = (y.min + y.max) / 2
    expect(arm).toBeGreaterThan(500)
    expect(days[0]!.leftKg).toBeCloseTo(((77 - used.nightL) * 2 * arm) / 1750, 6)
    expect(days[0]!.frontKg + days[0]!.rearKg).toBeCloseTo(77 - used.nightL, 6)
    expect(
      report({ ...job, shell: { ...job.shell, axles: { ...job.shell.axles, trackMm: undefined } } }).days[0]!.leftKg,
    ).toBeUndefined()
  })

  it('for drinking alone lasts by what is drunk, and is gone first where it is small', () => {
    const kept = report(
      one(
        use({ washing: 'outside' }),
        put('fit-tank', 'water-tank', 400, 'left-wall', { lengthMm: 800, depthMm: 400, heightMm: 350 }),
        put('fit-drink', 'water-tank', 2000, 'left-wall', {
          lengthMm: 400,
          depthMm: 200,
          heightMm: 120,
          holds: 'drinking',
        }),
      ),
    )
    expect([kept.first, kept.drinkingL]).toEqual(['drinking', 8])
    // 8 L at 4 a day
    expect(kept.nights).toBe(2)
    expect(kept.levers[0]!.what).toBe('drinking')
    expect(kept.days.findIndex(({ missedL }) => missedL > 0)).toBe(2)
  })

  it('in cans needs no filling point; in a tank it does, unless it is filled by hand', () => {
    const wants = (command: Command) => report(one(command)).wantsInlet
    expect(wants(putAtHome('fit-can', 'water-can', 1000))).toBe(false)
    expect(wants(put('fit-tank', 'water-tank', 1000))).toBe(true)
    expect(wants(put('fit-tank', 'water-tank', 1000, 'left-wall', { filled: 'by-hand' }))).toBe(false)
    // one that is filled by hand does not speak for another that is not
    const both = one(
      put('fit-tank', 'water-tank', 1000, 'left-wall', { filled: 'by-hand' }),
      putAtHome('fit-under', 'tank-under', 2500),
    )
    expect(report(both).wantsInlet).toBe(true)
    expect(
      report(one(put('fit-tank', 'water-tank', 1000), putAtHome('fit-inlet', 'inlet', 1200, { takes: 'water' })))
        .wantsInlet,
    ).toBe(false)
  })

  it('is filled at the hook-ups of the itinerary, and through a year so often', () => {
    const leg = (hookUpEvery: number): Command => ({
      type: 'power.leg',
      id: 'leg-a',
      leg: { from: 1, to: 12, latitudeDeg: 50, climate: 'cold-inland', nights: 10, drivingHours: 0, hookUpEvery },
    })
    const tank = put('fit-tank', 'water-tank', 1000)
    const [rare, often] = [leg(0), leg(3)].map((one1) => report(one(tank, { type: 'brief.nights', nights: 20 }, one1)))
    expect(rare!.filledEvery).toBe(20)
    expect(often!.filledEvery).toBe(3)
    expect(rare!.year.livedDays).toBe(120)
    // filled at the beginning of each stay
    expect(rare!.year.fillings).toBe(12)
    expect(often!.year.fillings).toBeGreaterThan(30)
    // 103 L at 11 a day hold nine days of ten
    expect([rare!.year.dryDays, often!.year.dryDays]).toEqual([12, 0])
  })

  it('with nobody aboard, or without a tank, lasts for ever or not at all, and says no more', () => {
    const empty = report(truckWith(derives, putAtHome('fit-tank', 'tank-under', 2000)))
    expect([empty.first, empty.nights, empty.levers]).toEqual([undefined, Infinity, []])
    const dry = report(one())
    expect([dry.first, dry.freshL, dry.nights]).toEqual([undefined, 0, 0])
  })
})

describe('the lines of a plan, by hand', () => {
  const lines = (...more: Command[]) => waterLines(placedInAnyMode(truckWith(person(1750), ...more), variant))
  // a tank 600 long at the left wall from 1000 on, a wash tub further forward
  const tank = put('fit-tank', 'water-tank', 1000, 'left-wall', { lengthMm: 600, depthMm: 400, heightMm: 350 })

  it('go along the vehicle, across under the floor and up: lengths are the sum of the three and 300 to connect them', () => {
    const { runs } = lines(tank, put('fit-tub', 'wash-tub', 2600, 'left-wall'))
    const [cold] = runs.filter(({ what }) => what === 'cold')
    const [from, to] = [cold!.points[0]!, cold!.points.at(-1)!]
    expect(from[0]).toBe(1300)
    expect(cold!.lengthMm).toBeCloseTo(
      Math.abs(to[0] - 1300) + Math.abs(to[1] - from[1]) + Math.abs(to[2] - from[2]) + 300,
      6,
    )
    expect(runs.map(({ what, from, to }) => [what, from, to])).toEqual([['cold', 'fit-tank', 'fit-tub']])
  })

  it('with a heater have a cold line to it, a hot one from it to every tap, and a tee for each after the first', () => {
    const { runs, tees } = lines(
      tank,
      putAtHome('fit-boiler', 'heater-water', 1800),
      put('fit-tub', 'wash-tub', 2600, 'left-wall'),
      put('fit-basin', 'galley-basin', 3400, 'left-wall'),
    )
    const count = (what: string): number => runs.filter((one) => one.what === what).length
    expect([count('cold'), count('hot'), tees]).toEqual([3, 2, 3])
  })

  it('a drain falls from its outlet to the top of the waste tank: its fall on a metre is that over the way across the floor', () => {
    const { runs } = lines(
      tank,
      put('fit-tub', 'wash-tub', 2600, 'left-wall'),
      putAtHome('fit-waste', 'tank-waste', 1000),
    )
    const [drain] = runs.filter(({ what }) => what === 'drain')
    const [[x0, y0, z0], [x1, y1, z1]] = [drain!.points[0]!, drain!.points.at(-1)!]
    expect(drain!.fallMm).toBeCloseTo(z0 - z1, 6)
    expect(drain!.fallPerM).toBeCloseTo((1000 * (z0 - z1)) / (Math.abs(x1 - x0) + Math.abs(y1 - y0)), 6)
    expect(z1).toBeLessThan(0)
  })

  it('go by pump and filter, have a vent beside the filling hose, and a drain cock at each low point, the lowest first', () => {
    const { runs, drains } = lines(
      tank,
      putAtHome('fit-pump', 'water-pump', 1800),
      putAtHome('fit-filter', 'water-filter', 2000),
      putAtHome('fit-inlet', 'inlet', 1500, { takes: 'water' }),
      put('fit-tub', 'wash-tub', 2600, 'left-wall'),
      putAtHome('fit-waste', 'tank-waste', 1000),
    )
    expect(runs.filter(({ what }) => what !== 'drain').map(({ what, from, to }) => [what, from, to])).toEqual([
      ['fill', 'fit-inlet', 'fit-tank'],
      ['vent', 'fit-tank', 'fit-inlet'],
      ['cold', 'fit-tank', 'fit-pump'],
      ['cold', 'fit-pump', 'fit-filter'],
      ['cold', 'fit-filter', 'fit-tub'],
    ])
    expect(drains.map(({ id }) => id)).toEqual(['fit-waste', 'fit-tank', 'fit-pump'])
    expect(drains[0]!.at[2]).toBeLessThan(0)
  })

  it('join tanks at their bottoms, and give what is kept for drinking a tap of its own', () => {
    const { runs } = lines(
      put('fit-tank', 'water-tank', 400, 'left-wall', { joined: 'joined' }),
      put('fit-other', 'water-tank', 400, 'right-wall', { joined: 'joined' }),
      put('fit-drink', 'water-tank', 3000, 'right-wall', { lengthMm: 400, heightMm: 200, holds: 'drinking' }),
      put('fit-tub', 'wash-tub', 2600, 'left-wall'),
    )
    expect(runs.filter(({ what }) => what !== 'drain').map(({ what, from, to }) => [what, from, to])).toEqual([
      ['joins', 'fit-tank', 'fit-other'],
      ['cold', 'fit-tank', 'fit-tub'],
      ['cold', 'fit-drink', 'fit-tub'],
    ])
  })

  it('without a tank there is nothing to pipe', () => {
    expect(lines(put('fit-tub', 'wash-tub', 2600, 'left-wall'))).toEqual({
      runs: [],
      drains: [],
      toBuy: [],
      tees: 0,
    })
  })
})
