import { defineRule, practice } from '../define-rule'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'mattress-damp': Record<never, never>
  }
}

/** A mattress on a closed board stays damp below. */
export const mattressAir = defineRule({
  id: 'mattress-air',
  group: 'use',
  modes: ['sleeping'],
  reads: ['scene'],
  gravity: { 'mattress-damp': 'note' },
  basis: practice('foam lies on slats or a drilled board, else moisture gathers under it'),
  parameters: {},
  check: ({ scene }) =>
    scene.placed.flatMap((placed) => {
      if (!placed.services.some(({ lying }) => lying?.base === 'board')) return []
      const { x, y, z } = placed.bounds
      return [
        {
          code: 'mattress-damp' as const,
          fittings: [placed.id],
          place: [x.max - 120, y.min + 120, z.max] as const,
          measured: 0,
          needed: 1,
          unit: 'count' as const,
          facts: {},
        },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    return placed === undefined ? [] : setHandle(input, placed, 'slats', 'lies-on', 'slats', 0)
  },
})
