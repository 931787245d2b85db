import { defineDistanceRule } from '../define-distance-rule'
import { comfort, practice } from '../define-rule'
import { topOf } from '../middle'
import { gapBetween, offering } from '../nearest'

declare module '../finding' {
  interface FactsByCode {
    'cold-far': { readonly hob: string }
  }
}

/** The cold box is a step from the hob. */
export const coldNear = defineDistanceRule({
  id: 'cold-near',
  group: 'use',
  modes: ['living'],
  reads: ['scene'],
  code: 'cold-far',
  gravity: 'note',
  basis: practice('the fridge is reached while cooking: two steps, not a walk'),
  figure: 'stepMm',
  tolerance: comfort(),
  parameters: {
    stepMm: { default: 2000, min: 500, max: 5000, unit: 'mm', basis: practice('two steps') },
  },
  from: ({ scene }) => offering(scene, 'hob').filter(({ clearances }) => clearances.every(({ outdoors }) => !outdoors)),
  to: ({ scene }) => offering(scene, 'cold-box'),
  mm: gapBetween,
  must: 'be-near',
  against: 'nearest',
  tell: (hob, cold) => ({ fittings: [cold.id, hob.id], place: topOf(cold), facts: { hob: hob.id } }),
})
