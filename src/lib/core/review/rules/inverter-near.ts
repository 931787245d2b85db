import { defineDistanceRule } from '../define-distance-rule'
import { practice } from '../define-rule'
import { topOf } from '../middle'
import { gapBetween, placedThat } from '../nearest'

declare module '../finding' {
  interface FactsByCode {
    'inverter-far': { readonly battery: string }
  }
}

/** The inverter stands by its battery: its cables carry more than all others together, and every metre of them costs section and loss. */
export const inverterNear = defineDistanceRule({
  id: 'inverter-near',
  group: 'safety',
  modes: ['living'],
  reads: ['scene'],
  code: 'inverter-far',
  gravity: 'caution',
  basis: practice('cables of a hundred amperes and more are short; work for a licensed electrician'),
  figure: 'runMm',
  parameters: {
    runMm: { default: 2000, min: 300, max: 6000, unit: 'mm', basis: practice('a cable that one sees whole') },
  },
  from: ({ scene }) =>
    placedThat(scene, ({ gives, holds }) => holds.length === 0 && gives.some(({ what }) => what === 'mains')),
  to: ({ scene }) => placedThat(scene, ({ electrics }) => electrics === 'battery'),
  mm: gapBetween,
  must: 'be-near',
  against: 'nearest',
  tell: (inverter, battery) => ({
    fittings: [inverter.id, battery.id],
    place: topOf(inverter),
    facts: { battery: battery.id },
  }),
})
