import { placedIn } from '../../scene'
import { demandOf, demandsOf, piecesOf } from '../../brief'
import { longestByDoor } from '../by-door'
import { byFitting, defineRule, plainGeometry } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'gear-stuck': { readonly demandId: string; readonly piece: string }
  }
}

/** Each piece of gear that is stowed inside comes out by a door. */
export const gearOut = defineRule({
  id: 'gear-out',
  group: 'use',
  modes: ['driving'],
  reads: ['scene', 'brief', 'stowed'],
  gravity: { 'gear-stuck': 'stop' },
  basis: plainGeometry(
    'the longest piece of that thickness that goes out through a door, pushed straight and turned once',
  ),
  parameters: {},
  key: byFitting(({ facts }) => facts.demandId),
  check: ({ scene, brief, stowed }) => {
    const labels = new Map(demandsOf(brief).map(({ id, label }) => [id, label ?? '']))
    return piecesOf(brief).flatMap((piece) => {
      const place = stowed().places.get(piece.id)
      if (place === undefined) return []
      const [long, wide, thick] = [...piece.size].sort((a, b) => b - a) as [number, number, number]
      const measured = longestByDoor(scene.interior, wide, thick, Math.ceil(long))
      if (measured >= long) return []
      const demandId = demandOf(piece.id)
      return [
        {
          code: 'gear-stuck' as const,
          fittings: [place],
          place: topOf(placedIn(scene, place)),
          measured,
          needed: long,
          unit: 'mm' as const,
          facts: { demandId, piece: labels.get(demandId) ?? '' },
        },
      ]
    })
  },
})
