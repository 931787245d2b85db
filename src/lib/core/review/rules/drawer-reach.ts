import { figureOf } from '../../fittings'
import { byFitting, comfort, defineRule, plainGeometry, practice } from '../define-rule'
import type { Draft } from '../finding'
import { topOf } from '../middle'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'drawer-dead': { readonly extension: number; readonly litres: number }
    'drawer-low': Record<never, never>
  }
}

/** A drawer runs out as far as it is deep, or its back is dead; a box that is lower than its front leaves dead room over it. */
export const drawerReach = defineRule({
  id: 'drawer-reach',
  group: 'use',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'drawer-dead': 'note', 'drawer-low': 'note' },
  basis: plainGeometry('depth of the drawers less how far they pull out; space of each less its box'),
  tolerance: comfort(),
  parameters: {
    deadMm: { default: 150, min: 0, max: 600, unit: 'mm', basis: practice('what a hand still reaches behind a front') },
    overLitres: {
      default: 10,
      min: 1,
      max: 200,
      unit: 'count',
      basis: practice('this many litres above the drawers of a unit are worth another drawer or a shelf'),
    },
  },
  key: byFitting(({ code }) => code),
  check: ({ scene, parameters }) =>
    scene.placed.flatMap((placed): Draft<'drawer-dead' | 'drawer-low'>[] => {
      const runs = placed.facts.fronts.flatMap(({ run }) => (run === undefined ? [] : [run]))
      const sum = (litresOf: (run: (typeof runs)[number]) => number | undefined) =>
        Math.round(runs.reduce((all, run) => all + (litresOf(run) ?? 0), 0))
      const over = sum(({ overLitres }) => overLitres)
      const low: Draft<'drawer-low'>[] =
        over <= parameters.overLitres
          ? []
          : [
              {
                code: 'drawer-low',
                fittings: [placed.id],
                place: topOf(placed),
                measured: over,
                needed: parameters.overLitres,
                unit: 'litres',
                facts: {},
              },
            ]
      const dead = Math.round(Math.max(0, ...runs.map(({ deepMm, outMm }) => deepMm - outMm)))
      if (dead <= parameters.deadMm) return low
      const extension = figureOf(placed.fitting, 'run-out') ?? 0
      return [
        {
          code: 'drawer-dead' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured: dead,
          needed: parameters.deadMm,
          unit: 'mm' as const,
          facts: { extension, litres: sum(({ behindLitres }) => behindLitres) },
        },
        ...low,
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    return placed === undefined
      ? []
      : finding.code === 'drawer-low'
        ? setHandle(input, placed, 'set-parameter', 'drawer-height', 0)
        : setHandle(input, placed, 'set-parameter', 'run-out', 1, 0)
  },
})
