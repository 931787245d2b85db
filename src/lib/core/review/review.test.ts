import { readdirSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { defaultsOf, kindOf, type Seat } from '../fittings'
import { apply, parseJob, planInterior, type Command, type HouseMeasure, type Job } from '../job'
import { genericShell } from '../shells'
import {
  RULES,
  remediesFor,
  reviewJob,
  reviewVariant,
  rulesOf,
  tally,
  demandStates,
  scenesOf,
  type Finding,
  type FindingCode,
} from './index'
import { jobWith, person, put, truck, variant, want } from '../../../../tests/support/plan'
import { defineRule, practice } from './define-rule'

const found = (job: Job, code: FindingCode): readonly Finding[] =>
  reviewVariant(job, variant).modes.flatMap(({ findings }) => findings.filter((finding) => finding.code === code))
const first = (job: Job, code: FindingCode) => found(job, code)[0]

describe('registry', () => {
  it('is equal to the folder, sorted', () => {
    const files = readdirSync(new URL('./rules', import.meta.url)).map((file) => file.replace(/\.ts$/, ''))
    expect(RULES.map(({ id }) => id)).toEqual(files.sort())
  })

  it('gives every parameter a default within its limits, a unit and a basis', () => {
    for (const rule of RULES) {
      expect(rule.basis.note.length).toBeGreaterThan(5)
      for (const parameter of Object.values(rule.parameters)) {
        expect(parameter.default).toBeGreaterThanOrEqual(parameter.min)
        expect(parameter.default).toBeLessThanOrEqual(parameter.max)
      }
    }
  })
})

/** A window that opens, in the left wall. */
const hopper: Command = {
  type: 'change.put',
  variant,
  id: 'change-w',
  change: { kind: 'window', side: 'left', fromMm: 1000, toMm: 1600, sillMm: 900, headMm: 1300, opens: 'hopper' },
}
const rolls = person(1700, 'person-a', { mobility: 'wheelchair' })
/** A garage as large as it gets. */
const HALL = { lengthMm: 1600, depthMm: 1200, heightMm: 1000 }
const onFloor: Partial<Seat> = { up: { from: 'floor', mm: 0 } }

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

/**
 * For each code: a job where it must speak with these figures, and one beside it, at the boundary, where it must not.
 * Figures are worked out from the sizes that stand in the row.
 */
const CASES: {
  [C in FindingCode]: { readonly speaks: Job; readonly measured: number; readonly needed: number; readonly silent: Job }
} = {
  'outside-shell': {
    speaks: truck(put('fit-a', 'bed-fixed', 400, 'centreline', { lengthMm: 2130 })),
    measured: 15, // (2130 − 2100) / 2 each side
    needed: 0,
    silent: truck(put('fit-a', 'bed-fixed', 400, 'centreline', { lengthMm: 2100 })),
  },
  overlap: {
    speaks: truck(
      put('fit-a', 'water-tank', 0, 'left-wall', { lengthMm: 800 }),
      put('fit-b', 'water-tank', 760, 'left-wall'),
    ),
    measured: 40,
    needed: 0,
    silent: truck(
      put('fit-a', 'water-tank', 0, 'left-wall', { lengthMm: 800 }),
      put('fit-b', 'water-tank', 800, 'left-wall'),
    ),
  },
  'clearance-blocked': {
    speaks: truck(
      put('fit-a', 'galley', 1000, 'left-wall', { depthMm: 600 }),
      put('fit-b', 'lounge-bed', 1000, 'right-wall', { depthMm: 1100 }),
    ),
    measured: 400, // 2100 − 600 − 1100
    needed: 450,
    silent: truck(
      put('fit-a', 'galley', 1000, 'left-wall', { depthMm: 550 }),
      put('fit-b', 'lounge-bed', 1000, 'right-wall', { depthMm: 1100 }),
    ),
  },
  'door-blocked': {
    speaks: truck(put('fit-a', 'wardrobe', 2950, 'right-wall', { lengthMm: 500 })),
    measured: 4020 - 3450,
    needed: 600,
    silent: truck(put('fit-a', 'wardrobe', 2920, 'right-wall', { lengthMm: 500 })),
  },
  'berth-short': {
    speaks: truck(person(1840), put('fit-a', 'bed-fixed', 400, 'centreline', { lengthMm: 1880 })),
    measured: 1880,
    needed: 1890,
    silent: truck(person(1840), put('fit-a', 'bed-fixed', 400, 'centreline', { lengthMm: 1890 })),
  },
  'berth-narrow': {
    speaks: truck(
      person(1700),
      person(1700, 'person-b'),
      put('fit-a', 'bed-fixed', 400, 'centreline', { widthMm: 1190 }),
    ),
    measured: 1190,
    needed: 1200, // a small double, half for each
    silent: truck(
      person(1700),
      person(1700, 'person-b'),
      put('fit-a', 'bed-fixed', 400, 'centreline', { widthMm: 1200 }),
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
    silent: truck(
      person(1700),
      person(1700, 'person-b'),
      want('berth'),
      put('fit-a', 'bed-fixed', 400, 'centreline', { sleepers: 2 }),
    ),
  },
  'belts-few': {
    speaks: truck(want('belt', { quantity: 4 }), put('fit-a', 'bench-belted', 1000, 'centreline', { places: 1 })),
    measured: 3, // two in the cab
    needed: 4,
    silent: truck(want('belt', { quantity: 4 }), put('fit-a', 'bench-belted', 1000, 'centreline', { places: 2 })),
  },
  'table-few': {
    speaks: truck(
      want('table-seat', { quantity: 4 }),
      put('fit-a', 'lounge-bed', 1000, 'left-wall', { depthMm: 1090 }),
    ),
    measured: 2, // one of 550 on each bench
    needed: 4,
    silent: truck(
      want('table-seat', { quantity: 4 }),
      put('fit-a', 'lounge-bed', 1000, 'left-wall', { depthMm: 1100 }),
    ),
  },
  'standing-low': {
    // a locker of 350 hung 20 under a roof at 2160, over where one stands at the galley
    speaks: truck(
      person(1775),
      put('fit-a', 'galley', 1000, 'left-wall'),
      put('fit-b', 'locker', 1000, 'centreline', { heightMm: 350 }, { across: { from: 'centreline', mm: 230 } }),
    ),
    measured: 1790,
    needed: 1795,
    silent: truck(
      person(1770),
      put('fit-a', 'galley', 1000, 'left-wall'),
      put('fit-b', 'locker', 1000, 'centreline', { heightMm: 350 }, { across: { from: 'centreline', mm: 230 } }),
    ),
  },
  'standing-nowhere': { speaks: truck(person(2150)), measured: 2160, needed: 2170, silent: truck(person(2140)) },
  'way-narrow': {
    speaks: truck(person(1840), ...corridor(460), put('fit-z', 'toilet-box', 100, 'left-wall')),
    measured: 460,
    needed: 477, // 0.259 × 1840
    silent: truck(person(1840), ...corridor(480), put('fit-z', 'toilet-box', 100, 'left-wall')),
  },
  'way-shut': {
    speaks: truck(person(1840), ...corridor(290), put('fit-z', 'toilet-box', 100, 'left-wall')),
    measured: 290,
    needed: 300,
    silent: truck(person(1840), ...corridor(304), put('fit-z', 'toilet-box', 100, 'left-wall')),
  },
  'gear-too-long': {
    speaks: truck(
      want('stowage', { sizeMm: [1300, 300, 300] }),
      put('fit-a', 'wardrobe', 1000, 'left-wall', { heightMm: 1200, lengthMm: 400, depthMm: 400 }),
    ),
    measured: 1176, // 1200 less two boards of 12
    needed: 1300,
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
    silent: truck(
      want('stowage', { sizeMm: [1100, 300, 300], quantity: 1 }),
      put('fit-a', 'wardrobe', 1000, 'left-wall', { heightMm: 1200, lengthMm: 400, depthMm: 400 }),
    ),
  },
  // Axis at (4550, 390), the back's corners at (−250, 280) and (−250, −200) from it. A wardrobe 460 deep reaches in to
  // y = 424 up to x = 4250. Turned right, the back's edge lies at x = 4261 there at 37.5°, and 4232 at 45°: 37.5° are free;
  // turned left, its outer corner is at (4235, 595) after 15°. A wardrobe 250 deep ends at y = 634, and the corner has
  // y = 615 where it passes x = 4250.
  'swivel-blocked': { speaks: seatsBehind(460, true), measured: 37.5, needed: 180, silent: seatsBehind(250, true) },
  // Facing forward there, the foot of the back is at x = 4300 and its top, 640 up, leans over x = 4250 where 640 · sin a is
  // more than 50, at 4.5°: of steps of 2.5° one is free. With the seat 190 further
  // forward, the top leans no further than x = 4490 − 219 = 4271.
  'recline-blocked': {
    speaks: seatsBehind(460, false),
    measured: 2.5,
    needed: 20,
    silent: seatsBehind(460, false, 4740),
  },
  // A platform of 500 and a mattress of 120 are 620; 480 and 120 are 600, which a stiff knee gets onto (common practice).
  'bed-high': { speaks: stiffOn(500), measured: 620, needed: 600, silent: stiffOn(480) },
  // Someone of 1840 is 2 · 238.3 wide across the shoulders: with their middle 500 from the centreline they reach to 738.3,
  // 188.3 into a tank that begins at 550; at 370 they reach 58.3 into it, which gives.
  'figure-blocked': { speaks: besideTank(500), measured: 188, needed: 0, silent: besideTank(370) },
  // Tanks 675 deep along the whole left wall of a body 2100 wide leave 1425; 575 deep, 1525.
  'turning-small': {
    speaks: truck(want('turning-circle'), ...tanks(675)),
    measured: 1425,
    needed: 1525,
    silent: truck(want('turning-circle'), ...tanks(575)),
  },
  'access-first': {
    // a tank of 400 in depth wants 350 before it for its pump; a stool stands there by day
    speaks: truck(
      put('fit-a', 'water-tank', 1000, 'left-wall', { depthMm: 400 }),
      put('fit-b', 'stool', 1200, 'left-wall', {}, { across: { from: 'left-wall', mm: 410 } }),
    ),
    measured: 1,
    needed: 0,
    silent: truck(
      put('fit-a', 'water-tank', 1000, 'left-wall', { depthMm: 400 }),
      put('fit-b', 'stool', 1200, 'left-wall', {}, { across: { from: 'left-wall', mm: 751 } }),
    ),
  },
  'access-blocked': {
    speaks: truck(
      put('fit-a', 'water-tank', 1000, 'left-wall', { depthMm: 400 }),
      put('fit-b', 'cold-box', 1100, 'left-wall', {}, { across: { from: 'left-wall', mm: 500 } }),
    ),
    measured: 100, // 500 − 400
    needed: 350,
    silent: truck(
      put('fit-a', 'water-tank', 1000, 'left-wall', { depthMm: 400 }),
      put('fit-b', 'cold-box', 1100, 'left-wall', {}, { across: { from: 'left-wall', mm: 750 } }),
    ),
  },
  'loose-homeless': {
    // two boards of 1900 / 2 × 600 and their cushions, put away by day, and nowhere to put them
    speaks: truck(put('fit-a', 'infill-board', 400, 'centreline', { lengthMm: 1900, gapMm: 600, pieces: 2 })),
    measured: 0,
    needed: 950,
    silent: truck(
      put('fit-a', 'infill-board', 400, 'centreline', { lengthMm: 1900, gapMm: 600, pieces: 2 }),
      put('fit-b', 'wardrobe', 2600, 'left-wall', { lengthMm: 1000, depthMm: 700, heightMm: 1000 }),
    ),
  },
  'opening-missing': {
    // 450 long at 1000: its hatch of 380 goes from 1035 to 1415, 20 to 340 above the floor
    speaks: truck(put('fit-a', 'toilet-cassette', 1000, 'left-wall')),
    measured: 0,
    needed: 380,
    silent: truck(put('fit-a', 'toilet-cassette', 1000, 'left-wall'), {
      type: 'change.put',
      variant,
      id: 'change-hatch',
      change: { kind: 'side-hatch', side: 'left', fromMm: 1035, toMm: 1415, sillMm: 20, headMm: 340 },
    }),
  },
  'sit-up-low': {
    // mattress at 700 + 120; a tank over the pillows at 1400; sitting height 0.520 × 1840 = 957
    speaks: truck(
      person(1840),
      put('fit-a', 'bed-fixed', 400, 'centreline', { lengthMm: 1900 }),
      put('fit-b', 'water-tank', 600, 'left-wall', { heightMm: 120 }, { up: { from: 'floor', mm: 1400 } }),
    ),
    measured: 580,
    needed: 957,
    silent: truck(
      person(1840),
      put('fit-a', 'bed-fixed', 400, 'centreline', { lengthMm: 1900 }),
      put('fit-b', 'water-tank', 600, 'left-wall', { heightMm: 120 }, { up: { from: 'floor', mm: 1777 } }),
    ),
  },
  'climb-over': {
    speaks: truck(person(1800), person(1700, 'person-b'), put('fit-a', 'bed-fixed', 400, 'centreline')),
    measured: 1,
    needed: 0,
    silent: truck(
      person(1800),
      person(1700, 'person-b'),
      put('fit-a', 'bed-fixed', 400, 'centreline', { entry: 'foot' }),
    ),
  },
  'mattress-damp': {
    speaks: truck(put('fit-a', 'bed-fixed', 400, 'centreline', { base: 'board' })),
    measured: 0,
    needed: 1,
    silent: truck(put('fit-a', 'bed-fixed', 400, 'centreline', { base: 'drilled' })),
  },
  'drawer-flies': {
    speaks: truck(put('fit-a', 'drawer-unit', 400, 'left-wall', { loadKg: 30, latch: 'lip' })),
    measured: 30,
    needed: 10,
    silent: truck(put('fit-a', 'drawer-unit', 400, 'left-wall', { loadKg: 10, latch: 'lip' })),
  },
  'rail-in-lining': {
    speaks: truck(put('fit-a', 'grab-rail', 400, 'left-wall', { fixed: 'lining' })),
    measured: 0,
    needed: 1112,
    silent: truck(put('fit-a', 'grab-rail', 400, 'left-wall')),
  },
  'change-stuck': {
    // the platform goes down from 1350 to 650; a tank that stays hangs between, at 900 to 1020
    speaks: truck(
      put('fit-a', 'bed-lift', 400, 'centreline', { dayMm: 1350, nightMm: 650 }),
      put('fit-b', 'water-tank', 500, 'left-wall', { heightMm: 120 }, { up: { from: 'floor', mm: 900 } }),
    ),
    measured: 1,
    needed: 0,
    silent: truck(
      put('fit-a', 'bed-lift', 400, 'centreline', { dayMm: 1350, nightMm: 650 }),
      put('fit-b', 'water-tank', 500, 'left-wall', { heightMm: 120 }, { up: { from: 'floor', mm: 480 } }),
    ),
  },
  'fixing-drills': {
    speaks: truck(
      put('fit-a', 'wardrobe', 400, 'left-wall'),
      { type: 'fitting.fixing', variant, id: 'fit-a', fixing: { how: 'screws', points: 4 } },
      { type: 'plan.transferable', variant, transferable: true },
    ),
    measured: 4,
    needed: 0,
    silent: truck(
      put('fit-a', 'wardrobe', 400, 'left-wall'),
      { type: 'fitting.fixing', variant, id: 'fit-a', fixing: { how: 'points', points: 4 } },
      { type: 'plan.transferable', variant, transferable: true },
    ),
  },
  'body-cut': {
    speaks: truck(
      {
        type: 'change.put',
        variant,
        id: 'change-hatch',
        change: { kind: 'side-hatch', side: 'left', fromMm: 1035, toMm: 1415, sillMm: 20, headMm: 340 },
      },
      { type: 'plan.transferable', variant, transferable: true },
    ),
    measured: 1,
    needed: 0,
    silent: truck({ type: 'plan.transferable', variant, transferable: true }),
  },
  'gas-far': {
    speaks: truck(put('fit-a', 'gas-locker', 0, 'left-wall'), put('fit-b', 'galley-hob', 2950, 'left-wall')),
    measured: 2950 - 420,
    needed: 2500,
    silent: truck(put('fit-a', 'gas-locker', 0, 'left-wall'), put('fit-b', 'galley-hob', 2920, 'left-wall')),
  },
  'gas-vent-high': {
    speaks: truck(put('fit-a', 'gas-locker', 0, 'left-wall', {}, { up: { from: 'floor', mm: 50 } })),
    measured: 50,
    needed: 20,
    silent: truck(put('fit-a', 'gas-locker', 0, 'left-wall', {}, { up: { from: 'floor', mm: 20 } })),
  },
  'hob-beside': {
    speaks: truck(...cookingAt(1000), put('fit-b', 'wardrobe', 1550, 'left-wall')),
    measured: 1550 - 1450,
    needed: 150,
    silent: truck(...cookingAt(1000), put('fit-b', 'wardrobe', 1600, 'left-wall')),
  },
  'electrics-wet': {
    speaks: truck(put('fit-a', 'battery', 0, 'left-wall'), put('fit-b', 'galley-basin', 600, 'left-wall')),
    measured: 600 - 360,
    needed: 300,
    silent: truck(put('fit-a', 'battery', 0, 'left-wall'), put('fit-b', 'galley-basin', 660, 'left-wall')),
  },
  'fuse-far': {
    speaks: truck(put('fit-a', 'battery', 0, 'left-wall'), put('fit-b', 'fuse-board', 1900, 'left-wall', {}, onFloor)),
    measured: 1900 - 360,
    needed: 1500,
    silent: truck(put('fit-a', 'battery', 0, 'left-wall'), put('fit-b', 'fuse-board', 1860, 'left-wall', {}, onFloor)),
  },
  'air-one-way': {
    speaks: truck(put('fit-a', 'fan-extract', 500, 'centreline')),
    measured: 0,
    needed: 1500,
    // the middles of a fan of 460 and a hatch of 760 are 1500 apart
    silent: truck(put('fit-a', 'fan-extract', 500, 'centreline'), put('fit-b', 'hatch-roof', 1850, 'centreline')),
  },
  'berth-airless': {
    // the head lies at (1000, 800): 150 from the end of a bed of 1900 across; the fan’s middle is at 2300
    speaks: truck(person(1840), sleepsAcross(400, 1200), put('fit-b', 'fan-extract', 2070, 'centreline')),
    measured: Math.hypot(1300, 800),
    needed: 1500,
    silent: truck(person(1840), sleepsAcross(400, 1200), put('fit-b', 'fan-extract', 2030, 'centreline')),
  },
  'hob-airless': {
    // its middle is at (1725, 800), the rear door’s at (0, 0)
    speaks: truck(put('fit-a', 'galley-hob', 1500, 'left-wall')),
    measured: Math.hypot(1725, 800),
    needed: 1200,
    silent: truck(put('fit-a', 'galley-hob', 1500, 'left-wall'), put('fit-b', 'fan-extract', 2385, 'centreline')),
  },
  'head-noise': {
    speaks: truck(person(1840), sleepsAcross(400, 700), put('fit-b', 'cold-box', 1100, 'left-wall')),
    measured: 1100 - 750,
    needed: 500,
    silent: truck(person(1840), sleepsAcross(400, 700), put('fit-b', 'cold-box', 1250, 'left-wall')),
  },
  'head-by-feet': {
    // two beds in line: 150 to the middle of a head, 150 to that of the other’s feet
    speaks: truck(person(1700), person(1690, 'person-b'), sleepsAlong('fit-a', 0), sleepsAlong('fit-b', 1900)),
    measured: 300,
    needed: 450,
    silent: truck(person(1700), person(1690, 'person-b'), sleepsAlong('fit-a', 0), sleepsAlong('fit-b', 2050)),
  },
  'head-bump': {
    speaks: truck(person(1840), put('fit-a', 'bench-side', 1000, 'left-wall'), lockerAt(450 + 960)),
    measured: 960,
    needed: 997, // 0.52 × 1840 + 40
    silent: truck(person(1840), put('fit-a', 'bench-side', 1000, 'left-wall'), lockerAt(450 + 997)),
  },
  'worktop-off': {
    speaks: truck(person(1840), put('fit-a', 'galley-basin', 1000, 'left-wall', { worktopMm: 900 })),
    measured: 900,
    needed: 969, // 0.63 × 1840 − 150 − 40
    silent: truck(person(1840), put('fit-a', 'galley-basin', 1000, 'left-wall', { worktopMm: 970 })),
  },
  'worktop-few': {
    speaks: truck(
      { type: 'brief.use', use: { cooking: 'daily' } },
      ...cookingAt(0),
      put('fit-b', 'galley-doors', 1000, 'left-wall', { lengthMm: 500 }),
    ),
    measured: 500,
    needed: 600,
    silent: truck(
      { type: 'brief.use', use: { cooking: 'daily' } },
      ...cookingAt(0),
      put('fit-b', 'galley-doors', 1000, 'left-wall', { lengthMm: 600 }),
    ),
  },
  'cold-far': {
    speaks: truck(put('fit-a', 'galley-hob', 0, 'left-wall'), put('fit-b', 'cold-box', 2000, 'left-wall')),
    measured: 2000 - 450,
    needed: 1500,
    silent: truck(put('fit-a', 'galley-hob', 0, 'left-wall'), put('fit-b', 'cold-box', 1950, 'left-wall')),
  },
  'belt-sideways': {
    speaks: truck(put('fit-a', 'bench-belted', 1000, 'left-wall', {}, { turn: 0 })),
    measured: 90,
    needed: 10,
    silent: truck(put('fit-a', 'bench-belted', 1000, 'left-wall', {}, { turn: 270 })),
  },
  'not-held': {
    speaks: truck(put('fit-a', 'wardrobe', 1000, 'left-wall'), {
      type: 'fitting.fixing',
      variant,
      id: 'fit-a',
      fixing: { how: 'standing', points: 0 },
    }),
    measured: Math.round(kindOf('wardrobe').massKg(defaultsOf(kindOf('wardrobe')))),
    needed: 3,
    silent: truck(put('fit-a', 'wardrobe', 1000, 'left-wall'), {
      type: 'fitting.fixing',
      variant,
      id: 'fit-a',
      fixing: { how: 'straps', points: 2 },
    }),
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
    silent: truck(put('fit-a', 'bed-fixed', 1200, 'centreline')),
  },
  'alarm-missing': {
    speaks: truck(person(1700), put('fit-a', 'alarm', 1000, 'left-wall', { senses: 'monoxide' })),
    measured: 0,
    needed: 1,
    silent: truck(person(1700), smokeAt(1990)),
  },
  'alarm-misplaced': {
    // its top is 110 over its base; the ceiling over it, 20 from the wall, is at 2080 + 20 × 70 / 60 = 2103
    speaks: truck(person(1700), smokeAt(1650)),
    measured: 2103 - 1650 - 110,
    needed: 300,
    silent: truck(person(1700), smokeAt(1694)),
  },
  'extinguisher-far': {
    speaks: truck(person(1700), put('fit-a', 'extinguisher', 2119, 'right-wall')),
    measured: 1001, // 120 wide, to the side door at 3240
    needed: 1000,
    silent: truck(person(1700), put('fit-a', 'extinguisher', 2120, 'right-wall')),
  },
  'light-none': {
    speaks: truck(person(1700), sleepsAcross(1000, 1400), put('fit-l', 'light', 1700, 'left-wall', { place: 'room' })),
    measured: 0,
    needed: 1,
    silent: truck(person(1700), sleepsAcross(1000, 1400), put('fit-l', 'light', 1700, 'left-wall')),
  },
  'light-on': {
    speaks: truck(put('fit-l', 'light', 3000, 'left-wall', { place: 'door', switched: false })),
    measured: 0,
    needed: 1,
    silent: truck(put('fit-l', 'light', 3000, 'left-wall', { place: 'door', switched: true })),
  },
  'inlets-live': {
    speaks: truck(put('fit-a', 'inlet', 500, 'left-wall'), put('fit-b', 'inlet', 900, 'left-wall')),
    measured: 2,
    needed: 1,
    silent: truck(put('fit-a', 'inlet', 500, 'left-wall'), put('fit-b', 'inlet', 900, 'left-wall', { takes: 'water' })),
  },
  'hook-up-at-door': {
    // the side door begins at 3240; the inlet is 150 long
    speaks: truck(put('fit-a', 'inlet', 2700, 'right-wall', { lengthMm: 150 })),
    measured: 3240 - 2850,
    needed: 400,
    silent: truck(put('fit-a', 'inlet', 2690, 'right-wall', { lengthMm: 150 })),
  },
  'fill-dirty': {
    speaks: truck(
      put('fit-t', 'toilet-cassette', 1000, 'left-wall', { lengthMm: 400 }),
      put('fit-a', 'inlet', 2390, 'left-wall', { takes: 'water' }),
    ),
    measured: 990,
    needed: 1000,
    silent: truck(
      put('fit-t', 'toilet-cassette', 1000, 'left-wall', { lengthMm: 400 }),
      put('fit-a', 'inlet', 2400, 'left-wall', { takes: 'water' }),
    ),
  },
  'berth-cold': {
    // EN ISO 6946: 1 / (0.13 + 0.003 / 0.17 + 0.04); the bed leaves 2 at either wall
    speaks: truck(ply(3), put('fit-a', 'bed-fixed', 1000, 'centreline', { lengthMm: 2090 })),
    measured: 5.33,
    needed: 1.5,
    silent: truck(ply(3), put('fit-a', 'bed-fixed', 1000, 'centreline', { lengthMm: 2010 })),
  },
  'step-high': {
    speaks: truck(person(1700)),
    measured: 965, // 3125 − 2160
    needed: 800,
    // a tread 360 down leaves 800 of a floor that is 1160 up
    silent: truck(person(1700), floorUp(1160), put('fit-s', 'step', 3300, 'right-wall', { dropMm: 400 })),
  },
  'pet-step-high': {
    speaks: truck(dog(964)),
    measured: 965,
    needed: 964,
    silent: truck(dog(965)),
  },
  'rail-low': {
    speaks: truck(person(1700), put('fit-a', 'bunks', 1000, 'left-wall', { railHighMm: 150 })),
    measured: 150,
    needed: 160,
    silent: truck(person(1700), put('fit-a', 'bunks', 1000, 'left-wall', { railHighMm: 160 })),
  },
  'reserve-missing': {
    speaks: truck(person(1700), foresees('child'), put('fit-a', 'bed-fixed', 1000, 'centreline', { sleepers: 1 })),
    measured: 1,
    needed: 2,
    silent: truck(person(1700), foresees('child'), put('fit-a', 'bed-fixed', 1000, 'centreline', { sleepers: 2 })),
  },
  'carry-stuck': {
    // 700 by 700 passes a side door of 700 and not one of 690; there is no other
    speaks: truck(sideDoorOnly(690), bigTank(1700)),
    measured: 0,
    needed: 1700,
    silent: truck(sideDoorOnly(700), bigTank(1700)),
  },
  'gear-stuck': {
    speaks: truck(sideDoorOnly(600), piece([1200, 700, 650]), put('fit-g', 'garage', 500, 'left-wall', HALL)),
    measured: 0,
    needed: 1200,
    silent: truck(sideDoorOnly(660), piece([1200, 700, 650]), put('fit-g', 'garage', 500, 'left-wall', HALL)),
  },
  'gear-wet': {
    speaks: truck(...wetAnd('dry'), put('fit-c', 'lid-chest', 1000, 'left-wall')),
    measured: 0,
    needed: 1,
    silent: truck(...wetAnd('wet'), put('fit-c', 'lid-chest', 1000, 'left-wall')),
  },
  'table-off': {
    // a bench of 450 and a top on an arm before it
    speaks: truck(put('fit-b', 'bench-side', 1000, 'left-wall', { seatMm: 450, lengthMm: 600 }), armTable(660)),
    measured: 210,
    needed: 220,
    silent: truck(put('fit-b', 'bench-side', 1000, 'left-wall', { seatMm: 450, lengthMm: 600 }), armTable(670)),
  },
  'drain-flat': {
    // its middle is 3150 further forward and 670 aside; the tank hangs 40 under the floor
    speaks: truck(put('fit-s', 'wet-cubicle', 0, 'left-wall'), tankWaste(3200)),
    measured: 40,
    needed: 64, // 0.02 × 3220
    silent: truck(put('fit-s', 'wet-cubicle', 0, 'left-wall'), tankWaste(1000)),
  },
  'heater-near': {
    // the side door begins at 3240; the flue is at the heater’s middle
    speaks: truck(put('fit-h', 'heater-air', 2800, 'right-wall', { lengthMm: 370 })),
    measured: 3240 - 2985,
    needed: 300,
    silent: truck(put('fit-h', 'heater-air', 2755, 'right-wall', { lengthMm: 370 })),
  },
  'battery-gases': {
    // the head is 150 from the left end of a bed that ends 100 before the wall, at 520; the battery’s top at 240
    speaks: truck(person(1700), sleepsAcross(1000, 1400), leadAt(1600)),
    measured: Math.hypot(280, 1050 - 200 - 800),
    needed: 1000,
    silent: truck(person(1700), sleepsAcross(1000, 1400), leadAt(2700)),
  },
  'view-blocked': {
    // the room ahead of the driver’s middle ends 700 before it
    speaks: inTheCab(650),
    measured: 50,
    needed: 0,
    silent: inTheCab(700),
  },
  'belt-unfounded': {
    speaks: belted(1400 - 201),
    measured: 201,
    needed: 200,
    silent: belted(1400 - 200),
  },
  'drawer-dead': {
    speaks: truck(put('fit-d', 'drawer-unit', 1000, 'left-wall', { depthMm: 600, extension: 0.7 })),
    measured: 180,
    needed: 150,
    silent: truck(put('fit-d', 'drawer-unit', 1000, 'left-wall', { depthMm: 600, extension: 0.75 })),
  },
  'hung-weakly': {
    // a locker of some kilograms with ten in it asks for two points
    speaks: truck(lockerHeld(1)),
    measured: 1,
    needed: 2,
    silent: truck(lockerHeld(2)),
  },
  'seats-few': {
    // two in the cab
    speaks: truck(person(1700), person(1710, 'person-b'), person(1720, 'person-c')),
    measured: 2,
    needed: 3,
    silent: truck(person(1700), person(1710, 'person-b')),
  },
  'daily-behind': {
    speaks: truck(...used('seldom'), put('fit-g', 'garage', 500, 'left-wall', HALL)),
    measured: 1200, // as deep as the garage is across
    needed: 600,
    silent: truck(...used('daily'), put('fit-g', 'garage', 500, 'left-wall', HALL)),
  },
  'seat-high': {
    speaks: truck(person(1400), put('fit-b', 'bench-side', 1000, 'left-wall', { seatMm: 450 })),
    measured: 450,
    needed: 429, // 0.285 × 1400 + 30
    silent: truck(person(1400), put('fit-b', 'bench-side', 1000, 'left-wall', { seatMm: 429 })),
  },
  'window-covered': {
    // 310 and 300 of a window that is 600 wide
    speaks: truck(hopper, put('fit-w', 'wardrobe', 1000, 'left-wall', { lengthMm: 310, heightMm: 1500 })),
    measured: 48,
    needed: 50,
    silent: truck(hopper, put('fit-w', 'wardrobe', 1000, 'left-wall', { lengthMm: 300, heightMm: 1500 })),
  },
  'transfer-small': {
    // one gets into the bed from its front, at 2400
    speaks: truck(rolls, sleepsAcross(1000, 1400), inFrontAt(2400 + 700)),
    measured: 700,
    needed: 760,
    silent: truck(rolls, sleepsAcross(1000, 1400), inFrontAt(2400 + 760)),
  },
  house: {
    speaks: houseAsks({ what: 'height', service: 'worktop' }, 'most', 880, galleyAt(900)),
    measured: 900,
    needed: 880,
    silent: houseAsks({ what: 'height', service: 'worktop' }, 'most', 900, galleyAt(900)),
  },
  'parking-high': {
    // the box of 320 stands 40 over a roof that is 3125 high
    speaks: truck(
      { type: 'brief.use', use: { parkingHeightMm: 3400 } },
      put('fit-a', 'outside-box', 500, 'centreline'),
    ),
    measured: 3125 + 40 + 320,
    needed: 3400,
    silent: truck(
      { type: 'brief.use', use: { parkingHeightMm: 3485 } },
      put('fit-a', 'outside-box', 500, 'centreline'),
    ),
  },
  'ground-low': {
    // the load floor is 3125 − 2160 over the ground
    speaks: truck(put('fit-a', 'tank-under', 500, 'centreline', {}, { up: { from: 'under-floor', mm: 600 } })),
    measured: 3125 - 2160 - 600 - 220,
    needed: 170,
    silent: truck(put('fit-a', 'tank-under', 500, 'centreline', {}, { up: { from: 'under-floor', mm: 575 } })),
  },
  'stealth-seen': {
    speaks: truck({ type: 'brief.use', use: { stealth: true } }, put('fit-a', 'outside-box', 500, 'centreline')),
    measured: 1,
    needed: 0,
    silent: truck({ type: 'brief.use', use: { stealth: true } }, put('fit-a', 'wardrobe', 500, 'left-wall')),
  },
  'awning-away': {
    // of 2600, the side door begins at 3240
    speaks: truck(put('fit-a', 'awning', 0, 'right-wall')),
    measured: 3240 - 2600,
    needed: 0,
    silent: truck(put('fit-a', 'awning', 650, 'right-wall')),
  },
  'resale-short': {
    speaks: truck(
      { type: 'brief.use', use: { future: ['sold'] } },
      put('fit-a', 'bed-fixed', 500, 'centreline', { lengthMm: 1790 }),
    ),
    measured: 1790,
    needed: 1800,
    silent: truck(
      { type: 'brief.use', use: { future: ['sold'] } },
      put('fit-a', 'bed-fixed', 500, 'centreline', { lengthMm: 1800 }),
    ),
  },
  'change-long': { speaks: truck(...hammocks(5)), measured: 10, needed: 8, silent: truck(...hammocks(4)) },
  'bed-wakes': {
    speaks: truck(
      person(1700),
      person(1690, 'person-b'),
      put('fit-a', 'lounge-bed', 0, 'left-wall'),
      put('fit-b', 'lounge-bed', 2000, 'left-wall'),
    ),
    measured: 2,
    needed: 1,
    silent: truck(
      person(1700),
      person(1690, 'person-b'),
      put('fit-a', 'lounge-bed', 0, 'left-wall'),
      put('fit-b', 'bench-side', 2000, 'left-wall'),
    ),
  },
  'no-passing': {
    speaks: truck(person(1840), person(1700, 'person-b'), ...tanks(700), ...tanks(680, 'right-wall')),
    measured: 720,
    needed: 727, // 0.259 × 1840 + 250
    silent: truck(person(1840), person(1700, 'person-b'), ...tanks(700), ...tanks(650, 'right-wall')),
  },
  'hangs-free': {
    speaks: truck(put('fit-a', 'water-tank', 1000, 'centreline', {}, { up: { from: 'floor', mm: 500 } })),
    measured: 500,
    needed: 0,
    silent: truck(put('fit-a', 'water-tank', 1000, 'centreline', {}, { up: { from: 'floor', mm: 60 } })),
  },
  'service-missing': {
    speaks: truck(want('toilet')),
    measured: 0,
    needed: 1,
    silent: truck(want('toilet'), put('fit-a', 'toilet-box', 1000, 'left-wall')),
  },
}

/** One with a stiff knee, whose bed has a platform so high and a mattress of 120. */
function stiffOn(platformMm: number): Job {
  return truck(
    {
      type: 'person.put',
      id: 'person-a',
      person: { label: 'elder', statureMm: 1700, sleeps: true, travels: true, mobility: 'stiff' },
    },
    put('fit-a', 'bed-fixed', 400, 'centreline', { lengthMm: 1900, platformMm, mattressMm: 120 }),
  )
}

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

/** Tanks along the whole of a wall. */
function tanks(depthMm: number, from: 'left-wall' | 'right-wall' = 'left-wall'): Command[] {
  return [0, 1434, 2866].map((mm, index) =>
    put(`fit-${'xyz'[index]}-${from}`, 'water-tank', mm, from, { lengthMm: 1434, depthMm, heightMm: 900 }),
  )
}

function galleyAt(heightMm: number): Command {
  return put('fit-a', 'galley', 1000, 'left-wall', { heightMm })
}

function houseAsks(measure: HouseMeasure, bound: 'least' | 'most', value: number, ...more: Command[]): Job {
  const rule = {
    title: 'A low top',
    reason: 'our cooks are short',
    gravity: 'note',
    modes: ['living'],
    measure,
    bound,
    value,
  }
  return truck({ type: 'house.put', id: 'low-top', rule } as Command, ...more)
}

/** A hob of 450 with its lid up by day. */
function cookingAt(x: number): Command[] {
  return [
    put('fit-a', 'galley-hob', x, 'left-wall'),
    { type: 'mode.stance', variant, mode: 'mode-day', fitting: 'fit-a', stance: 'cooking' },
  ]
}

/** A bed of 1900 across, its head at the left wall, its mattress 520 up. */
function sleepsAcross(x: number, widthMm: number): Command {
  return put('fit-a', 'bed-fixed', x, 'centreline', { lengthMm: 1900, widthMm, platformMm: 400, mattressMm: 120 })
}

/** A bed of 1900 along the vehicle for one. */
function sleepsAlong(id: string, x: number): Command {
  return put(id, 'bed-fixed', x, 'centreline', { lengthMm: 1900, widthMm: 700, sleepers: 1 }, { turn: 90 })
}

function lockerAt(mm: number): Command {
  return put('fit-b', 'locker', 1000, 'left-wall', {}, { up: { from: 'floor', mm } })
}

/** Cloths that are rolled up by day and slung at night, two minutes each. */
function hammocks(count: number): Command[] {
  return Array.from({ length: count }, (_, index) => put(`fit-${index}`, 'bunk-hammock', index * 100, 'left-wall'))
}

function smokeAt(mm: number): Command {
  return put('fit-s', 'alarm', 1000, 'left-wall', { senses: 'smoke' }, { up: { from: 'floor', mm } })
}

function ply(mm: number): Command {
  return {
    type: 'lining.set',
    variant,
    lining: { floorMm: 0, wallMm: mm, roofMm: 0, layers: { wall: [{ material: 'birch-ply', mm }] } },
  }
}

function floorUp(mm: number): Command {
  const shell = genericShell('truck-box')
  return { type: 'shell.put', shell: { ...shell, outer: { ...shell.outer!, heightMm: 2160 + mm } } }
}

function dog(stepMm: number): Command {
  return { type: 'pet.put', id: 'pet-dog', pet: { label: 'dog', lengthMm: 800, heightMm: 500, stepMm } }
}

function foresees(what: 'child' | 'battery'): Command {
  return { type: 'brief.use', use: { future: [what] } }
}

/** The truck with no door but its side door, so wide. */
function sideDoorOnly(wideMm: number): Command {
  const shell = genericShell('truck-box')
  const openings = shell.openings
    .filter(({ side }) => side === 'right')
    .map((door) => ({ ...door, fromMm: door.toMm - wideMm, headMm: door.sillMm + Math.max(wideMm, 705) }))
  return { type: 'shell.put', shell: { ...shell, openings } }
}

function bigTank(lengthMm: number): Command {
  return put('fit-w', 'water-tank', 1000, 'left-wall', { lengthMm, depthMm: 700, heightMm: 700 })
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

function armTable(heightMm: number): Command {
  return put('fit-t', 'table-arm', 950, 'centreline', { heightMm }, { across: { from: 'centreline', mm: 250 } })
}

function tankWaste(x: number): Command {
  return put('fit-w', 'tank-waste', x, 'centreline')
}

function leadAt(x: number): Command {
  return put('fit-b', 'battery', x, 'left-wall', { chemistry: 'lead', depthMm: 200, heightMm: 240 })
}

function lockerHeld(points: number): Command {
  const locker = put('fit-l', 'locker', 1000, 'left-wall', { lengthMm: 600 })
  return {
    ...locker,
    fitting: { ...(locker as { fitting: object }).fitting, fixing: { how: 'inserts', points } },
  } as Command
}

function used(second: 'daily' | 'seldom'): Command[] {
  const gear = (id: string, use: string): Command =>
    ({ type: 'gear.put', id, gear: { label: id, sizeMm: [300, 200, 100], count: 1, use } }) as Command
  return [{ type: 'brief.derives', derives: true }, gear('gear-boots', 'daily'), gear('gear-tent', second)]
}

function inFrontAt(x: number): Command {
  return put('fit-w', 'water-tank', x, 'centreline', { lengthMm: 400, depthMm: 900, heightMm: 600 })
}

/** A block that begins so far ahead of the middle of the driver’s seat, at the height of the wheel. */
function inTheCab(aheadMm: number): Job {
  const [seat] = genericShell('truck-box').cabSeats
  return truck(
    put(
      'fit-w',
      'water-tank',
      seat!.xMm + aheadMm,
      'centreline',
      { lengthMm: 300, depthMm: 300, heightMm: 300 },
      { across: { from: 'centreline', mm: seat!.yMm }, up: { from: 'floor', mm: seat!.cushionMm + 300 } },
    ),
  )
}

/** A belted bench whose rear is at 1400, and one point in the floor. */
function belted(xMm: number): Job {
  const shell = genericShell('truck-box')
  return truck(
    {
      type: 'shell.put',
      shell: { ...shell, rails: [], fixings: [{ id: 'point-a', label: 'point', at: [xMm, 0, 0] }] },
    },
    put('fit-b', 'bench-belted', 1400, 'centreline'),
  )
}

/** Two blocks that leave a gap between them, across the truck of 2100. */
function corridor(gap: number): Command[] {
  const size = { lengthMm: 600, depthMm: (2100 - gap) / 2, heightMm: 900 }
  return [put('fit-x', 'water-tank', 1200, 'left-wall', size), put('fit-y', 'water-tank', 1200, 'right-wall', size)]
}

describe.each(Object.entries(CASES))('%s', (code, { speaks, measured, needed, silent }) => {
  it('speaks with its figures, its mode, its place and its rule', () => {
    const finding = first(speaks, code as FindingCode)!
    expect(finding).toMatchObject({ measured: expect.closeTo(measured, -0.5), needed })
    expect(rulesOf(speaks).map(({ id }) => id)).toContain(finding.rule)
    expect(finding.place.every(Number.isFinite)).toBe(true)
    expect(speaks.variants[variant]!.plan.modes[finding.modeId]).toBeDefined()
  })

  it('keeps silent at the boundary', () => expect(found(silent, code as FindingCode)).toEqual([]))
})

describe('a finding that is let be', () => {
  const job = truck(person(1840), put('fit-a', 'bed-fixed', 400, 'centreline', { lengthMm: 1880 }))
  const short = first(job, 'berth-short')!
  const letBe = (of: Job, more: Record<string, unknown> = {}, id = 'waiver-a'): Job => {
    const { key, code, measured, needed } = short
    const waiver = { key, code, measured, needed, reason: 'she curls up', on: '2026-11-25', ...more }
    return apply(of, { type: 'waiver.put', variant, id, waiver } as never).job
  }
  const longer = (of: Job, lengthMm: number): Job =>
    apply(of, { type: 'fitting.parameters', variant, id: 'fit-a', parameters: { lengthMm } }).job

  it('is still told, last and with its reason, and counts no more', () => {
    const before = tally(reviewVariant(job, variant))
    const review = reviewVariant(letBe(job), variant)
    expect(tally(review)).toEqual({ ...before, stop: before.stop - 1 })
    const night = review.modes.find(({ modeId }) => modeId === short.modeId)!.findings
    expect(night.at(-1)).toMatchObject({
      code: 'berth-short',
      waiver: { id: 'waiver-a', holds: true, reason: 'she curls up', on: '2026-11-25' },
    })
  })

  it('counts again once its figures change, and is forgotten when it is cured', () => {
    const changed = longer(letBe(job), 1870)
    expect(first(changed, 'berth-short')).toMatchObject({ measured: 1870, waiver: { holds: false, measured: 1880 } })
    expect(tally(reviewVariant(changed, variant)).stop).toBe(tally(reviewVariant(job, variant)).stop)
    expect(found(longer(letBe(job), 1890), 'berth-short')).toEqual([])
    // back at the figures that were let be
    expect(first(longer(changed, 1880), 'berth-short')).toMatchObject({ waiver: { holds: true } })
  })

  it('is let be for one reason at a time, and taken up again', () => {
    const twice = letBe(letBe(job), { reason: 'it is a dog’s bed' }, 'waiver-b')
    expect(Object.keys(twice.variants[variant]!.plan.waivers!)).toEqual(['waiver-b'])
    const again = apply(twice, { type: 'waiver.remove', variant, id: 'waiver-b' }).job
    expect(first(again, 'berth-short')!.waiver).toBeUndefined()
  })

  it('wants a reason and a day, and says which it misses', () => {
    expect(() => letBe(job, { reason: '' })).toThrow(/reason: is empty: words are wanted/)
    expect(() => letBe(job, { on: 'yesterday' })).toThrow(/on: a date looks like/)
    const document = JSON.parse(JSON.stringify(letBe(job))) as {
      variants: Record<string, { plan: { waivers: object } }>
    }
    document.variants[variant]!.plan.waivers = { 'waiver-a': { key: 'x' } }
    const parsed = parseJob(document)
    expect(parsed.ok).toBe(false)
    if (!parsed.ok) {
      expect(parsed.faults[0]!.path).toContain('plan.waivers.waiver-a')
      expect(parsed.rest?.variants[variant]!.plan.waivers).toEqual({})
    }
  })
})

describe('awning-away', () => {
  it('says that a side has no door, and makes up no distance to one', () => {
    // the truck’s only side door is on the right
    const job = truck(put('fit-a', 'awning', 650, 'left-wall'))
    expect(first(job, 'awning-away')).toMatchObject({ measured: 0, needed: 1, unit: 'count', facts: { doors: 0 } })
  })
})

describe('bed-high', () => {
  // 2010 ADA Standards § 604.4, from memory: a seat of 430 to 485 mm
  it('asks a lower bed for a wheelchair, and lowers it', () => {
    const job = apply(stiffOn(480), {
      type: 'person.put',
      id: 'person-a',
      person: { label: 'tuner', statureMm: 1700, sleeps: true, travels: true, mobility: 'wheelchair' },
    }).job
    expect(first(job, 'bed-high')).toMatchObject({ measured: 600, needed: 485 })
    const [lower] = remediesFor(job, variant, first(job, 'bed-high')!)
    expect(lower).toMatchObject({ code: 'lower-platform', amount: 115 })
  })
})

describe('way-narrow, with aids', () => {
  // 2010 ADA Standards § 403.5.1, from memory: a route of 915 mm
  it.each(['wheelchair', 'walker'] as const)('asks the published route for a %s', (mobility) => {
    const shell = genericShell('truck-box')
    // a side door of 1020, so that the corridor is what is narrow
    const openings = shell.openings.map((door) => (door.entrance ? { ...door, fromMm: 3000 } : door))
    const job = (gap: number) =>
      truck(
        { type: 'shell.put', shell: { ...shell, openings } },
        {
          type: 'person.put',
          id: 'person-a',
          person: { label: 'tuner', statureMm: 1700, sleeps: true, travels: true, mobility },
        },
        ...corridor(gap),
        put('fit-z', 'toilet-box', 100, 'left-wall'),
      )
    expect(first(job(860), 'way-narrow')).toMatchObject({
      measured: expect.closeTo(860, -0.5),
      needed: 915,
      facts: { aid: true },
    })
    expect(found(job(930), 'way-narrow')).toEqual([])
    // § 404.2.3: a door of 815 is enough where a route of 915 is not; the truck’s own side door of 780 is neither
    const through = (fromMm: number) =>
      apply(job(930), {
        type: 'shell.put',
        shell: { ...shell, openings: shell.openings.map((door) => (door.entrance ? { ...door, fromMm } : door)) },
      }).job
    expect(found(through(4020 - 830), 'way-narrow')).toEqual([])
    expect(first(through(3240), 'way-narrow')).toMatchObject({ needed: 815 })
  })

  it('takes shoulders as they were measured', () => {
    const broad = { label: 'broad', statureMm: 1700, sleeps: true, travels: true, measured: { shoulderBreadth: 520 } }
    const job = truck(
      { type: 'person.put', id: 'person-a', person: broad },
      ...corridor(480),
      put('fit-z', 'toilet-box', 100, 'left-wall'),
    )
    expect(first(job, 'way-narrow')).toMatchObject({ needed: 520, facts: { aid: false, person: 'broad' } })
  })
})

describe('remedies', () => {
  const van = (...commands: Command[]) => jobWith('van-long-high', ...commands)
  const offers = (job: Job, code: FindingCode) => remediesFor(job, variant, first(job, code)!)

  it.each([
    [
      'set-length',
      truck(person(1840), put('fit-a', 'bed-fixed', 400, 'centreline', { lengthMm: 1700 })),
      'berth-short',
      1890,
    ],
    [
      'turn-along',
      van(person(1850), put('fit-a', 'bed-fixed', 200, 'centreline', { lengthMm: 1700 })),
      'berth-short',
      90,
    ],
    [
      'lower-platform',
      van(put('fit-a', 'bed-fixed', 1800, 'centreline', { lengthMm: 1790, platformMm: 1100 })),
      'outside-shell',
      undefined,
    ],
    [
      'hinge-other',
      // the block stands in the outer rear corner of the door's square: only a leaf hinged at the rear sweeps it
      truck(
        put('fit-a', 'cold-box', 1000, 'left-wall', { hinge: 'left' }),
        put(
          'fit-c',
          'water-tank',
          950,
          'centreline',
          { lengthMm: 200, depthMm: 150, heightMm: 900 },
          { across: { from: 'centreline', mm: -35 } },
        ),
      ),
      'clearance-blocked',
      undefined,
    ],
    [
      'shift-forward',
      truck(
        put('fit-a', 'water-tank', 0, 'left-wall', { lengthMm: 800 }),
        put('fit-b', 'water-tank', 760, 'left-wall'),
      ),
      'overlap',
      40,
    ],
    [
      'set-depth',
      truck(
        person(1840),
        put('fit-a', 'galley', 1000, 'left-wall', { depthMm: 600 }),
        put('fit-b', 'lounge-bed', 1000, 'right-wall', { depthMm: 1100 }),
      ),
      'clearance-blocked',
      550,
    ],
    ['place', truck(want('toilet')), 'service-missing', undefined],
    [
      'flare',
      // 15 over at either wall; a flare is at least 20 deep
      truck(put('fit-a', 'bed-fixed', 400, 'centreline', { lengthMm: 2130 })),
      'outside-shell',
      20,
    ],
    // 2150 + 20 under 2160, in steps of 10, and no roof is raised by less than 50
    ['raise-roof', truck(person(2150)), 'standing-nowhere', 50],
  ] as const)('%s cures what it is offered for', (code, job, finding, amount) => {
    const remedy = offers(job, finding).find((one) => one.code === code)!
    expect(remedy).toBeDefined()
    if (amount !== undefined) expect(remedy.amount).toBe(amount)
    const cured = apply(job, { type: 'batch', what: 'remedy', commands: [...remedy.commands] }).job
    const gone = first(job, finding)!
    expect(found(cured, finding).filter(({ key, modeId }) => key === gone.key && modeId === gone.modeId)).toEqual([])
    expect(parseJob(JSON.parse(JSON.stringify(cured))).ok).toBe(true)
  })

  it('widens a narrow way between two things', () => {
    const job = truck(person(1840), ...corridor(430), put('fit-z', 'toilet-box', 100, 'left-wall'))
    const [best] = offers(job, 'way-narrow')
    expect(best!.code).toBe('set-depth')
    expect(Math.abs(best!.amount - (835 - (477 - 430)))).toBeLessThanOrEqual(2)
  })

  it('puts those that make no new stop first and says what the others cause', () => {
    const job = van(
      person(1850),
      put('fit-a', 'bed-fixed', 200, 'centreline', { lengthMm: 1700 }),
      put('fit-b', 'galley', 1600, 'left-wall'),
    )
    const stops = offers(job, 'berth-short').map(
      ({ causes }) => new Set(causes.filter(({ gravity }) => gravity === 'stop').map(({ key }) => key)).size,
    )
    expect(stops).toEqual([...stops].sort((a, b) => a - b))
    expect(Math.max(...stops)).toBeGreaterThan(0)
  })
})

describe('the engine', () => {
  it('reports a rule that throws, and goes on', () => {
    const broken = defineRule({
      id: 'broken',
      group: 'fit',
      modes: 'every',
      gravity: {},
      basis: practice('none at all'),
      parameters: {},
      check: () => {
        throw new Error('out of chalk')
      },
    })
    const review = reviewVariant(CASES.overlap.speaks, variant, [broken, ...RULES])
    expect(review.failed).toEqual(
      ['mode-drive', 'mode-day', 'mode-night'].map((modeId) => ({ rule: 'broken', modeId, message: 'out of chalk' })),
    )
    expect(review.modes[0]!.findings.some(({ code }) => code === 'overlap')).toBe(true)
    expect(() => reviewVariant(CASES.overlap.speaks, 'variant-none')).toThrow(/no variant/)
  })

  it('counts a fault of several modes once', () => {
    const review = reviewVariant(CASES.overlap.speaks, variant)
    expect(review.modes.map(({ findings }) => findings.filter(({ code }) => code === 'overlap').length)).toEqual([
      1, 1, 1,
    ])
    expect(tally(review)).toEqual({ stop: 1, caution: 0, note: 0 })
    expect(reviewJob(CASES.overlap.speaks)).toHaveLength(1)
  })

  it('holds demands against the plan', () => {
    const job = truck(
      person(1840),
      want('berth'),
      want('toilet'),
      want('water', { quantity: 50 }),
      want('belt'),
      put('fit-a', 'bed-fixed', 400, 'centreline', { lengthMm: 1800 }),
      put('fit-w', 'water-tank', 2500, 'left-wall'),
    )
    const findings = reviewVariant(job, variant).modes.flatMap((mode) => mode.findings)
    const plan = job.variants[variant]!
    const states = Object.fromEntries(
      demandStates(job.brief, scenesOf(plan, planInterior(job.shell, plan.plan)), findings).map((one) => [
        one.demand.need,
        [one.state, one.offered],
      ]),
    )
    expect(states).toEqual({ berth: ['short', 2], toilet: ['missing', 0], water: ['met', 103], belt: ['met', 2] })
  })

  it('holds a demand in every mode that it names, and counts no bed for two demands', () => {
    const sleeper = { label: 'A', statureMm: 1750, sleeps: true, travels: true }
    const states = (sleepsByDay: boolean, ...fittings: Command[]) => {
      const job = truck(
        { type: 'brief.derives', derives: true },
        { type: 'person.put', id: 'person-a', person: { ...sleeper, sleepsByDay } },
        { type: 'person.put', id: 'person-b', person: { ...sleeper, label: 'B' } },
        ...fittings,
      )
      const plan = job.variants[variant]!
      return demandStates(job.brief, scenesOf(plan, planInterior(job.shell, plan.plan)), [])
        .filter(({ demand }) => demand.need === 'berth')
        .map(({ demand, state }) => [demand.forWhom[0], state])
    }
    // a lounge is a bed for two by night and none by day; a fixed bed is one always
    const lounge = put('fit-a', 'lounge-bed', 400, 'left-wall', { depthMm: 1200 })
    const bed = put('fit-b', 'bed-fixed', 2500, 'centreline', { sleepers: 1 })
    expect(states(false, lounge)).toEqual([
      ['person-a', 'met'],
      ['person-b', 'met'],
    ])
    expect(states(true, lounge)).toEqual([
      ['person-a', 'missing'],
      ['person-b', 'met'],
    ])
    expect(states(true, bed)).toEqual([
      ['person-a', 'met'],
      ['person-b', 'missing'],
    ])
    expect(states(true, lounge, bed)).toEqual([
      ['person-a', 'met'],
      ['person-b', 'met'],
    ])
  })
})
