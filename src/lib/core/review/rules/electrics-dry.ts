import { defineDistanceRule } from '../define-distance-rule'
import { practice } from '../define-rule'
import { topOf } from '../middle'
import { gapBetween, placedThat } from '../nearest'

declare module '../finding' {
  interface FactsByCode {
    'electrics-wet': { readonly water: string }
  }
}

/** Batteries, inverter and fuse board keep away from where water is drawn, and are not under it. */
export const electricsDry = defineDistanceRule({
  id: 'electrics-dry',
  group: 'safety',
  modes: ['living'],
  code: 'electrics-wet',
  gravity: 'caution',
  basis: practice('an arm’s splash between water and electrics; local codes rule, work for a licensed electrician'),
  figure: 'awayMm',
  parameters: {
    awayMm: { default: 300, min: 100, max: 1500, unit: 'mm', basis: practice('an arm’s splash') },
  },
  detail: ({ facts }) => facts.water,
  from: ({ scene }) => placedThat(scene, ({ electrics }) => electrics !== undefined && electrics !== 'capped'),
  to: ({ scene }) => placedThat(scene, ({ isSplashed }) => isSplashed),
  mm: gapBetween,
  must: 'be-apart',
  against: 'each',
  tell: (electric, water) => ({
    fittings: [electric.id, water.id],
    place: topOf(electric),
    facts: { water: water.id },
  }),
})
