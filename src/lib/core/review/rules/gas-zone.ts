import { BOTTLES, burnsGas } from '../burners'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'
import { nearestTo } from '../nearest'

/** All that burns gas is in one zone with its bottle: short lines, few joints. */
export const gasZone = defineRule({
  id: 'gas-zone',
  group: 'safety',
  modes: ['living'],
  gravity: { 'gas-far': 'caution' },
  basis: practice('all that burns gas in one zone, short runs; the lines are work for a licensed gas fitter'),
  parameters: {
    runMm: { default: 2500, min: 500, max: 8000, unit: 'mm', basis: practice('a line that one sees whole') },
  },
  needs: ({ scene }) =>
    scene.placed.some(burnsGas) && !scene.placed.some(({ kind }) => BOTTLES.has(kind.id))
      ? [{ what: 'fitting', kind: 'gas-locker' }]
      : [],
  check: ({ scene, parameters }) => {
    const bottles = scene.placed.filter(({ kind }) => BOTTLES.has(kind.id))
    return scene.placed.filter(burnsGas).flatMap((burner) => {
      const nearest = nearestTo(burner, bottles)
      if (nearest.mm <= parameters.runMm) return []
      return [
        {
          code: 'gas-far' as const,
          fittings: [burner.id, nearest.other.id],
          place: topOf(burner),
          measured: Math.round(nearest.mm),
          needed: parameters.runMm,
          unit: 'mm' as const,
          facts: { bottle: nearest.other.id },
        },
      ]
    })
  },
})
