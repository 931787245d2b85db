import type { Command } from '$lib/core/job'
import { person, put, truck } from '../support/plan'
import type { CasesFor } from './kit'

function foresees(what: 'child' | 'battery'): Command {
  return { type: 'brief.use', use: { future: [what] } }
}

/** Rows of the rules about later on. */
export const FUTURE_CASES: CasesFor<'reserve-missing' | 'resale-short'> = {
  'reserve-missing': {
    speaks: truck(person(1700), foresees('child'), put('fit-a', 'bed-fixed', 1000, 'centreline', { sleepers: 1 })),
    measured: 1,
    needed: 2,
    rule: 'reserve-kept',
    mode: 'mode-night',
    place: [2150, 0, 1000],
    silent: truck(person(1700), foresees('child'), put('fit-a', 'bed-fixed', 1000, 'centreline', { sleepers: 2 })),
  },
  'resale-short': {
    speaks: truck(
      { type: 'brief.use', use: { future: ['sold'] } },
      put('fit-a', 'bed-fixed', 500, 'centreline', { lyingMm: 1790 }),
    ),
    measured: 1790,
    needed: 1800,
    rule: 'resale-bed',
    mode: 'mode-night',
    place: [2150, 0, 1000],
    silent: truck(
      { type: 'brief.use', use: { future: ['sold'] } },
      put('fit-a', 'bed-fixed', 500, 'centreline', { lyingMm: 1800 }),
    ),
  },
}
