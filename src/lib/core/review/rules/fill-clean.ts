import { defineDistanceRule } from '../define-distance-rule'
import { practice } from '../define-rule'
import { topOf } from '../middle'
import { gapBetween, placedThat } from '../nearest'

declare module '../finding' {
  interface FactsByCode {
    'fill-dirty': { readonly other: string }
  }
}

/** Drinking water is filled well away from where waste comes out. */
export const fillClean = defineDistanceRule({
  id: 'fill-clean',
  group: 'outside',
  modes: ['living'],
  reads: ['scene'],
  code: 'fill-dirty',
  gravity: 'caution',
  basis: practice('the drinking water filler is well away from waste drain and toilet hatch'),
  figure: 'awayMm',
  parameters: {
    awayMm: {
      default: 1000,
      min: 300,
      max: 4000,
      unit: 'mm',
      basis: practice('a hose that is rinsed at one is not laid on the other'),
    },
  },
  from: ({ scene }) => placedThat(scene, ({ inlet }) => inlet === 'water'),
  to: ({ scene }) =>
    placedThat(scene, ({ holds }) => holds.some((one) => one.what === 'waste' && one.comesOut === 'outside')),
  mm: gapBetween,
  must: 'be-apart',
  against: 'nearest',
  tell: (inlet, other) => ({ fittings: [inlet.id, other.id], place: topOf(inlet), facts: { other: other.id } }),
})
