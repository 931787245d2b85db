import { floorOverGround } from '../../scene'
import { bodyChangeSchema } from '../../shell'
import { defineRule, plainGeometry } from '../define-rule'
import { needsOuterSize } from '../needs'
import { setSeat } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'ground-low': { readonly floorMm: number; readonly well?: string }
  }
}

/** What hangs under the floor, a well in it too, hangs no lower than the vehicle itself. */
export const groundClear = defineRule({
  id: 'ground-clear',
  group: 'outside',
  modes: ['driving'],
  reads: ['scene'],
  gravity: { 'ground-low': 'caution' },
  basis: plainGeometry('lowest part under the floor, against the vehicle’s own ground clearance'),
  parameters: {},
  needs: needsOuterSize,
  check: ({ scene }) => {
    const { outer } = scene.interior.shell
    const floorMm = floorOverGround(scene.interior)
    if (outer === undefined || floorMm === undefined) return []
    const wells = Object.entries(scene.interior.changes).flatMap(([id, change]) => {
      if (change.kind !== 'floor-well' || floorMm - change.depthMm >= outer.groundMm) return []
      const { fromMm, toMm, rightMm, leftMm, depthMm } = change
      return [
        {
          code: 'ground-low' as const,
          fittings: [],
          place: [(fromMm + toMm) / 2, (rightMm + leftMm) / 2, -depthMm] as const,
          measured: Math.round(floorMm - depthMm),
          needed: outer.groundMm,
          unit: 'mm' as const,
          facts: { floorMm: Math.round(floorMm), well: id },
        },
      ]
    })
    const hung = scene.placed.flatMap((placed) => {
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
    return [...wells, ...hung]
  },
  remedies: (input, finding) => {
    const placed = input.first(finding)
    const higher = finding.needed - finding.measured
    const id = finding.facts.well ?? ''
    const well = input.plan.changes[id]
    if (well?.kind === 'floor-well') {
      const change = { ...well, depthMm: well.depthMm - higher }
      if (!bodyChangeSchema.safeParse(change).success) return []
      return [
        {
          code: 'shallower-well',
          fittingId: undefined,
          amount: change.depthMm,
          commands: [{ type: 'change.put', variant: input.variantId, id, change }],
        },
      ]
    }
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
