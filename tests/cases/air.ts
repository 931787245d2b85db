import type { Command } from '$lib/core/job'
import { person, put, putInside, truck, variant } from '../support/plan'
import { sleepsAcross, type CasesFor } from './kit'

/** A window that opens, in the left wall. */
const hopper: Command = {
  type: 'change.put',
  variant,
  id: 'change-w',
  change: { kind: 'window', side: 'left', fromMm: 1000, toMm: 1600, sillMm: 900, headMm: 1300, opens: 'hopper' },
}

const three = [person(1700), person(1700, 'person-b'), person(1700, 'person-c')]

function ply(mm: number): Command {
  return {
    type: 'lining.set',
    variant,
    lining: { floorMm: 0, wallMm: mm, roofMm: 0, layers: { wall: [{ material: 'birch-ply', mm }] } },
  }
}

/** A bed across the rear, and what sets the heater so far from the rear. */
function controlAt(mm: number) {
  return truck(
    put('fit-b', 'bed-fixed', 0, 'left-wall'),
    put('fit-a', 'timer', mm, 'left-wall', { times: 'heater' }, { up: { from: 'floor', mm: 700 } }),
  )
}

/** A bench of 600 × 400 by the left wall, with something in the corner of its chest. */
const inBench = (kind: string, parameters: Record<string, number | string>) =>
  truck(
    put('fit-b', 'bench-side', 1000, 'left-wall', { lengthMm: 600, depthMm: 400 }),
    putInside('fit-a', kind, 'fit-b', parameters),
  )

/** Board of 40 mm all round, doors too. */
const lined: Command = {
  type: 'lining.set',
  variant,
  lining: {
    floorMm: 40,
    wallMm: 40,
    roofMm: 40,
    doorMm: 40,
    layers: Object.fromEntries(['floor', 'wall', 'roof', 'door'].map((face) => [face, [{ material: 'pir', mm: 40 }]])),
  },
}
const at = (coldestC: number): Command => ({ type: 'brief.use', use: { coldestC } })
const heater = (kilowatts: number): Command =>
  put('fit-a', 'heater-air', 1000, 'left-wall', { fuel: 'diesel', kilowatts })

/** Rows of the rules about air, light and quiet. */
export const AIR_CASES: CasesFor<
  | 'air-one-way'
  | 'air-one-end'
  | 'berth-airless'
  | 'air-unscreened'
  | 'hob-airless'
  | 'head-noise'
  | 'control-far'
  | 'light-none'
  | 'light-on'
  | 'night-dark'
  | 'berth-cold'
  | 'heater-small'
  | 'heater-large'
  | 'window-covered'
  | 'warm-shut-in'
  | 'gas-shut-in'
> = {
  'heater-small': {
    // walls 17.76 m² × 0.503, rear 4.19 × 0.503, floor 8.61 × 0.493, roof 8.28 × 0.511 (40 mm of 0.022 W/mK and EN ISO 6946’s surfaces), 15 % more
    // for ribs, bulkhead 4.19 × 1.5, air 17.64 m³ × 0.34: 34.73 W/K, × 58 K; eight tenths of that are 1 611 W
    speaks: truck(lined, at(-40), heater(1.6)),
    measured: 1600,
    needed: 2014,
    rule: 'heater-size',
    mode: 'mode-day',
    place: [1185, 940, 190],
    silent: truck(lined, at(-40), heater(1.65)),
  },
  'heater-large': {
    // the same, × 18 K from frost on, ten times
    speaks: truck(lined, at(12), heater(6.3)),
    measured: 6300,
    needed: 6251,
    rule: 'heater-size',
    mode: 'mode-day',
    place: [1185, 940, 190],
    silent: truck(lined, at(12), heater(6.2)),
  },
  'warm-shut-in': {
    // a chest of 576 × 376, 346 high inside: 26 are left behind and above, and 16 beside it
    speaks: inBench('inverter', { lengthMm: 560, depthMm: 350, heightMm: 320 }),
    measured: 26,
    needed: 40,
    rule: 'hollow-air',
    mode: 'mode-day',
    place: [1292, 837, 332],
    silent: inBench('inverter', { lengthMm: 560, depthMm: 350, heightMm: 300 }),
  },
  'gas-shut-in': {
    speaks: inBench('battery', { chemistry: 'lead' }),
    measured: 0,
    needed: 1,
    rule: 'hollow-air',
    mode: 'mode-day',
    place: [1192, 762, 252],
    silent: inBench('battery', { chemistry: 'lithium' }),
  },
  'air-unscreened': {
    speaks: truck(put('fit-a', 'hatch-roof', 1000, 'centreline', { screen: false })),
    measured: 0,
    needed: 1,
    rule: 'air-screened',
    mode: 'mode-night',
    place: [1380, 0, 2280],
    silent: truck(put('fit-a', 'hatch-roof', 1000, 'centreline', { screen: true })),
  },
  'air-one-end': {
    // three cook and sleep inside; one window, at the left
    speaks: truck(...three, put('fit-a', 'galley', 2400, 'left-wall'), hopper),
    measured: 0,
    needed: 1000,
    rule: 'air-pair',
    mode: 'mode-night',
    place: [2150, 0, 1000],
    silent: truck(...three.slice(1), put('fit-a', 'galley', 2400, 'left-wall'), hopper),
  },
  'air-one-way': {
    speaks: truck(put('fit-a', 'fan-extract', 500, 'centreline')),
    measured: 0,
    needed: 1000,
    rule: 'air-pair',
    mode: 'mode-night',
    place: [730, 0, 2460],
    // the middles of a fan of 460 and a hatch of 760 are 1000 apart
    silent: truck(put('fit-a', 'fan-extract', 500, 'centreline'), put('fit-b', 'hatch-roof', 1350, 'centreline')),
  },
  'berth-airless': {
    // the head lies at (1000, 800): 150 from the end of a bed of 1900 across; the fan’s middle is at 2300
    speaks: truck(person(1840), sleepsAcross(400, 1200), put('fit-b', 'fan-extract', 2070, 'centreline')),
    measured: Math.hypot(1300, 800),
    needed: 1500,
    rule: 'air-berth',
    mode: 'mode-night',
    place: [1000, 800, 520],
    silent: truck(person(1840), sleepsAcross(400, 1200), put('fit-b', 'fan-extract', 2030, 'centreline')),
  },
  'hob-airless': {
    // its middle is at (1925, 800), the rear door’s at (0, 0)
    speaks: truck(put('fit-a', 'galley-hob', 1700, 'left-wall')),
    measured: Math.hypot(1925, 800),
    needed: 2000,
    rule: 'air-hob',
    mode: 'mode-day',
    place: [1925, 800, 900],
    silent: truck(put('fit-a', 'galley-hob', 1700, 'left-wall'), put('fit-b', 'fan-extract', 2385, 'centreline')),
  },
  'control-far': {
    // the bed ends at 1300, the control begins 2100 further on, at the height of the mattress
    speaks: controlAt(3400),
    measured: 2100,
    needed: 2000,
    rule: 'heater-control',
    mode: 'mode-day',
    place: [3445, 1027.5, 790],
    silent: controlAt(3300),
  },
  'head-noise': {
    speaks: truck(person(1840), sleepsAcross(400, 700), put('fit-b', 'cold-box', 1100, 'left-wall')),
    measured: 1100 - 750,
    needed: 500,
    rule: 'quiet-heads',
    mode: 'mode-night',
    place: [750, 800, 520],
    silent: truck(person(1840), sleepsAcross(400, 700), put('fit-b', 'cold-box', 1250, 'left-wall')),
  },
  'light-none': {
    speaks: truck(person(1700), sleepsAcross(1000, 1400), put('fit-l', 'light', 1700, 'left-wall', { place: 'room' })),
    measured: 0,
    needed: 1,
    rule: 'light-reading',
    mode: 'mode-night',
    place: [1700, 800, 520],
    silent: truck(person(1700), sleepsAcross(1000, 1400), put('fit-l', 'light', 1700, 'left-wall')),
  },
  'night-dark': {
    // the toilet from 3 000 on, 440 long and 460 deep before a wall at 1 050, the strip from 600 to 800: 2 200 away
    speaks: truck(
      person(1700),
      person(1600, 'person-b'),
      put('fit-t', 'toilet-portable', 3000, 'left-wall'),
      put('fit-l', 'light-strip', 600, 'left-wall', { lengthMm: 200 }),
    ),
    measured: 0,
    needed: 1,
    rule: 'light-night',
    mode: 'mode-night',
    // slid out by 420 towards the middle
    place: [3220, 610, 460],
    silent: truck(
      person(1700),
      person(1600, 'person-b'),
      put('fit-t', 'toilet-portable', 3000, 'left-wall'),
      put('fit-l', 'light', 2600, 'left-wall', { place: 'room', colour: 'red' }),
    ),
  },
  'light-on': {
    speaks: truck(put('fit-l', 'light', 3000, 'left-wall', { place: 'door', switched: false })),
    measured: 0,
    needed: 1,
    rule: 'light-door',
    mode: 'mode-day',
    place: [3045, 1015, 1240],
    silent: truck(put('fit-l', 'light', 3000, 'left-wall', { place: 'door', switched: true })),
  },
  'berth-cold': {
    // EN ISO 6946: 1 / (0.13 + 0.003 / 0.17 + 0.04); the bed leaves 2 at either wall
    speaks: truck(ply(3), put('fit-a', 'bed-fixed', 1000, 'centreline', { lyingMm: 2090 })),
    measured: 5.33,
    needed: 1.5,
    rule: 'berth-warm',
    mode: 'mode-night',
    place: [1090, -955, 820],
    silent: truck(ply(3), put('fit-a', 'bed-fixed', 1000, 'centreline', { lyingMm: 2010 })),
  },
  'window-covered': {
    // 310 and 300 of a window that is 600 wide
    speaks: truck(hopper, put('fit-w', 'wardrobe', 1000, 'left-wall', { lengthMm: 310, heightMm: 1500 })),
    measured: 48,
    needed: 50,
    rule: 'window-free',
    mode: 'mode-day',
    place: [1300, 1050, 1100],
    silent: truck(hopper, put('fit-w', 'wardrobe', 1000, 'left-wall', { lengthMm: 300, heightMm: 1500 })),
  },
}
