import { freshTanks } from '../../budgets'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'tanks-unlevel': { readonly offMm: number }
  }
}

/** Tanks that are joined stand with their tops at one height, or the lowest runs over before the others are full. */
export const tanksLevel = defineRule({
  id: 'tanks-level',
  group: 'service',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'tanks-unlevel': 'note' },
  basis: practice('water stands at one level in tanks that are joined and vented'),
  parameters: {
    empty: {
      default: 0.05,
      min: 0.01,
      max: 0.5,
      unit: 'share',
      basis: practice('what stays empty is no loss up to there'),
    },
  },
  check: ({ scene, parameters: { empty } }) =>
    freshTanks(scene.placed).flatMap(({ vessels, litres, lostL }) => {
      if (lostL <= empty * (litres + lostL)) return []
      const tops = vessels.map(({ topMm }) => topMm)
      const highest = vessels.find(({ topMm }) => topMm === Math.max(...tops))
      const placed = scene.placed.find(({ id }) => id === highest?.id)
      return placed === undefined
        ? []
        : [
            {
              code: 'tanks-unlevel' as const,
              fittings: [placed.id, ...vessels.map(({ id }) => id).filter((id) => id !== placed.id)],
              place: topOf(placed),
              measured: Math.round(litres),
              needed: Math.round(litres + lostL),
              unit: 'litres' as const,
              facts: { offMm: Math.round(Math.max(...tops) - Math.min(...tops)) },
            },
          ]
    }),
})
