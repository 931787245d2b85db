import { answer } from '../../brief'
import { spansOverlap } from '../../geometry'
import type { Placed } from '../../scene'
import type { BodyChange } from '../../shell'
import { defineRule, practice } from '../define-rule'
import { middleOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'stealth-seen': { readonly changes: number }
  }
}

/** Whether a change shows on its own: not a pane that was blanked, a bulkhead or a well, nor a cut that something seen already stands in. */
const isSeen = (change: BodyChange, seen: readonly Placed[]): boolean => {
  switch (change.kind) {
    case 'window-blanked':
    case 'bulkhead-removed':
    case 'bulkhead-door':
    case 'floor-well':
      return false
    case 'roof-hatch':
      return !seen.some(({ bounds }) => spansOverlap(bounds.x, { min: change.fromMm, max: change.toMm }))
    case 'door':
    case 'flare':
    case 'raised-roof':
    case 'side-hatch':
    case 'widened':
    case 'window':
      return true
  }
}

/** Who wants to stand unseen counts what shows from outside. */
export const stealthSeen = defineRule({
  id: 'stealth-seen',
  group: 'outside',
  modes: ['sleeping'],
  reads: ['scene', 'brief', 'plan'],
  gravity: { 'stealth-seen': 'note' },
  basis: practice('no visible hatches, one colour, blanked windows'),
  parameters: {
    mostMarks: { default: 0, min: 0, max: 20, unit: 'count', basis: practice('as few as can be') },
  },
  check: ({ scene, plan, brief, parameters }) => {
    if (!answer(brief, 'stealth')) return []
    // what hangs under the floor is in nobody’s eye
    const roof = scene.placed.filter(
      ({ solids, seat }) => seat.up.from !== 'under-floor' && solids.some(({ fit }) => fit === 'outside'),
    )
    const changes = Object.values(plan.changes).filter((change) => isSeen(change, roof)).length
    const marks = roof.length + changes
    if (marks <= parameters.mostMarks) return []
    return [
      {
        code: 'stealth-seen' as const,
        fittings: roof.map(({ id }) => id),
        place: middleOf(scene),
        measured: marks,
        needed: parameters.mostMarks,
        unit: 'count' as const,
        facts: { changes },
      },
    ]
  },
})
