import { describe, expect, it } from 'vitest'
import { jobWith, person, put, putAtHome, truck, variant } from '../../../../../tests/support/plan'
import type { Use } from '../../brief'
import type { Command, Job, Leg } from '../../job'
import { placedInAnyMode } from '../seen'
import { ventNeededCm2 } from './lines'
import { fuelReport } from './report'

const use = (more: Use): Command => ({ type: 'brief.use', use: more })
const derives: Command = { type: 'brief.derives', derives: true }
const leg = (more: Partial<Leg> = {}): Command => ({
  type: 'power.leg',
  id: 'leg-a',
  leg: {
    from: 1,
    to: 12,
    latitudeDeg: 50,
    climate: 'grey-coast',
    nights: 31,
    drivingHours: 0,
    hookUpEvery: 0,
    ...more,
  },
})
const locker = (bottles: number): Command => putAtHome('fit-locker', 'gas-locker', 1000, { bottles })
const hob: Command = putAtHome('fit-hob', 'galley-hob', 2000, { fuel: 'gas' })
const heater = (fuel: 'gas' | 'diesel'): Command => putAtHome('fit-heater', 'heater-air', 3000, { fuel, kilowatts: 2 })
const bare = (...more: Command[]): Job =>
  jobWith('truck-box', person(1750), person(1700, 'person-b'), derives, use({ cooking: 'daily' }), leg(), ...more)
/** Lined by 40 mm all round, doors too. */
const job = (...more: Command[]): Job => {
  const made = bare(...more)
  const { plan, ...rest } = made.variants[variant]!
  const lining = { floorMm: 40, wallMm: 40, roofMm: 40, doorMm: 40 } as typeof plan.lining
  return { ...made, variants: { [variant]: { ...rest, plan: { ...plan, lining } } } }
}
const report = (...more: Command[]) => fuelReport(job(...more), variant)

describe('the gas of a plan', () => {
  it('is in bottles of 11 kg: 21.5 L of propane at 510 kg/m³ (handbook value, from memory)', () => {
    const two = report(locker(2))
    expect(two.gasKg).toBeCloseTo(21.93, 2)
    expect(two.bottles).toBe(2)
  })

  it('lasts by 12.9 kWh/kg: an hour a day of a burner takes its watts', () => {
    const set = report(locker(1), hob, { type: 'power.load', id: 'fit-hob-burner-0', hours: 1 })
    const [burner] = set.burners
    expect([burner!.isSet, burner!.hoursADay]).toEqual([true, 1])
    expect(burner!.kWhADay).toBeCloseTo(burner!.watts / 1000, 9)
    // 10.965 kg × 12.9 ÷ kW
    expect(set.gasNights[0]).toBeCloseTo((10.965 * 12.9) / (burner!.watts / 1000), 6)
    expect(set.gasKgAYear).toBeCloseTo((365 * burner!.kWhADay) / 12.9, 6)
    expect(set.gasFillings).toBeCloseTo(set.gasKgAYear / 10.965, 6)
  })

  it('cooks for two daily some weeks on a bottle, and heats a winter week on it: common practice, no source', () => {
    const cooking = report(locker(1), hob)
    expect(cooking.gasNights[6]).toBeGreaterThan(35)
    expect(cooking.gasNights[6]).toBeLessThan(220)
    const heating = report(locker(1), hob, heater('gas'))
    expect(heating.gasNights[0]).toBeGreaterThan(3)
    expect(heating.gasNights[0]).toBeLessThan(14)
    expect(heating.gasNights[6]).toBeGreaterThan(2 * heating.gasNights[0]!)
  })

  it('is not what heats where that is diesel: a litre to three a winter night from the vehicle’s tank, common practice, no source', () => {
    const diesel = report(locker(1), hob, heater('diesel'))
    expect(diesel.gasNights).toEqual(report(locker(1), hob).gasNights)
    expect(diesel.dieselANight[0]).toBeGreaterThan(0.8)
    expect(diesel.dieselANight[0]).toBeLessThan(3)
    expect(diesel.dieselANight[6]).toBeLessThan(diesel.dieselANight[0]! / 3)
    const [heats] = diesel.burners
    expect(heats!.kWhADay * 365).toBeCloseTo(diesel.dieselAYear * 9.9, 6)
  })

  it('warms water once, however many heaters could, and heats the body once', () => {
    const boiler = putAtHome('fit-boiler', 'heater-water', 3400, { heatedBy: 'gas' })
    const combi = putAtHome('fit-combi', 'heater-combi', 3400, { fuel: 'gas' })
    expect(report(boiler, combi).burners.filter(({ burns }) => burns === 'water')).toHaveLength(1)
    const air = (...more: Command[]) =>
      report(...more)
        .burners.filter(({ burns }) => burns === 'air')
        .reduce((sum, { hoursADay }) => sum + hoursADay, 0)
    expect(air(heater('gas'), putAtHome('fit-second', 'heater-air', 3400, { fuel: 'gas' }))).toBeCloseTo(
      air(heater('gas')),
      9,
    )
  })

  it('says nothing of months in which nobody is aboard, and burns nothing without a burner', () => {
    const summer = report(locker(1), hob, leg({ from: 5, to: 9 }), {
      type: 'power.leg',
      id: 'leg-idle',
      leg: { from: 10, to: 4, latitudeDeg: 50, climate: 'grey-coast', nights: 0, drivingHours: 0, hookUpEvery: 0 },
    })
    expect(summer.gasNights[0]).toBeNaN()
    expect(summer.gasNights[5]).toBeGreaterThan(0)
    const none = report(locker(1))
    expect([none.gasNights[0], none.gasKgAYear, none.burners]).toEqual([Infinity, 0, []])
  })
})

describe('pipes and vents, by hand', () => {
  const plan = truck(
    put('fit-locker', 'gas-locker', 1000, 'left-wall', { bottles: 1 }),
    put('fit-hob', 'galley-hob', 2600, 'left-wall', { fuel: 'gas' }),
    putAtHome('fit-boiler', 'heater-water', 200, { heatedBy: 'gas' }),
  )
  const { lines, zoneMm } = fuelReport(plan, variant)
  const middleOf = (id: string): number[] => {
    const { bounds } = placedInAnyMode(plan, variant).find((one) => one.id === id)!
    return [(bounds.x.min + bounds.x.max) / 2, (bounds.y.min + bounds.y.max) / 2, bounds.z.min]
  }

  it('go from the locker to each burner along, across and up, with 300 mm to connect them; two joints each and one at the bottle', () => {
    expect(lines.runs.map(({ from, to }) => [from, to])).toEqual([
      ['fit-locker', 'fit-hob'],
      ['fit-locker', 'fit-boiler'],
    ])
    for (const { to, lengthMm } of lines.runs) {
      const [a, b] = [middleOf('fit-locker'), middleOf(to)]
      expect(lengthMm).toBeCloseTo(a.reduce((sum, one, at) => sum + Math.abs(one - b[at]!), 0) + 300, 6)
    }
    expect(lines.joints).toBe(5)
    expect(zoneMm).toBe(2500)
    const metres = lines.runs.reduce((sum, { lengthMm }) => sum + lengthMm / 1000, 0)
    expect(lines.toBuyM).toBe(Math.ceil(metres * 1.1))
  })

  it('asks 2 % of the floor of its locker, 100 cm² at least (EN 1949, from memory), or what the rules of the job say', () => {
    expect(ventNeededCm2(4000, { ofFloor: 0.02, leastCm2: 100 })).toBe(100)
    expect(ventNeededCm2(9000, { ofFloor: 0.02, leastCm2: 100 })).toBe(180)
    const [vent] = lines.vents
    expect(vent!.neededCm2).toBe(Math.max(100, Math.ceil(vent!.floorCm2 * 0.02)))
    const set = { ...plan, rules: { house: {}, settings: { 'gas-vent': { parameters: { leastCm2: 300 } } } } } as Job
    expect(fuelReport(set, variant).lines.vents[0]!.neededCm2).toBe(300)
  })

  it('a burner without power is refused at its field', () => {
    const none = put('fit-heater', 'heater-air', 3000, 'left-wall', { kilowatts: 0 })
    expect(() => truck(none)).toThrow(/kilowatts/)
  })

  it('without gas there is no pipe and no joint', () => {
    expect(fuelReport(truck(), variant).lines).toEqual({ runs: [], toBuyM: 0, joints: 0, vents: [] })
  })
})

describe('how often there is cooking', () => {
  it('not said, makes a range: every day takes more than now and then; said, there is none', () => {
    const hob = (...more: Command[]): Job =>
      truck(
        person(1750),
        leg(),
        put('fit-locker', 'gas-locker', 1000),
        put('fit-hob', 'galley-hob', 2600, 'left-wall', { fuel: 'gas' }),
        ...more,
      )
    const [daily, rarely] = fuelReport(hob(), variant).gasNightsBetween!
    // as often as 1 : 0.35
    expect(rarely! / daily!).toBeCloseTo(1 / 0.35, 6)
    expect(fuelReport(hob(use({ cooking: 'daily' })), variant).gasNightsBetween).toBeUndefined()
  })
})
