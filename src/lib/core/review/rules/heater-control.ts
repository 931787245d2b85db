import { defineDistanceRule } from '../define-distance-rule'
import { comfort, practice } from '../define-rule'
import { topOf } from '../middle'
import { gapBetween, offering, placedThat } from '../nearest'

declare module '../finding' {
  interface FactsByCode {
    'control-far': { readonly from: string }
  }
}

/** The heater is set from where one sits or lies: a step and an arm away. */
export const heaterControl = defineDistanceRule({
  id: 'heater-control',
  group: 'air',
  modes: ['living', 'sleeping'],
  reads: ['scene'],
  code: 'control-far',
  gravity: 'note',
  basis: practice('who is cold at night sets the heater without getting up, or with one step'),
  figure: 'awayMm',
  tolerance: comfort(),
  parameters: {
    awayMm: { default: 2000, min: 300, max: 6000, unit: 'mm', basis: practice('a step and an arm') },
  },
  from: ({ scene }) => placedThat(scene, ({ times }) => times === 'heater'),
  to: ({ scene }) => [...offering(scene, 'berth'), ...offering(scene, 'seat')],
  mm: gapBetween,
  must: 'be-near',
  against: 'nearest',
  tell: (control, place) => ({
    fittings: [control.id, place.id],
    place: topOf(control),
    facts: { from: place.id },
  }),
})
