import { ageOf, measureOf, peopleOf } from '../../brief'
import { liningTop } from '../../shell'
import { comfort, defineRule, published } from '../define-rule'
import { topOf } from '../middle'
import { needsPeople } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'seat-high': { readonly person: string; readonly overKneeMm: number }
  }
}

/** Feet reach the floor: a seat is no higher than the knees of the shortest adult. */
export const seatHeight = defineRule({
  id: 'seat-height',
  group: 'people',
  modes: ['living'],
  gravity: { 'seat-high': 'note' },
  basis: published(
    'a seat a little lower than the hollow of the knee: Grandjean; knee 0.285 of stature: Drillis & Contini 1966 (both from memory)',
  ),
  tolerance: comfort(),
  parameters: {
    overKneeMm: {
      default: 30,
      min: 0,
      max: 150,
      unit: 'mm',
      basis: published('shoes and a soft cushion: Grandjean (from memory)'),
    },
  },
  needs: needsPeople,
  check: ({ scene, brief, parameters }) => {
    const shortest = peopleOf(brief)
      .map(([, person]) => person)
      .filter((person) => ageOf(person) === 'adult' && person.mobility !== 'wheelchair')
      .sort((a, b) => a.statureMm - b.statureMm)[0]
    if (shortest === undefined) return []
    const needed = Math.round(measureOf(brief, shortest, 'knee') + parameters.overKneeMm)
    return scene.placed.flatMap((placed) => {
      const topMm = placed.services.find(({ type }) => type === 'seat')?.cushion?.topMm
      if (topMm === undefined) return []
      const middle = (placed.bounds.x.min + placed.bounds.x.max) / 2
      const measured = Math.round(placed.placement.at[2] + topMm - liningTop(scene.interior, middle))
      if (measured <= needed) return []
      return [
        {
          code: 'seat-high' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured,
          needed,
          unit: 'mm' as const,
          facts: { person: shortest.label, overKneeMm: parameters.overKneeMm },
        },
      ]
    })
  },
})
