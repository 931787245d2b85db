import { demandsOf } from '../../brief'
import { offered } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { middleOf } from '../middle'
import { placeFor } from '../place-remedy'

/** Everyone at one table, by day: places along its edge, and seats to sit on. */
export const tablePlaces = defineRule({
  id: 'table-places',
  group: 'people',
  modes: ['living'],
  gravity: { 'table-few': 'stop' },
  basis: practice('550 mm of table edge for each'),
  parameters: {},
  check: ({ scene, brief }) => {
    const needed = Math.max(
      0,
      ...demandsOf(brief)
        .filter(({ need, must }) => need === 'table-seat' && must)
        .map(({ quantity }) => quantity),
    )
    const places = offered(scene, 'table-place')
    const seats = offered(scene, 'seat')
    const measured = places
    if (measured >= needed) return []
    return [
      {
        code: 'table-few' as const,
        fittings: [],
        place: middleOf(scene),
        measured,
        needed,
        unit: 'count' as const,
        facts: { seats, places },
      },
    ]
  },
  remedies: (input) => placeFor(input, 'table-seat'),
})
