import { DRAIN_FALL_MM } from '../../budgets'
import { movedAlong, shift } from '../ways-out'
import { offering } from '../nearest'
import { spanMiddle } from '../../geometry'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'drain-flat': { readonly tank: string; readonly fallMm: number }
  }
}

/** Waste water runs to its tank by itself. */
export const drainFall = defineRule({
  id: 'drain-fall',
  group: 'safety',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'drain-flat': 'caution' },
  basis: practice('{20} of fall for each metre of pipe, or the tray stays wet; measured standing level'),
  parameters: {
    fallMm: { default: DRAIN_FALL_MM, min: 5, max: 50, unit: 'mm', basis: practice('for each metre of pipe') },
  },
  check: ({ scene, parameters }) => {
    const tanks = offering(scene, 'waste')
    if (tanks.length === 0) return []
    return scene.placed.flatMap((placed) => {
      const outlet = placed.facts.drainsAtMm
      if (outlet === undefined) return []
      const from = placed.placement.at[2] + outlet
      const [best] = tanks
        .map((tank) => {
          const run = Math.hypot(
            spanMiddle(tank.bounds.x) - spanMiddle(placed.bounds.x),
            spanMiddle(tank.bounds.y) - spanMiddle(placed.bounds.y),
          )
          return { tank, fall: from - tank.bounds.z.max, needed: (run / 1000) * parameters.fallMm }
        })
        .sort((a, b) => b.fall - b.needed - (a.fall - a.needed))
      if (best === undefined || best.fall >= best.needed) return []
      return [
        {
          code: 'drain-flat' as const,
          fittings: [placed.id, best.tank.id],
          place: topOf(placed),
          measured: Math.round(best.fall),
          needed: Math.round(best.needed),
          unit: 'mm' as const,
          facts: { tank: best.tank.id, fallMm: parameters.fallMm },
        },
      ]
    })
  },
  remedies: (input, finding) => {
    const tank = input.find(finding.facts.tank)
    const missing = finding.needed - finding.measured
    return [
      ...(tank === undefined ? [] : shift(input, tank, 'lower', [0, 0, -1], missing)),
      ...(tank === undefined ? [] : shift(input, tank, 'lower', [0, 0, 1], missing)),
      ...movedAlong(input, finding.fittings, 300),
    ]
  },
})
