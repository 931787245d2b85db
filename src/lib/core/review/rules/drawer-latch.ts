import { placePoint } from '../../geometry'
import type { Placed } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { setHandle } from '../ways-out'

/** Which way a drawer runs out: towards the front it flies when one brakes, aside in a bend. */
type Way = 'forward' | 'back' | 'aside'

declare module '../finding' {
  interface FactsByCode {
    'drawer-flies': { readonly loadKg: number; readonly latch: string; readonly way: Way }
  }
}

function wayOf({ placement }: Placed): Way {
  const [dx] = placePoint({ ...placement, at: [0, 0, 0] }, [0, -1])
  return dx > 0.7 ? 'forward' : dx < -0.7 ? 'back' : 'aside'
}

/** A heavy drawer that is not locked flies out in a bend, and sooner when one brakes if it runs out forward. */
export const drawerLatch = defineRule({
  id: 'drawer-latch',
  group: 'travel',
  modes: ['driving'],
  reads: ['scene'],
  gravity: { 'drawer-flies': 'caution' },
  basis: practice('light soft-close drawers hold by themselves; heavy low ones fly open and need a locking latch'),
  parameters: {
    heavyKg: { default: 10, min: 2, max: 60, unit: 'kg', basis: practice('what a soft-close holds in a bend') },
    forward: {
      default: 0.5,
      min: 0.2,
      max: 1,
      unit: 'share',
      basis: practice('of that where it opens forward: braking is 0.8 g, a bend 0.4'),
    },
    back: {
      default: 1.3,
      min: 1,
      max: 3,
      unit: 'share',
      basis: practice('of that where it opens backward: pulling away is 0.3 g'),
    },
  },
  check: ({ scene, parameters }) =>
    scene.placed.flatMap((placed) => {
      const way = wayOf(placed)
      const share = way === 'forward' ? parameters.forward : way === 'back' ? parameters.back : 1
      const mostKg = Math.round(parameters.heavyKg * share * 10) / 10
      const heavy = placed.facts.fronts.find(
        ({ latch, run }) => latch !== 'locking' && run !== undefined && run.loadKg > mostKg,
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
          needed: mostKg,
          unit: 'kg' as const,
          facts: { loadKg, latch, way },
        },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    return placed === undefined ? [] : setHandle(input, placed, 'latch', 'latch', 'positive', 0)
  },
})
