import { apply, type Command, type Job } from '../../src/lib/core/job'
import { defaultsOf, kindOf, type ParameterValue, type Seat } from '../../src/lib/core/fittings'
import type { FindingCode } from '../../src/lib/core/review'
import type { Furniture } from '../../src/lib/demo/build'
import * as base from './bases'

/** What an experienced builder says of a plan: which fault, and of which fitting where it is about one. */
export type Expected = readonly [code: FindingCode, fitting?: string]

export interface Plan {
  readonly name: string
  readonly job: Job
  /** Written by hand from the plan, not from what the review says. */
  readonly expected: readonly Expected[]
}

const { variant, at, person, LEFT, RIGHT, MIDDLE } = base

const add = ({ id, kind, parameters, seat }: Furniture): Command => ({
  type: 'fitting.add',
  variant,
  id,
  fitting: {
    kind,
    parameters: { ...defaultsOf(kindOf(kind)), ...parameters },
    seat: { ...kindOf(kind).home, ...seat },
  } as never,
})
const set = (id: string, parameters: Record<string, ParameterValue>): Command => ({
  type: 'fitting.parameters',
  variant,
  id: `fit-${id}`,
  parameters,
})
const out = (id: string): Command => ({ type: 'fitting.remove', variant, id: `fit-${id}` })
const uncut = (id: string): Command => ({ type: 'change.remove', variant, id: `change-${id}` })
const moved = (of: Job, id: string, seat: Partial<Seat>): Command => ({
  type: 'fitting.seat',
  variant,
  id: `fit-${id}`,
  seat: { ...of.variants[variant]!.plan.fittings[`fit-${id}`]!.seat, ...seat },
})
const from = (mm: number): Seat['along'] => ({ from: 'rear', mm })
const who = (id: string, label: string, statureMm: number, more: Record<string, unknown> = {}): Command => ({
  type: 'person.put',
  id: `person-${id}`,
  person: person(label, statureMm, more),
})
const want = (need: string, more: Record<string, unknown> = {}): Command => ({
  type: 'demand.put',
  id: `demand-${need}`,
  demand: { need, must: true, ...more } as never,
})
const use = (answers: Record<string, unknown>): Command => ({ type: 'brief.use', use: answers })

// a gas hob among sleepers, and not one alarm
const T: readonly Expected[] = [['climb-over', 'bed'], ['alarm-missing']]
const V: readonly Expected[] = [['alarm-missing']]
const C: readonly Expected[] = [['sit-up-low', 'bed']]
const L: readonly Expected[] = [
  ['access-blocked', 'lounge'],
  ['climb-over', 'lounge'],
]
const B: readonly Expected[] = [
  ['belts-few'],
  ['alarm-missing'],
  ['berth-airless', 'bed'],
  ['berth-airless', 'bed'],
  ['climb-over', 'bed'],
  // 140 mm from the flames to the bedding
  ['hob-beside', 'galley'],
  ['sit-up-low', 'bunks'],
]

const plan = (name: string, of: Job, commands: readonly Command[], expected: readonly Expected[]): Plan => ({
  name,
  job: commands.reduce((job, command) => apply(job, command).job, of),
  expected,
})
const truck = (name: string, commands: readonly Command[], expected: readonly Expected[]): Plan =>
  plan(`truck for two: ${name}`, base.truckForTwo, commands, expected)
const van = (name: string, commands: readonly Command[], expected: readonly Expected[]): Plan =>
  plan(`van for one: ${name}`, base.vanForOne, commands, expected)
const compact = (name: string, commands: readonly Command[], expected: readonly Expected[]): Plan =>
  plan(`compact for one: ${name}`, base.compactForOne, commands, expected)
const lounge = (name: string, commands: readonly Command[], expected: readonly Expected[]): Plan =>
  plan(`lounge for two: ${name}`, base.loungeForTwo, commands, expected)
const bus = (name: string, commands: readonly Command[], expected: readonly Expected[]): Plan =>
  plan(`bus for four: ${name}`, base.busForFour, commands, expected)
const without = (all: readonly Expected[], ...codes: FindingCode[]) => all.filter(([code]) => !codes.includes(code))

export const CORPUS: readonly Plan[] = [
  truck('as drawn', [], T),
  truck('one is 1900', [who('a', 'tall one', 1900)], [...T, ['berth-short', 'bed'], ['worktop-off', 'galley']]),
  truck('a bed of 1000 for two', [set('bed', { widthMm: 1000 })], [...T, ['berth-narrow', 'bed']]),
  truck(
    'a deep wardrobe across from the galley',
    [
      add(
        at(
          'wardrobe',
          'wardrobe',
          1900,
          { from: 'right-wall', mm: 350 },
          { lengthMm: 600, depthMm: 750, heightMm: 1600 },
        ),
      ),
    ],
    [...T, ['clearance-blocked', 'galley'], ['way-narrow', 'wardrobe']],
  ),
  truck('no cold box', [out('cold')], [...T, ['service-missing']]),
  truck('no bed', [out('bed')], [['berths-few'], ['alarm-missing']]),
  truck('no fan', [out('fan'), uncut('fan')], T),
  truck('a small tank', [set('tank', { lengthMm: 300 })], [...T, ['service-missing']]),
  truck(
    'the cold box 50 mm into the galley',
    [moved(base.truckForTwo, 'cold', { along: from(2950) })],
    [...T, ['overlap', 'cold']],
  ),
  truck(
    'a box on the roof and a low bar',
    [use({ parkingHeightMm: 3300 }), add(at('box', 'outside-box', 400, MIDDLE))],
    [...T, ['parking-high', 'box']],
  ),
  truck(
    'an awning on the side without a door',
    [add(at('awning', 'awning', 500, LEFT))],
    [...T, ['awning-away', 'awning']],
  ),
  truck('a child to come', [use({ future: ['child'] })], [...T, ['reserve-missing'], ['reserve-missing']]),
  truck(
    'one smoke alarm, by the floor',
    [add(at('alarm', 'alarm', 2600, RIGHT, { senses: 'smoke' }, { up: { from: 'floor', mm: 500 } }))],
    [...T, ['alarm-misplaced', 'alarm'], ['alarm-missing']],
  ),
  truck(
    'two inlets for the mains',
    [add(at('in-a', 'inlet', 1800, RIGHT)), add(at('in-b', 'inlet', 2300, RIGHT))],
    [...T, ['inlets-live', 'in-a']],
  ),
  truck(
    'the cold box stands by itself',
    [{ type: 'fitting.fixing', variant, id: 'fit-cold', fixing: { how: 'standing', points: 0 } }],
    [...T, ['not-held', 'cold']],
  ),
  truck(
    'heavy drawers without a lock',
    [add(at('drawers', 'drawer-unit', 1800, RIGHT, { loadKg: 40, latch: 'soft-close' }))],
    [...T, ['drawer-flies', 'drawers']],
  ),
  truck(
    'one has stiff knees and a high mattress',
    [who('b', 'short one', 1660, { mobility: 'stiff' }), set('bed', { mattressMm: 150 })],
    [...T, ['bed-high', 'bed'], ['step-high']],
  ),
  truck('no step', [out('step')], [...T, ['step-high']]),
  truck('a mattress on a closed board', [set('bed', { base: 'board' })], [...T, ['mattress-damp', 'bed']]),
  truck(
    'a bottle too high for its vent',
    [moved(base.truckForTwo, 'gas', { up: { from: 'floor', mm: 400 } })],
    [...T, ['gas-vent-high', 'gas']],
  ),
  van('as drawn', [], V),
  van('the sleeper is 1690', [who('a', 'ringer', 1690)], [...V, ['berth-short', 'bed']]),
  van('a bed one can stow under', [set('bed', { platformMm: 660 })], V),
  van(
    'the wardrobe in the sliding door',
    [moved(base.vanForOne, 'wardrobe', { along: from(3250) })],
    [...V, ['door-blocked', 'wardrobe'], ['way-narrow', 'galley']],
  ),
  van('no opening for air', [out('fan'), uncut('fan'), uncut('window')], V),
  van('a toilet is a must', [want('toilet')], [...V, ['service-missing']]),
  van(
    'a long pole in one piece',
    [want('stowage', { label: 'Pole', sizeMm: [2400, 150, 150] })],
    [...V, ['gear-too-long']],
  ),
  van('a cook of 1800', [who('a', 'ringer', 1800)], [...V, ['berth-short', 'bed'], ['worktop-off', 'galley']]),
  van(
    'a grab rail in the lining',
    [add(at('rail', 'grab-rail', 2300, RIGHT, { fixed: 'lining' }, { up: { from: 'floor', mm: 900 } }))],
    [...V, ['rail-in-lining', 'rail']],
  ),
  van('a fan without an inlet', [uncut('window')], [...V, ['air-one-way', 'fan'], ['berth-airless', 'bed']]),
  van(
    'a tank that goes into the arch',
    [moved(base.vanForOne, 'tank', { along: from(400) })],
    [...V, ['overlap', 'tank']],
  ),
  van('a bed across that is longer than the body', [set('bed', { lengthMm: 1850 })], [...V, ['outside-shell', 'bed']]),
  compact('as drawn', [], C),
  compact('the sleeper is 1700', [who('a', 'walker', 1700)], [...C, ['berth-short', 'bed']]),
  compact(
    'three travel',
    [who('b', 'friend', 1600, { sleeps: false }), who('c', 'guest', 1600, { sleeps: false })],
    [...C, ['belts-few']],
  ),
  compact(
    'a crate too big to stow',
    [want('stowage', { label: 'Crate', sizeMm: [900, 700, 700] })],
    [...C, ['gear-too-long']],
  ),
  // its bulkhead is out: between load space and seats there is room
  compact('panels into the cab, up to the seats', [set('bed', { lengthMm: 1900 })], C),
  compact(
    'panels into the seats',
    [set('bed', { lengthMm: 2200 })],
    [
      ...C,
      // both seats, and neither leans back any more
      ['overlap', 'bed'],
      ['overlap', 'bed'],
      ['recline-blocked'],
      ['recline-blocked'],
    ],
  ),
  lounge('as drawn', [], L),
  lounge('ten at the table', [want('table-seat', { quantity: 10 })], [...L, ['table-few']]),
  lounge('no step', [out('step')], L),
  lounge('one is 2000', [who('a', 'potter', 2000)], [...L, ['berth-short', 'lounge']]),
  lounge('no toilet', [out('toilet')], [...L, ['service-missing']]),
  lounge(
    'a wardrobe through the roof',
    [set('wardrobe', { heightMm: 2100 }), moved(base.loungeForTwo, 'wardrobe', { up: { from: 'floor', mm: 150 } })],
    [...L, ['outside-shell', 'wardrobe']],
  ),
  bus('as drawn', [], B),
  bus('low rails at the bunks', [set('bunks', { railHighMm: 120 })], [...B, ['rail-low', 'bunks']]),
  bus('no galley', [out('galley')], [...without(B, 'hob-beside', 'alarm-missing'), ['service-missing']]),
  bus(
    'the bunks further back',
    [moved(base.busForFour, 'bunks', { along: from(700) }), out('bed')],
    [
      ['belts-few'],
      ['berths-few'],
      ['overlap', 'bunks'],
      ['alarm-missing'],
      ['access-blocked', 'tank'],
      ['sit-up-low', 'bunks'],
    ],
  ),
]
