import { put, truck } from '../support/plan'
import type { CasesFor } from './kit'

/** Rows of the rules about the outside. */
export const OUTSIDE_CASES: CasesFor<
  | 'hook-up-at-door'
  | 'fill-dirty'
  | 'parking-high'
  | 'parking-long'
  | 'roof-beyond'
  | 'ground-low'
  | 'tank-freezes'
  | 'stealth-seen'
  | 'awning-away'
> = {
  'hook-up-at-door': {
    // the side door begins at 3240; the inlet is 150 long
    speaks: truck(put('fit-a', 'inlet', 2701, 'right-wall', { lengthMm: 150 })),
    measured: 3240 - 2851,
    needed: 400,
    rule: 'hook-up-side',
    mode: 'mode-day',
    place: [2776, -995, 400],
    silent: truck(put('fit-a', 'inlet', 2700, 'right-wall', { lengthMm: 150 })),
  },
  'fill-dirty': {
    speaks: truck(
      put('fit-t', 'toilet-cassette', 1000, 'left-wall', { lengthMm: 400 }),
      put('fit-a', 'inlet', 2390, 'left-wall', { takes: 'water' }),
    ),
    measured: 990,
    needed: 1000,
    rule: 'fill-clean',
    mode: 'mode-day',
    place: [2465, 995, 400],
    silent: truck(
      put('fit-t', 'toilet-cassette', 1000, 'left-wall', { lengthMm: 400 }),
      put('fit-a', 'inlet', 2400, 'left-wall', { takes: 'water' }),
    ),
  },
  'parking-high': {
    // the box of 320 stands 40 over a roof that is 3125 high
    speaks: truck(
      { type: 'brief.use', use: { parkingHeightMm: 3400 } },
      put('fit-a', 'outside-box', 500, 'centreline'),
    ),
    measured: 3125 + 40 + 320,
    needed: 3400,
    rule: 'parking-fit',
    mode: 'mode-drive',
    place: [1200, 0, 2520],
    silent: truck(
      { type: 'brief.use', use: { parkingHeightMm: 3485 } },
      put('fit-a', 'outside-box', 500, 'centreline'),
    ),
  },
  'parking-long': {
    // 6150 as delivered
    speaks: truck({ type: 'brief.use', use: { parkingLengthMm: 6149 } }),
    measured: 6150,
    needed: 6149,
    rule: 'parking-fit',
    mode: 'mode-drive',
    place: [-40, 0, 0],
    silent: truck({ type: 'brief.use', use: { parkingLengthMm: 6150 } }),
  },
  'roof-beyond': {
    // half of 700 to the left of 886 over the middle, past half of the body’s 2170
    speaks: truck(put('fit-a', 'outside-box', 500, 'centreline', {}, { across: { from: 'centreline', mm: 886 } })),
    measured: 886 + 350 - 1085,
    needed: 0,
    rule: 'roof-within',
    mode: 'mode-drive',
    place: [1200, 886, 2520],
    // an awning’s case hangs out as far
    silent: truck(put('fit-a', 'outside-box', 500, 'centreline', {}, { across: { from: 'centreline', mm: 885 } })),
  },
  'tank-freezes': {
    // hung 40 under the floor, on a night of −4
    speaks: truck(
      { type: 'brief.use', use: { coldestC: -4 } },
      put('fit-a', 'tank-under', 500, 'centreline', { insulated: 'no' }, { up: { from: 'under-floor', mm: 40 } }),
    ),
    measured: -4,
    needed: 0,
    rule: 'tank-frost',
    mode: 'mode-day',
    place: [950, 0, -40],
    silent: truck(
      { type: 'brief.use', use: { coldestC: -4 } },
      put('fit-a', 'tank-under', 500, 'centreline', { insulated: 'yes' }, { up: { from: 'under-floor', mm: 40 } }),
    ),
  },
  'ground-low': {
    // the load floor is 3125 − 2160 over the ground
    speaks: truck(put('fit-a', 'tank-under', 500, 'centreline', {}, { up: { from: 'under-floor', mm: 600 } })),
    measured: 3125 - 2160 - 600 - 220,
    needed: 170,
    rule: 'ground-clear',
    mode: 'mode-drive',
    place: [950, 0, -820],
    silent: truck(put('fit-a', 'tank-under', 500, 'centreline', {}, { up: { from: 'under-floor', mm: 575 } })),
  },
  'stealth-seen': {
    speaks: truck({ type: 'brief.use', use: { stealth: true } }, put('fit-a', 'outside-box', 500, 'centreline')),
    measured: 1,
    needed: 0,
    rule: 'stealth-seen',
    mode: 'mode-night',
    place: [2150, 0, 1000],
    silent: truck({ type: 'brief.use', use: { stealth: true } }, put('fit-a', 'wardrobe', 500, 'left-wall')),
  },
  'awning-away': {
    // of 2600, the side door begins at 3240
    speaks: truck(put('fit-a', 'awning', 0, 'right-wall')),
    measured: 3240 - 2600,
    needed: 0,
    rule: 'awning-door',
    mode: 'mode-day',
    place: [1300, -1448, 2310],
    silent: truck(put('fit-a', 'awning', 650, 'right-wall')),
  },
}
