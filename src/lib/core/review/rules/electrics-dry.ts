import { boxGap } from '../../geometry'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

const ELECTRIC: ReadonlySet<string> = new Set(['battery', 'inverter', 'fuse-board'])
const SPLASHES: ReadonlySet<string> = new Set(['basin', 'shower'])

/** Batteries, inverter and fuse board keep away from where water is drawn, and are not under it. */
export const electricsDry = defineRule({
  id: 'electrics-dry',
  group: 'safety',
  modes: ['living'],
  gravity: { 'electrics-wet': 'caution' },
  basis: practice('an arm’s splash between water and electrics; local codes rule, work for a licensed electrician'),
  parameters: {
    awayMm: { default: 300, min: 100, max: 1500, unit: 'mm', basis: practice('an arm’s splash') },
  },
  check: ({ scene, parameters }) => {
    const wet = scene.placed.filter(({ services }) => services.some(({ type }) => SPLASHES.has(type)))
    return scene.placed
      .filter(({ kind }) => ELECTRIC.has(kind.id))
      .flatMap((electric) =>
        wet.flatMap((water) => {
          const gap = boxGap(electric.bounds, water.bounds)
          if (gap >= parameters.awayMm) return []
          return [
            {
              code: 'electrics-wet' as const,
              fittings: [electric.id, water.id],
              place: topOf(electric),
              measured: Math.round(gap),
              needed: parameters.awayMm,
              unit: 'mm' as const,
              facts: { water: water.id },
            },
          ]
        }),
      )
  },
})
