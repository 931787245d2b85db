import { fixWith } from '../ways-out'
import { massOf } from '../../fittings'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'not-held': Record<never, never>
  }
}

/** On the road nothing heavy stands by itself. */
export const heldFast = defineRule({
  id: 'held-fast',
  group: 'travel',
  modes: ['driving'],
  gravity: { 'not-held': 'stop' },
  basis: practice('everything heavy, tall or loose is strapped or fixed on the road'),
  parameters: {
    freeKg: { default: 3, min: 0, max: 20, unit: 'kg', basis: practice('what hurts no one when it flies') },
  },
  check: ({ scene, parameters }) =>
    scene.placed.flatMap((placed) => {
      if (placed.fitting.fixing?.how !== 'standing' || placed.solids.length === 0) return []
      const kg = massOf(placed.fitting)
      if (kg <= parameters.freeKg) return []
      return [
        {
          code: 'not-held' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured: Math.round(kg),
          needed: parameters.freeKg,
          unit: 'kg' as const,
          facts: {},
        },
      ]
    }),
  remedies: (input, finding) => fixWith(input, finding, { how: 'straps', points: 2 }),
})
