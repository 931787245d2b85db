import { defineRule, practice } from '../define-rule'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'drawer-flies': { readonly loadKg: number; readonly latch: string }
  }
}

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
      const heavy = placed.facts.fronts.find(
        ({ latch, run }) => latch !== 'locking' && run !== undefined && run.loadKg > parameters.heavyKg,
      )
      if (heavy?.run === undefined) return []
      const { latch, run } = heavy
      const { loadKg } = run
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
  remedies: (input, finding) => {
    const placed = input.first(finding)
    return placed === undefined ? [] : setHandle(input, placed, 'latch', 'latch', 'positive', 0)
  },
})
