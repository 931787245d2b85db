import { answer } from '../../brief'
import { freshTanks } from '../../budgets'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'tank-freezes': Record<never, never>
  }
}

/** Fresh water that hangs outside is lagged, or nights are warmer than frost. */
export const tankFrost = defineRule({
  id: 'tank-frost',
  group: 'outside',
  modes: ['living'],
  reads: ['scene', 'brief'],
  gravity: { 'tank-freezes': 'caution' },
  basis: practice('water that hangs under the floor without lagging freezes in the first frost, its hoses before it'),
  parameters: {
    bareC: { default: 0, min: -10, max: 5, unit: '°C', basis: practice('a tank without lagging') },
  },
  check: ({ scene, brief, parameters: { bareC } }) => {
    const coldestC = answer(brief, 'coldestC')
    if (coldestC >= bareC) return []
    return freshTanks(scene.placed).flatMap((tank) => {
      const placed = scene.placed.find(({ id }) => id === tank.id)
      return placed === undefined || !tank.isOutside || tank.isLagged
        ? []
        : [
            {
              code: 'tank-freezes' as const,
              fittings: [tank.id],
              place: topOf(placed),
              measured: coldestC,
              needed: bareC,
              unit: '°C' as const,
              facts: {},
            },
          ]
    })
  },
})
