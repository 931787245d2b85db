import { GAS_VENT, ventNeededCm2 } from '../../budgets'
import { liningTop } from '../../shell'
import { defineRule, practice, published } from '../define-rule'
import type { Draft } from '../finding'
import { topOf } from '../middle'
import { setHandle, setSeat } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'gas-vent-high': Record<never, never>
    'gas-vent-small': { readonly floorCm2: number; readonly share: number }
    'gas-unsealed': Record<never, never>
  }
}

/** Propane sinks: a bottle’s locker is shut to the inside and drains to the outside at its lowest point, by a hole that is large enough. */
export const gasVent = defineRule({
  id: 'gas-vent',
  group: 'safety',
  modes: ['driving'],
  reads: ['scene'],
  gravity: { 'gas-vent-high': 'stop', 'gas-vent-small': 'stop', 'gas-unsealed': 'stop' },
  basis: published(
    'EN 1949: a locker that is gas-tight to the inside, vented low with 2% of its floor, at least 100 cm² (from memory); work for a licensed gas fitter',
  ),
  parameters: {
    overFloorMm: { default: 20, min: 0, max: 200, unit: 'mm', basis: practice('a floor of its own under the bottle') },
    ofFloor: {
      default: GAS_VENT.ofFloor,
      min: 0.005,
      max: 0.1,
      unit: 'share',
      basis: published('EN 1949 (from memory)'),
    },
    leastCm2: { default: GAS_VENT.leastCm2, min: 20, max: 400, unit: 'cm²', basis: published('EN 1949 (from memory)') },
  },
  check: ({ scene, parameters }) =>
    scene.placed.flatMap((placed): Draft<'gas-vent-high' | 'gas-vent-small' | 'gas-unsealed'>[] => {
      const gas = placed.facts.holds.find((one) => one.what === 'gas')
      if (gas?.locker === undefined) return []
      const common = { fittings: [placed.id], place: topOf(placed) }
      const over = placed.bounds.z.min - liningTop(scene.interior, placed.placement.at[0])
      const { ventCm2, isSealed, floorCm2 } = gas.locker
      const needed = ventNeededCm2(floorCm2, parameters)
      return [
        ...(over > parameters.overFloorMm
          ? [
              {
                ...common,
                code: 'gas-vent-high' as const,
                measured: Math.round(over),
                needed: parameters.overFloorMm,
                unit: 'mm' as const,
                facts: {},
              },
            ]
          : []),
        ...(ventCm2 < needed
          ? [
              {
                ...common,
                code: 'gas-vent-small' as const,
                measured: ventCm2,
                needed,
                unit: 'cm²' as const,
                facts: { floorCm2: Math.round(floorCm2), share: parameters.ofFloor },
              },
            ]
          : []),
        ...(!isSealed
          ? [{ ...common, code: 'gas-unsealed' as const, measured: 0, needed: 1, unit: 'count' as const, facts: {} }]
          : []),
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    if (placed === undefined) return []
    if (finding.code === 'gas-vent-small') return setHandle(input, placed, 'set-parameter', 'vent', finding.needed)
    if (finding.code === 'gas-unsealed') return setHandle(input, placed, 'set-parameter', 'seal', 'gasket', 1)
    if (placed.within !== undefined || placed.seat.up.from !== 'floor') return []
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
