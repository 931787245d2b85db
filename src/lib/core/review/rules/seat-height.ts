import { setHandle } from '../ways-out'
import { ageOf, measureOf, peopleOf } from '../../brief'
import { poplitealMm, POPLITEAL_SOURCE } from '../../people'
import { liningTop } from '../../shell'
import { comfort, defineRule, published } from '../define-rule'
import { topOf } from '../middle'
import { needsPeople } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'seat-high': { readonly person: string; readonly overKneeMm: number }
  }
}

/** Feet reach the floor: a seat is no higher than the hollow of the shortest adult’s knees. */
export const seatHeight = defineRule({
  id: 'seat-height',
  group: 'people',
  modes: ['living'],
  reads: ['scene', 'brief'],
  gravity: { 'seat-high': 'note' },
  basis: published(`a seat no higher than the hollow of the knee: Grandjean; ${POPLITEAL_SOURCE} (both from memory)`),
  tolerance: comfort(),
  parameters: {
    overKneeMm: {
      default: 55,
      min: 0,
      max: 150,
      unit: 'mm',
      basis: published('25 of shoes and 30 that a soft cushion gives: Grandjean (from memory)'),
    },
  },
  needs: needsPeople,
  check: ({ scene, brief, parameters }) => {
    const shortest = peopleOf(brief)
      .map(([, person]) => person)
      .filter((person) => ageOf(person) === 'adult' && person.mobility !== 'wheelchair')
      .sort((a, b) => a.statureMm - b.statureMm)[0]
    if (shortest === undefined) return []
    const { heightMm } = poplitealMm(measureOf(brief, shortest, 'knee'), measureOf(brief, shortest, 'hip'))
    const needed = Math.round(heightMm + parameters.overKneeMm)
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
  remedies: (input, finding) => {
    const placed = input.first(finding)
    return placed === undefined ? [] : setHandle(input, placed, 'set-height', 'seat', finding.needed)
  },
})
