import { airOpenings, nearestAir, sleeping } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { needsSleepers } from '../needs'

/** Every sleeper has an opening for air near the head, where the plan has any opening at all. */
export const airBerth = defineRule({
  id: 'air-berth',
  group: 'air',
  modes: ['sleeping'],
  gravity: { 'berth-airless': 'note' },
  basis: practice('with one fan, choose between galley and bed, or add an opening window by the bed'),
  parameters: {
    nearMm: { default: 1500, min: 300, max: 4000, unit: 'mm', basis: practice('moving air is felt so far off') },
  },
  needs: (input) => [
    ...needsSleepers(input),
    ...(airOpenings(input.scene).length === 0 ? [{ what: 'air-openings' as const }] : []),
  ],
  check: ({ scene, brief, parameters }) => {
    const openings = airOpenings(scene)
    return sleeping(scene, brief).flatMap(({ person, fittingId, head }) => {
      const away = nearestAir(openings, head)
      if (away <= parameters.nearMm) return []
      return [
        {
          code: 'berth-airless' as const,
          fittings: [fittingId],
          place: head,
          measured: Math.round(away),
          needed: parameters.nearMm,
          unit: 'mm' as const,
          facts: { sleeper: person.label },
        },
      ]
    })
  },
})
