import { defineRule, plainGeometry, practice } from '../define-rule'
import { topOf } from '../middle'
import { setParameters } from '../ways-out'

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
      const { depthMm, extension } = placed.fitting.parameters
      if (typeof depthMm !== 'number' || typeof extension !== 'number') return []
      const dead = Math.round(depthMm * (1 - extension))
      if (dead <= parameters.deadMm) return []
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
  remedies: (input, finding) => [
    {
      code: 'set-parameter',
      fittingId: finding.fittings[0]!,
      amount: 0,
      parameter: { key: 'extension', value: 1 },
      commands: [setParameters(input, finding.fittings[0]!, { extension: 1 })],
    },
  ],
})
