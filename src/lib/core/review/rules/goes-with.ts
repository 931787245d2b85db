import { heatsWith, held } from '../../fittings'
import { addedAlong, addedNear } from '../add'
import { defineRule, practice } from '../define-rule'
import type { Draft } from '../finding'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'gas-none': Record<never, never>
    'timer-none': { readonly watts: number }
  }
}

/** What a thing does not work without is in the plan as well: gas for a flame, a timer for a boiler that would run the battery down. */
export const goesWith = defineRule({
  id: 'goes-with',
  group: 'service',
  modes: ['living'],
  gravity: { 'gas-none': 'caution', 'timer-none': 'note' },
  basis: practice('a burner wants a bottle or a tank; an electric boiler goes on a timer, since it is a large load'),
  parameters: {},
  check: ({ scene }): readonly Draft<'gas-none' | 'timer-none'>[] => {
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
      ...boilers.map(({ placed, watts }) => ({
        ...common,
        code: 'timer-none' as const,
        fittings: [placed.id],
        place: topOf(placed),
        facts: { watts },
      })),
    ]
  },
  remedies: (input, { code, place }) =>
    code === 'gas-none' ? addedAlong(input, 'gas-locker') : addedNear(input, 'timer', place, { times: 'boiler' }),
})
