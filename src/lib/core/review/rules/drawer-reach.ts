import { figureOf } from '../../fittings'
import { defineRule, plainGeometry, practice } from '../define-rule'
import { topOf } from '../middle'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'drawer-dead': { readonly extension: number }
  }
}

/** A drawer runs out as far as it is deep, or its back is dead. */
export const drawerReach = defineRule({
  id: 'drawer-reach',
  group: 'use',
  modes: ['living'],
  gravity: { 'drawer-dead': 'note' },
  basis: plainGeometry('depth of the drawers less how far they run out'),
  parameters: {
    deadMm: { default: 150, min: 0, max: 600, unit: 'mm', basis: practice('what a hand still reaches behind a front') },
  },
  check: ({ scene, parameters }) =>
    scene.placed.flatMap((placed) => {
      const dead = Math.round(
        Math.max(0, ...placed.facts.fronts.map(({ run }) => (run === undefined ? 0 : run.deepMm - run.outMm))),
      )
      if (dead <= parameters.deadMm) return []
      const extension = figureOf(placed.fitting, 'run-out') ?? 0
      return [
        {
          code: 'drawer-dead' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured: dead,
          needed: parameters.deadMm,
          unit: 'mm' as const,
          facts: { extension },
        },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    return placed === undefined ? [] : setHandle(input, placed, 'set-parameter', 'run-out', 1, 0)
  },
})
