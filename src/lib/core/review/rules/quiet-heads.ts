import { boxGap, pointBox } from '../../geometry'
import { sleeping } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { needsSleepers } from '../needs'

/** What hums, ticks or blows at night. */
const NOISY: ReadonlySet<string> = new Set([
  'heater-air',
  'heater-combi',
  'cold-box',
  'cold-chest',
  'inverter',
  'aircon',
])

/** Heads lie away from what hums or blows at night. */
export const quietHeads = defineRule({
  id: 'quiet-heads',
  group: 'air',
  modes: ['sleeping'],
  gravity: { 'head-noise': 'note' },
  basis: practice('heater under a seat or under the floor for quiet; a cold box not at the pillow'),
  parameters: {
    awayMm: { default: 500, min: 100, max: 2000, unit: 'mm', basis: practice('an arm’s length and more') },
  },
  needs: needsSleepers,
  check: ({ scene, brief, parameters }) => {
    const sources = scene.placed.filter(({ kind }) => NOISY.has(kind.id))
    return sleeping(scene, brief).flatMap(({ person, fittingId, head }) =>
      sources.flatMap((source) => {
        const gap = boxGap(source.bounds, pointBox(head))
        if (gap >= parameters.awayMm) return []
        return [
          {
            code: 'head-noise' as const,
            fittings: [fittingId, source.id],
            place: head,
            measured: Math.round(gap),
            needed: parameters.awayMm,
            unit: 'mm' as const,
            facts: { sleeper: person.label, source: source.id },
          },
        ]
      }),
    )
  },
})
