import { defaultsOf, kindOf } from '$lib/core/fittings'
import type { Job } from '$lib/core/job'
import { genericShell } from '$lib/core/shells'
import { put, truck, variant, want } from '../support/plan'
import type { CasesFor } from './kit'

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

/** Rows of the rules about travel. */
export const TRAVEL_CASES: CasesFor<
  'belts-few' | 'drawer-flies' | 'belt-sideways' | 'not-held' | 'view-blocked' | 'belt-unfounded'
> = {
  'belts-few': {
    speaks: truck(want('belt', { quantity: 4 }), put('fit-a', 'bench-belted', 1000, 'centreline', { places: 1 })),
    measured: 3, // two in the cab
    needed: 4,
    rule: 'belts-enough',
    mode: 'mode-drive',
    place: [2150, 0, 1000],
    silent: truck(want('belt', { quantity: 4 }), put('fit-a', 'bench-belted', 1000, 'centreline', { places: 2 })),
  },
  'drawer-flies': {
    speaks: truck(put('fit-a', 'drawer-unit', 400, 'left-wall', { loadKg: 30, latch: 'lip' })),
    measured: 30,
    needed: 10,
    rule: 'drawer-latch',
    mode: 'mode-drive',
    place: [650, 800, 200],
    silent: truck(put('fit-a', 'drawer-unit', 400, 'left-wall', { loadKg: 10, latch: 'lip' })),
  },
  'belt-sideways': {
    speaks: truck(put('fit-a', 'bench-belted', 1000, 'left-wall', {}, { turn: 0 })),
    measured: 90,
    needed: 10,
    rule: 'belt-facing',
    mode: 'mode-drive',
    place: [1480, 740, 1080],
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
    rule: 'held-fast',
    mode: 'mode-drive',
    place: [1275, 800, 1600],
    silent: truck(put('fit-a', 'wardrobe', 1000, 'left-wall'), {
      type: 'fitting.fixing',
      variant,
      id: 'fit-a',
      fixing: { how: 'straps', points: 2 },
    }),
  },
  'view-blocked': {
    // the room ahead of the driver’s middle ends 700 before it
    speaks: inTheCab(650),
    measured: 50,
    needed: 0,
    rule: 'driver-view',
    mode: 'mode-drive',
    place: [5880, 480, 780],
    silent: inTheCab(700),
  },
  'belt-unfounded': {
    speaks: belted(1400 - 201),
    measured: 201,
    needed: 200,
    rule: 'belt-floor',
    mode: 'mode-drive',
    place: [1490, -390, 0],
    silent: belted(1400 - 200),
  },
}
