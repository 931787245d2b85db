import { fixWith } from '../ways-out'
import { massOf, ridesAt } from '../../fittings'
import type { FixingWay } from '../../job'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'hung-weakly': { readonly kg: number; readonly pointKg: number; readonly least: number }
  }
}

/** What holds a thing that hangs: screws and inserts into structure, or rails and points that are there. */
const HOLDS: ReadonlySet<FixingWay> = new Set(['screws', 'inserts', 'rails', 'points'])
/** Higher than this over the floor a thing hangs, if nothing stands under it. */
const HANGS_MM = 300
/** What hangs by two points does not turn; a bed that rides up and down hangs by its corners. Common practice, no source. */
const LEAST = { hangs: 2, rides: 4 } as const
/** One who lies in it, with bedding. Common practice, no source. */
const LYING_KG = 90

/** What hangs over heads is fixed to structure, at points enough for what is in it. */
export const hungHeld = defineRule({
  id: 'hung-held',
  group: 'fit',
  modes: ['driving'],
  reads: ['scene', 'weight'],
  gravity: { 'hung-weakly': 'stop' },
  basis: practice(
    'a third of what a fixing holds at rest: a No. 10 screw into structure about 136 kg in shear, an M6 bolt in a frame about 450 kg; lockers hang on ribs or a batten, never on the lining, a lift bed on four corners',
  ),
  parameters: {
    screwKg: { default: 45, min: 5, max: 136, unit: 'kg', basis: practice('on one screw, a third of 136') },
    pointKg: {
      default: 150,
      min: 5,
      max: 450,
      unit: 'kg',
      basis: practice('on one insert, point or bolt, a third of 450'),
    },
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
      const rides = ridesAt(placed.fitting, placed.stance) !== undefined
      const hangs =
        rides ||
        (placed.within === undefined &&
          !placed.facts.isHeldAlong &&
          (up.from === 'roof' || (up.from === 'floor' && up.mm > HANGS_MM)))
      if (fixing === undefined || !hangs || placed.inner.length === 0) return []
      const holds = placed.services.some(({ type }) => type === 'stowage') ? parameters.loadedKg : 0
      const lying = rides ? 2 * LYING_KG : 0
      const kg = massOf(placed.fitting) + holds + lying + (stored.get(placed.id) ?? 0)
      const measured = HOLDS.has(fixing.how) ? fixing.points : 0
      const each = fixing.how === 'screws' || !HOLDS.has(fixing.how) ? parameters.screwKg : parameters.pointKg
      const least = rides ? LEAST.rides : LEAST.hangs
      const needed = Math.max(least, Math.ceil(kg / each))
      if (measured >= needed) return []
      return [
        {
          code: 'hung-weakly' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured,
          needed,
          unit: 'count' as const,
          facts: { kg: Math.round(kg), pointKg: each, least },
        },
      ]
    })
  },
  remedies: (input, finding) => fixWith(input, finding, { how: 'inserts', points: finding.needed }),
})
