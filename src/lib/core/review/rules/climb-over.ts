import { sleepersOf } from '../../brief'
import { assignBerths, placedIn } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { footOf } from '../middle'
import { needsSleepers } from '../needs'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'climb-over': { readonly over: number }
  }
}

/** Who gets out of bed over whom. */
export const climbOver = defineRule({
  id: 'climb-over',
  group: 'people',
  modes: ['sleeping'],
  reads: ['scene', 'brief'],
  gravity: { 'climb-over': 'note' },
  basis: practice('a bed for two that is entered from one long side lets the inner sleeper out only over the outer'),
  parameters: {},
  needs: needsSleepers,
  check: ({ scene, brief }) =>
    assignBerths(scene, sleepersOf(brief)).nights.flatMap(({ berth, sleepers }) => {
      const over = Math.min(berth.lying.over ?? 0, sleepers.length - 1)
      if (over < 1) return []
      const placed = placedIn(scene, berth.fittingId)
      return [
        {
          code: 'climb-over' as const,
          fittings: [placed.id],
          place: footOf(placed, berth.lying.zMm),
          measured: over,
          needed: 0,
          unit: 'count' as const,
          facts: { over },
        },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    return placed === undefined ? [] : setHandle(input, placed, 'entry-foot', 'way-in', 'foot', 0)
  },
})
