import { ageOf, sleepersOf } from '../../brief'
import { assignBerths } from '../../scene'
import { liningTop } from '../../shell'
import { defineRule, published } from '../define-rule'
import { footOf } from '../middle'
import { needsSleepers } from '../needs'
import { setParameters } from '../ways-out'

/** A high berth has a rail that keeps a sleeper in, and so has any that a child sleeps in. */
export const berthRail = defineRule({
  id: 'berth-rail',
  group: 'people',
  modes: ['sleeping'],
  gravity: { 'rail-low': 'caution' },
  basis: published(
    'a bed whose top is 600 mm up is a high bed, its rail 160 mm over the mattress: EN 747-1 (from memory)',
  ),
  parameters: {
    highMm: { default: 600, min: 300, max: 1500, unit: 'mm', basis: published('EN 747-1 (from memory)') },
    railMm: { default: 160, min: 80, max: 400, unit: 'mm', basis: published('EN 747-1 (from memory)') },
  },
  needs: needsSleepers,
  check: ({ scene, brief, parameters }) =>
    assignBerths(scene, sleepersOf(brief)).nights.flatMap(({ berth, sleepers }) => {
      const placed = scene.placed.find(({ id }) => id === berth.fittingId)!
      const child = sleepers.find((person) => ['child', 'infant'].includes(ageOf(person)))
      const { railHighMm } = placed.fitting.parameters
      const hasRail = typeof railHighMm === 'number'
      const over = placed.placement.at[2] + berth.lying.zMm - liningTop(scene.interior, berth.lying.middle[0])
      const measured = hasRail ? railHighMm : 0
      // an adult in a wide high bed lies clear of its edge; a child, and whoever lies in a bunk, does not
      if (over < parameters.highMm || (child === undefined && !hasRail) || measured >= parameters.railMm) return []
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
  remedies: (input, finding) =>
    typeof input.find(finding.fittings[0]!)?.fitting.parameters.railHighMm !== 'number'
      ? []
      : [
          {
            code: 'set-parameter',
            fittingId: finding.fittings[0]!,
            amount: finding.needed - finding.measured,
            parameter: { key: 'railHighMm', value: finding.needed },
            commands: [setParameters(input, finding.fittings[0]!, { railHighMm: finding.needed })],
          },
        ],
})
