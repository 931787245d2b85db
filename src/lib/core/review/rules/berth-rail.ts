import { ageOf, sleepersOf } from '../../brief'
import { assignBerths, placedIn } from '../../scene'
import { liningTop } from '../../shell'
import { defineRule, published } from '../define-rule'
import { footOf } from '../middle'
import { needsSleepers } from '../needs'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'rail-low': { readonly child: string | undefined; readonly overFloorMm: number }
  }
}

/** A high berth has a rail that keeps a sleeper in, and so has any that a child sleeps in. */
export const berthRail = defineRule({
  id: 'berth-rail',
  group: 'people',
  modes: ['sleeping'],
  reads: ['scene', 'brief'],
  gravity: { 'rail-low': 'caution' },
  basis: published(
    'a bed whose top is {600} up is a high bed, its rail {160} over the mattress: EN 747-1 (from memory)',
  ),
  parameters: {
    highMm: { default: 600, min: 300, max: 1500, unit: 'mm', basis: published('EN 747-1 (from memory)') },
    railMm: { default: 160, min: 80, max: 400, unit: 'mm', basis: published('EN 747-1 (from memory)') },
  },
  needs: needsSleepers,
  check: ({ scene, brief, parameters }) =>
    assignBerths(scene, sleepersOf(brief)).nights.flatMap(({ berth, sleepers }) => {
      const placed = placedIn(scene, berth.fittingId)
      const child = sleepers.find((person) => ['child', 'infant'].includes(ageOf(person)))
      const { railMm } = berth.lying
      const over = placed.placement.at[2] + berth.lying.zMm - liningTop(scene.interior, berth.lying.middle[0])
      const measured = railMm ?? 0
      // an adult in a wide high bed lies clear of its edge; a child, and whoever lies in a bunk, does not
      if (over < parameters.highMm || (child === undefined && railMm === undefined) || measured >= parameters.railMm)
        return []
      return [
        {
          code: 'rail-low' as const,
          fittings: [placed.id],
          place: footOf(placed, berth.lying.zMm),
          measured,
          needed: parameters.railMm,
          unit: 'mm' as const,
          facts: { child: child?.label, overFloorMm: Math.round(over) },
        },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    return placed === undefined ? [] : setHandle(input, placed, 'set-parameter', 'rail', finding.needed)
  },
})
