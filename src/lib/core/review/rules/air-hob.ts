import { jambs } from '../../shell'
import { airOpenings, isDoor, nearestAir } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

const FLAMES: ReadonlySet<string> = new Set(['galley', 'galley-hob', 'hob-loose'])

/** Steam and fumes go out near the hob: by a fan, an opening window or a door. */
export const airHob = defineRule({
  id: 'air-hob',
  group: 'air',
  modes: ['living'],
  gravity: { 'hob-airless': 'caution' },
  basis: practice('cook next to a door, an opening window or the roof fan'),
  parameters: {
    nearMm: {
      default: 1200,
      min: 300,
      max: 4000,
      unit: 'mm',
      basis: practice('steam drifts so far before it settles'),
    },
  },
  check: ({ scene, parameters }) => {
    const openings = airOpenings(scene)
    const doors = scene.interior.shell.openings.filter(isDoor).map((door) => {
      const [[x0, y0], [x1, y1]] = jambs(scene.interior, door)
      return { at: [(x0 + x1) / 2, (y0 + y1) / 2] as const }
    })
    return scene.placed
      .filter(({ kind, services }) => FLAMES.has(kind.id) && services.some(({ type }) => type === 'hob'))
      .flatMap((hob) => {
        const away = nearestAir([...openings, ...doors], topOf(hob))
        if (away <= parameters.nearMm) return []
        return [
          {
            code: 'hob-airless' as const,
            fittings: [hob.id],
            place: topOf(hob),
            measured: Math.round(away),
            needed: parameters.nearMm,
            unit: 'mm' as const,
            facts: {},
          },
        ]
      })
  },
})
