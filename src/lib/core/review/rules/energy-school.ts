import { isAnswered } from '../../brief'
import { plantOf, takesHookUp } from '../../budgets'
import { defineRule, practice } from '../define-rule'
import { middleOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'energy-other': { readonly school: 'hook-up' | 'driving' | 'solar'; readonly nights: number }
  }
}

/** What the brief says that power comes from is there; and who lives by hook-ups is not away from them for long. */
export const energySchool = defineRule({
  id: 'energy-school',
  group: 'use',
  modes: ['living'],
  reads: ['scene', 'brief'],
  gravity: { 'energy-other': 'note' },
  basis: practice(
    'power by hook-up, by driving or by sun: each wants a thing of its own, and one plan seldom wants all',
  ),
  parameters: {
    awayNights: {
      default: 2,
      min: 1,
      max: 30,
      unit: 'count',
      basis: practice('what a battery of the usual size bridges'),
    },
  },
  check: ({ scene, brief, parameters: { awayNights } }) => {
    const school = brief.use?.energy
    if (school === undefined || school === 'mixed' || !isAnswered(brief, 'energy')) return []
    const plant = plantOf(scene.placed)
    const sources = [takesHookUp(plant), plant.engineAmps > 0, plant.sunWatts > 0]
    // a plan without a battery, or with none of the three, has not come to it
    if (plant.capacityWh === 0 || !sources.some(Boolean)) return []
    const isThere = { 'hook-up': takesHookUp(plant), driving: plant.engineAmps > 0, solar: plant.sunWatts > 0 }[school]
    const nights = brief.nightsOffHookUp
    // by hook-ups alone, and long away from them
    const isAway =
      school === 'hook-up' && isThere && plant.sunWatts === 0 && plant.engineAmps === 0 && nights > awayNights
    if (isThere && !isAway) return []
    return [
      {
        code: 'energy-other' as const,
        fittings: [],
        place: middleOf(scene),
        measured: isAway ? nights : 0,
        needed: isAway ? awayNights : 1,
        unit: 'count' as const,
        facts: { school, nights: isAway ? nights : 0 },
      },
    ]
  },
})
