import { shortOf } from '../short-of'
import { cabBelts } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { middleOf } from '../middle'
import { needsBeltsCounted } from '../needs'
import { placeFor } from '../place-remedy'

declare module '../finding' {
  interface FactsByCode {
    'belts-few': { readonly cab: number; readonly fitted: number }
  }
}

/** Who travels needs an approved seat with a belt. */
export const beltsEnough = defineRule({
  id: 'belts-enough',
  group: 'travel',
  modes: ['driving'],
  reads: ['scene', 'brief', 'needs'],
  gravity: { 'belts-few': 'stop' },
  basis: practice(
    'the number of belted, approved seats is the number who may travel; anchorages are work for a licensed fitter',
  ),
  parameters: {},
  needs: needsBeltsCounted,
  check: ({ scene, needs }) =>
    shortOf(needs(), 'belt', scene).map(({ measured, needed }) => ({
      code: 'belts-few' as const,
      fittings: [],
      place: middleOf(scene),
      measured,
      needed,
      unit: 'count' as const,
      facts: { cab: cabBelts(scene), fitted: measured - cabBelts(scene) },
    })),
  remedies: (input) => placeFor(input, 'belt'),
})
