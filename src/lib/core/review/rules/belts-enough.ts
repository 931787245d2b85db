import { demandsOf } from '../../brief'
import { cabBelts, offered } from '../../scene'
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
  gravity: { 'belts-few': 'stop' },
  basis: practice(
    'the number of belted, approved seats is the number who may travel; anchorages are work for a licensed fitter',
  ),
  parameters: {},
  needs: needsBeltsCounted,
  check: ({ scene, brief }) => {
    const needed = Math.max(
      0,
      ...demandsOf(brief)
        .filter(({ need, must }) => need === 'belt' && must)
        .map(({ quantity }) => quantity),
    )
    const cab = cabBelts(scene)
    const fitted = offered(scene, 'belt')
    if (cab + fitted >= needed) return []
    return [
      {
        code: 'belts-few' as const,
        fittings: [],
        place: middleOf(scene),
        measured: cab + fitted,
        needed,
        unit: 'count' as const,
        facts: { cab, fitted },
      },
    ]
  },
  remedies: (input) => placeFor(input, 'belt'),
})
