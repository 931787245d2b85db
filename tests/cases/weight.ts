import type { Command } from '$lib/core/job'
import { put, truck } from '../support/plan'
import type { CasesFor } from './kit'

/*
 * The truck by its papers: kerb 2480 with a driver of 75 and nine tenths of 75 L of diesel (56.16), 1364 of it on the front axle; rear axle 1180
 * ahead of the sill, wheelbase 3750, track 1750, gross 3500, ratings 1850 and 2400, 6.15 m long. So the body alone is 2348.84; a full tank 62.4,
 * its middle 0.6 of the wheelbase ahead of the rear axle; the driver sits 3900 ahead of that axle and 480 to the left. One driver in 6.15 m brings
 * 71.5 of things that no list holds: with no shelf they lie in the middle, 970 ahead of the rear axle.
 */

const figures = (axles: object, masses: object = {}): Command => ({ type: 'masses.set', axles, masses }) as Command
const rule = (id: string, parameters: Record<string, number>): Command => ({
  type: 'rule.set',
  id,
  setting: { parameters },
})
const gear = (massKg: number, count: number, place: 'inside' | 'roof' = 'inside'): Command => ({
  type: 'gear.put',
  id: 'gear-a',
  gear: { label: 'anvils', sizeMm: [500, 400, 300], count, massKg, place },
})
/** A tank of 600 × 400 × 300: 66 L, and 5.13 of polyethylene, 5 mm at 950 kg/m³. */
const tank = (x: number, upMm: number): Command =>
  put(
    'fit-a',
    'water-tank',
    x,
    'left-wall',
    { lengthMm: 600, depthMm: 400, heightMm: 300 },
    { up: { from: 'floor', mm: upMm } },
  )
/** Where a finding about the whole vehicle is marked. */
const MIDDLE = [2150, 0, 1000] as const

/** Rows of the rules about weight. */
export const WEIGHT_CASES: CasesFor<
  | 'payload-over'
  | 'payload-waste'
  | 'axle-over'
  | 'wheel-heavy'
  | 'side-heavy'
  | 'front-light'
  | 'roof-over'
  | 'roof-unknown'
  | 'mass-high'
  | 'mass-behind'
> = {
  'payload-over': {
    // 2348.84 + 62.4 + 75 + 1014 = 3500.24; what is listed is more than the 71.5 that is taken where nothing is
    speaks: truck(gear(507, 2)),
    measured: 3501,
    needed: 3500,
    rule: 'payload',
    mode: 'mode-drive',
    place: MIDDLE,
    silent: truck(gear(506.8, 2)),
  },
  'payload-waste': {
    // 2486.24 + 71.5 = 2557.74, a tank of 5.13 with straps of 4 and its 66 L of waste: 2632.87
    speaks: truck(
      put('fit-a', 'tank-waste', 2000, 'centreline', { lengthMm: 600, depthMm: 400, heightMm: 300 }),
      figures({}, { grossKg: 2600 }),
    ),
    measured: 2633,
    needed: 2600,
    rule: 'payload',
    mode: 'mode-drive',
    place: [2300, 0, -40],
    silent: truck(
      put('fit-a', 'tank-waste', 2000, 'centreline', { lengthMm: 600, depthMm: 400, heightMm: 300 }),
      figures({}, { grossKg: 2640 }),
    ),
  },
  'axle-over': {
    // as kerbed 1116 on the rear axle, a tenth of the fuel at 0.4 and the things at 1 − 970/3750: 1116 + 2.5 + 53.0 = 1171.5
    speaks: truck(figures({ ratingRearKg: 1171 }, { grossKg: 3000 })),
    measured: 1172,
    needed: 1171,
    rule: 'axle-load',
    mode: 'mode-drive',
    place: MIDDLE,
    silent: truck(figures({ ratingRearKg: 1172 }, { grossKg: 3000 })),
  },
  'wheel-heavy': {
    // the front axle 1364 + 3.74 + 18.5 = 1386.24, half of it, and 75 × 1.04 × 480/1750 of the driver: 714.5
    speaks: truck(figures({ ratingFrontKg: 1428 })),
    measured: 715,
    needed: 714,
    rule: 'wheel-load',
    mode: 'mode-drive',
    place: MIDDLE,
    silent: truck(figures({ ratingFrontKg: 1430 })),
  },
  'side-heavy': {
    // 75 × 2 × 480/1750 = 41.14 of 2557.74
    speaks: truck(rule('side-balance', { share: 0.016 })),
    measured: 42,
    needed: 40,
    rule: 'side-balance',
    mode: 'mode-drive',
    place: MIDDLE,
    silent: truck(rule('side-balance', { share: 0.0161 })),
  },
  'front-light': {
    // without fuel (1364 − 33.7 + 1200 × 970/3750) ÷ (2423.84 + 1200) = 1640.7 ÷ 3623.84
    speaks: truck(gear(600, 2), rule('front-share', { least: 0.46 })),
    measured: 45.3,
    needed: 46,
    rule: 'front-share',
    mode: 'mode-drive',
    place: MIDDLE,
    silent: truck(gear(600, 2), rule('front-share', { least: 0.45 })),
  },
  'roof-over': {
    speaks: truck(gear(40, 2, 'roof'), figures({}, { roofDrivingKg: 79 })),
    measured: 80,
    needed: 79,
    rule: 'roof-load',
    mode: 'mode-drive',
    place: MIDDLE,
    silent: truck(gear(40, 2, 'roof'), figures({}, { roofDrivingKg: 80 })),
  },
  'roof-unknown': {
    speaks: truck(gear(15.5, 2, 'roof')),
    measured: 31,
    needed: 30,
    rule: 'roof-load',
    mode: 'mode-drive',
    place: MIDDLE,
    silent: truck(gear(15, 2, 'roof')),
  },
  'mass-high': {
    speaks: truck(tank(1200, 1351)),
    measured: 1351 + 150,
    needed: 1500,
    rule: 'mass-high',
    mode: 'mode-drive',
    place: [1500, 850, 1651],
    silent: truck(tank(1200, 1350)),
  },
  'mass-behind': {
    // 71.13 kg, its middle 880 behind the axle: 71.13 × 880/3750 = 16.7; a hundredth of 1364 is 13.6
    speaks: truck(tank(0, 0), rule('mass-behind', { share: 0.01 })),
    measured: 17,
    needed: 13,
    rule: 'mass-behind',
    mode: 'mode-drive',
    place: [300, 850, 300],
    silent: truck(tank(0, 0), rule('mass-behind', { share: 0.0123 })),
  },
}
