import { floorOverGround } from '../../scene'
import { defineRule, plainGeometry } from '../define-rule'
import { needsOuterSize } from '../needs'
import { setSeat } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'ground-low': { readonly floorMm: number }
  }
}

/** What hangs under the floor hangs no lower than the vehicle itself. */
export const groundClear = defineRule({
  id: 'ground-clear',
  group: 'outside',
  modes: ['driving'],
  gravity: { 'ground-low': 'caution' },
  basis: plainGeometry('lowest part under the floor over the ground, held against the vehicle’s own ground clearance'),
  parameters: {},
  needs: needsOuterSize,
  check: ({ scene }) => {
    const { outer } = scene.interior.shell
    const floorMm = floorOverGround(scene.interior)
    if (outer === undefined || floorMm === undefined) return []
    return scene.placed.flatMap((placed) => {
      if (placed.seat.up.from !== 'under-floor') return []
      const free = floorMm + placed.bounds.z.min
      if (free >= outer.groundMm) return []
      const { x, y, z } = placed.bounds
      return [
        {
          code: 'ground-low' as const,
          fittings: [placed.id],
          place: [(x.min + x.max) / 2, (y.min + y.max) / 2, z.min] as const,
          measured: Math.round(free),
          needed: outer.groundMm,
          unit: 'mm' as const,
          facts: { floorMm: Math.round(floorMm) },
        },
      ]
    })
  },
  remedies: (input, finding) => {
    const placed = input.first(finding)
    const higher = finding.needed - finding.measured
    if (placed === undefined || placed.seat.up.mm < higher) return []
    const up = { ...placed.seat.up, mm: placed.seat.up.mm - higher }
    return [
      {
        code: 'raise',
        fittingId: placed.id,
        amount: higher,
        commands: [setSeat(input, placed.id, { ...placed.seat, up })],
      },
    ]
  },
})
