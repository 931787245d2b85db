import type { Furniture } from '../../src/lib/demo/build'
import { demoJob } from '../../src/lib/demo/build'
import { along, at, brief, cut, fixed, inside, LEFT, MIDDLE, person, RIGHT, up } from '../../scripts/examples/kit'
import type { Brief } from '../../src/lib/core/brief'
import type { Command } from '../../src/lib/core/job'
import type { Judged } from './judged'

const offL = (mm: number) => ({ from: 'left-wall', mm }) as const
const offR = (mm: number) => ({ from: 'right-wall', mm }) as const
const mid = (mm: number) => ({ from: 'centreline', mm }) as const
const fan = (id: string, x: number) =>
  cut(id, { kind: 'roof-hatch', fromMm: x + 30, toMm: x + 430, rightMm: -200, leftMm: 200 })
const window = (id: string, side: 'left' | 'right', fromMm: number, toMm: number, sillMm = 900, headMm = 1250) =>
  cut(id, { kind: 'window', side, fromMm, toMm, sillMm, headMm, opens: 'hopper' })

const one = (more: Record<string, unknown> = {}) => ({ 'person-a': person('one', 1720, more) })
const two = (a = 1740, b = 1660) => ({
  'person-a': person('one', a),
  'person-b': person('other', b, { sleepsWith: 'person-a' }),
})
const USE = {
  cooking: 'sometimes',
  cookingOn: 'induction',
  toilet: 'none',
  washing: 'none',
  bedEdgeSeats: true,
} as const

let count = 0
const plan = (
  name: string,
  shell: string,
  of: Partial<Brief>,
  furniture: readonly Furniture[],
  commands: readonly Command[],
  must: Judged['must'],
  could: Judged['could'] = [],
): Judged => ({
  name,
  job: demoJob(`job-f${(count += 1)}`, name, shell, brief(of), furniture, commands),
  must,
  could,
})

/** What most of these vans have, and what is right in them: a bed across, a short galley, a fan and a window, a cold chest. */
const camper = (bed: Furniture, ...more: Furniture[]): readonly Furniture[] => [
  bed,
  at('kitchen', 'galley', 2300, LEFT, { lengthMm: 1200, depthMm: 500, hob: false }),
  at('plate', 'hob-loose', 2800, LEFT, {}, { up: { from: 'top-of', fitting: 'fit-kitchen', mm: 0 } }),
  at('fan', 'fan-extract', 2300, MIDDLE),
  ...more,
]
const bedAlong = (parameters: Record<string, number | string> = {}) =>
  at(
    'bed',
    'bed-fixed',
    60,
    offL(50),
    { lyingMm: 1850, widthMm: 1250, platformMm: 600, entry: 'foot', ...parameters },
    along,
  )
const AIR: readonly Command[] = [fan('fan', 2300), window('window', 'left', 300, 900)]
const C: Judged['could'] = [
  'climb-over',
  'table-few',
  'service-missing',
  'access-first',
  'access-blocked',
  'seats-few',
  'standing-nowhere',
  'alarm-missing',
  'head-noise',
  'worktop-few',
]

/** Conversions with one to three faults of the sort that builders tell of. What must be said was written before any review was asked. */
export const FAULTY: readonly Judged[] = [
  plan(
    'a tall one in a bed across an ordinary van',
    'van-long-high',
    { people: one({ statureMm: 1860 }), use: USE },
    camper(at('bed', 'bed-fixed', 60, MIDDLE, { lyingMm: 1750, widthMm: 900, platformMm: 600, sleepers: 1 })),
    AIR,
    [['berth-short', 'bed']],
    C,
  ),
  plan(
    'two belts short for a family',
    'van-long-high',
    {
      people: {
        ...two(),
        'person-c': person('child', 1200, { age: 'child' }),
        'person-d': person('second child', 1050, { age: 'child' }),
      },
      use: USE,
    },
    camper(bedAlong()),
    AIR,
    [['belts-few'], ['berths-few']],
    C,
  ),
  plan(
    'an extract fan without an inlet',
    'van-long-high',
    { people: two(), use: { ...USE, cooking: 'daily' } },
    camper(bedAlong()),
    [fan('fan', 2300)],
    [['air-one-way', 'fan']],
    [...C, 'berth-airless'],
  ),
  plan(
    'a gas hob without a bottle or an alarm',
    'van-long-high',
    { people: two(), use: { ...USE, cookingOn: 'hob' } },
    [
      bedAlong(),
      at('kitchen', 'galley', 2300, LEFT, { lengthMm: 1200, depthMm: 500 }),
      at('fan', 'fan-extract', 2300, MIDDLE),
    ],
    AIR,
    [['gas-none', 'kitchen'], ['alarm-missing']],
    C,
  ),
  plan(
    'a gas locker with its vent over the floor',
    'van-long-high',
    { people: two(), use: { ...USE, cookingOn: 'hob' } },
    [
      bedAlong(),
      at('kitchen', 'galley', 2300, LEFT, { lengthMm: 1200, depthMm: 500 }),
      at('fan', 'fan-extract', 2300, MIDDLE),
      at('gas', 'gas-locker', 3520, LEFT, {}, { ...up(300), across: offL(40) }),
      at('monoxide', 'alarm', 300, RIGHT, { senses: 'monoxide' }, up(900)),
      at('sniffer', 'alarm', 3400, RIGHT, { senses: 'leaking-gas' }, up(100)),
      at('smoke', 'alarm', 2000, LEFT, {}, { up: { from: 'roof', mm: 60 } }),
    ],
    AIR,
    [['gas-vent-high', 'gas']],
    C,
  ),
  plan(
    'an upright cold box whose door meets the wardrobe',
    'van-long-high',
    { people: two(), use: USE },
    camper(
      bedAlong(),
      at(
        'cold',
        'cold-box',
        1960,
        RIGHT,
        { lengthMm: 500, depthMm: 500, heightMm: 850, hinge: 'left' },
        { across: offR(40) },
      ),
      at('wardrobe', 'wardrobe', 2470, RIGHT, { lengthMm: 420, depthMm: 740, heightMm: 1500 }),
    ),
    AIR,
    [],
    [...C, 'way-narrow', 'clearance-blocked', 'cold-far'],
  ),
  plan(
    'a galley across the sliding door',
    'van-long-high',
    { people: two(), use: USE },
    [
      bedAlong(),
      at('kitchen', 'galley', 2700, RIGHT, { lengthMm: 1350, depthMm: 500, hob: false }),
      at('plate', 'hob-loose', 3500, RIGHT, {}, { up: { from: 'top-of', fitting: 'fit-kitchen', mm: 0 } }),
      at('fan', 'fan-extract', 2300, MIDDLE),
    ],
    AIR,
    [['door-blocked', 'kitchen']],
    [...C, 'way-shut'],
  ),
  plan(
    'bicycles that are longer than the garage',
    'van-long-high',
    {
      people: two(),
      gear: { 'gear-bike': { label: 'Bicycle', sizeMm: [1800, 250, 1050], count: 2, mayLie: false } },
      use: USE,
    },
    camper(bedAlong({ platformMm: 900 })),
    AIR,
    [['gear-too-long']],
    [...C, 'gear-no-room', 'bed-high', 'sit-up-low'],
  ),
  plan(
    'two single sleepers with one double, and a guest',
    'van-extra-long-high',
    {
      people: { 'person-a': person('one', 1740), 'person-b': person('other', 1660), 'person-c': person('third', 1700) },
      use: USE,
    },
    camper(bedAlong()),
    AIR,
    [['berths-few']],
    C,
  ),
  plan(
    'a high bed for stiff knees',
    'van-long-high',
    { people: one({ mobility: 'stiff' }), use: USE },
    camper(
      bedAlong({ platformMm: 820, sleepers: 1, widthMm: 900 }),
      at('step', 'step', 3300, RIGHT, { dropMm: 420, outMm: 400 }),
    ),
    AIR,
    [['bed-high', 'bed']],
    [...C, 'step-high', 'sit-up-low'],
  ),
  plan(
    'no room to sit up under the lockers',
    'van-long-high',
    { people: two(), use: USE },
    camper(
      bedAlong({ platformMm: 850 }),
      at('lockers-l', 'locker', 60, LEFT, { lengthMm: 1800 }),
      at('lockers-r', 'locker', 60, RIGHT, { lengthMm: 1800 }),
    ),
    AIR,
    [['sit-up-low', 'bed']],
    [...C, 'window-covered', 'bed-high'],
  ),
  plan(
    'a cassette toilet without its hatch',
    'van-long-high',
    { people: two(), use: { ...USE, toilet: 'cassette' } },
    camper(bedAlong(), at('toilet', 'toilet-cassette', 2000, RIGHT, { depthMm: 560 })),
    AIR,
    [['opening-missing', 'toilet']],
    [...C, 'way-narrow'],
  ),
  plan(
    'heavy drawers that only close softly',
    'van-long-high',
    { people: two(), use: USE },
    camper(bedAlong(), at('drawers', 'drawer-unit', 2000, RIGHT, { loadKg: 45, latch: 'soft-close' })),
    AIR,
    [['drawer-flies', 'drawers']],
    C,
  ),
  plan(
    'a table for two where four eat',
    'bus-7m',
    {
      people: {
        ...two(),
        'person-c': person('child', 1300, { age: 'child' }),
        'person-d': person('second child', 1150, { age: 'child' }),
      },
      use: { ...USE, cooking: 'daily' },
    },
    [
      at('bed', 'bed-fixed', 60, MIDDLE, { lyingMm: 1950, widthMm: 1400, platformMm: 550 }),
      at('bunks', 'bunks', 1520, LEFT, { lengthMm: 1500, widthMm: 650 }),
      at('kitchen', 'galley', 1600, RIGHT, { lengthMm: 1400, depthMm: 560, hob: false }),
      at('plate', 'hob-loose', 2200, RIGHT, {}, { up: { from: 'top-of', fitting: 'fit-kitchen', mm: 0 } }),
      at('bench', 'bench-belted', 3300, mid(560), { places: 3 }),
      at('table', 'table-drop', 4100, LEFT, { lengthMm: 500, depthMm: 600 }),
    ],
    [],
    [['table-few']],
    [...C, 'belt-unfounded', 'sit-up-low', 'berth-airless', 'rail-low', 'way-narrow'],
  ),
  plan(
    'a roof box and a low car park',
    'van-medium-high',
    { people: one(), use: { ...USE, parkingHeightMm: 2700 } },
    [
      at('bed', 'bed-fixed', 60, MIDDLE, { lyingMm: 1690, widthMm: 800, platformMm: 600, sleepers: 1 }),
      at('box', 'outside-box', 1000, MIDDLE),
    ],
    [],
    [
      ['parking-high', 'box'],
      ['berth-short', 'bed'],
    ],
    [...C, 'roof-unknown'],
  ),
  plan(
    'a mattress on a closed board',
    'van-long-high',
    { people: two(), use: USE },
    camper(bedAlong({ base: 'board' })),
    AIR,
    [['mattress-damp', 'bed']],
    C,
  ),
  plan(
    'a lead battery under the bed without air',
    'van-long-high',
    { people: two(), use: USE },
    camper(
      at('box', 'bench-side', 2000, RIGHT, { lengthMm: 700, depthMm: 450 }),
      bedAlong(),
      inside('battery', 'battery', 'box', [30, 30, 0], { chemistry: 'lead' }),
    ),
    AIR,
    [['gas-shut-in', 'battery']],
    C,
  ),
  plan(
    'a splashed battery beside the wash tub',
    'van-long-high',
    { people: two(), use: { ...USE, washing: 'inside' } },
    camper(
      bedAlong(),
      at('tub', 'wash-tub', 2000, RIGHT, { lengthMm: 700, depthMm: 500 }),
      at('battery', 'battery', 2720, RIGHT, { lengthMm: 180 }, { across: offR(60) }),
    ),
    AIR,
    [['electrics-wet', 'battery']],
    [...C, 'door-blocked', 'way-narrow'],
  ),
  plan(
    'a child in an upper bunk without a rail',
    'bus-7m',
    {
      people: {
        'person-a': person('mother', 1690),
        'person-b': person('child', 1200, { age: 'child', years: 6 }),
        'person-c': person('second', 1100, { age: 'child', years: 5 }),
      },
      use: USE,
    },
    [
      at('bunks', 'bunks', 60, LEFT, { lengthMm: 1900, widthMm: 700, levels: 3, pitchMm: 550, railHighMm: 100 }),
      at('belts', 'bench-belted', 3400, mid(560), { places: 2 }),
    ],
    [],
    [['rail-low', 'bunks']],
    [...C, 'belt-unfounded', 'sit-up-low', 'berth-airless', 'exit-few'],
  ),
  plan(
    'a wheelchair and a way of half a metre',
    'bus-9m',
    { people: one({ mobility: 'wheelchair' }), use: { ...USE, toilet: 'cassette' } },
    [
      at('bed', 'bed-fixed', 100, LEFT, { lyingMm: 1950, widthMm: 1000, platformMm: 340, sleepers: 1 }, along),
      at('toilet', 'toilet-box', 2800, LEFT, { seatMm: 460 }),
      at('kitchen', 'galley', 4600, LEFT, { lengthMm: 1500, depthMm: 750, hob: false, worktopMm: 800 }),
      at('wardrobe', 'wardrobe', 4800, RIGHT, { lengthMm: 900, depthMm: 740, heightMm: 1600 }),
      at('chair', 'wheelchair-place', 5900, mid(-300)),
    ],
    [],
    [['way-narrow']],
    [...C, 'transfer-small', 'berth-airless', 'step-high', 'clearance-blocked', 'way-shut', 'cold-far'],
  ),
  plan(
    'a partner on the wall side who gets up at night',
    'van-long-high',
    { people: two(), use: { ...USE, toilet: 'portable' } },
    camper(
      at('bed', 'bed-fixed', 60, MIDDLE, { lyingMm: 1770, widthMm: 1350, platformMm: 600 }),
      at('toilet', 'toilet-portable', 2000, RIGHT),
    ),
    AIR,
    [
      ['berth-short', 'bed'],
      ['climb-over', 'bed'],
    ],
    [...C, 'way-narrow', 'clearance-blocked'],
  ),
  plan(
    'an infant without a cot',
    'van-extra-long-high',
    { people: { ...two(), 'person-c': person('infant', 780, { age: 'infant', years: 1 }) }, use: USE },
    camper(bedAlong(), at('belts', 'bench-belted', 3800, mid(400), { places: 1, childSeats: 1 })),
    AIR,
    [['service-missing']],
    [...C, 'belt-unfounded', 'clearance-blocked', 'way-narrow', 'door-blocked'],
  ),
  plan(
    'a hob beside the bedding',
    'van-medium-high',
    { people: one(), use: { ...USE, cookingOn: 'hob' } },
    [
      at(
        'bed',
        'bed-fixed',
        60,
        offL(50),
        { lyingMm: 1780, widthMm: 800, platformMm: 600, sleepers: 1, entry: 'foot' },
        along,
      ),
      at('hob', 'galley-hob', 1850, LEFT, { lengthMm: 450, lid: false }),
      at('gas', 'gas-locker', 2320, LEFT, {}, { across: offL(40) }),
      at('monoxide', 'alarm', 300, RIGHT, { senses: 'monoxide' }, up(900)),
      at('sniffer', 'alarm', 1800, RIGHT, { senses: 'leaking-gas' }, up(100)),
      at('smoke', 'alarm', 1500, LEFT, {}, { up: { from: 'roof', mm: 60 } }),
      at('fan', 'fan-extract', 1700, MIDDLE),
    ],
    [fan('fan', 1700), window('window', 'left', 300, 900)],
    [['hob-beside']],
    C,
  ),
  plan(
    'a step of nearly seven hundred',
    'truck-box',
    { people: two(), use: USE },
    [
      at('bed', 'bed-fixed', 60, MIDDLE, { lyingMm: 1950, widthMm: 1400, platformMm: 600 }),
      at('kitchen', 'galley', 1700, LEFT, { lengthMm: 1200, depthMm: 560, hob: false }),
      at('plate', 'hob-loose', 2200, LEFT, {}, { up: { from: 'top-of', fitting: 'fit-kitchen', mm: 0 } }),
      at('fan', 'fan-extract', 1900, MIDDLE),
    ],
    [fan('fan', 1900), window('window', 'left', 300, 900)],
    [['step-high']],
    [...C, 'exit-few'],
  ),
  plan(
    'two inlets of the mains',
    'van-long-high',
    { people: two(), use: USE },
    camper(bedAlong(), at('in-a', 'inlet', 1800, LEFT), at('in-b', 'inlet', 200, RIGHT)),
    AIR,
    [['inlets-live']],
    C,
  ),
  plan(
    'a diesel heater whose exhaust is under the door',
    'van-long-high',
    { people: two(), use: { ...USE, heating: 'diesel' } },
    camper(
      bedAlong(),
      at('heater', 'heater-air', 3100, RIGHT),
      at('monoxide', 'alarm', 300, RIGHT, { senses: 'monoxide' }, up(900)),
      at('smoke', 'alarm', 2000, LEFT, {}, { up: { from: 'roof', mm: 60 } }),
    ),
    AIR,
    [['heater-near', 'heater']],
    [...C, 'door-blocked', 'extinguisher-far'],
  ),
  plan(
    'no holes, and a fan in the roof',
    'van-medium-high',
    { people: one({ statureMm: 1650 }), use: { ...USE, permanence: 'no-holes' } },
    [
      at('bed', 'bed-panels', 60, offL(50), { lyingMm: 1760, widthMm: 780, sleepers: 1 }, along),
      at('fan', 'fan-extract', 2200, MIDDLE),
    ],
    [fan('fan', 2200), fixed('bed', 'points', 4)],
    [['body-cut']],
    [...C, 'berth-airless', 'air-one-way'],
  ),
  plan(
    'a lounge whose cushions have nowhere to go',
    'truck-box-through',
    { people: two(), use: { ...USE, cooking: 'daily' } },
    [
      at('lounge', 'lounge-u', 100, MIDDLE),
      at('kitchen', 'galley', 1900, LEFT, { lengthMm: 1300, depthMm: 560, hob: false }),
      at('plate', 'hob-loose', 2500, LEFT, {}, { up: { from: 'top-of', fitting: 'fit-kitchen', mm: 0 } }),
      at('fan', 'fan-extract', 2100, MIDDLE),
      at('step', 'step', 4100, RIGHT, { dropMm: 300 }),
    ],
    [fan('fan', 2100), window('window', 'left', 300, 900)],
    [],
    [...C, 'step-high'],
  ),
  plan(
    'a swivel seat that meets the galley',
    'van-long-high',
    { people: two(), use: USE },
    [
      bedAlong(),
      at('kitchen', 'galley', 3000, LEFT, { lengthMm: 1240, depthMm: 650, hob: false }),
      at('plate', 'hob-loose', 3500, LEFT, {}, { up: { from: 'top-of', fitting: 'fit-kitchen', mm: 0 } }),
      at('fan', 'fan-extract', 2300, MIDDLE),
    ],
    [
      ...AIR,
      { type: 'mode.turned', variant: 'variant-a', mode: 'mode-day', seat: 'cab-driver', turned: true } as never,
    ],
    [],
    C,
  ),
  plan(
    'solar, box and fan on one piece of roof',
    'van-long-high',
    { people: two(), use: { ...USE, energy: 'solar' } },
    camper(bedAlong(), at('sun', 'solar-panel', 1900, MIDDLE, { lengthMm: 1600, depthMm: 1000 })),
    AIR,
    [['overlap', 'sun']],
    [...C, 'roof-unknown'],
  ),
  plan(
    'a long pole that goes nowhere',
    'van-medium-high',
    {
      people: one({ statureMm: 1620 }),
      gear: { 'gear-pole': { label: 'Pole', sizeMm: [3300, 120, 120], count: 1 } },
      use: USE,
    },
    [at('bed', 'bed-fixed', 60, MIDDLE, { lyingMm: 1680, widthMm: 800, platformMm: 600, sleepers: 1 })],
    [],
    [['gear-too-long']],
    [...C, 'berth-airless'],
  ),
  plan(
    'a dog that cannot climb in',
    'truck-box',
    {
      people: one(),
      pets: {
        'pet-a': {
          label: 'old dog',
          lengthMm: 750,
          heightMm: 560,
          massKg: 30,
          rides: 'crate',
          sleeps: 'floor',
          stepMm: 250,
        },
      },
      use: USE,
    },
    [
      at('bed', 'bed-fixed', 60, MIDDLE, { lyingMm: 1900, widthMm: 900, platformMm: 600, sleepers: 1 }),
      at('crate', 'dog-crate', 1600, LEFT, { lengthMm: 1000, depthMm: 700, heightMm: 750 }),
      at('step', 'step', 3300, RIGHT, { dropMm: 350 }),
    ],
    [],
    [['pet-step-high']],
    [...C, 'step-high', 'berth-airless', 'exit-few'],
  ),
  plan(
    'worktop for a cook of two metres',
    'van-extra-long-high',
    {
      people: { 'person-a': person('tall cook', 1990), 'person-b': person('short', 1600) },
      use: { ...USE, cooking: 'daily', cook: 'person-a' },
    },
    [
      at('bed', 'bed-fixed', 60, offL(50), { lyingMm: 2050, widthMm: 1300, platformMm: 600, entry: 'foot' }, along),
      at('kitchen', 'galley', 2400, LEFT, { lengthMm: 1300, worktopMm: 820, hob: false }),
      at('plate', 'hob-loose', 3000, LEFT, {}, { up: { from: 'top-of', fitting: 'fit-kitchen', mm: 0 } }),
      at('fan', 'fan-extract', 2600, MIDDLE),
    ],
    [fan('fan', 2600), window('window', 'left', 300, 900)],
    [['worktop-off', 'kitchen'], ['standing-nowhere']],
    [...C, 'standing-low', 'sit-up-low'],
  ),
  plan(
    'a lift bed that hangs on one corner',
    'truck-box',
    { people: two(), use: USE },
    [
      at('bed', 'bed-lift', 350, MIDDLE, {
        lyingMm: 1950,
        widthMm: 1400,
        nightMm: 800,
        dayMm: 1500,
        railTopMm: 1900,
        upperMm: 1500,
        lowerMm: 800,
      }),
      at('step', 'step', 3300, RIGHT, { dropMm: 350 }),
    ],
    [fixed('bed', 'screws', 1)],
    [['hung-weakly', 'bed']],
    [...C, 'step-high', 'berth-airless', 'exit-few', 'not-held', 'head-bump'],
  ),
  plan(
    'an electric boiler without a timer, and a heater at altitude',
    'van-long-high',
    { people: two(), use: { ...USE, altitudeM: 2600, heating: 'diesel', washing: 'outside' } },
    camper(
      bedAlong(),
      at('boiler', 'heater-water', 2000, RIGHT),
      at('heater', 'heater-air', 2450, RIGHT),
      at('monoxide', 'alarm', 300, RIGHT, { senses: 'monoxide' }, up(900)),
      at('smoke', 'alarm', 2000, LEFT, {}, { up: { from: 'roof', mm: 60 } }),
    ),
    AIR,
    [
      ['timer-none', 'boiler'],
      ['burner-high', 'heater'],
    ],
    [...C, 'extinguisher-far'],
  ),
]
