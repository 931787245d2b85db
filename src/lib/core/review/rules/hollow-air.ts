import { otherChoices, takenOut } from '../ways-out'
import type { Facts, HollowWay } from '../../fittings'
import { airRound, shutIn } from '../../scene'
import { defineRule, practice } from '../define-rule'
import type { Draft } from '../finding'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'warm-shut-in': { readonly host: string; readonly by: HollowWay }
    'gas-shut-in': { readonly host: string; readonly by: HollowWay }
  }
}

/** Whether it must give off heat to the air round it while it runs: what cools, what makes one current of another, what burns or glows inside. */
const isWarm = ({ cold, electrics, heat }: Facts): boolean =>
  cold !== undefined ||
  electrics === 'converter' ||
  electrics === 'station' ||
  heat.some(({ how, fuel, warms }) => how === 'enclosed' && fuel !== 'engine' && warms === 'air')

const gasses = ({ holds }: Facts): boolean => holds.some((one) => one.what === 'charge' && one.gives === 'gas')

/** What runs warm inside furniture has air round it, and what gasses has a way out for that. */
export const hollowAir = defineRule({
  id: 'hollow-air',
  group: 'air',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'warm-shut-in': 'note', 'gas-shut-in': 'caution' },
  basis: practice(
    'a hand’s breadth of air on one side or above, and vents low and high in front or side; the maker’s sheet rules. Lead gasses when it is charged: a box of its own with a vent to the outside, by a licensed electrician',
  ),
  parameters: {
    airMm: { default: 40, min: 0, max: 200, unit: 'mm', basis: practice('on one side of the machine or above it') },
  },
  check: ({ scene, parameters }) =>
    scene.placed.flatMap((placed): Draft<'warm-shut-in' | 'gas-shut-in'>[] => {
      const shut = shutIn(scene, placed)
      if (shut === undefined) return []
      const { hostId: host, by } = shut
      const common = { fittings: [placed.id, host], place: topOf(placed), facts: { host, by } }
      const air = Math.round(airRound(scene, placed) ?? 0)
      return [
        ...(gasses(placed.facts)
          ? [{ ...common, code: 'gas-shut-in' as const, measured: 0, needed: 1, unit: 'count' as const }]
          : []),
        ...(isWarm(placed.facts) && air < parameters.airMm
          ? [
              {
                ...common,
                code: 'warm-shut-in' as const,
                measured: air,
                needed: parameters.airMm,
                unit: 'mm' as const,
              },
            ]
          : []),
      ]
    }),
  // another chemistry, out of the box, or where there is air round it
  remedies: (input, finding) => {
    const placed = input.first(finding)
    return placed === undefined ? [] : [...otherChoices(input, placed), ...takenOut(input, [placed.id])]
  },
})
