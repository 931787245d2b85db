import type { Command } from '$lib/core/job'
import { person, put, putAtHome, truck } from '../support/plan'
import type { CasesFor } from './kit'

const TANK = { lengthMm: 800, depthMm: 400, heightMm: 350 } as const
function tankOf(more: Record<string, string>): Command {
  return put('fit-a', 'water-tank', 1000, 'left-wall', { ...TANK, ...more })
}
function joinedTo(heightMm: number): Command {
  return put('fit-b', 'water-tank', 1000, 'right-wall', { ...TANK, heightMm, joined: 'joined' })
}
function filledAt(mm: number): Command {
  return putAtHome('fit-b', 'inlet', 2500, { takes: 'water' }, { up: { from: 'floor', mm } })
}

/** Rows of the rules about service. */
export const SERVICE_CASES: CasesFor<
  | 'access-first'
  | 'access-blocked'
  | 'gas-none'
  | 'timer-none'
  | 'burner-high'
  | 'pump-far'
  | 'pump-high'
  | 'fill-low'
  | 'tank-uncleaned'
  | 'tanks-unlevel'
> = {
  'pump-far': {
    // the tank ends at 1800, the pump begins at 3301
    speaks: truck(tankOf({}), put('fit-b', 'water-pump', 3301)),
    measured: 1501,
    needed: 1500,
    rule: 'pump-near',
    mode: 'mode-day',
    place: [3411, 985, 110],
    silent: truck(tankOf({}), put('fit-b', 'water-pump', 3300)),
  },
  'pump-high': {
    speaks: truck(tankOf({}), put('fit-b', 'water-pump', 1000, 'left-wall', {}, { up: { from: 'floor', mm: 1001 } })),
    measured: 1001,
    needed: 1000,
    rule: 'pump-near',
    mode: 'mode-day',
    place: [1110, 985, 1111],
    silent: truck(tankOf({}), put('fit-b', 'water-pump', 1000, 'left-wall', {}, { up: { from: 'floor', mm: 1000 } })),
  },
  'fill-low': {
    // its middle is at 220 + 75; 295 of 350 mm are 84% of 103 L
    speaks: truck(tankOf({}), filledAt(220)),
    measured: 87,
    needed: 103,
    rule: 'tank-fills',
    mode: 'mode-day',
    place: [2575, 995, 370],
    silent: truck(tankOf({}), filledAt(225)),
  },
  'tank-uncleaned': {
    speaks: truck(person(1750), tankOf({ opening: 'cap' })),
    measured: 0,
    needed: 1,
    rule: 'tank-cleans',
    mode: 'mode-day',
    place: [1400, 850, 350],
    silent: truck(person(1750), tankOf({ opening: 'cap' }), put('fit-b', 'water-filter', 3000)),
  },
  'tanks-unlevel': {
    // 103 L of 350 mm height beside 88 L of 300: 300 ÷ 350 of the first, and all of the other
    speaks: truck(tankOf({ joined: 'joined' }), joinedTo(300)),
    measured: 176,
    needed: 191,
    rule: 'tanks-level',
    mode: 'mode-day',
    place: [1400, 850, 350],
    silent: truck(tankOf({ joined: 'joined' }), joinedTo(325)),
  },
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
