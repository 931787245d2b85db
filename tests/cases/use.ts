import type { Command, Job } from '$lib/core/job'
import { genericShell } from '$lib/core/shells'
import { jobWith, person, put, putAtHome, truck, variant, want } from '../support/plan'
import { sideDoorOnly, cookingAt, type CasesFor } from './kit'

/** A garage as large as it gets. */
const HALL = { lengthMm: 1600, depthMm: 1200, heightMm: 1000 }

/** The long van with its seats set 190 mm further back, a wardrobe against the bulkhead, and the driver's seat turned by day. */
const seatsBehind = (depthMm: number, turned: boolean, xMm = 4550): Job => {
  const shell = genericShell('van-long-high')
  return jobWith(
    'van-long-high',
    { type: 'shell.put', shell: { ...shell, cabSeats: shell.cabSeats.map((seat) => ({ ...seat, xMm })) } },
    put(
      'fit-a',
      'wardrobe',
      0,
      'left-wall',
      { depthMm, lengthMm: 440, heightMm: 1500 },
      { along: { from: 'bulkhead', mm: 0 } },
    ),
    { type: 'mode.turned', variant, mode: 'mode-day', seat: 'cab-driver', turned },
  )
}

/** Cloths that are rolled up by day and slung at night, two minutes each. */
function hammocks(count: number): Command[] {
  return Array.from({ length: count }, (_, index) => put(`fit-${index}`, 'bunk-hammock', index * 100, 'left-wall'))
}

function piece(sizeMm: [number, number, number]): Command {
  return want('stowage', { label: 'Chest', sizeMm })
}

function wetAnd(other: 'wet' | 'dry'): Command[] {
  const gear = (id: string, wet: boolean): Command => ({
    type: 'gear.put',
    id,
    gear: { label: id, sizeMm: [300, 200, 100], count: 1, wet },
  })
  return [{ type: 'brief.derives', derives: true }, gear('gear-waders', true), gear('gear-maps', other === 'wet')]
}

function used(second: 'daily' | 'seldom'): Command[] {
  const gear = (id: string, use: string): Command =>
    ({ type: 'gear.put', id, gear: { label: id, sizeMm: [300, 200, 100], count: 1, use } }) as Command
  return [{ type: 'brief.derives', derives: true }, gear('gear-boots', 'daily'), gear('gear-tent', second)]
}

const wishesSeats = (quantity: number): Command => ({
  type: 'demand.put',
  id: 'demand-seat',
  demand: { need: 'seat', must: false, quantity },
})
const sleeper = { label: 'one', statureMm: 1750, sleeps: true, travels: true, bedside: true }
const drinkOutside: Command = { type: 'brief.use', use: { coldOutside: true } }
/** An upright cold box across from the side door, so far off the left wall. */
function boxByDoor(mm: number): Command {
  return put('fit-a', 'cold-box', 3300, 'left-wall', {}, { across: { from: 'left-wall', mm } })
}

function tankBefore(x: number): Command {
  return put('fit-b', 'water-tank', x, 'right-wall', { lengthMm: 600, depthMm: 300, heightMm: 900 })
}

/** A floor of a board and what is laid on it. */
const flooredWith = (material: string): Command =>
  ({
    type: 'lining.set',
    variant: 'variant-a',
    lining: {
      floorMm: 14,
      wallMm: 0,
      roofMm: 0,
      layers: {
        floor: [
          { material: 'birch-ply', mm: 10 },
          { material, mm: 4 },
        ],
      },
    },
  }) as Command

/** Rows of the rules about use. */
export const USE_CASES: CasesFor<
  | 'inverter-small'
  | 'socket-far'
  | 'socket-bed-far'
  | 'energy-other'
  | 'waste-small'
  | 'stowage-high'
  | 'clearance-blocked'
  | 'gear-too-long'
  | 'gear-no-room'
  | 'swivel-blocked'
  | 'recline-blocked'
  | 'loose-homeless'
  | 'mattress-damp'
  | 'finish-wet'
  | 'finish-hot'
  | 'finish-seams'
  | 'finish-soaks'
  | 'change-stuck'
  | 'worktop-few'
  | 'cold-far'
  | 'cold-inside'
  | 'cold-behind'
  | 'gear-stuck'
  | 'gear-wet'
  | 'drawer-dead'
  | 'drawer-low'
  | 'seats-few'
  | 'daily-behind'
  | 'change-long'
  | 'bed-wakes'
  | 'service-missing'
> = {
  'socket-bed-far': {
    // the head is at 650, 112 across and up from the socket: 1497 along make 1501
    speaks: truck(
      { type: 'person.put', id: 'person-a', person: sleeper },
      put('fit-a', 'bed-fixed', 0, 'left-wall'),
      put('fit-b', 'socket', 2147, 'left-wall', {}, { up: { from: 'floor', mm: 690 } }),
    ),
    measured: 1501,
    needed: 1500,
    rule: 'socket-bedside',
    mode: 'mode-night',
    place: [650, 900, 820],
    silent: truck(
      { type: 'person.put', id: 'person-a', person: sleeper },
      put('fit-a', 'bed-fixed', 0, 'left-wall'),
      put('fit-b', 'socket', 2145, 'left-wall', {}, { up: { from: 'floor', mm: 690 } }),
    ),
  },
  'waste-small': {
    // one of 11 L a night, of which 1.2 + 3.8 + 2.85 run in: 7 nights make 55 L; a quarter of 103 L of fresh water is less, 25.75
    speaks: truck(
      { type: 'person.put', id: 'person-a', person: { ...sleeper, bedside: false } },
      { type: 'brief.nights', nights: 7 },
      put('fit-a', 'water-tank', 2000, 'left-wall', { lengthMm: 800, depthMm: 400, heightMm: 350 }),
      put(
        'fit-b',
        'tank-waste',
        800,
        'centreline',
        { lengthMm: 400, depthMm: 350, heightMm: 200 },
        { up: { from: 'under-floor', mm: 40 } },
      ),
    ),
    measured: 25,
    needed: 26,
    rule: 'waste-enough',
    mode: 'mode-day',
    place: [1000, 0, -40],
    silent: truck(
      { type: 'person.put', id: 'person-a', person: { ...sleeper, bedside: false } },
      { type: 'brief.nights', nights: 7 },
      put('fit-a', 'water-tank', 2000, 'left-wall', { lengthMm: 800, depthMm: 400, heightMm: 350 }),
      put(
        'fit-b',
        'tank-waste',
        800,
        'centreline',
        { lengthMm: 400, depthMm: 360, heightMm: 200 },
        { up: { from: 'under-floor', mm: 40 } },
      ),
    ),
  },
  'energy-other': {
    speaks: truck(
      { type: 'brief.use', use: { energy: 'driving' } },
      put('fit-a', 'battery', 0, 'left-wall'),
      putAtHome('fit-b', 'solar-panel', 600),
    ),
    measured: 0,
    needed: 1,
    rule: 'energy-school',
    mode: 'mode-day',
    place: [2150, 0, 1000],
    silent: truck(
      { type: 'brief.use', use: { energy: 'solar' } },
      put('fit-a', 'battery', 0, 'left-wall'),
      putAtHome('fit-b', 'solar-panel', 600),
    ),
  },
  'socket-far': {
    // the desk ends at 1000, the socket begins at 2201
    speaks: truck(
      put('fit-a', 'desk', 0, 'left-wall', { lengthMm: 1000 }),
      put('fit-b', 'socket', 2201, 'left-wall', {}, { up: { from: 'floor', mm: 690 } }),
    ),
    measured: 1201,
    needed: 1200,
    rule: 'socket-near',
    mode: 'mode-day',
    place: [500, 800, 730],
    silent: truck(
      put('fit-a', 'desk', 0, 'left-wall', { lengthMm: 1000 }),
      put('fit-b', 'socket', 2200, 'left-wall', {}, { up: { from: 'floor', mm: 690 } }),
    ),
  },
  'inverter-small': {
    // loose plates take 1800 W each, and one cooks on both
    speaks: truck(
      put('fit-a', 'inverter', 500, 'left-wall', { watts: 3500, does: 'inverter' }, { up: { from: 'floor', mm: 100 } }),
      put('fit-b', 'hob-loose', 2000, 'left-wall', {}, { up: { from: 'floor', mm: 900 } }),
      put('fit-c', 'hob-loose', 2600, 'left-wall', {}, { up: { from: 'floor', mm: 900 } }),
    ),
    measured: 3500,
    needed: 3600,
    rule: 'inverter-enough',
    mode: 'mode-day',
    place: [665, 970, 520],
    silent: truck(
      put('fit-a', 'inverter', 500, 'left-wall', { watts: 1800, does: 'inverter' }, { up: { from: 'floor', mm: 100 } }),
      put('fit-b', 'hob-loose', 2000, 'left-wall', {}, { up: { from: 'floor', mm: 900 } }),
    ),
  },
  'stowage-high': {
    // 1.204 × 1440 − 50 = 1684; the locker of 350 hangs under a roof that comes down to 2135 over its back
    speaks: truck(person(1440), put('fit-a', 'locker', 1000, 'left-wall', { heightMm: 350 })),
    measured: 1785,
    needed: 1684,
    rule: 'reach-high',
    mode: 'mode-day',
    place: [1600, 885, 2134.6],
    // 1.204 × 1516 − 50 = 1775, and 10 are a matter of comfort
    silent: truck(person(1516), put('fit-a', 'locker', 1000, 'left-wall', { heightMm: 350 })),
  },
  'clearance-blocked': {
    speaks: truck(
      put('fit-a', 'galley', 1000, 'left-wall', { depthMm: 600 }),
      put('fit-b', 'lounge-bed', 1000, 'right-wall', { depthMm: 1150 }),
    ),
    measured: 350, // 2100 − 600 − 1150; four fifths of 450 do
    needed: 450,
    rule: 'clearance-free',
    mode: 'mode-day',
    place: [1700, 225, 650],
    silent: truck(
      put('fit-a', 'galley', 1000, 'left-wall', { depthMm: 590 }),
      put('fit-b', 'lounge-bed', 1000, 'right-wall', { depthMm: 1150 }),
    ),
  },
  'gear-too-long': {
    speaks: truck(
      want('stowage', { sizeMm: [1300, 300, 300] }),
      put('fit-a', 'wardrobe', 1000, 'left-wall', { heightMm: 1200, lengthMm: 400, depthMm: 400 }),
    ),
    measured: 1176, // 1200 less two boards of 12
    needed: 1300,
    rule: 'gear-stowed',
    mode: 'mode-drive',
    place: [2150, 0, 1000],
    silent: truck(
      want('stowage', { sizeMm: [1176, 300, 300] }),
      put('fit-a', 'wardrobe', 1000, 'left-wall', { heightMm: 1200, lengthMm: 400, depthMm: 400 }),
    ),
  },
  'gear-no-room': {
    speaks: truck(
      want('stowage', { sizeMm: [1100, 300, 300], quantity: 2 }),
      put('fit-a', 'wardrobe', 1000, 'left-wall', { heightMm: 1200, lengthMm: 400, depthMm: 400 }),
    ),
    measured: 0,
    needed: 1100,
    rule: 'gear-stowed',
    mode: 'mode-drive',
    place: [2150, 0, 1000],
    silent: truck(
      want('stowage', { sizeMm: [1100, 300, 300], quantity: 1 }),
      put('fit-a', 'wardrobe', 1000, 'left-wall', { heightMm: 1200, lengthMm: 400, depthMm: 400 }),
    ),
  },
  // Axis at (4550, 390), the back's corners at (−250, 280) and (−250, −200) from it. A wardrobe 460 deep reaches in to
  // y = 424 up to x = 4250. Turned right, the back's edge lies at x = 4261 there at 37.5°, and 4232 at 45°: 37.5° are free;
  // turned left, its outer corner is at (4235, 595) after 15°. A wardrobe 250 deep ends at y = 634, and the corner has
  // y = 615 where it passes x = 4250.
  'swivel-blocked': {
    speaks: seatsBehind(460, true),
    measured: 37.5,
    needed: 180,
    rule: 'swivel-free',
    mode: 'mode-day',
    place: [4550, 390, 420],
    silent: seatsBehind(250, true),
  },
  // Facing forward there, the foot of the back is at x = 4300 and its top, 640 up, leans over x = 4250 where 640 · sin a is
  // more than 50, at 4.5°: of steps of 2.5° one is free. With the seat 190 further
  // forward, the top leans no further than x = 4490 − 219 = 4271.
  'recline-blocked': {
    speaks: seatsBehind(460, false),
    measured: 2.5,
    needed: 20,
    rule: 'recline-free',
    mode: 'mode-drive',
    place: [4300, 430, 420],
    silent: seatsBehind(460, false, 4740),
  },
  'loose-homeless': {
    // two boards of 1900 / 2 × 600 and their cushions, put away by day, and nowhere to put them
    speaks: truck(put('fit-a', 'infill-board', 400, 'centreline', { lengthMm: 1900, gapMm: 600, pieces: 2 })),
    measured: 0,
    needed: 950,
    rule: 'loose-stowed',
    mode: 'mode-drive',
    place: [1350, 0, 338],
    silent: truck(
      put('fit-a', 'infill-board', 400, 'centreline', { lengthMm: 1900, gapMm: 600, pieces: 2 }),
      put('fit-b', 'wardrobe', 2600, 'left-wall', { lengthMm: 1000, depthMm: 700, heightMm: 1000 }),
    ),
  },
  'finish-wet': {
    speaks: truck(put('fit-a', 'galley-basin', 1000, 'left-wall', { lengthMm: 600, depthMm: 500, top: 'wood' })),
    measured: 0,
    needed: 1,
    rule: 'finish-fit',
    mode: 'mode-day',
    place: [1300, 800, 900],
    silent: truck(put('fit-a', 'galley-basin', 1000, 'left-wall', { lengthMm: 600, depthMm: 500, top: 'steel' })),
  },
  'finish-hot': {
    speaks: truck(put('fit-a', 'galley-hob', 1000, 'left-wall', { lengthMm: 600, depthMm: 500, top: 'wood' })),
    measured: 100,
    needed: 160,
    rule: 'finish-fit',
    mode: 'mode-day',
    place: [1300, 800, 900],
    silent: truck(
      put('fit-a', 'galley-hob', 1000, 'left-wall', { lengthMm: 600, depthMm: 500, top: 'wood', fuel: 'induction' }),
    ),
  },
  'finish-seams': {
    speaks: truck(flooredWith('click-vinyl')),
    measured: 0,
    needed: 1,
    rule: 'finish-fit',
    mode: 'mode-day',
    place: [2150, 0, 1000],
    silent: truck(flooredWith('vinyl')),
  },
  'finish-soaks': {
    speaks: truck(flooredWith('carpet'), put('fit-a', 'wet-cubicle', 1000, 'left-wall')),
    measured: 0,
    needed: 1,
    rule: 'finish-fit',
    mode: 'mode-day',
    place: [1400, 670, 1814],
    silent: truck(flooredWith('vinyl'), put('fit-a', 'wet-cubicle', 1000, 'left-wall')),
  },
  'mattress-damp': {
    speaks: truck(put('fit-a', 'bed-fixed', 400, 'centreline', { base: 'board' })),
    measured: 0,
    needed: 1,
    rule: 'mattress-air',
    mode: 'mode-night',
    place: [1580, -830, 820],
    silent: truck(put('fit-a', 'bed-fixed', 400, 'centreline', { base: 'drilled' })),
  },
  'change-stuck': {
    // the platform goes down from 1350 to 650; a tank that stays hangs between, at 900 to 1020
    speaks: truck(
      put('fit-a', 'bed-lift', 400, 'centreline', { dayMm: 1350, nightMm: 650 }),
      put('fit-b', 'water-tank', 500, 'left-wall', { heightMm: 120 }, { up: { from: 'floor', mm: 900 } }),
    ),
    measured: 1,
    needed: 0,
    rule: 'change-possible',
    mode: 'mode-night',
    place: [1075, 0, 0],
    silent: truck(
      put('fit-a', 'bed-lift', 400, 'centreline', { dayMm: 1350, nightMm: 650 }),
      put('fit-b', 'water-tank', 500, 'left-wall', { heightMm: 120 }, { up: { from: 'floor', mm: 480 } }),
    ),
  },
  'worktop-few': {
    speaks: truck(
      { type: 'brief.use', use: { cooking: 'daily' } },
      ...cookingAt(0),
      put('fit-b', 'galley-doors', 1000, 'left-wall', { lengthMm: 290 }),
    ),
    measured: 290,
    needed: 300,
    rule: 'worktop-free',
    mode: 'mode-day',
    place: [2150, 0, 1000],
    silent: truck(
      { type: 'brief.use', use: { cooking: 'daily' } },
      ...cookingAt(0),
      put('fit-b', 'galley-doors', 1000, 'left-wall', { lengthMm: 300 }),
    ),
  },
  'cold-far': {
    speaks: truck(put('fit-a', 'galley-hob', 0, 'left-wall'), put('fit-b', 'cold-box', 2500, 'left-wall')),
    measured: 2500 - 450,
    needed: 2000,
    rule: 'cold-near',
    mode: 'mode-day',
    place: [2770, 770, 620],
    silent: truck(put('fit-a', 'galley-hob', 0, 'left-wall'), put('fit-b', 'cold-box', 2450, 'left-wall')),
  },
  'gear-stuck': {
    speaks: truck(sideDoorOnly(600), piece([1200, 700, 650]), put('fit-g', 'garage', 500, 'left-wall', HALL)),
    measured: 0,
    needed: 1200,
    rule: 'gear-out',
    mode: 'mode-drive',
    place: [2091, 450, 1000],
    silent: truck(sideDoorOnly(660), piece([1200, 700, 650]), put('fit-g', 'garage', 500, 'left-wall', HALL)),
  },
  'gear-wet': {
    speaks: truck(...wetAnd('dry'), put('fit-c', 'lid-chest', 1000, 'left-wall')),
    measured: 0,
    needed: 1,
    rule: 'wet-apart',
    mode: 'mode-drive',
    place: [1350, 825, 420],
    silent: truck(...wetAnd('wet'), put('fit-c', 'lid-chest', 1000, 'left-wall')),
  },
  'drawer-dead': {
    speaks: truck(put('fit-d', 'drawer-unit', 1000, 'left-wall', { depthMm: 600, extension: 0.7 })),
    measured: 180,
    needed: 150,
    rule: 'drawer-reach',
    mode: 'mode-day',
    place: [1250, 750, 500],
    silent: truck(put('fit-d', 'drawer-unit', 1000, 'left-wall', { depthMm: 600, extension: 0.75 })),
  },
  'drawer-low': {
    // inside 456 wide and deep, 456 high; two boxes of 100 leave 256: 456 · 456 · 256 = 53.2 l
    speaks: truck(put('fit-d', 'drawer-unit', 1000, 'left-wall', { boxHighMm: 100 })),
    measured: 53,
    needed: 10,
    rule: 'drawer-reach',
    mode: 'mode-day',
    place: [1250, 800, 500],
    silent: truck(put('fit-d', 'drawer-unit', 1000, 'left-wall', { boxHighMm: 220 })),
  },
  'seats-few': {
    // a bench of 1200 seats two, 550 for each
    speaks: truck(wishesSeats(3), put('fit-s', 'bench-side', 1000, 'left-wall', { lengthMm: 1200 })),
    measured: 2,
    needed: 3,
    rule: 'seats-dry',
    mode: 'mode-day',
    place: [2150, 0, 1000],
    silent: truck(wishesSeats(2), put('fit-s', 'bench-side', 1000, 'left-wall', { lengthMm: 1200 })),
  },
  'daily-behind': {
    speaks: truck(...used('seldom'), put('fit-g', 'garage', 500, 'left-wall', HALL)),
    measured: 1200, // as deep as the garage is across
    needed: 600,
    rule: 'daily-front',
    mode: 'mode-drive',
    place: [2091, 450, 1000],
    silent: truck(...used('daily'), put('fit-g', 'garage', 500, 'left-wall', HALL)),
  },
  'cold-inside': {
    // 560 deep and so far off the left wall, its front is 2100 − 560 − 839 = 701 from the side door’s plane
    speaks: truck(drinkOutside, boxByDoor(839)),
    measured: 701,
    needed: 700,
    rule: 'cold-outside',
    mode: 'mode-day',
    place: [3570, -69, 620],
    silent: truck(drinkOutside, boxByDoor(840)),
  },
  'cold-behind': {
    // 600 from the door’s plane, and a tank of 300 before the middle of its front; 700 further back it is not
    speaks: truck(drinkOutside, boxByDoor(940), tankBefore(3300)),
    measured: 1,
    needed: 0,
    rule: 'cold-outside',
    mode: 'mode-day',
    place: [3570, -170, 620],
    silent: truck(drinkOutside, boxByDoor(940), tankBefore(2600)),
  },
  'change-long': {
    speaks: truck(...hammocks(5)),
    measured: 10,
    needed: 8,
    rule: 'change-time',
    mode: 'mode-night',
    place: [2150, 0, 1000],
    silent: truck(...hammocks(4)),
  },
  'bed-wakes': {
    speaks: truck(
      person(1700),
      person(1690, 'person-b'),
      put('fit-a', 'lounge-bed', 0, 'left-wall'),
      put('fit-b', 'lounge-bed', 2000, 'left-wall'),
    ),
    measured: 2,
    needed: 1,
    rule: 'bed-alone',
    mode: 'mode-night',
    place: [2150, 0, 1000],
    silent: truck(
      person(1700),
      person(1690, 'person-b'),
      put('fit-a', 'lounge-bed', 0, 'left-wall'),
      put('fit-b', 'bench-side', 2000, 'left-wall'),
    ),
  },
  'service-missing': {
    speaks: truck(want('toilet')),
    measured: 0,
    needed: 1,
    rule: 'service-present',
    mode: 'mode-night',
    place: [2150, 0, 1000],
    silent: truck(want('toilet'), put('fit-a', 'toilet-box', 1000, 'left-wall')),
  },
}
