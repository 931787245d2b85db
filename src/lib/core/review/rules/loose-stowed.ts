import { piecesOf } from '../../brief'
import { looseLeft, placedIn, stow } from '../../scene'
import { byFitting, defineRule, practice } from '../define-rule'
import { placeFor } from '../place-remedy'

declare module '../finding' {
  interface FactsByCode {
    'loose-homeless': {
      readonly part: string
      readonly count: number
      readonly size: readonly [number, number, number]
      readonly alone: boolean
    }
  }
}

/** Cushions, boards and covers that a mode has no use for have a stowage, beside the client’s gear. */
export const looseStowed = defineRule({
  id: 'loose-stowed',
  group: 'use',
  modes: 'every',
  reads: ['scene', 'brief'],
  gravity: { 'loose-homeless': 'caution' },
  basis: practice('every cushion has its place in both positions; pieces packed biggest first, gear counted'),
  parameters: {},
  // parts have had keys for a while only: what was let be by its words before is let be still
  key: byFitting(({ facts }) => facts.part.replaceAll('-', ' ')),
  check: ({ scene, brief }) => {
    const loose = looseLeft(scene)
    if (loose.length === 0) return []
    const homeless = new Map(
      stow(scene, piecesOf(brief), loose).left.map(({ piece, longestMm, alone }) => [piece.id, { longestMm, alone }]),
    )
    const left = loose.flatMap((one) => {
      const why = homeless.get(one.id)
      return why === undefined ? [] : [{ ...one, ...why }]
    })
    const kinds = new Map(left.map((one) => [`${one.fittingId}/${one.part}`, one]))
    return [...kinds].map(([key, one]) => {
      const { longestMm, alone } = one
      const { x, y, z } = placedIn(scene, one.fittingId).bounds
      const lead = Math.max(...one.size)
      return {
        code: 'loose-homeless' as const,
        fittings: [one.fittingId],
        place: [(x.min + x.max) / 2, (y.min + y.max) / 2, z.max] as const,
        measured: longestMm,
        needed: Math.round(lead),
        unit: 'mm' as const,
        facts: {
          part: one.part,
          count: left.filter((other) => `${other.fittingId}/${other.part}` === key).length,
          size: one.size,
          alone,
        },
      }
    })
  },
  remedies: (input) => placeFor(input, 'stowage'),
})
