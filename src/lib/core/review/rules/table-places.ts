import { shortOf } from '../short-of'
import { seatPlaces } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { middleOf } from '../middle'
import { placeFor, tableAtCab } from '../place-remedy'

declare module '../finding' {
  interface FactsByCode {
    'table-few': { readonly seats: number }
  }
}

/** Everyone at a table in one of the modes one lives in: seats that have a top before them within reach, as many as its edge has places. */
export const tablePlaces = defineRule({
  id: 'table-places',
  group: 'people',
  modes: ['living'],
  reads: ['scene', 'needs'],
  gravity: { 'table-few': 'caution' },
  basis: practice('{550} of table edge for each'),
  parameters: {},
  check: ({ scene, needs }) =>
    shortOf(needs(), 'table-seat', scene).map(({ measured, needed }) => ({
      code: 'table-few' as const,
      fittings: [],
      place: middleOf(scene),
      measured,
      needed,
      unit: 'count' as const,
      facts: { seats: seatPlaces(scene).length },
    })),
  remedies: (input) => [...tableAtCab(input), ...placeFor(input, 'table-seat')],
})
