import { placedIn } from '../../scene'
import { demandOf, demandsOf, piecesOf } from '../../brief'
import { byFitting, defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'gear-wet': { readonly demandId: string; readonly piece: string }
  }
}

/** What comes back wet has a place of its own. */
export const wetApart = defineRule({
  id: 'wet-apart',
  group: 'use',
  modes: ['driving'],
  reads: ['scene', 'brief', 'stowed'],
  gravity: { 'gear-wet': 'note' },
  basis: practice('wet and dirty gear has a place that can be hosed out, apart from dry gear'),
  parameters: {},
  key: byFitting(({ facts }) => facts.demandId),
  check: ({ scene, brief, stowed }) => {
    const demands = new Map(demandsOf(brief).map((demand) => [demand.id, demand]))
    const isWet = (pieceId: string): boolean =>
      brief.gear?.[demands.get(demandOf(pieceId))?.forWhom[0] ?? '']?.wet === true
    const { places } = stowed()
    const sharing = new Set(
      piecesOf(brief)
        .flatMap(({ id }) => (isWet(id) ? [] : [places.get(id) ?? '']))
        .filter((id) => id !== ''),
    )
    const said = new Set<string>()
    return piecesOf(brief).flatMap(({ id }) => {
      const place = places.get(id)
      const demandId = demandOf(id)
      if (!isWet(id) || place === undefined || !sharing.has(place) || said.has(demandId)) return []
      said.add(demandId)
      return [
        {
          code: 'gear-wet' as const,
          fittings: [place],
          place: topOf(placedIn(scene, place)),
          measured: 0,
          needed: 1,
          unit: 'count' as const,
          facts: { demandId, piece: demands.get(demandId)?.label ?? '' },
        },
      ]
    })
  },
})
