import { measureOf, sleepersOf } from '../../brief'
import { prismBounds, spanMiddle } from '../../geometry'
import { assignBerths, type Blocker, freedomOf, placedIn } from '../../scene'
import { BODY_SOURCE } from '../../people'
import { defineRule, published } from '../define-rule'
import { needsSleepers } from '../needs'
import { shift } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'sit-up-low': {
      readonly sleeper: string
      readonly statureMm: number
      readonly blockers: readonly Blocker[]
    }
  }
}

/** Who lies in a berth can sit up at its head end: sitting height over the mattress. */
export const sitUp = defineRule({
  id: 'sit-up',
  group: 'people',
  modes: ['sleeping'],
  gravity: { 'sit-up-low': 'note' },
  basis: published(`sitting height 0.520 of stature, ${BODY_SOURCE} (from memory)`),
  parameters: {},
  needs: needsSleepers,
  check: ({ scene, brief }) =>
    assignBerths(scene, sleepersOf(brief)).nights.flatMap(({ berth, sleepers }) => {
      const tallest = sleepers[0]
      const placed = placedIn(scene, berth.fittingId)
      const top = placed.placement.at[2] + berth.lying.zMm
      const clearance = placed.clearances.find(
        ({ use, prism }) => use === 'sit-up' && Math.abs(prismBounds(prism).z.min - top) < 1,
      )
      if (tallest === undefined || clearance === undefined) return []
      const needed = measureOf(brief, tallest, 'sittingHeight')
      const { free, blockers } = freedomOf(scene, placed, { ...clearance, need: needed, prism: clearance.upTo(needed) })
      if (free >= needed - 1) return []
      const { x, y } = prismBounds(clearance.prism)
      return [
        {
          code: 'sit-up-low' as const,
          fittings: [placed.id],
          place: [spanMiddle(x), spanMiddle(y), top + free] as const,
          measured: free,
          needed: Math.round(needed),
          unit: 'mm' as const,
          facts: { sleeper: tallest.label, statureMm: tallest.statureMm, blockers },
        },
      ]
    }),
  remedies: (input, finding) =>
    finding.facts.blockers.flatMap((blocker) => {
      const placed = blocker.kind === 'fitting' ? input.find(blocker.id) : undefined
      return placed === undefined
        ? []
        : [
            ...shift(input, placed, 'shift-forward', [1, 0, 0], 600),
            ...shift(input, placed, 'shift-back', [-1, 0, 0], 600),
          ]
    }),
})
