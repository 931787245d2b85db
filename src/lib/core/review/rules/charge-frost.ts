import { answer } from '../../brief'
import { isOutside } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'charge-frozen': Record<never, never>
  }
}

/** A lithium battery stands where it does not freeze: below that it may not be charged. */
export const chargeFrost = defineRule({
  id: 'charge-frost',
  group: 'safety',
  modes: ['living'],
  reads: ['scene', 'brief'],
  gravity: { 'charge-frozen': 'caution' },
  basis: practice(
    'all makers forbid charging a lithium cell below freezing; some have a heater in the case: the battery’s own sheet rules',
  ),
  parameters: {
    leastC: { default: 0, min: -20, max: 15, unit: '°C', basis: practice('the cells, not the air') },
  },
  check: ({ scene, brief, parameters: { leastC } }) => {
    const coldestC = answer(brief, 'coldestC')
    if (coldestC >= leastC) return []
    return scene.placed.flatMap((placed) =>
      isOutside(placed) && placed.facts.holds.some((one) => one.what === 'charge' && one.chemistry === 'lithium')
        ? [
            {
              code: 'charge-frozen' as const,
              fittings: [placed.id],
              place: topOf(placed),
              measured: coldestC,
              needed: leastC,
              unit: '°C' as const,
              facts: {},
            },
          ]
        : [],
    )
  },
})
