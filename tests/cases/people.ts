import type { Command, Job } from '$lib/core/job'
import { person, put, truck, variant, want } from '../support/plan'
import { stiffOn, type CasesFor } from './kit'

/** Someone who stands before a tank on the left wall, so far from the centreline. */
function besideTank(yMm: number): Job {
  return truck(
    person(1840),
    put('fit-a', 'water-tank', 1200, 'left-wall', { lengthMm: 600, depthMm: 500, heightMm: 900 }),
    {
      type: 'figure.put',
      variant,
      mode: 'mode-day',
      id: 'figure-a',
      figure: { who: 'person-a', pose: 'standing', at: [1500, yMm], turn: 0 },
    },
  )
}

/** A bed of 1900 along the vehicle for one. */
function sleepsAlong(id: string, x: number): Command {
  return put(id, 'bed-fixed', x, 'centreline', { lyingMm: 1900, widthMm: 700, sleepers: 1 }, { turn: 90 })
}

function lockerAt(mm: number): Command {
  return put('fit-b', 'locker', 1000, 'left-wall', {}, { up: { from: 'floor', mm } })
}

function armTable(heightMm: number): Command {
  return put('fit-t', 'table-arm', 950, 'centreline', { heightMm }, { across: { from: 'centreline', mm: 250 } })
}

/** A board in the gap between two benches of one height, with what lies beside it on them. */
const between = (gapMm: number, seatMm = 450): readonly Command[] => [
  put('fit-a', 'infill-board', 400, 'centreline', { lengthMm: 1900, gapMm, besideMm: 1920 - gapMm, topMm: 450 }),
  put('fit-b', 'bench-side', 400, 'left-wall', { lengthMm: 1900, depthMm: 480, seatMm }),
  put('fit-c', 'bench-side', 400, 'right-wall', { lengthMm: 1900, depthMm: 480, seatMm }),
]

/** Rows of the rules about people. */
export const PEOPLE_CASES: CasesFor<
  | 'berth-short'
  | 'berth-narrow'
  | 'berths-few'
  | 'table-few'
  | 'standing-low'
  | 'standing-nowhere'
  | 'bed-high'
  | 'figure-blocked'
  | 'sit-up-low'
  | 'climb-over'
  | 'rail-in-lining'
  | 'head-by-feet'
  | 'head-bump'
  | 'worktop-off'
  | 'basin-off'
  | 'seat-deep'
  | 'rail-low'
  | 'table-off'
  | 'seat-high'
  | 'bed-hole'
> = {
  'berth-short': {
    speaks: truck(person(1840), put('fit-a', 'bed-fixed', 400, 'centreline', { lyingMm: 1880 })),
    measured: 1880,
    needed: 1890,
    rule: 'berth-length',
    mode: 'mode-night',
    place: [490, -850, 820],
    silent: truck(person(1840), put('fit-a', 'bed-fixed', 400, 'centreline', { lyingMm: 1890 })),
  },
  'berth-narrow': {
    speaks: truck(
      person(1700),
      person(1700, 'person-b'),
      put('fit-a', 'bed-fixed', 400, 'centreline', { widthMm: 1189 }),
    ),
    measured: 1189,
    needed: 1200, // a small double, half for each
    rule: 'berth-width',
    mode: 'mode-night',
    place: [490, -860, 820],
    silent: truck(
      person(1700),
      person(1700, 'person-b'),
      put('fit-a', 'bed-fixed', 400, 'centreline', { widthMm: 1190 }),
    ),
  },
  'berths-few': {
    speaks: truck(
      person(1700),
      person(1700, 'person-b'),
      want('berth'),
      put('fit-a', 'bed-fixed', 400, 'centreline', { sleepers: 1 }),
    ),
    measured: 1,
    needed: 2,
    rule: 'berths-enough',
    mode: 'mode-night',
    place: [2150, 0, 1000],
    silent: truck(
      person(1700),
      person(1700, 'person-b'),
      want('berth'),
      put('fit-a', 'bed-fixed', 400, 'centreline', { sleepers: 2 }),
    ),
  },
  'table-few': {
    speaks: truck(
      want('table-seat', { quantity: 4 }),
      put('fit-a', 'lounge-bed', 1000, 'left-wall', { depthMm: 1090 }),
    ),
    measured: 2, // one of 550 on each bench
    needed: 4,
    rule: 'table-places',
    mode: 'mode-day',
    place: [2150, 0, 1000],
    silent: truck(
      want('table-seat', { quantity: 4 }),
      put('fit-a', 'lounge-bed', 1000, 'left-wall', { depthMm: 1100 }),
    ),
  },
  'standing-low': {
    // a locker of 350 hung 20 under a roof at 2160, over where one stands at the galley
    speaks: truck(
      person(1781),
      put('fit-a', 'galley', 1000, 'left-wall'),
      put('fit-b', 'locker', 1000, 'centreline', { heightMm: 350 }, { across: { from: 'centreline', mm: 230 } }),
    ),
    measured: 1790,
    needed: 1801,
    rule: 'standing-height',
    mode: 'mode-day',
    place: [1700, 325, 1790],
    silent: truck(
      person(1780),
      put('fit-a', 'galley', 1000, 'left-wall'),
      put('fit-b', 'locker', 1000, 'centreline', { heightMm: 350 }, { across: { from: 'centreline', mm: 230 } }),
    ),
  },
  'standing-nowhere': {
    speaks: truck(person(2151)),
    measured: 2160,
    needed: 2171,
    rule: 'standing-height',
    mode: 'mode-day',
    place: [2150, 0, 1000],
    silent: truck(person(2150)),
  },
  // A platform of 500 and a mattress of 120 are 620; 480 and 120 are 600, which a stiff knee gets onto (common practice).
  'bed-high': {
    speaks: stiffOn(500),
    measured: 620,
    needed: 600,
    rule: 'bed-high',
    mode: 'mode-night',
    place: [490, -860, 620],
    silent: stiffOn(480),
  },
  // Someone of 1840 is 2 · 238.3 wide across the shoulders: with their middle 500 from the centreline they reach to 738.3,
  // 188.3 into a tank that begins at 550; at 370 they reach 58.3 into it, which gives.
  'figure-blocked': {
    speaks: besideTank(500),
    measured: 188,
    needed: 0,
    rule: 'figure-fits',
    mode: 'mode-day',
    place: [1500, 500, 500],
    silent: besideTank(370),
  },
  'sit-up-low': {
    // mattress at 1300 + 120 under a roof at 2160; sitting height 0.520 × 1840 = 957, and 50 to spare less 40 that it gives
    speaks: truck(person(1840), put('fit-a', 'bed-fixed', 2000, 'centreline', { lyingMm: 1900, platformMm: 1300 })),
    measured: 740,
    needed: 967,
    rule: 'sit-up',
    mode: 'mode-night',
    // a little down from the head end, where the corner of the roof is past
    place: [2650, 360, 2159],
    silent: truck(person(1840), put('fit-a', 'bed-fixed', 2000, 'centreline', { lyingMm: 1900, platformMm: 1082 })),
  },
  'climb-over': {
    speaks: truck(person(1800), person(1700, 'person-b'), put('fit-a', 'bed-fixed', 400, 'centreline')),
    measured: 1,
    needed: 0,
    rule: 'climb-over',
    mode: 'mode-night',
    place: [490, -860, 820],
    silent: truck(
      person(1800),
      person(1700, 'person-b'),
      put('fit-a', 'bed-fixed', 400, 'centreline', { entry: 'foot' }),
    ),
  },
  'rail-in-lining': {
    speaks: truck(put('fit-a', 'grab-rail', 400, 'left-wall', { fixed: 'lining' })),
    measured: 0,
    needed: 1112,
    rule: 'rail-held',
    mode: 'mode-day',
    place: [625, 1013, 850],
    silent: truck(put('fit-a', 'grab-rail', 400, 'left-wall')),
  },
  'head-by-feet': {
    // two beds in line: 150 to the middle of a head, 150 to that of the other’s feet
    speaks: truck(person(1700), person(1690, 'person-b'), sleepsAlong('fit-a', 0), sleepsAlong('fit-b', 1900)),
    measured: 300,
    needed: 450,
    rule: 'heads-apart',
    mode: 'mode-night',
    place: [2050, 0, 820],
    silent: truck(person(1700), person(1690, 'person-b'), sleepsAlong('fit-a', 0), sleepsAlong('fit-b', 2050)),
  },
  'head-bump': {
    speaks: truck(person(1840), put('fit-a', 'bench-side', 1000, 'left-wall'), lockerAt(450 + 960)),
    measured: 960,
    needed: 997, // 0.52 × 1840 + 40
    rule: 'heads-clear',
    mode: 'mode-day',
    place: [1300, 780, 1410],
    silent: truck(person(1840), put('fit-a', 'bench-side', 1000, 'left-wall'), lockerAt(450 + 997)),
  },
  'worktop-off': {
    speaks: truck(person(1840), put('fit-a', 'galley-basin', 1000, 'left-wall', { worktopMm: 900 })),
    measured: 900,
    needed: 950, // 0.63 × 1840 − 150 − 60 = 949.2
    rule: 'worktop-height',
    mode: 'mode-day',
    place: [1250, 800, 900],
    silent: truck(person(1840), put('fit-a', 'galley-basin', 1000, 'left-wall', { worktopMm: 940 })),
  },
  'basin-off': {
    speaks: truck(person(1840), put('fit-a', 'wet-room', 1000, 'left-wall', { rimMm: 859 })),
    measured: 859,
    needed: 870, // 0.63 × 1840 − 250 − 40 = 869.2
    rule: 'basin-height',
    mode: 'mode-day',
    place: [1550, 650, 1850],
    silent: truck(person(1840), put('fit-a', 'wet-room', 1000, 'left-wall', { rimMm: 860 })),
  },
  'seat-deep': {
    // 0.290 × 1600 = 464, and 50 for a cushion
    speaks: truck(person(1600), put('fit-a', 'bench-side', 1000, 'left-wall', { depthMm: 525 })),
    measured: 525,
    needed: 514,
    rule: 'seat-depth',
    mode: 'mode-day',
    place: [1600, 787.5, 450],
    silent: truck(person(1600), put('fit-a', 'bench-side', 1000, 'left-wall', { depthMm: 524 })),
  },
  'rail-low': {
    speaks: truck(person(1700), put('fit-a', 'bunks', 1000, 'left-wall', { railHighMm: 150 })),
    measured: 150,
    needed: 160,
    rule: 'berth-rail',
    mode: 'mode-night',
    place: [1090, 440, 1200],
    silent: truck(person(1700), put('fit-a', 'bunks', 1000, 'left-wall', { railHighMm: 160 })),
  },
  'table-off': {
    // a bench of 450 and a top on an arm before it
    speaks: truck(put('fit-b', 'bench-side', 1000, 'left-wall', { seatMm: 450, lengthMm: 600 }), armTable(660)),
    measured: 210,
    needed: 220,
    rule: 'table-knee',
    mode: 'mode-day',
    place: [1300, 100, 660],
    silent: truck(put('fit-b', 'bench-side', 1000, 'left-wall', { seatMm: 450, lengthMm: 600 }), armTable(670)),
  },
  'seat-high': {
    speaks: truck(person(1400), put('fit-b', 'bench-side', 1000, 'left-wall', { seatMm: 450 })),
    measured: 450,
    needed: 398, // 0.245 × 1400 + 25 of shoes + 30 of cushion
    rule: 'seat-height',
    mode: 'mode-day',
    place: [1600, 810, 450],
    silent: truck(person(1400), put('fit-b', 'bench-side', 1000, 'left-wall', { seatMm: 408 })),
  },
  'bed-hole': {
    // 960 of board between benches that stand 2100 − 2 · 480 = 1140 apart: 90 open on either side, four cells of 20 wholly so
    speaks: truck(...between(960)),
    measured: 80,
    needed: 60,
    rule: 'bed-whole',
    mode: 'mode-night',
    place: [410, -550, 450],
    silent: truck(...between(1040)),
  },
}
