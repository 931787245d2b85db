import type { Command, HouseMeasure, Job } from '$lib/core/job'
import { put, truck } from '../support/plan'
import type { CasesFor } from './kit'

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

/** Rows of the rules about the house. */
export const HOUSE_CASES: CasesFor<'house'> = {
  house: {
    speaks: houseAsks({ what: 'height', service: 'worktop' }, 'most', 880, galleyAt(900)),
    measured: 900,
    needed: 880,
    rule: 'house-low-top',
    mode: 'mode-day',
    place: [1700, 800, 900],
    silent: houseAsks({ what: 'height', service: 'worktop' }, 'most', 900, galleyAt(900)),
  },
}
