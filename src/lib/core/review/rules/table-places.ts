import { demandsOf } from '../../brief'
import { seatPlaces, tablePlacesOffered } from '../../scene'
import { bestMode } from '../best-mode'
import { defineRule, practice } from '../define-rule'
import { middleOf } from '../middle'
import { placeFor } from '../place-remedy'

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
  gravity: { 'table-few': 'stop' },
  basis: practice('550 mm of table edge for each'),
  parameters: {},
  check: ({ scene, peers, brief }) => {
    const needed = Math.max(
      0,
      ...demandsOf(brief)
        .filter(({ need, must }) => need === 'table-seat' && must)
        .map(({ quantity }) => quantity),
    )
    const { measured, here } = bestMode(scene, peers(), tablePlacesOffered)
    if (measured >= needed || !here) return []
    return [
      {
        code: 'table-few' as const,
        fittings: [],
        place: middleOf(scene),
        measured,
        needed,
        unit: 'count' as const,
        facts: { seats: seatPlaces(scene).length },
      },
    ]
  },
  remedies: (input) => placeFor(input, 'table-seat'),
})
