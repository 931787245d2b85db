import { freshTanks, isFilledByHand } from '../../budgets'
import { spanMiddle } from '../../geometry'
import { defineRule, practice } from '../define-rule'
import type { Draft } from '../finding'
import { topOf } from '../middle'
import { placedThat } from '../nearest'
import { shift } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'fill-low': { readonly tank: string; readonly belowMm: number }
  }
}

/** Water runs from the filling point into the tank by itself, to its top. */
export const tankFills = defineRule({
  id: 'tank-fills',
  group: 'service',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'fill-low': 'note' },
  basis: practice('a tank is filled as high as its filling point stands, and no higher'),
  parameters: {
    empty: {
      default: 0.15,
      min: 0.02,
      max: 0.9,
      unit: 'share',
      basis: practice('what stays empty over the filling point is no loss up to there'),
    },
  },
  check: ({ scene, parameters: { empty } }) => {
    const inlets = placedThat(scene, ({ inlet }) => inlet === 'water')
    // from which of several it is filled, the highest answers
    const [inlet] = [...inlets].sort((a, b) => spanMiddle(b.bounds.z) - spanMiddle(a.bounds.z))
    if (inlet === undefined) return []
    const fillMm = spanMiddle(inlet.bounds.z)
    const byHand = new Set(scene.placed.filter(isFilledByHand).map(({ id }) => id))
    return freshTanks(scene.placed)
      .filter(({ isCarried }) => !isCarried)
      .flatMap(({ vessels }) => vessels)
      .filter(({ id }) => !byHand.has(id))
      .flatMap(({ id, litres, bottomMm, topMm }): Draft<'fill-low'>[] => {
        const share = Math.min(1, Math.max(0, (fillMm - bottomMm) / Math.max(1, topMm - bottomMm)))
        return 1 - share <= empty
          ? []
          : [
              {
                code: 'fill-low',
                fittings: [inlet.id, id],
                place: topOf(inlet),
                measured: Math.round(litres * share),
                needed: Math.round(litres),
                unit: 'litres',
                facts: { tank: id, belowMm: Math.round(topMm - fillMm) },
              },
            ]
      })
  },
  remedies: (input, finding) => {
    const inlet = input.first(finding)
    return inlet === undefined ? [] : shift(input, inlet, 'raise', [0, 0, 1], finding.facts.belowMm)
  },
})
