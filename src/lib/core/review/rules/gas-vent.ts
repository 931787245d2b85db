import { liningTop } from '../../shell'
import { defineRule, practice, published } from '../define-rule'
import type { Draft } from '../finding'
import { topOf } from '../middle'
import { setParameters, setSeat } from '../ways-out'

const MM2_PER_CM2 = 100

/** Propane sinks: a bottle’s locker is shut to the inside and drains to the outside at its lowest point, by a hole that is large enough. */
export const gasVent = defineRule({
  id: 'gas-vent',
  group: 'safety',
  modes: ['driving'],
  gravity: { 'gas-vent-high': 'stop', 'gas-vent-small': 'stop', 'gas-unsealed': 'stop' },
  basis: published(
    'EN 1949: a locker that is gas-tight to the inside, vented low with 2 % of its floor, at least 100 cm² (from memory); work for a licensed gas fitter',
  ),
  parameters: {
    overFloorMm: { default: 20, min: 0, max: 200, unit: 'mm', basis: practice('a floor of its own under the bottle') },
    ofFloor: { default: 0.02, min: 0.005, max: 0.1, unit: 'share', basis: published('EN 1949 (from memory)') },
    leastCm2: { default: 100, min: 20, max: 400, unit: 'cm²', basis: published('EN 1949 (from memory)') },
  },
  check: ({ scene, parameters }) =>
    scene.placed.flatMap((placed): Draft<'gas-vent-high' | 'gas-vent-small' | 'gas-unsealed'>[] => {
      if (placed.kind.id !== 'gas-locker') return []
      const common = { fittings: [placed.id], place: topOf(placed) }
      const over = placed.bounds.z.min - liningTop(scene.interior, placed.placement.at[0])
      const { ventCm2, seal, lengthMm, depthMm } = placed.fitting.parameters as Record<string, number | string>
      const floorCm2 = (Number(lengthMm) * Number(depthMm)) / MM2_PER_CM2
      const needed = Math.max(parameters.leastCm2, Math.ceil(floorCm2 * parameters.ofFloor))
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
        ...(Number(ventCm2) < needed
          ? [
              {
                ...common,
                code: 'gas-vent-small' as const,
                measured: Number(ventCm2),
                needed,
                unit: 'cm²' as const,
                facts: { floorCm2: Math.round(floorCm2), share: parameters.ofFloor },
              },
            ]
          : []),
        ...(seal === 'none'
          ? [{ ...common, code: 'gas-unsealed' as const, measured: 0, needed: 1, unit: 'count' as const, facts: {} }]
          : []),
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.find(finding.fittings[0]!)
    if (placed === undefined) return []
    const set = (key: string, value: number | string) => [
      {
        code: 'set-parameter' as const,
        fittingId: placed.id,
        amount: finding.needed,
        parameter: { key, value },
        commands: [setParameters(input, placed.id, { [key]: value })],
      },
    ]
    if (finding.code === 'gas-vent-small') return set('ventCm2', finding.needed)
    if (finding.code === 'gas-unsealed') return set('seal', 'gasket')
    if (placed.seat.up.from !== 'floor') return []
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
