import { fixWith } from '../ways-out'
import { massOf } from '../../fittings'
import type { FixingWay } from '../../job'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'hung-weakly': { readonly kg: number; readonly pointKg: number }
  }
}

/** What holds a thing that hangs: screws and inserts into structure, or rails and points that are there. */
const HOLDS: ReadonlySet<FixingWay> = new Set(['screws', 'inserts', 'rails', 'points'])
/** Higher than this over the floor a thing hangs, if nothing stands under it. */
const HANGS_MM = 300

/** What hangs over heads is fixed to structure, at points enough for what is in it. */
export const hungHeld = defineRule({
  id: 'hung-held',
  group: 'fit',
  modes: ['driving'],
  gravity: { 'hung-weakly': 'stop' },
  basis: practice(
    'lockers hang on ribs or a batten in structure, never on the lining: a point for each 10 kg and what is in it',
  ),
  parameters: {
    pointKg: { default: 10, min: 2, max: 50, unit: 'kg', basis: practice('on one point, in a bend and over a kerb') },
    loadedKg: { default: 10, min: 0, max: 60, unit: 'kg', basis: practice('what a locker is filled with') },
  },
  check: ({ scene, parameters, weight }) => {
    // a full tank on a wall pulls at what holds it with all that is in it
    const stored = new Map<string, number>()
    for (const { source, store, amount } of weight().ledger.entries)
      if (store !== undefined && source.kind === 'store') stored.set(source.id, (stored.get(source.id) ?? 0) + amount)
    return scene.placed.flatMap((placed) => {
      const { fixing } = placed.fitting
      const { up } = placed.seat
      const hangs = placed.within === undefined && (up.from === 'roof' || (up.from === 'floor' && up.mm > HANGS_MM))
      if (fixing === undefined || !hangs || placed.inner.length === 0 || placed.facts.isHeldAlong) return []
      const holds = placed.services.some(({ type }) => type === 'stowage') ? parameters.loadedKg : 0
      const kg = massOf(placed.fitting) + holds + (stored.get(placed.id) ?? 0)
      const measured = HOLDS.has(fixing.how) ? fixing.points : 0
      const needed = Math.max(2, Math.ceil(kg / parameters.pointKg))
      if (measured >= needed) return []
      return [
        {
          code: 'hung-weakly' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured,
          needed,
          unit: 'count' as const,
          facts: { kg: Math.round(kg), pointKg: parameters.pointKg },
        },
      ]
    })
  },
  remedies: (input, finding) => fixWith(input, finding, { how: 'inserts', points: finding.needed }),
})
