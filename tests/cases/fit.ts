import { newFound, type Found, type FoundKind } from '$lib/core/condition'
import type { Command } from '$lib/core/job'
import { jobWith, put, putAtHome, putInside, truck, variant } from '../support/plan'
import { sideDoorOnly, type CasesFor } from './kit'

function bigTank(lengthMm: number): Command {
  return put('fit-w', 'water-tank', 1000, 'left-wall', { lengthMm, depthMm: 700, heightMm: 700 })
}

/** Something found on the vehicle as bought, 300 mm each way round a place. */
const found = (kind: FoundKind, at: [number, number, number], more: Partial<Found> = {}): Command => ({
  type: 'found.put',
  id: 'found-a',
  found: { ...newFound(kind), at, ...more },
})
const SMALL = put('fit-w', 'water-tank', 1000, 'left-wall', { lengthMm: 400, depthMm: 300, heightMm: 400 })
const hatch = (fromMm: number, toMm: number): Command => ({
  type: 'change.put',
  variant,
  id: 'change-hatch',
  change: { kind: 'side-hatch', side: 'left', fromMm, toMm, sillMm: 20, headMm: 340 },
})

const SMALL_TANK = { lengthMm: 400, depthMm: 150, heightMm: 200 }

function lockerHeld(points: number): Command {
  const locker = put('fit-l', 'locker', 1000, 'left-wall', { lengthMm: 600 })
  return {
    ...locker,
    fitting: { ...(locker as { fitting: object }).fitting, fixing: { how: 'inserts', points } },
  } as Command
}

/** Rows of the rules about fitting the body. */
/** It comes whole, and is not built where it stands. */
const whole = { type: 'fitting.cut', variant, id: 'fit-a', cut: false } as const

export const FIT_CASES: CasesFor<
  | 'outside-shell'
  | 'overlap'
  | 'opening-missing'
  | 'fixing-drills'
  | 'body-cut'
  | 'carry-stuck'
  | 'hung-weakly'
  | 'hangs-free'
  | 'pushed-in'
  | 'pokes-out'
  | 'hollow-taken'
  | 'built-over'
  | 'cut-in-bad'
  | 'meets-stays'
  | 'panel-beyond'
  | 'battery-beyond'
> = {
  'panel-beyond': {
    // 1200 × 500 mm are 0.6 m²: 180 W at 300 on the square metre
    speaks: truck(putAtHome('fit-a', 'solar-panel', 1000, { lengthMm: 1200, depthMm: 500, watts: 181 })),
    measured: 181,
    needed: 180,
    rule: 'as-rated',
    mode: 'mode-day',
    place: [1600, 0, 2235],
    silent: truck(putAtHome('fit-a', 'solar-panel', 1000, { lengthMm: 1200, depthMm: 500, watts: 180 })),
  },
  'battery-beyond': {
    // 500 × 200 × 240 mm are 24 L: 3600 Wh at 150 on the litre of lead, 300 Ah at 12 V
    speaks: truck(put('fit-a', 'battery', 1000, 'left-wall', { lengthMm: 500, chemistry: 'sealed', ampHours: 301 })),
    measured: 3612,
    needed: 3600,
    rule: 'as-rated',
    mode: 'mode-day',
    place: [1250, 950, 240],
    silent: truck(put('fit-a', 'battery', 1000, 'left-wall', { lengthMm: 500, chemistry: 'sealed', ampHours: 300 })),
  },
  'built-over': {
    // the tank stands over the left edge of the floor from 1000 on; the rust is there
    speaks: truck(SMALL, found('rust', [1200, 1000, 0])),
    measured: 1,
    needed: 0,
    rule: 'as-bought',
    mode: 'mode-drive',
    place: [1200, 1000, 0],
    silent: truck(SMALL, found('rust', [1200, 1000, 0], { done: true })),
  },
  'cut-in-bad': {
    // the hatch ends 15 mm ahead of the rust; 50 mm round it are to be sound
    speaks: truck(hatch(1035, 1415), found('rust', [1580, 1050, 180])),
    measured: 1,
    needed: 0,
    rule: 'as-bought',
    mode: 'mode-drive',
    place: [1580, 1050, 180],
    silent: truck(hatch(1000, 1370), found('rust', [1580, 1050, 180])),
  },
  'meets-stays': {
    // a factory heater, 300 each way, up to 150 over the floor; the tank is 700 deep and reaches 250 into it
    speaks: truck(
      put('fit-w', 'water-tank', 1000, 'left-wall', { lengthMm: 400, depthMm: 700, heightMm: 400 }),
      found('stays', [1450, 450, 150]),
    ),
    measured: 100, // 1400 − 1300
    needed: 0,
    rule: 'as-bought',
    mode: 'mode-drive',
    place: [1450, 450, 150],
    silent: truck(
      put('fit-w', 'water-tank', 900, 'left-wall', { lengthMm: 400, depthMm: 700, heightMm: 400 }),
      found('stays', [1450, 450, 150]),
    ),
  },
  'outside-shell': {
    speaks: truck(put('fit-a', 'bed-fixed', 400, 'centreline', { lyingMm: 2130 })),
    measured: 15, // (2130 − 2100) / 2 each side
    needed: 0,
    rule: 'inside-shell',
    mode: 'mode-drive',
    place: [400, -1065, 650],
    silent: truck(put('fit-a', 'bed-fixed', 400, 'centreline', { lyingMm: 2100 })),
  },
  overlap: {
    speaks: truck(
      put('fit-a', 'water-tank', 0, 'left-wall', { lengthMm: 800 }),
      put('fit-b', 'water-tank', 760, 'left-wall'),
    ),
    measured: 40,
    needed: 0,
    rule: 'no-overlap',
    mode: 'mode-drive',
    place: [780, 850, 175],
    silent: truck(
      put('fit-a', 'water-tank', 0, 'left-wall', { lengthMm: 800 }),
      put('fit-b', 'water-tank', 800, 'left-wall'),
    ),
  },
  'pokes-out': {
    // inside of the bench: 12 to 358 up, from 1012 along and 582 across; the battery is 360 long, 200 deep
    speaks: truck(
      put('fit-b', 'bench-side', 1000, 'left-wall'),
      putInside('fit-a', 'battery', 'fit-b', { heightMm: 400 }),
    ),
    measured: 54,
    needed: 0,
    rule: 'fits-hollow',
    mode: 'mode-drive',
    place: [1192, 682, 212],
    silent: truck(
      put('fit-b', 'bench-side', 1000, 'left-wall'),
      putInside('fit-a', 'battery', 'fit-b', { heightMm: 346 }),
    ),
  },
  'hollow-taken': {
    // boxes from 550 to 850 across; the carcass is 22 thick with its slides: the tank reaches from 1028 − 30 back to 848
    speaks: truck(
      put('fit-b', 'drawer-unit', 1000, 'left-wall', { boxMm: 300 }),
      putInside('fit-a', 'water-tank', 'fit-b', SMALL_TANK, { across: { from: 'back', mm: 30 } }),
    ),
    measured: 2,
    needed: 0,
    rule: 'fits-hollow',
    mode: 'mode-drive',
    place: [1222, 923, 122],
    silent: truck(
      put('fit-b', 'drawer-unit', 1000, 'left-wall', { boxMm: 300 }),
      putInside('fit-a', 'water-tank', 'fit-b', SMALL_TANK, { across: { from: 'back', mm: 28 } }),
    ),
  },
  'opening-missing': {
    // 450 long at 1000: its hatch of 380 goes from 1035 to 1415, 20 to 340 above the floor
    speaks: truck(put('fit-a', 'toilet-cassette', 1000, 'left-wall')),
    measured: 0,
    needed: 380,
    rule: 'body-opening',
    mode: 'mode-day',
    place: [1225, 750, 200],
    silent: truck(put('fit-a', 'toilet-cassette', 1000, 'left-wall'), {
      type: 'change.put',
      variant,
      id: 'change-hatch',
      change: { kind: 'side-hatch', side: 'left', fromMm: 1035, toMm: 1415, sillMm: 20, headMm: 340 },
    }),
  },
  'fixing-drills': {
    speaks: truck(
      put('fit-a', 'wardrobe', 400, 'left-wall'),
      { type: 'fitting.fixing', variant, id: 'fit-a', fixing: { how: 'screws', points: 4 } },
      { type: 'plan.transferable', variant, transferable: true },
    ),
    measured: 4,
    needed: 0,
    rule: 'no-holes',
    mode: 'mode-day',
    place: [675, 800, 0],
    silent: truck(
      put('fit-a', 'wardrobe', 400, 'left-wall'),
      { type: 'fitting.fixing', variant, id: 'fit-a', fixing: { how: 'points', points: 4 } },
      { type: 'plan.transferable', variant, transferable: true },
    ),
  },
  'body-cut': {
    speaks: truck(hatch(1035, 1415), { type: 'plan.transferable', variant, transferable: true }),
    measured: 1,
    needed: 0,
    rule: 'no-holes',
    mode: 'mode-day',
    place: [1035, 0, 900],
    silent: truck({ type: 'plan.transferable', variant, transferable: true }),
  },
  'carry-stuck': {
    // 700 by 700 passes a side door of 700 and not one of 690; there is no other
    speaks: truck(sideDoorOnly(690), bigTank(1700)),
    measured: 0,
    needed: 1700,
    rule: 'carry-in',
    mode: 'mode-drive',
    place: [1850, 700, 700],
    silent: truck(sideDoorOnly(700), bigTank(1700)),
  },
  'hung-weakly': {
    // a locker of some kilograms with ten in it asks for two points
    speaks: truck(lockerHeld(1)),
    measured: 1,
    needed: 2,
    rule: 'hung-held',
    mode: 'mode-drive',
    place: [1300, 885, 2135],
    silent: truck(lockerHeld(2)),
  },
  'hangs-free': {
    speaks: truck(put('fit-a', 'water-tank', 1000, 'centreline', {}, { up: { from: 'floor', mm: 500 } })),
    measured: 500,
    needed: 0,
    rule: 'stands-on',
    mode: 'mode-day',
    place: [1400, 0, 850],
    silent: truck(put('fit-a', 'water-tank', 1000, 'centreline', {}, { up: { from: 'floor', mm: 60 } })),
  },
  'pushed-in': {
    // bare, the van’s wall is 890 out at the floor, 846 at 1500 and 704 at 1830: at 1800 it is 716.9, at 1676 770.3
    speaks: jobWith('van-long-high', put('fit-a', 'wet-cubicle', 1500, 'left-wall', { heightMm: 1800 }), whole),
    measured: 173,
    needed: 120,
    rule: 'stands-off',
    mode: 'mode-day',
    place: [1900, 717, 1800],
    silent: jobWith('van-long-high', put('fit-a', 'wet-cubicle', 1500, 'left-wall', { heightMm: 1676 }), whole),
  },
}
