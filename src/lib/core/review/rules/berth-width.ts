import { SINGLE_BERTH_MM, SLEEPER_WIDTH_MM, sleepersOf } from '../../brief'
import { assignBerths, placedIn } from '../../scene'
import { comfort, defineRule, practice } from '../define-rule'
import { footOf } from '../middle'
import { needsSleepers } from '../needs'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'berth-narrow': { readonly sleepers: number; readonly eachMm: number }
  }
}

/** Each of two wants half a small double; one alone a little more. */
export const berthWidth = defineRule({
  id: 'berth-width',
  group: 'people',
  modes: ['sleeping'],
  gravity: { 'berth-narrow': 'caution' },
  basis: practice('half a small double of 1200 mm for each of two, 650 mm for one alone'),
  tolerance: comfort(),
  parameters: {
    eachMm: { default: SLEEPER_WIDTH_MM, min: 450, max: 1000, unit: 'mm', basis: practice('half a small double') },
    aloneMm: { default: SINGLE_BERTH_MM, min: 450, max: 1200, unit: 'mm', basis: practice('a single berth') },
  },
  needs: needsSleepers,
  check: ({ scene, brief, parameters }) =>
    assignBerths(scene, sleepersOf(brief)).nights.flatMap(({ berth, sleepers }) => {
      const eachMm = sleepers.length > 1 ? parameters.eachMm : parameters.aloneMm
      const neededMm = sleepers.length * eachMm
      if (berth.lying.widthMm >= neededMm) return []
      const placed = placedIn(scene, berth.fittingId)
      return [
        {
          code: 'berth-narrow' as const,
          fittings: [berth.fittingId],
          place: footOf(placed, berth.lying.zMm),
          measured: Math.round(berth.lying.widthMm),
          needed: neededMm,
          unit: 'mm' as const,
          facts: { sleepers: sleepers.length, eachMm },
        },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    if (placed === undefined) return []
    return setHandle(input, placed, 'set-width', 'lying-width', finding.needed)
  },
})
