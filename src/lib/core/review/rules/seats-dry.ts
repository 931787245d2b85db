import { sleepersOf } from '../../brief'
import { offered } from '../../scene'
import { bestMode } from '../best-mode'
import { defineRule, practice } from '../define-rule'
import { middleOf } from '../middle'
import { needsSleepers } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'seats-few': Record<never, never>
  }
}

/** When it rains everyone can sit inside, with the doors shut: in one of the modes one lives in. */
export const seatsDry = defineRule({
  id: 'seats-dry',
  group: 'use',
  modes: ['living'],
  gravity: { 'seats-few': 'note' },
  basis: practice('a wet day is spent sitting: a dry seat for each, on a bench, a bed’s edge or in the cab'),
  parameters: {},
  needs: needsSleepers,
  check: ({ scene, peers, brief }) => {
    const needed = sleepersOf(brief).length
    // the cab is dry too, and two sit on the edge of a bed that is made by day
    const seats = (one: typeof scene): number =>
      offered(one, 'seat') +
      one.interior.shell.cabSeats.length +
      one.placed.reduce(
        (sum, { services }) =>
          sum +
          2 *
            services.filter(({ type }) => type === 'berth').length *
            (services.some(({ type }) => type === 'seat') ? 0 : 1),
        0,
      )
    const { measured, here } = bestMode(scene, peers(), seats)
    if (measured >= needed || !here) return []
    return [
      {
        code: 'seats-few' as const,
        fittings: [],
        place: middleOf(scene),
        measured,
        needed,
        unit: 'count' as const,
        facts: {},
      },
    ]
  },
})
