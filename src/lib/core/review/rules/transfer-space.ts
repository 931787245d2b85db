import { movedAlong, setHandle, setSeat, shift } from '../ways-out'
import { flipped, turnedBy } from '../../fittings'
import { peopleOf } from '../../brief'
import { ACCESS, ACCESS_SOURCE } from '../../people'
import { type Blocker, freedomOf, sleeping } from '../../scene'
import { defineRule, published } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'transfer-small': { readonly person: string; readonly blockers: readonly Blocker[] }
  }
}

/** Beside the bed of one who uses a wheelchair, and before a toilet, there is room for the chair to move over from. */
export const transferSpace = defineRule({
  id: 'transfer-space',
  group: 'ways',
  modes: ['sleeping', 'living'],
  reads: ['scene', 'brief'],
  gravity: { 'transfer-small': 'stop' },
  basis: published(ACCESS_SOURCE),
  parameters: {
    chairMm: { default: ACCESS.clearFloorMm[1], min: 600, max: 1000, unit: 'mm', basis: published(ACCESS_SOURCE) },
  },
  check: ({ scene, brief, parameters }) => {
    const rider = peopleOf(brief).find(([, { mobility }]) => mobility === 'wheelchair')?.[1]
    if (rider === undefined) return []
    const beds =
      scene.purpose === 'sleeping'
        ? sleeping(scene, brief).flatMap(({ person, fittingId }) => (person.label === rider.label ? [fittingId] : []))
        : []
    return scene.placed.flatMap((placed) => {
      const service = placed.services.find(
        ({ type }) =>
          (type === 'berth' && beds.includes(placed.id)) || (type === 'toilet' && scene.purpose === 'living'),
      )
      const clearance = placed.clearances.find(({ id }) => id === service?.approach)
      if (clearance === undefined || clearance.unit !== 'mm') return []
      const whole = { ...clearance, need: parameters.chairMm, prism: clearance.upTo(parameters.chairMm) }
      const { free, blockers } = freedomOf(scene, placed, whole)
      if (free >= parameters.chairMm) return []
      return [
        {
          code: 'transfer-small' as const,
          fittings: [placed.id, ...blockers.flatMap((one) => (one.kind === 'fitting' ? [one.id] : []))],
          place: topOf(placed),
          measured: free,
          needed: parameters.chairMm,
          unit: 'mm' as const,
          facts: { person: rider.label, blockers },
        },
      ]
    })
  },
  remedies: (input, finding) => {
    const placed = input.first(finding)
    const missing = finding.needed - finding.measured
    return placed === undefined
      ? []
      : [
          ...movedAlong(input, finding.fittings, missing),
          ...shift(input, placed, 'shift-left', [0, 1, 0], missing),
          ...shift(input, placed, 'shift-right', [0, -1, 0], missing),
          {
            code: 'mirror',
            fittingId: placed.id,
            amount: 0,
            commands: [setSeat(input, placed.id, flipped(placed.seat))],
          },
          {
            code: 'turn',
            fittingId: placed.id,
            amount: 180,
            commands: [setSeat(input, placed.id, turnedBy(placed.seat, 180))],
          },
          ...setHandle(input, placed, 'entry-foot', 'way-in', 'foot', 0),
        ]
  },
})
