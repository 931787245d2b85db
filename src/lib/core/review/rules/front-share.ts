import { axlesOf, FRONT_LEAST } from '../../budgets'
import { byItself, defineRule, practice } from '../define-rule'
import { frontOf, limitOf, markOf, movesOf, namedIn, pushing } from '../loads'

declare module '../finding' {
  interface FactsByCode {
    'front-light': { readonly frontKg: number; readonly wholeKg: number; readonly deliveredPercent: number }
  }
}

const percent = (share: number): number => Math.round(share * 1000) / 10

/** Enough of the whole stands on the wheels that steer. */
export const frontShare = defineRule({
  id: 'front-share',
  group: 'weight',
  modes: ['driving'],
  reads: ['scene', 'weight'],
  gravity: { 'front-light': 'caution' },
  basis: practice(
    'wheels that steer need weight on them; a vehicle that was delivered with less may have a little less still',
  ),
  parameters: {
    least: {
      default: FRONT_LEAST.share,
      min: 0.1,
      max: 0.5,
      unit: 'share',
      basis: practice('of the whole on the front axle'),
    },
    below: {
      default: FRONT_LEAST.below,
      min: 0,
      max: 0.2,
      unit: 'share',
      basis: practice('below what it was delivered with, where that is less than the figure above and this'),
    },
  },
  key: byItself(() => 'front'),
  check: (input) => {
    const state = limitOf(input, 'front-share')
    const total = limitOf(input, 'total')
    const { frontShare: delivered } = input.weight().ledger.delivered
    const least = state?.limit
    if (state === undefined || least === undefined || total === undefined) return []
    if (!(state.worstDry.value < least)) return []
    const behind = pushing(input, (entry) => least - frontOf(input, entry))
    return [
      {
        code: 'front-light' as const,
        fittings: namedIn(behind),
        place: markOf(input, behind),
        measured: percent(state.worstDry.value),
        needed: percent(least),
        unit: '%' as const,
        facts: {
          frontKg: Math.round(state.now * total.now),
          wholeKg: Math.round(total.now),
          deliveredPercent: percent(delivered),
        },
      },
    ]
  },
  remedies: (input, { measured, needed, facts: { wholeKg } }) =>
    movesOf(
      input,
      pushing(input, (entry) => 1 - frontOf(input, entry)),
      ((needed - measured) / 100) * wholeKg,
      axlesOf(input.job.shell).wheelbaseMm,
      'shift-forward',
    ),
})
