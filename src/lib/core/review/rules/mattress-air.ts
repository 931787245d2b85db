import { defineRule, practice } from '../define-rule'
import { setParameters } from '../ways-out'

/** A mattress on a closed board stays damp below. */
export const mattressAir = defineRule({
  id: 'mattress-air',
  group: 'use',
  modes: ['sleeping'],
  gravity: { 'mattress-damp': 'note' },
  basis: practice('foam lies on slats or a drilled board, else moisture gathers under it'),
  parameters: {},
  check: ({ scene }) =>
    scene.placed.flatMap((placed) => {
      if (placed.fitting.parameters.base !== 'board' || placed.services.every(({ type }) => type !== 'berth')) return []
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
  remedies: (input, finding) => [
    {
      code: 'slats',
      fittingId: finding.fittings[0]!,
      amount: 0,
      commands: [setParameters(input, finding.fittings[0]!, { base: 'slats' })],
    },
  ],
})
