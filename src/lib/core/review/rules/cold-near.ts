import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'
import { nearestTo } from '../nearest'

const COOKS: ReadonlySet<string> = new Set(['galley', 'galley-hob', 'hob-loose'])

/** The cold box is a step from the hob. */
export const coldNear = defineRule({
  id: 'cold-near',
  group: 'use',
  modes: ['living'],
  gravity: { 'cold-far': 'note' },
  basis: practice('the cold box is reached while cooking: a step, not a walk'),
  parameters: {
    stepMm: { default: 1500, min: 500, max: 5000, unit: 'mm', basis: practice('two steps') },
  },
  check: ({ scene, parameters }) => {
    const cold = scene.placed.filter(({ services }) => services.some(({ type }) => type === 'cold-box'))
    if (cold.length === 0) return []
    return scene.placed
      .filter(({ kind, services }) => COOKS.has(kind.id) && services.some(({ type }) => type === 'hob'))
      .flatMap((hob) => {
        const nearest = nearestTo(hob, cold)
        if (nearest.mm <= parameters.stepMm) return []
        return [
          {
            code: 'cold-far' as const,
            fittings: [nearest.other.id, hob.id],
            place: topOf(nearest.other),
            measured: Math.round(nearest.mm),
            needed: parameters.stepMm,
            unit: 'mm' as const,
            facts: { hob: hob.id },
          },
        ]
      })
  },
})
