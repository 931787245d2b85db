import { type Person, SLEEPER_WIDTH_MM, sleepersOf, sleeperWidthMm } from '../../brief'
import { assignBerths, placedIn } from '../../scene'
import { comfort, defineRule, practice } from '../define-rule'
import { footOf } from '../middle'
import { needsSleepers } from '../needs'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'berth-narrow': { readonly sleepers: number; readonly widthsMm: readonly number[] }
  }
}

/** One alone wants a little more than beside another; a child as little more as it is small. */
const aloneMm = (person: Person, { eachMm, aloneMm }: { readonly eachMm: number; readonly aloneMm: number }): number =>
  Math.round((aloneMm * sleeperWidthMm(person, eachMm)) / eachMm)

/** Each of two wants half a small double; one alone a little more. */
export const berthWidth = defineRule({
  id: 'berth-width',
  group: 'people',
  modes: ['sleeping'],
  reads: ['scene', 'brief'],
  gravity: { 'berth-narrow': 'caution' },
  basis: practice(
    'half a small double of {1200} for each of two, a broad one {50} more and a slight one {50} less, a child by height; for one alone as much',
  ),
  tolerance: comfort(),
  parameters: {
    eachMm: { default: SLEEPER_WIDTH_MM, min: 450, max: 1000, unit: 'mm', basis: practice('half a small double') },
    aloneMm: {
      default: SLEEPER_WIDTH_MM,
      min: 450,
      max: 1200,
      unit: 'mm',
      basis: practice('as of two; a single bed of {650} is asked for, and one of {600} is comfortable'),
    },
  },
  needs: needsSleepers,
  check: ({ scene, brief, parameters }) =>
    assignBerths(scene, sleepersOf(brief)).nights.flatMap(({ berth, sleepers }) => {
      const widthsMm =
        sleepers.length > 1
          ? sleepers.map((person) => sleeperWidthMm(person, parameters.eachMm))
          : sleepers.map((person) => Math.min(parameters.aloneMm, aloneMm(person, parameters)))
      const neededMm = widthsMm.reduce((sum, mm) => sum + mm, 0)
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
          facts: { sleepers: sleepers.length, widthsMm },
        },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    if (placed === undefined) return []
    return setHandle(input, placed, 'set-width', 'lying-width', finding.needed)
  },
})
