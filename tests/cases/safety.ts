import type { Seat } from '$lib/core/fittings'
import type { Command } from '$lib/core/job'
import { person, put, truck } from '../support/plan'
import { cookingAt, sleepsAcross, type CasesFor } from './kit'

const onFloor: Partial<Seat> = { up: { from: 'floor', mm: 0 } }

const underFloor: Partial<Seat> = { up: { from: 'under-floor', mm: 20 } }
/** A battery and an inverter of 2000 W ahead of it. */
const toInverter: readonly Command[] = [
  put('fit-a', 'battery', 600),
  put('fit-b', 'inverter', 1100, 'left-wall', { watts: 2000, does: 'inverter' }, onFloor),
]
/** A battery, its fuses and a cold box across from them, further on. */
const toBox: readonly Command[] = [
  put('fit-a', 'battery', 600),
  put('fit-b', 'fuse-board', 1500, 'left-wall', {}, { up: { from: 'floor', mm: 900 } }),
  put('fit-c', 'cold-box', 3000, 'right-wall'),
]

/** A lamp behind, one in front, one to read by, an alarm and a cold box: none shares a wire with another. */
const FIVE_CIRCUITS: readonly Command[] = [
  put('fit-l', 'light', 500, 'right-wall', { place: 'room' }, { up: { from: 'floor', mm: 1500 } }),
  put('fit-m', 'light', 3600, 'right-wall', { place: 'room' }, { up: { from: 'floor', mm: 1500 } }),
  put('fit-r', 'light', 700, 'left-wall', { place: 'reading' }, { up: { from: 'floor', mm: 1200 } }),
  put('fit-s', 'alarm', 2000, 'left-wall', { senses: 'monoxide' }, { up: { from: 'floor', mm: 1500 } }),
  put('fit-c', 'cold-box', 3000, 'right-wall'),
]

const SOCKET = put('fit-o', 'socket', 2500, 'right-wall', {}, { up: { from: 'floor', mm: 900 } })

function smokeAt(mm: number): Command {
  return put('fit-s', 'alarm', 1000, 'left-wall', { senses: 'smoke' }, { up: { from: 'floor', mm } })
}

function tankWaste(x: number): Command {
  return put('fit-w', 'tank-waste', x, 'centreline')
}

function leadAt(x: number): Command {
  return put('fit-b', 'battery', x, 'left-wall', { chemistry: 'lead', depthMm: 200, heightMm: 240 })
}

const outlet: Command = put('fit-a', 'warm-outlet', 500, 'left-wall')
/** A tank 400 deep across from it, so far off the right wall. */
function tankAcross(mm: number): Command {
  return put(
    'fit-b',
    'water-tank',
    300,
    'right-wall',
    { lengthMm: 600, depthMm: 400 },
    { across: { from: 'right-wall', mm } },
  )
}

/** Rows of the rules about safety. */
export const SAFETY_CASES: CasesFor<
  | 'gas-far'
  | 'gas-vent-high'
  | 'gas-vent-small'
  | 'gas-unsealed'
  | 'outlet-near'
  | 'intake-near'
  | 'hob-beside'
  | 'electrics-wet'
  | 'fuse-far'
  | 'ways-few'
  | 'ways-none'
  | 'inverter-far'
  | 'charger-large'
  | 'charge-frozen'
  | 'wire-thin'
  | 'wire-drop'
  | 'wire-without'
  | 'exit-few'
  | 'alarm-missing'
  | 'alarm-misplaced'
  | 'extinguisher-far'
  | 'inlets-live'
  | 'drain-flat'
  | 'heater-near'
  | 'battery-gases'
> = {
  'gas-far': {
    speaks: truck(put('fit-a', 'gas-locker', 0, 'left-wall'), put('fit-b', 'galley-hob', 2950, 'left-wall')),
    measured: 2950 - 420,
    needed: 2500,
    rule: 'gas-zone',
    mode: 'mode-day',
    place: [3175, 800, 900],
    silent: truck(put('fit-a', 'gas-locker', 0, 'left-wall'), put('fit-b', 'galley-hob', 2920, 'left-wall')),
  },
  'gas-vent-high': {
    speaks: truck(put('fit-a', 'gas-locker', 0, 'left-wall', {}, { up: { from: 'floor', mm: 50 } })),
    measured: 50,
    needed: 20,
    rule: 'gas-vent',
    mode: 'mode-drive',
    place: [210, 850, 700],
    silent: truck(put('fit-a', 'gas-locker', 0, 'left-wall', {}, { up: { from: 'floor', mm: 20 } })),
  },
  'gas-vent-small': {
    // a floor of 650 × 400 mm is 2600 cm², of which the least, 100, is more than 2 %
    speaks: truck(put('fit-a', 'gas-locker', 0, 'left-wall', { lengthMm: 650, depthMm: 400, ventCm2: 99 })),
    measured: 99,
    needed: 100,
    rule: 'gas-vent',
    mode: 'mode-drive',
    place: [325, 850, 650],
    silent: truck(put('fit-a', 'gas-locker', 0, 'left-wall', { lengthMm: 650, depthMm: 400, ventCm2: 100 })),
  },
  'gas-unsealed': {
    speaks: truck(put('fit-a', 'gas-locker', 0, 'left-wall', { seal: 'none' })),
    measured: 0,
    needed: 1,
    rule: 'gas-vent',
    mode: 'mode-drive',
    place: [210, 850, 650],
    silent: truck(put('fit-a', 'gas-locker', 0, 'left-wall', { seal: 'gasket' })),
  },
  'intake-near': {
    speaks: truck(put('fit-h', 'heater-air', 500, 'left-wall', { flueMm: 100, intakeMm: 349 })),
    measured: 249,
    needed: 250,
    rule: 'heater-clear',
    mode: 'mode-day',
    place: [685, 980, 150],
    silent: truck(put('fit-h', 'heater-air', 500, 'left-wall', { flueMm: 100, intakeMm: 350 })),
  },
  'outlet-near': {
    // a wall of 2100: the grille is 40 deep, the tank across from it so far off the right wall that 249 or 250 are left
    speaks: truck(outlet, tankAcross(2100 - 40 - 249 - 400)),
    measured: 249,
    needed: 250,
    rule: 'outlet-clear',
    mode: 'mode-drive',
    place: [545, 1030, 170],
    silent: truck(outlet, tankAcross(2100 - 40 - 250 - 400)),
  },
  'hob-beside': {
    speaks: truck(...cookingAt(1000), put('fit-b', 'wardrobe', 1550, 'left-wall')),
    measured: 1550 - 1450,
    needed: 150,
    rule: 'hob-beside',
    mode: 'mode-day',
    place: [1225, 800, 900],
    silent: truck(...cookingAt(1000), put('fit-b', 'wardrobe', 1600, 'left-wall')),
  },
  'electrics-wet': {
    // a tub is splashed about from its rim to the floor, a basin in a worktop only at its top
    speaks: truck(put('fit-a', 'battery', 0, 'left-wall'), put('fit-b', 'wash-tub', 600, 'left-wall')),
    measured: 600 - 360,
    needed: 300,
    rule: 'electrics-dry',
    mode: 'mode-day',
    place: [180, 950, 240],
    silent: truck(put('fit-a', 'battery', 0, 'left-wall'), put('fit-b', 'galley-basin', 400, 'left-wall')),
  },
  'fuse-far': {
    speaks: truck(put('fit-a', 'battery', 0, 'left-wall'), put('fit-b', 'fuse-board', 1900, 'left-wall', {}, onFloor)),
    measured: 1900 - 360,
    needed: 1500,
    rule: 'fuse-near',
    mode: 'mode-day',
    place: [2050, 1005, 220],
    silent: truck(put('fit-a', 'battery', 0, 'left-wall'), put('fit-b', 'fuse-board', 1860, 'left-wall', {}, onFloor)),
  },
  'ways-few': {
    speaks: truck(...FIVE_CIRCUITS, put('fit-b', 'fuse-board', 1000, 'left-wall', { circuits: 4 }, onFloor)),
    measured: 4,
    needed: 5,
    rule: 'fuse-ways',
    mode: 'mode-day',
    place: [1150, 1005, 220],
    silent: truck(...FIVE_CIRCUITS, put('fit-b', 'fuse-board', 1000, 'left-wall', { circuits: 5 }, onFloor)),
  },
  'ways-none': {
    // with a socket the plan has come to its wiring: a battery and lights alone may yet be without a board
    speaks: truck(put('fit-a', 'battery', 1000, 'left-wall'), ...FIVE_CIRCUITS, SOCKET),
    measured: 0,
    needed: 6,
    rule: 'fuse-ways',
    mode: 'mode-day',
    place: [1180, 950, 240],
    silent: truck(put('fit-a', 'battery', 1000, 'left-wall'), ...FIVE_CIRCUITS),
  },
  'charge-frozen': {
    // under the floor, on a night of −8; one that is indoors charges
    speaks: truck(
      { type: 'brief.use', use: { coldestC: -8 } },
      put('fit-a', 'battery', 1000, 'centreline', {}, underFloor),
    ),
    measured: -8,
    needed: 0,
    rule: 'charge-frost',
    mode: 'mode-day',
    place: [1180, 0, -20],
    silent: truck({ type: 'brief.use', use: { coldestC: -8 } }, put('fit-a', 'battery', 1000, 'left-wall')),
  },
  'wire-thin': {
    // 2000 W through 90 % at 12 V are 185 A, behind a fuse of 250; 50 mm² carry 210 by ISO 10133, as remembered
    speaks: truck(...toInverter, { type: 'power.wire', id: 'inverter', mm2: 50 }),
    measured: 210,
    needed: 250,
    rule: 'wire-holds',
    mode: 'mode-day',
    place: [1265, 970, 420],
    silent: truck(...toInverter, { type: 'power.wire', id: 'inverter', mm2: 70 }),
  },
  'wire-drop': {
    // 54 W at 12 V are 4.5 A; the way by the roof and back is 2 × 9.53 m. On 4 mm² of 4.95 Ω/km (IEC 60228) at 45 °C that loses 0.466 V;
    // on 10 mm² 0.18 V, and three times as much in the moment that it starts
    speaks: truck(...toBox, { type: 'power.wire', id: 'cold-box-fit-c', mm2: 4 }),
    measured: 3.9,
    needed: 3,
    rule: 'wire-holds',
    mode: 'mode-day',
    place: [3270, -770, 620],
    silent: truck(...toBox, { type: 'power.wire', id: 'cold-box-fit-c', mm2: 10 }),
  },
  'wire-without': {
    speaks: truck(...toInverter, put('fit-h', 'heater-water', 2600, 'left-wall', { heatedBy: 'electric' }), {
      type: 'power.wire',
      id: 'mains-fit-h',
      parts: ['residual-current'],
    }),
    measured: 0,
    needed: 1,
    rule: 'wire-holds',
    mode: 'mode-day',
    place: [2800, 900, 300],
    silent: truck(...toInverter, put('fit-h', 'heater-water', 2600, 'left-wall', { heatedBy: 'electric' }), {
      type: 'power.wire',
      id: 'mains-fit-h',
      parts: ['timer', 'residual-current'],
    }),
  },
  'charger-large': {
    // lead takes a fifth of 100 Ah
    speaks: truck(
      put('fit-a', 'battery', 0, 'left-wall', { chemistry: 'lead', ampHours: 100 }),
      put('fit-b', 'charge-controller', 800, 'left-wall', { from: 'engine', amps: 30 }, onFloor),
    ),
    measured: 30,
    needed: 20,
    rule: 'charger-fits',
    mode: 'mode-day',
    place: [900, 1012.5, 190],
    silent: truck(
      put('fit-a', 'battery', 0, 'left-wall', { chemistry: 'lead', ampHours: 150 }),
      put('fit-b', 'charge-controller', 800, 'left-wall', { from: 'engine', amps: 30 }, onFloor),
    ),
  },
  'inverter-far': {
    // the battery ends at 360; the inverter begins at 2400
    speaks: truck(put('fit-a', 'battery', 0, 'left-wall'), put('fit-b', 'inverter', 2400, 'left-wall', {}, onFloor)),
    measured: 2400 - 360,
    needed: 2000,
    rule: 'inverter-near',
    mode: 'mode-day',
    place: [2565, 970, 420],
    silent: truck(put('fit-a', 'battery', 0, 'left-wall'), put('fit-b', 'inverter', 2360, 'left-wall', {}, onFloor)),
  },
  'exit-few': {
    // a tank on either side leaves 100 of the rear door
    speaks: truck(
      put('fit-a', 'bed-fixed', 1200, 'centreline'),
      ...(['left-wall', 'right-wall'] as const).map((from) =>
        put(`fit-${from}`, 'water-tank', 0, from, { lengthMm: 400, depthMm: 1000, heightMm: 900 }),
      ),
    ),
    measured: 1,
    needed: 2,
    rule: 'ways-out',
    mode: 'mode-night',
    place: [2150, 0, 1000],
    silent: truck(put('fit-a', 'bed-fixed', 1200, 'centreline')),
  },
  'alarm-missing': {
    speaks: truck(person(1700), put('fit-a', 'alarm', 1000, 'left-wall', { senses: 'monoxide' })),
    measured: 0,
    needed: 1,
    rule: 'alarms-placed',
    mode: 'mode-night',
    place: [2150, 0, 1000],
    silent: truck(person(1700), smokeAt(1990)),
  },
  'alarm-misplaced': {
    // its top is 110 over its base; the ceiling over it, 20 from the wall, is at 2080 + 20 × 70 / 60 = 2103
    speaks: truck(person(1700), smokeAt(1650)),
    measured: 2103 - 1650 - 110,
    needed: 300,
    rule: 'alarms-placed',
    mode: 'mode-night',
    place: [1055, 1030, 1760],
    silent: truck(person(1700), smokeAt(1694)),
  },
  'extinguisher-far': {
    speaks: truck(person(1700), put('fit-a', 'extinguisher', 619, 'right-wall')),
    measured: 2501, // 120 wide, to the side door at 3240
    needed: 2500,
    rule: 'extinguisher-near',
    mode: 'mode-night',
    place: [679, -990, 650],
    silent: truck(person(1700), put('fit-a', 'extinguisher', 620, 'right-wall')),
  },
  'inlets-live': {
    speaks: truck(put('fit-a', 'inlet', 500, 'left-wall'), put('fit-b', 'inlet', 900, 'left-wall')),
    measured: 2,
    needed: 1,
    rule: 'inlet-one',
    mode: 'mode-day',
    place: [975, 995, 400],
    silent: truck(put('fit-a', 'inlet', 500, 'left-wall'), put('fit-b', 'inlet', 900, 'left-wall', { takes: 'water' })),
  },
  'drain-flat': {
    // its middle is 3150 further forward and 670 aside; the tank hangs 40 under the floor
    speaks: truck(put('fit-s', 'wet-cubicle', 0, 'left-wall'), tankWaste(3200)),
    measured: 40,
    needed: 64, // 0.02 × 3220
    rule: 'drain-fall',
    mode: 'mode-day',
    place: [400, 670, 1800],
    silent: truck(put('fit-s', 'wet-cubicle', 0, 'left-wall'), tankWaste(1000)),
  },
  'heater-near': {
    // the side door begins at 3240; the flue is at the heater’s middle
    speaks: truck(put('fit-h', 'heater-air', 2800, 'right-wall', { lengthMm: 370 })),
    measured: 3240 - 2985,
    needed: 300,
    rule: 'heater-clear',
    mode: 'mode-day',
    place: [2985, -980, 150],
    silent: truck(put('fit-h', 'heater-air', 2755, 'right-wall', { lengthMm: 370 })),
  },
  'battery-gases': {
    // the head is 150 from the left end of a bed that ends 100 before the wall, at 520; the battery’s top at 240
    speaks: truck(person(1700), sleepsAcross(1000, 1400), leadAt(1600)),
    measured: Math.hypot(280, 1050 - 200 - 800),
    needed: 1000,
    rule: 'battery-kept',
    mode: 'mode-night',
    place: [1780, 950, 240],
    silent: truck(person(1700), sleepsAcross(1000, 1400), leadAt(2700)),
  },
}
