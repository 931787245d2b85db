import { demandsOf } from '../../brief'
import { offered } from '../../scene'
import { bestMode } from '../best-mode'
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
  check: ({ scene, peers, brief }) => {
    const needed = Math.max(
      0,
      ...demandsOf(brief)
        .filter(({ need, must }) => need === 'berth' && must)
        .map(({ quantity }) => quantity),
    )
    const { measured, here } = bestMode(scene, peers(), (one) => offered(one, 'berth'))
    if (measured >= needed || !here) return []
    return [
      {
        code: 'berths-few' as const,
        fittings: [],
        place: middleOf(scene),
        measured,
        needed,
        unit: 'count' as const,
        facts: {},
      },
    ]
  },
  remedies: (input) => placeFor(input, 'berth'),
})
