import { liningTop } from '../../shell'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'
import { setSeat } from '../ways-out'

/** Propane sinks: a bottle’s locker drains to the outside at its lowest point, and so stands on the floor. */
export const gasVent = defineRule({
  id: 'gas-vent',
  group: 'safety',
  modes: ['driving'],
  gravity: { 'gas-vent-high': 'stop' },
  basis: practice(
    'the locker is sealed to the inside and vented at its lowest point to the outside, because propane sinks; work for a licensed gas fitter',
  ),
  parameters: {
    overFloorMm: { default: 20, min: 0, max: 200, unit: 'mm', basis: practice('a floor of its own under the bottle') },
  },
  check: ({ scene, parameters }) =>
    scene.placed.flatMap((placed) => {
      if (placed.kind.id !== 'gas-locker') return []
      const over = placed.bounds.z.min - liningTop(scene.interior, placed.placement.at[0])
      if (over <= parameters.overFloorMm) return []
      return [
        {
          code: 'gas-vent-high' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured: Math.round(over),
          needed: parameters.overFloorMm,
          unit: 'mm' as const,
          facts: {},
        },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.find(finding.fittings[0]!)
    if (placed === undefined || placed.seat.up.from !== 'floor') return []
    return [
      {
        code: 'lower',
        fittingId: placed.id,
        amount: finding.measured,
        commands: [setSeat(input, placed.id, { ...placed.seat, up: { from: 'floor', mm: 0 } })],
      },
    ]
  },
})
