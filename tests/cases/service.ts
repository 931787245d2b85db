import { put, truck } from '../support/plan'
import type { CasesFor } from './kit'

/** Rows of the rules about service. */
export const SERVICE_CASES: CasesFor<'access-first' | 'access-blocked'> = {
  'access-first': {
    // a tank of 400 in depth wants 350 before it for its pump; a stool stands there by day
    speaks: truck(
      put('fit-a', 'water-tank', 1000, 'left-wall', { depthMm: 400 }),
      put('fit-b', 'stool', 1200, 'left-wall', {}, { across: { from: 'left-wall', mm: 410 } }),
    ),
    measured: 1,
    needed: 0,
    rule: 'service-access',
    mode: 'mode-day',
    place: [1400, 475, 175],
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
    rule: 'service-access',
    mode: 'mode-day',
    place: [1400, 475, 175],
    silent: truck(
      put('fit-a', 'water-tank', 1000, 'left-wall', { depthMm: 400 }),
      put('fit-b', 'cold-box', 1100, 'left-wall', {}, { across: { from: 'left-wall', mm: 750 } }),
    ),
  },
}
