import { demandOf, demandsOf } from '../../brief'
import { byFitting, defineRule, practice } from '../define-rule'
import { middleOf } from '../middle'
import { placeFor } from '../place-remedy'

declare module '../finding' {
  interface FactsByCode {
    'gear-too-long': {
      readonly demandId: string
      readonly piece: string
      readonly size: readonly [number, number, number]
      /** Whether there is any storage yet. */
      readonly hasStorage: boolean
    }
    'gear-no-room': {
      readonly demandId: string
      readonly piece: string
      readonly size: readonly [number, number, number]
      /** In which fitting there would be room, and which pieces would have to go from it, by name. */
      readonly freed?: { readonly fitting: string; readonly pieces: readonly string[] }
    }
  }
}

/** Every piece of gear has a stowage that takes it. */
export const gearStowed = defineRule({
  id: 'gear-stowed',
  group: 'use',
  modes: ['driving'],
  reads: ['scene', 'brief', 'stowed'],
  gravity: { 'gear-too-long': 'stop', 'gear-no-room': 'caution' },
  basis: practice('pieces packed biggest first, on any side, slanted on the floor if need be'),
  parameters: {},
  key: byFitting(({ facts }) => facts.demandId),
  check: ({ scene, brief, stowed }) => {
    const labels = new Map(demandsOf(brief).map(({ id, label }) => [id, label ?? '']))
    const hasStorage = scene.placed.some(({ services }) => services.some(({ type }) => type === 'stowage'))
    const nameOf = (id: string): string => labels.get(demandOf(id)) ?? ''
    return stowed().left.map(({ piece, longestMm, alone, freed }) => {
      const demandId = demandOf(piece.id)
      const facts = { demandId, piece: nameOf(piece.id), size: piece.size }
      const lead = Math.max(...piece.size)
      const common = { fittings: [], place: middleOf(scene), needed: lead, unit: 'mm' as const, facts }
      return alone
        ? {
            ...common,
            code: 'gear-no-room' as const,
            measured: 0,
            facts:
              freed === undefined
                ? facts
                : {
                    ...facts,
                    freed: { fitting: freed.fittingId, pieces: [...new Set(freed.pieces.map(nameOf))].sort() },
                  },
          }
        : { ...common, code: 'gear-too-long' as const, measured: longestMm, facts: { ...facts, hasStorage } }
    })
  },
  remedies: (input) => placeFor(input, 'stowage'),
})
