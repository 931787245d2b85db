import { axlesOf } from '../../budgets'
import { byItself, defineRule, published } from '../define-rule'
import { frontOf, limitOf, markOf, movesOf, namedIn, past, pushing } from '../loads'

declare module '../finding' {
  interface FactsByCode {
    'axle-over': {
      readonly axle: 'front' | 'rear'
      readonly lowKg: number
      readonly highKg: number
      /** How many things that may be aboard are not, at the worst. */
      readonly ashore: number
    }
  }
}

/** No axle carries more than it is rated for, whatever of all that may be aboard is. */
export const axleLoad = defineRule({
  id: 'axle-load',
  group: 'weight',
  modes: ['driving'],
  reads: ['scene', 'job', 'weight'],
  gravity: { 'axle-over': 'stop' },
  basis: published('the axle ratings on the vehicle’s plate; helper springs raise no rating, the local code rules'),
  parameters: {
    reserveKg: {
      default: 0,
      min: 0,
      max: 500,
      unit: 'kg',
      basis: published('the plate has none: what is kept free is for the workshop to say'),
    },
  },
  needs: ({ job: { shell } }) =>
    shell.axles.ratingFrontKg === undefined && shell.axles.ratingRearKg === undefined ? [{ what: 'axle-ratings' }] : [],
  key: byItself(({ facts }) => facts.axle),
  check: (input) =>
    (['front', 'rear'] as const).flatMap((axle) => {
      const state = limitOf(input, axle)
      if (state?.limit === undefined) return []
      const most = state.limit - input.parameters.reserveKg
      if (!(state.worstDry.value > most)) return []
      const heaviest = pushing(input, (entry) => (axle === 'front' ? frontOf(input, entry) : 1 - frontOf(input, entry)))
      return [
        {
          code: 'axle-over' as const,
          fittings: namedIn(heaviest),
          place: markOf(input, heaviest),
          measured: past(state.worstDry.value),
          needed: most,
          unit: 'kg' as const,
          facts: { axle, lowKg: state.low, highKg: state.high, ashore: state.worstDry.ashore.length },
        },
      ]
    }),
  remedies: (input, { facts: { axle }, measured, needed }) => {
    const { wheelbaseMm } = axlesOf(input.job.shell)
    const heaviest = pushing(input, (entry) => (axle === 'front' ? frontOf(input, entry) : 1 - frontOf(input, entry)))
    return movesOf(input, heaviest, measured - needed, wheelbaseMm, axle === 'rear' ? 'shift-forward' : 'shift-back')
  },
})
