import { axlesOf, WHEEL_SHARE, WHEELS, type Wheel } from '../../budgets'
import { byItself, defineRule, practice } from '../define-rule'
import { limitOf, markOf, movesOf, namedIn, past, pushing } from '../loads'

declare module '../finding' {
  interface FactsByCode {
    'wheel-heavy': { readonly wheel: Wheel; readonly ratingKg: number; readonly trackMm: number }
  }
}

/** No wheel carries much more than half of what its axle may. */
export const wheelLoad = defineRule({
  id: 'wheel-load',
  group: 'weight',
  modes: ['driving'],
  reads: ['scene', 'job', 'weight'],
  gravity: { 'wheel-heavy': 'caution' },
  basis: practice(
    'tyres and springs are made for half of an axle each; a guide, not a rating: the tyre’s own load index rules',
  ),
  parameters: {
    share: {
      default: WHEEL_SHARE,
      min: 0.5,
      max: 0.7,
      unit: 'share',
      basis: practice(
        'of the axle’s rating; a body that does not twist, the split by the track the same on both axles',
      ),
    },
  },
  needs: ({ job: { shell } }) => (shell.axles.trackMm === undefined ? [{ what: 'track' }] : []),
  key: byItself(({ facts }) => facts.wheel),
  check: (input) =>
    WHEELS.flatMap((wheel) => {
      const { ratingFrontKg, ratingRearKg, trackMm } = input.job.shell.axles
      const ratingKg = wheel.startsWith('front') ? ratingFrontKg : ratingRearKg
      const state = limitOf(input, wheel)
      const most = state?.limit
      if (state === undefined || most === undefined || ratingKg === undefined || trackMm === undefined) return []
      // what an axle that is over as a whole does to its wheels is said of the axle
      const axle = limitOf(input, wheel.startsWith('front') ? 'front' : 'rear')
      if (!(state.worstDry.value > most) || (axle !== undefined && axle.worstDry.value > ratingKg)) return []
      const left = wheel.endsWith('left') ? 1 : -1
      const heaviest = pushing(input, ({ at }) => at[1] * left)
      return [
        {
          code: 'wheel-heavy' as const,
          fittings: namedIn(heaviest),
          place: markOf(input, heaviest),
          measured: past(state.worstDry.value),
          needed: Math.floor(most),
          unit: 'kg' as const,
          facts: { wheel, ratingKg, trackMm },
        },
      ]
    }),
  remedies: (input, { facts: { wheel, trackMm }, measured, needed }) => {
    const isLeft = wheel.endsWith('left')
    const isRear = wheel.startsWith('rear')
    const { wheelbaseMm } = axlesOf(input.job.shell)
    const heaviest = pushing(input, ({ at }) => at[1] * (isLeft ? 1 : -1))
    // a move across or along brings half of what it would to an axle
    const byKg = 2 * (measured - needed)
    return [
      ...movesOf(input, heaviest, byKg, trackMm, isLeft ? 'shift-right' : 'shift-left'),
      ...movesOf(input, heaviest, byKg, wheelbaseMm, isRear ? 'shift-forward' : 'shift-back'),
    ]
  },
})
