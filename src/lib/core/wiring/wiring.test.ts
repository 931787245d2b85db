import { describe, expect, it } from 'vitest'
import { jobWith, person, put, putAtHome, variant } from '../../../../tests/support/plan'
import type { Command, Job } from '../job'
import { namesOf, sayWire, wiringCsv } from '../text'
import { wiringOf } from './wiring'
import type { Wire } from './lay'
import { shoppingOf } from './shopping'

const truck = (...commands: Command[]): Job => jobWith('truck-box', person(1750), ...commands)
/** A battery, a board ahead of it, and what draws along either wall. */
const fitted = (...more: Command[]): Job =>
  truck(
    put('fit-battery', 'battery', 600),
    put('fit-board', 'fuse-board', 1500, 'left-wall', {}, { up: { from: 'floor', mm: 900 } }),
    put('fit-box', 'cold-box', 3000, 'right-wall'),
    put('fit-inverter', 'inverter', 1100, 'left-wall', { watts: 2000, does: 'inverter' }),
    ...more,
  )
const wires = (job: Job): readonly Wire[] => wiringOf(job, variant).wires
const what = (job: Job, one: Wire['what']): readonly Wire[] => wires(job).filter((wire) => wire.what === one)

describe('the circuits of a plan', () => {
  it('feed the board from the battery, what draws from the board, the inverter from the battery', () => {
    const job = fitted()
    expect(wires(job).map(({ what, source, serves }) => [what, source, serves])).toEqual([
      ['cold-box', 'board', ['fit-box']],
      ['main', 'battery', ['fit-board']],
      ['inverter', 'battery', ['fit-inverter']],
    ])
    const [inverter] = what(job, 'inverter')
    // 2000 W through 90 % at 12 V, twice that for a moment
    expect(inverter!.amps).toBeCloseTo(185.2, 1)
    expect(inverter!.sized!.fuseA).toBe(250)
    expect(inverter!.sized!.conductor.mm2).toBeGreaterThanOrEqual(70)
  })

  it('a wire grows with its way: a battery further off takes a thicker cable to the inverter', () => {
    const far = (mm: number): Wire =>
      what(
        truck(
          put('fit-battery', 'battery', 300),
          put('fit-inverter', 'inverter', mm, 'left-wall', { watts: 1500, does: 'inverter' }),
        ),
        'inverter',
      )[0]!
    const [near, away] = [far(800), far(3600)]
    expect(away.route!.lengthMm).toBeGreaterThan(near.route!.lengthMm + 2000)
    expect(away.sized?.conductor.mm2 ?? Infinity).toBeGreaterThan(near.sized!.conductor.mm2)
  })

  it('keep lights of the front and of the rear apart, each with a dimmer; what is always on has a switch; reading lights are on their own', () => {
    const lit = fitted(
      ...[500, 900, 3200, 3600].map((mm, at) =>
        put(`fit-light-${at}`, 'light', mm, 'right-wall', { place: 'room' }, { up: { from: 'floor', mm: 1500 } }),
      ),
      put('fit-read', 'light', 700, 'left-wall', { place: 'reading' }, { up: { from: 'floor', mm: 1200 } }),
      put('fit-alarm', 'alarm', 2000, 'left-wall', { senses: 'monoxide' }, { up: { from: 'floor', mm: 1500 } }),
      put('fit-hotspot', 'hotspot', 2400, 'left-wall', {}, { up: { from: 'floor', mm: 1500 } }),
      put('fit-shunt', 'shunt', 2800, 'left-wall', {}, { up: { from: 'floor', mm: 1500 } }),
    )
    const lights = what(lit, 'lights')
    expect(lights.map(({ serves }) => [...serves].sort())).toEqual([
      ['fit-light-0', 'fit-light-1'],
      ['fit-light-2', 'fit-light-3'],
    ])
    expect(lights.every(({ wants }) => wants.includes('dimmer'))).toBe(true)
    expect(what(lit, 'reading-lights').map(({ serves }) => serves)).toEqual([['fit-read']])
    const [always] = what(lit, 'always-on')
    expect([[...always!.serves].sort(), always!.wants]).toEqual([['fit-hotspot', 'fit-shunt'], ['switch']])
    // one can be put out without the others; an alarm cannot
    expect(shoppingOf(wiringOf(lit, variant)).besides.find((one) => one.what === 'switch')!.count).toBe(2 + 1)
    expect(what(lit, 'alarms').map(({ serves, wants }) => [serves, wants])).toEqual([[['fit-alarm'], []]])
  })

  it('place a socket and it has its wire and fuse; at mains voltage with a residual-current device', () => {
    const low = fitted(put('fit-socket', 'socket', 2600, 'left-wall', { gives: 'twelve' }))
    expect(what(low, 'sockets').map(({ serves, sized }) => [serves, sized!.fuseA])).toEqual([[['fit-socket'], 7.5]])
    const high = fitted(put('fit-socket', 'socket', 2600, 'left-wall', { gives: 'mains' }))
    const [mains] = what(high, 'mains-sockets')
    expect([mains!.source, mains!.volts, mains!.wants, mains!.sized!.conductor.mm2]).toEqual([
      'inverter',
      230,
      ['residual-current'],
      2.5,
    ])
    const boiler = fitted(put('fit-boiler', 'heater-water', 2600, 'left-wall', { heatedBy: 'electric' }))
    expect(what(boiler, 'mains')[0]!.wants).toEqual(['residual-current', 'timer'])
  })

  it('say what is missing: no battery, no board', () => {
    expect(wiringOf(truck(), variant)).toEqual({ wires: [], missing: ['battery', 'board'] })
    const only = wiringOf(truck(put('fit-battery', 'battery', 600), put('fit-box', 'cold-box', 2000)), variant)
    expect(only.missing).toEqual(['board'])
    expect(only.wires.map(({ what }) => what)).toEqual(['cold-box'])
  })

  it('go through no bed: a wire along a wall goes under it or over it', () => {
    const bed = put('fit-bed', 'bed-fixed', 100, 'left-wall')
    const wire = what(fitted(bed, putAtHome('fit-fan', 'fan-extract', 800)), 'fan')[0]!
    expect(wire.route).toBeDefined()
    expect(wire.sized).toBeDefined()
  })
})

describe('what is set by hand', () => {
  const light = (id: string, mm: number): Command =>
    put(id, 'light', mm, 'right-wall', { place: 'room' }, { up: { from: 'floor', mm: 1500 } })
  const lit = [light('fit-l1', 500), light('fit-l2', 3200)]
  const set = (note: Omit<Extract<Command, { type: 'power.wire' }>, 'type'>): Command => ({
    type: 'power.wire',
    ...note,
  })
  const only = (job: Job, id: string): Wire => wires(job).find((wire) => wire.id === id)!

  it('a circuit of one’s own takes what hangs on it off the others, with the parts that go with it, on one fuse', () => {
    const own = fitted(...lit, {
      type: 'power.circuit',
      id: 'circuit-a',
      circuit: { label: 'Galley', serves: ['fit-l1', 'fit-box', 'fit-gone'] },
    })
    expect(wires(own).map(({ id }) => id)).toEqual(['own-circuit-a', 'lights-front', 'main', 'inverter'])
    const { label, serves, amps, wants } = only(own, 'own-circuit-a')
    expect([label, [...serves].sort(), wants]).toEqual(['Galley', ['fit-box', 'fit-l1'], ['dimmer']])
    const apart = fitted(...lit)
    expect(amps).toBeCloseTo(only(apart, 'lights-rear').amps + only(apart, 'cold-box-fit-box').amps, 6)
    // and all that is drawn is drawn still
    const all = (job: Job): number =>
      wires(job).reduce((sum, { source, amps }) => sum + (source === 'board' ? amps : 0), 0)
    expect(all(own)).toBeCloseTo(all(apart), 6)
  })

  it('a thing hangs on one circuit: the last that takes it, and a circuit without anything is gone', () => {
    const circuit = (id: string, ...serves: string[]): Command => ({
      type: 'power.circuit',
      id,
      circuit: { label: id, serves },
    })
    const job = fitted(...lit, circuit('one', 'fit-l1', 'fit-l2'), circuit('two', 'fit-l2'), circuit('three', 'fit-l1'))
    expect(job.power?.circuits).toEqual({
      two: { label: 'two', serves: ['fit-l2'] },
      three: { label: 'three', serves: ['fit-l1'] },
    })
  })

  it('a wire keeps its name when others come and go', () => {
    const [few, many] = [
      fitted(),
      fitted(...lit, put('fit-fan', 'fan-extract', 800, 'centreline', {}, { up: { from: 'on-roof', mm: 0 } })),
    ]
    for (const { id, what } of wires(few)) expect(only(many, id).what).toBe(what)
  })

  it('says what a chosen section or fuse does not hold', () => {
    // 2000 W through 90 % at 12 V: 185 A, fuse 250
    const with35 = only(fitted(set({ id: 'inverter', mm2: 35 })), 'inverter')
    expect([with35.faults, with35.sized?.because]).toEqual([['thin'], 'chosen'])
    // 50 mm² carries 210: what flows, yet not its fuse of 250
    expect(only(fitted(set({ id: 'inverter', mm2: 50 })), 'inverter').faults).toEqual(['fuse-above'])
    expect(only(fitted(set({ id: 'inverter', fuseA: 100 })), 'inverter').faults).toEqual(['fuse-small'])
    expect(only(fitted(set({ id: 'inverter', mm2: 120 })), 'inverter').faults).toEqual([])
    const box = only(
      fitted({ type: 'power.assume', key: 'dropPercent', value: 0.5 }, set({ id: 'cold-box-fit-box', mm2: 1.5 })),
      'cold-box-fit-box',
    )
    expect(box.faults).toEqual(['drop'])
    // a larger fuse asks for a thicker wire
    const more = only(fitted(set({ id: 'inverter', fuseA: 300 })), 'inverter').sized!
    expect([more.fuseA, more.conductor.mm2, more.isFuseSet]).toEqual([300, 95, true])
  })

  it('says what should go with a wire and does not', () => {
    const boiler = put('fit-boiler', 'heater-water', 2600, 'left-wall', { heatedBy: 'electric' })
    const bare = only(fitted(boiler, set({ id: 'mains-fit-boiler', parts: [] })), 'mains-fit-boiler')
    expect(bare.faults).toEqual(['no-residual-current', 'no-timer'])
    expect(
      only(
        fitted(boiler, set({ id: 'mains-fit-boiler', parts: ['timer', 'residual-current', 'switch'] })),
        'mains-fit-boiler',
      ).faults,
    ).toEqual([])
    const alarm = put(
      'fit-alarm',
      'alarm',
      2000,
      'left-wall',
      { senses: 'monoxide' },
      { up: { from: 'floor', mm: 1500 } },
    )
    const hotspot = put('fit-hotspot', 'hotspot', 2400, 'left-wall', {}, { up: { from: 'floor', mm: 1500 } })
    expect(only(fitted(hotspot, set({ id: 'always-on', parts: [] })), 'always-on').faults).toEqual(['no-switch'])
    expect(only(fitted(alarm, set({ id: 'alarms', parts: [] })), 'alarms').faults).toEqual([])
  })

  it('the shop’s own table of what a wire carries takes the place of the book’s', () => {
    const carries = fitted({ type: 'power.carries', mm2: 70, amps: 200 }, { type: 'power.carries', mm2: 95, amps: 240 })
    expect(only(fitted(), 'inverter').sized!.conductor.mm2).toBe(70)
    expect(only(carries, 'inverter').sized!.conductor.mm2).toBe(120)
    const words = sayWire(
      only(fitted({ type: 'power.carries', mm2: 70, amps: 255 }), 'inverter'),
      namesOf(carries, carries.variants[variant]!.plan),
    )
    expect(words.why.join(' ')).toContain('carries 255 A (by the shop’s own table)')
  })

  it('a battery that is to come has its cable: as thick as the heaviest, to a place beside the first', () => {
    const later = fitted({ type: 'brief.use', use: { future: ['battery'] } })
    const [cable, inverter] = [only(later, 'later-battery'), only(later, 'inverter')]
    expect(cable.amps).toBe(inverter.amps)
    expect(cable.route!.lengthMm).toBeLessThan(1200)
    expect(cable.sized!.fuseA).toBe(inverter.sized!.fuseA)
    expect(wires(fitted()).some(({ what }) => what === 'later-battery')).toBe(false)
  })
})

describe('what is written of them', () => {
  it('is a schedule of which each row has its fuse, wire, gauge, length and loss; a name with a comma stays one cell', () => {
    const job = fitted({ type: 'fitting.label', variant, id: 'fit-box', label: 'Fridge, large' })
    const names = namesOf(job, job.variants[variant]!.plan)
    const wiring = wiringOf(job, variant)
    const [head, first] = wiringCsv(wiring, names).split('\r\n')
    expect(head).toBe('no,circuit,serves,from,volts,amps,surge_a,fuse_a,mm2,awg,metres_one_way,drop_v,with')
    expect(first).toMatch(
      /^1,Fridge,"[^"]*Fridge, large[^"]*",the fuse board,12,\d+\.\d,\d+\.\d,[\d.]+,[\d.]+,\d+,\d+\.\d\d,0\.\d{3},$/,
    )
    const words = sayWire(wiring.wires[0]!, names)
    expect(words.why.join(' ')).toContain('ISO 10133')
    expect(words.wire).toMatch(/mm² \(AWG/)
  })

  it('is a list to buy: out and back with a tenth over, and every fuse', () => {
    const wiring = wiringOf(fitted(), variant)
    const { wire, fuses } = shoppingOf(wiring)
    const whole = wiring.wires.reduce((sum, { route }) => sum + (2 * route!.lengthMm * 1.1) / 1000, 0)
    const bought = wire.reduce((sum, { metres }) => sum + metres, 0)
    expect(bought).toBeGreaterThanOrEqual(whole)
    expect(bought).toBeLessThan(whole + wire.length)
    expect(fuses.reduce((sum, { count }) => sum + count, 0)).toBe(wiring.wires.length)
  })
})
