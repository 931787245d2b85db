import { defineRule, practice } from '../define-rule'
import { setParameters } from '../ways-out'

/** A heavy drawer that is not locked flies out in a bend. */
export const drawerLatch = defineRule({
  id: 'drawer-latch',
  group: 'travel',
  modes: ['driving'],
  gravity: { 'drawer-flies': 'caution' },
  basis: practice('light soft-close drawers hold by themselves; heavy low ones fly out and need a latch that locks'),
  parameters: {
    heavyKg: { default: 10, min: 2, max: 60, unit: 'kg', basis: practice('what a soft-close holds in a bend') },
  },
  check: ({ scene, parameters }) =>
    scene.placed.flatMap((placed) => {
      const { loadKg, latch } = placed.fitting.parameters
      if (typeof loadKg !== 'number' || typeof latch !== 'string') return []
      if (latch === 'positive' || loadKg <= parameters.heavyKg) return []
      const [x, y, z] = placed.placement.at
      return [
        {
          code: 'drawer-flies' as const,
          fittings: [placed.id],
          place: [x, y, z + 200] as const,
          measured: loadKg,
          needed: parameters.heavyKg,
          unit: 'kg' as const,
          facts: { loadKg, latch },
        },
      ]
    }),
  remedies: (input, finding) => [
    {
      code: 'latch',
      fittingId: finding.fittings[0]!,
      amount: 0,
      commands: [setParameters(input, finding.fittings[0]!, { latch: 'positive' })],
    },
  ],
})
