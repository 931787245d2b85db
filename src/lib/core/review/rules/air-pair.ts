import { addedInRoof, HATCH, HATCH_CUT_MM } from '../add'
import { planGap } from '../nearest'
import { airOpenings } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'air-one-way': { readonly openings: number }
  }
}

/** An extract fan moves air only if as much comes in at the other end. */
export const airPair = defineRule({
  id: 'air-pair',
  group: 'air',
  modes: ['sleeping'],
  gravity: { 'air-one-way': 'caution' },
  basis: practice('one extract fan without an inlet moves nothing: a screened opening window at the other end'),
  parameters: {
    apartMm: {
      default: 1000,
      min: 300,
      max: 6000,
      unit: 'mm',
      basis: practice('across the space, not beside the fan'),
    },
  },
  check: ({ scene, parameters }) => {
    const openings = airOpenings(scene)
    return scene.placed
      .filter(({ facts: { air } }) => air?.what === 'fan')
      .flatMap((fan) => {
        const own = topOf(fan)
        const others = openings.filter(({ id }) => id !== fan.id)
        const furthest = Math.max(0, ...others.map(({ at }) => planGap(own, at)))
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
  remedies: (input, { place: [x], needed }) =>
    // at the other end: as far as it has to be, or further
    [needed + 100, needed + 600].flatMap((apart) =>
      [x - apart, x + apart]
        .filter((at) => at > input.scene.interior.xSpan.min + 300 && at < input.scene.interior.xSpan.max - 300)
        .map((at) => addedInRoof(input, 'hatch-roof', [at, 0], HATCH_CUT_MM, HATCH)),
    ),
})
