import { fixWith } from '../ways-out'
import type { BodyChangeKind } from '../../shell'
import { HOLES, type FixingWay } from '../../job'
import { byFitting, defineRule, practice } from '../define-rule'

declare module '../finding' {
  interface FactsByCode {
    'fixing-drills': { readonly how: FixingWay | undefined }
    'body-cut': { readonly change: BodyChangeKind; readonly changeId: string }
  }
}

/** Ways to fix a thing that leave no hole, the firmest first. */
const WITHOUT_HOLES = ['points', 'rails', 'straps', 'standing'] as const satisfies readonly FixingWay[]

/** A fit-out that is to move to another vehicle, or for a client who wants none drilled, leaves no hole in this one. */
export const noHoles = defineRule({
  id: 'no-holes',
  group: 'fit',
  modes: ['living'],
  reads: ['scene', 'brief', 'plan'],
  gravity: { 'fixing-drills': 'caution', 'body-cut': 'caution' },
  basis: practice('no holes drilled: rails, the maker’s points, straps, or free-standing'),
  parameters: {},
  key: byFitting((draft) => (draft.code === 'body-cut' ? draft.facts.changeId : '')),
  check: ({ scene, plan, brief }) => {
    const moves = plan.transferable === true
    if (!moves && brief.use?.permanence !== 'no-holes') return []
    const fixed = scene.placed.flatMap((placed) => {
      const how = placed.fitting.fixing?.how
      // how a thing is fixed must be said where all of it moves on
      if (how === undefined ? !moves : HOLES[how] === 0) return []
      return [
        {
          code: 'fixing-drills' as const,
          fittings: [placed.id],
          place: placed.placement.at,
          measured: placed.fitting.fixing?.points ?? 0,
          needed: 0,
          unit: 'count' as const,
          facts: { how },
        },
      ]
    })
    const cut = Object.entries(plan.changes).map(([changeId, change]) => ({
      code: 'body-cut' as const,
      fittings: [],
      place: [Number('fromMm' in change ? change.fromMm : scene.interior.xSpan.max), 0, 900] as const,
      measured: 1,
      needed: 0,
      unit: 'count' as const,
      facts: { change: change.kind, changeId },
    }))
    return [...fixed, ...cut]
  },
  remedies: (input, finding) =>
    finding.code === 'body-cut'
      ? [
          {
            code: 'leave-uncut',
            fittingId: undefined,
            amount: 0,
            commands: [{ type: 'change.remove', variant: input.variantId, id: finding.facts.changeId }],
          },
        ]
      : WITHOUT_HOLES.flatMap((how) => fixWith(input, finding, { how, points: how === 'standing' ? 0 : 4 })),
})
