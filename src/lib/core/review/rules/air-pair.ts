import { airOpenings } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

/** An extract fan moves air only if as much comes in at the other end. */
export const airPair = defineRule({
  id: 'air-pair',
  group: 'air',
  modes: ['sleeping'],
  gravity: { 'air-one-way': 'caution' },
  basis: practice('one extract fan without an inlet moves nothing: a screened opening window at the other end'),
  parameters: {
    apartMm: {
      default: 1500,
      min: 300,
      max: 6000,
      unit: 'mm',
      basis: practice('across the space, not beside the fan'),
    },
  },
  check: ({ scene, parameters }) => {
    const openings = airOpenings(scene)
    return scene.placed
      .filter(({ kind }) => kind.id === 'fan-extract')
      .flatMap((fan) => {
        const own = openings.find(({ id }) => id === fan.id)!
        const others = openings.filter(({ id }) => id !== fan.id)
        const furthest = Math.max(0, ...others.map(({ at }) => Math.hypot(at[0] - own.at[0], at[1] - own.at[1])))
        if (furthest >= parameters.apartMm) return []
        return [
          {
            code: 'air-one-way' as const,
            fittings: [fan.id],
            place: topOf(fan),
            measured: Math.round(furthest),
            needed: parameters.apartMm,
            unit: 'mm' as const,
            facts: { openings: others.length },
          },
        ]
      })
  },
})
