import { shortOf } from '../short-of'
import { defineRule, plainGeometry } from '../define-rule'
import { placeFor } from '../place-remedy'
import { middleOf } from '../middle'
import { needsBerthsCounted } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'berths-few': Record<never, never>
  }
}

/** As many sleeping places at night as people who sleep in the vehicle. */
export const berthsEnough = defineRule({
  id: 'berths-enough',
  group: 'people',
  modes: ['sleeping'],
  gravity: { 'berths-few': 'stop' },
  basis: plainGeometry('sleeping places counted against sleepers'),
  parameters: {},
  needs: needsBerthsCounted,
  check: ({ scene, needs }) =>
    shortOf(needs(), 'berth', scene).map(({ measured, needed }) => ({
      code: 'berths-few' as const,
      fittings: [],
      place: middleOf(scene),
      measured,
      needed,
      unit: 'count' as const,
      facts: {},
    })),
  remedies: (input) => placeFor(input, 'berth'),
})
