import { plantOf, takesAmps } from '../../budgets'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'
import { placedThat } from '../nearest'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'charger-large': { readonly battery: string }
  }
}

/** No charger is larger than its battery takes: a cell that is charged faster gets hot and old. */
export const chargerFits = defineRule({
  id: 'charger-fits',
  group: 'safety',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'charger-large': 'caution' },
  basis: practice(
    'half its capacity an hour for lithium, a fifth for lead; the battery’s own sheet rules, and a licensed electrician',
  ),
  parameters: {},
  check: ({ scene }) => {
    const batteries = placedThat(scene, ({ electrics }) => electrics === 'battery')
    const [battery] = batteries
    if (battery === undefined) return []
    const { capacityWh, volts, chemistry } = plantOf(batteries)
    const takes = takesAmps(capacityWh / volts, chemistry)
    return scene.placed.flatMap((placed) =>
      placed.facts.holds.length > 0
        ? []
        : placed.facts.gives.flatMap((give) =>
            give.what !== 'charger' || give.amps <= takes
              ? []
              : [
                  {
                    code: 'charger-large' as const,
                    fittings: [placed.id, battery.id],
                    place: topOf(placed),
                    measured: Math.round(give.amps),
                    needed: Math.floor(takes),
                    unit: 'A' as const,
                    facts: { battery: battery.id },
                  },
                ],
          ),
    )
  },
  remedies: (input, finding) => {
    const placed = input.first(finding)
    return placed === undefined ? [] : setHandle(input, placed, 'set-parameter', 'current', finding.needed)
  },
})
