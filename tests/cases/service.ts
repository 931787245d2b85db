import { put, putAtHome, truck } from '../support/plan'
import type { CasesFor } from './kit'

/** Rows of the rules about service. */
export const SERVICE_CASES: CasesFor<'access-first' | 'access-blocked' | 'gas-none' | 'timer-none' | 'burner-high'> = {
  'burner-high': {
    speaks: truck({ type: 'brief.use', use: { altitudeM: 2200 } }, put('fit-a', 'heater-air', 1000, 'left-wall')),
    measured: 2200,
    needed: 1500,
    rule: 'goes-with',
    mode: 'mode-day',
    place: [1185, 980, 150],
    silent: truck({ type: 'brief.use', use: { altitudeM: 1500 } }, put('fit-a', 'heater-air', 1000, 'left-wall')),
  },
  'gas-none': {
    speaks: truck(put('fit-a', 'galley-hob', 1000, 'left-wall', { fuel: 'gas' })),
    measured: 0,
    needed: 1,
    rule: 'goes-with',
    mode: 'mode-day',
    place: [1225, 800, 900],
    silent: truck(
      put('fit-a', 'galley-hob', 1000, 'left-wall', { fuel: 'gas' }),
      put('fit-b', 'gas-locker', 3000, 'left-wall'),
    ),
  },
  'timer-none': {
    speaks: truck(put('fit-a', 'heater-water', 1000, 'left-wall', { heatedBy: 'electric' })),
    measured: 0,
    needed: 1,
    rule: 'goes-with',
    mode: 'mode-day',
    place: [1200, 900, 300],
    silent: truck(
      put('fit-a', 'heater-water', 1000, 'left-wall', { heatedBy: 'electric' }),
      putAtHome('fit-b', 'timer', 3000, { times: 'boiler' }),
    ),
  },
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
