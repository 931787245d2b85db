import { GAS_ZONE_MM } from '../../budgets'
import { heatsWith, held } from '../../fittings'
import { defineDistanceRule } from '../define-distance-rule'
import { practice } from '../define-rule'
import { topOf } from '../middle'
import { gapBetween, placedThat } from '../nearest'
import { needsThing } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'gas-far': { readonly bottle: string }
  }
}

/** All that burns gas is in one zone with its bottle: short lines, few joints. */
export const gasZone = defineDistanceRule({
  id: 'gas-zone',
  group: 'safety',
  modes: ['living'],
  reads: ['scene'],
  code: 'gas-far',
  gravity: 'caution',
  basis: practice('all that burns gas in one zone, short runs; the lines are work for a licensed gas fitter'),
  figure: 'runMm',
  parameters: {
    runMm: { default: GAS_ZONE_MM, min: 500, max: 8000, unit: 'mm', basis: practice('a line that one sees whole') },
  },
  needs: ({ scene }) => needsThing(scene, (facts) => heatsWith(facts, 'gas'), 'gas-store'),
  from: ({ scene }) => placedThat(scene, (facts) => heatsWith(facts, 'gas')),
  to: ({ scene }) => placedThat(scene, (facts) => held(facts, 'gas') > 0),
  mm: gapBetween,
  must: 'be-near',
  against: 'nearest',
  tell: (burner, bottle) => ({
    fittings: [burner.id, bottle.id],
    place: topOf(burner),
    facts: { bottle: bottle.id },
  }),
})
