import { KIT_ABOVE_M } from '../../budgets'
import { heatsWith, held } from '../../fittings'
import { addedAlong, addedNear } from '../add'
import { defineRule, practice } from '../define-rule'
import type { Draft } from '../finding'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'gas-none': Record<never, never>
    'timer-none': { readonly watts: number }
    'burner-high': { readonly altitudeM: number }
  }
}

/** What a thing does not work without is in the plan as well: gas for a flame, a timer for a boiler that would run the battery down. */
export const goesWith = defineRule({
  id: 'goes-with',
  group: 'service',
  modes: ['living'],
  reads: ['scene', 'brief'],
  gravity: { 'gas-none': 'caution', 'timer-none': 'note', 'burner-high': 'note' },
  basis: practice(
    'a burner wants a bottle or a tank, and above about 1500 m its altitude kit; an electric boiler goes on a timer, since it is a large load',
  ),
  parameters: {
    upToM: {
      default: KIT_ABOVE_M,
      min: 0,
      max: 5000,
      unit: 'm',
      basis: practice('5000 feet: above it a burner soots'),
    },
  },
  check: ({ scene, brief, parameters }): readonly Draft<'gas-none' | 'timer-none' | 'burner-high'>[] => {
    const altitudeM = brief.use?.altitudeM ?? 0
    // hobs burn richer and go on; a heater’s flame is shut in
    const heaters =
      altitudeM <= parameters.upToM
        ? []
        : scene.placed.filter(({ facts }) =>
            facts.heat.some(
              ({ fuel, warms }) => (fuel === 'gas' || fuel === 'diesel') && warms !== 'pans' && warms !== 'food',
            ),
          )
    const has = (asks: (placed: (typeof scene.placed)[number]) => boolean) => scene.placed.some(asks)
    const burner = has(({ facts }) => held(facts, 'gas') > 0)
      ? undefined
      : scene.placed.find(({ facts }) => heatsWith(facts, 'gas'))
    const boilers = has(({ facts }) => facts.times === 'boiler')
      ? []
      : scene.placed.flatMap((placed) => {
          const watts = Math.max(
            0,
            ...placed.facts.heat.flatMap(({ fuel, warms, watts: most = 0 }) =>
              fuel === 'electric' && warms === 'water' ? [most] : [],
            ),
          )
          return watts > 0 ? [{ placed, watts }] : []
        })
    const common = { measured: 0, needed: 1, unit: 'count' as const }
    return [
      ...(burner === undefined
        ? []
        : [{ ...common, code: 'gas-none' as const, fittings: [burner.id], place: topOf(burner), facts: {} }]),
      ...heaters.map((heater) => ({
        code: 'burner-high' as const,
        fittings: [heater.id],
        place: topOf(heater),
        measured: altitudeM,
        needed: parameters.upToM,
        unit: 'm' as const,
        facts: { altitudeM },
      })),
      ...boilers.map(({ placed, watts }) => ({
        ...common,
        code: 'timer-none' as const,
        fittings: [placed.id],
        place: topOf(placed),
        facts: { watts },
      })),
    ]
  },
  // what a burner needs up there is its maker’s to say: nothing in a plan cures it
  remedies: (input, { code, place }) =>
    code === 'gas-none'
      ? addedAlong(input, 'gas-locker')
      : code === 'timer-none'
        ? addedNear(input, 'timer', place, { times: 'boiler' })
        : [],
})
