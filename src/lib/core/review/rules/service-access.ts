import type { Task } from '../../fittings'
import { type Access, accessFaults, type Blocker } from '../../scene'
import type { Remedy } from '../finding'
import { movedAlong } from '../ways-out'
import { byFitting, defineRule, practice } from '../define-rule'

declare module '../finding' {
  interface FactsByCode {
    'access-first': { readonly task: Task; readonly of: Access['of']; readonly toMove: Access['toMove'] }
    'access-blocked': {
      readonly task: Task
      readonly of: Access['of']
      readonly toMove: Access['toMove']
      readonly blockers: readonly Blocker[]
    }
  }
}

/** What is got at once in a while: a toilet’s tank, a pump, fuses, a gas bottle, the spare wheel. It may be cleared first. */
export const serviceAccess = defineRule({
  id: 'service-access',
  group: 'service',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'access-first': 'note', 'access-blocked': 'caution' },
  basis: practice(
    'each has a panel that comes off and room before it; what can be moved away for it is named and counted',
  ),
  parameters: {
    most: {
      default: 3,
      min: 0,
      max: 10,
      unit: 'count',
      basis: practice('nobody moves more than three things for it'),
    },
  },
  key: byFitting(({ facts }) => `${facts.task} ${facts.of.id}`),
  check: ({ scene, parameters }) =>
    accessFaults(scene).map((fault) => {
      const owner = fault.of.kind === 'fitting' ? [fault.of.id] : []
      const moved = fault.toMove.map(({ id }) => id)
      const common = { place: fault.at, needed: fault.needed }
      if (fault.fixed.length === 0 && moved.length <= parameters.most)
        return {
          ...common,
          code: 'access-first' as const,
          fittings: [...owner, ...moved],
          measured: moved.length,
          unit: 'count' as const,
          needed: 0,
          facts: { task: fault.task, of: fault.of, toMove: fault.toMove },
        }
      const fixed = fault.fixed.flatMap((blocker) => (blocker.kind === 'fitting' ? [blocker.id] : []))
      return {
        ...common,
        code: 'access-blocked' as const,
        fittings: [...owner, ...fixed, ...moved],
        measured: fault.free,
        unit: fault.unit,
        facts: { task: fault.task, of: fault.of, toMove: fault.toMove, blockers: fault.fixed },
      }
    }),
  remedies: (input, finding) => [
    ...finding.facts.toMove.flatMap(({ id, stance }): Remedy[] =>
      stance === undefined
        ? []
        : [
            {
              code: 'stance-other',
              fittingId: id,
              amount: 0,
              commands: [
                {
                  type: 'mode.stance',
                  variant: input.variantId,
                  mode: input.scene.modeId,
                  fitting: id,
                  stance,
                },
              ],
            },
          ],
    ),
    ...(finding.code === 'access-blocked' && finding.unit === 'mm'
      ? movedAlong(input, finding.fittings, finding.needed - finding.measured)
      : []),
  ],
})
