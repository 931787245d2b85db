import { describe, expect, it } from 'vitest'
import { jobWith, person, put, putAtHome, variant } from '../../../../tests/support/plan'
import { airReport, curesOf, powerCase, powerReport, waterReport } from '../budgets'
import type { Command, Job } from '../job'
import { wiringOf } from '../wiring'
import { sayAir, sayMorning, saySummer } from './air'
import { namesOf } from './names'
import { sayDark, sayPower } from './power'
import { sayTanksLack, sayWaterYear } from './water'
import { sayWire } from './wiring'

const battery: Command = putAtHome('fit-battery', 'battery', 3000, { ampHours: 200, chemistry: 'lithium' })
const box: Command = putAtHome('fit-box', 'cold-box', 2000, { lengthMm: 560, depthMm: 560, heightMm: 575 })
const panel: Command = putAtHome('fit-panel', 'solar-panel', 1000, { watts: 200 })
const truck = (...commands: Command[]): Job => jobWith('truck-box', person(1750), ...commands)
const said = (job: Job): { readonly power: string; readonly dark: string } => {
  const names = namesOf(job, job.variants[variant]!.plan)
  const report = powerReport(job, variant)
  return { power: sayPower(report, curesOf(powerCase(job, variant)), job, names), dark: sayDark(report, job, names) }
}

describe('of power', () => {
  it('a battery that nothing charges is said before what fails; more is only said of what there is', () => {
    expect(said(truck(battery, box)).power).toMatch(/^Nothing in this plan charges the battery\. /)
    expect(said(truck(battery, box)).power).toMatch(/\d W of sun/)
    expect(said(truck(battery, box, panel)).power).not.toContain('Nothing in this plan charges')
    const shore = putAtHome('fit-charger', 'charge-controller', 2700, { from: 'mains', amps: 20 })
    const never: Command = { type: 'brief.use', use: { offHookUpPercent: 100 } }
    expect(said(truck(battery, box, shore, never)).power).toMatch(
      /^What charges the battery has neither sun, drive nor/,
    )
  })

  it('what nobody has is not said to hold: the vital only where there is some', () => {
    expect(said(truck(battery, box)).dark).not.toContain('What is vital')
    expect(said(truck(battery, box, putAtHome('fit-heater', 'heater-air', 3500, { fuel: 'diesel' }))).dark).toContain(
      'What is vital',
    )
    expect(said(truck(box)).dark).toMatch(/^What draws asks for [\d\u202f]+ Wh on a mean day aboard\.$/)
  })

  it('an alarm for people is off when they are gone; what tells of a break-in empties a battery that nobody charges', () => {
    const alarm = putAtHome('fit-alarm', 'alarm', 2000, { senses: 'monoxide' })
    const watch = putAtHome('fit-watch', 'watch', 2000)
    const idle: Command = {
      type: 'power.leg',
      id: 'leg-a',
      leg: { from: 1, to: 12, latitudeDeg: 47, climate: 'wet-summers', nights: 3, drivingHours: 3, hookUpEvery: 0 },
    }
    const engine = putAtHome('fit-engine', 'charge-controller', 2700, { from: 'engine', amps: 30 })
    const small = putAtHome('fit-battery', 'battery', 3000, { ampHours: 30, chemistry: 'lithium' })
    expect(said(truck(small, engine, alarm, idle)).dark).not.toContain('nobody aboard')
    expect(said(truck(small, engine, watch, idle)).dark).toMatch(
      /With nobody aboard it is empty on [\d\u202f]+ days, for the watch/,
    )
  })
})

describe('of water', () => {
  it('what takes the waste, and what it is filled by, is told where there is none', () => {
    const tank: Command = put('fit-tank', 'water-tank', 1000)
    const lacks = (...more: Command[]): readonly string[] => sayTanksLack(waterReport(truck(tank, ...more), variant))
    expect(lacks()).toHaveLength(2)
    // of 4, 4 and 3 L used in a day about 7.8 come back
    expect(lacks()[1]).toMatch(/^There is no tank for waste water: 7\.8 L a day/)
    expect(lacks(put('fit-waste', 'tank-waste', 1500))).toHaveLength(1)
    expect(sayTanksLack(waterReport(truck(), variant))).toEqual([])
  })

  it('a plan without a tank has no year of fillings', () => {
    expect(sayWaterYear(waterReport(truck(), variant))).toBeUndefined()
    const tank = putAtHome('fit-tank', 'water-tank', 2000)
    expect(sayWaterYear(waterReport(truck(tank), variant))).toContain('fillings')
  })
})

describe('of wires', () => {
  it('a diesel heater says what its glow plug takes, and a fridge what a blade bears as it starts', () => {
    const heater = putAtHome('fit-heater', 'heater-air', 3500, { fuel: 'diesel' })
    const job = truck(battery, box, heater)
    const names = namesOf(job, job.variants[variant]!.plan)
    const { wires } = wiringOf(job, variant)
    const whyOf = (what: string): string => {
      const { fuse, why } = sayWire(
        wires.find((one) => one.what === what)!,
        names,
      )
      return [fuse, ...why].join(' ')
    }
    expect(whyOf('heater')).toMatch(
      /^15 A .*8\.3 A for minutes as it starts, at 12 V.* next over 1\.25 times what it starts with: 15 A\./,
    )
    expect(whyOf('cold-box')).toContain('1.25 times that')
    expect(whyOf('cold-box')).not.toContain('for minutes')
  })
})

describe('of air', () => {
  const bed = put('fit-bed', 'bed-fixed', 0, 'left-wall')
  it('a plan in which nothing opens has no windows that stand ajar', () => {
    const report = airReport(truck(bed), variant)
    expect(sayAir(report)).toBe('Nothing opens in this plan: air comes through joints alone.')
    expect(sayMorning(report)).not.toContain('ajar')
    expect(saySummer(report)).not.toContain('aired')
    const open = airReport(truck(bed, putAtHome('fit-hatch', 'hatch-roof', 600)), variant)
    expect(sayMorning(open)).toContain('with the windows ajar')
    expect(saySummer(open)).toContain('aired')
  })

  it('an open cab’s windows are spoken of until somebody says how far they are let down', () => {
    const van = (...more: Command[]): Job => jobWith('van-long-low', person(1750), bed, ...more)
    expect(sayAir(airReport(van(), variant))).toContain('The cab’s windows count once')
    const letDown: Command = { type: 'warmth.assume', key: 'cabAirCm2', value: 800 }
    expect(sayAir(airReport(van(letDown), variant))).not.toContain('The cab’s windows count once')
  })
})
