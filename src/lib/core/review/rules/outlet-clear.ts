import { warmFaceOf } from '../../scene'
import { overlapBounds, prismsOverlap, spanMiddle } from '../../geometry'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'
import { shift } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'outlet-near': { readonly other: string }
  }
}

/** What warm air is blown from has room before it: bedding, tanks and boards there get hot, and the heater chokes. */
export const outletClear = defineRule({
  id: 'outlet-clear',
  group: 'safety',
  modes: 'every',
  reads: ['scene'],
  gravity: { 'outlet-near': 'caution' },
  basis: practice('nothing in front of a warm-air outlet that it would heat; follow the heater maker’s sheet'),
  parameters: {
    beforeMm: { default: 250, min: 50, max: 1000, unit: 'mm', basis: practice('what may be felt warm, not hot') },
  },
  check: ({ scene, parameters }) =>
    scene.placed.flatMap((outlet) => {
      const room = warmFaceOf(outlet, parameters.beforeMm)
      if (room === undefined) return []
      const across = outlet.placement.turn % 180 === 0
      const [own, axis] = [outlet.bounds, across ? 'y' : 'x'] as const
      const met = scene.placed.flatMap((other) => {
        if (other.id === outlet.id) return []
        const gaps = other.solids
          .filter(({ fit, prism }) => fit !== 'outside' && prismsOverlap(prism, room))
          .map(({ prism }) => overlapBounds(prism, room)[axis])
          .map(({ min, max }) => (spanMiddle(own[axis]) < min ? min - own[axis].max : own[axis].min - max))
        return gaps.length === 0 ? [] : [{ id: other.id, mm: Math.max(0, Math.min(...gaps)) }]
      })
      const nearest = met.sort((a, b) => a.mm - b.mm)[0]
      if (nearest === undefined) return []
      return [
        {
          code: 'outlet-near' as const,
          fittings: [outlet.id, nearest.id],
          place: topOf(outlet),
          measured: Math.round(nearest.mm),
          needed: parameters.beforeMm,
          unit: 'mm' as const,
          facts: { other: nearest.id },
        },
      ]
    }),
  remedies: (input, finding) => {
    const [outlet, other] = finding.fittings.map((id) => input.find(id))
    if (outlet === undefined || other === undefined || outlet.placement.turn % 180 !== 0) return []
    return [
      ...shift(input, outlet, 'shift-forward', [1, 0, 0], other.bounds.x.max - outlet.bounds.x.min),
      ...shift(input, outlet, 'shift-back', [-1, 0, 0], outlet.bounds.x.max - other.bounds.x.min),
    ]
  },
})
