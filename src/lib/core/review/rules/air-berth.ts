import { addedInRoof, FAN_CUT_MM, HATCH, HATCH_CUT_MM } from '../add'
import { warmthAssumedIn } from '../../budgets'
import { airOpenings, sleeping } from '../../scene'
import { defineDistanceRule } from '../define-distance-rule'
import { comfort, practice } from '../define-rule'
import { planGap } from '../nearest'
import { needsSleepers } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'berth-airless': { readonly sleeper: string }
  }
}

/** Every sleeper has an opening for air near the head, where the plan has any opening at all. */
export const airBerth = defineDistanceRule({
  id: 'air-berth',
  group: 'air',
  modes: ['sleeping'],
  reads: ['scene', 'brief', 'job'],
  code: 'berth-airless',
  gravity: 'note',
  basis: practice('with one fan, choose between galley and bed, or add an opening window by the bed'),
  figure: 'nearMm',
  tolerance: comfort(),
  parameters: {
    nearMm: { default: 1500, min: 300, max: 4000, unit: 'mm', basis: practice('moving air is felt so far off') },
  },
  needs: (input) => [
    ...needsSleepers(input),
    ...(airOpenings(input.scene, warmthAssumedIn(input.job).cabAirCm2).length === 0
      ? [{ what: 'air-openings' as const }]
      : []),
  ],
  detail: ({ facts }) => facts.sleeper,
  from: ({ scene, brief }) => sleeping(scene, brief),
  to: ({ job, scene }) => airOpenings(scene, warmthAssumedIn(job).cabAirCm2),
  mm: ({ head }, { at }) => planGap(head, at),
  must: 'be-near',
  against: 'nearest',
  tell: ({ person, fittingId, head }) => ({ fittings: [fittingId], place: head, facts: { sleeper: person.label } }),
  remedies: (input, { place: [x, y] }) => [
    addedInRoof(input, 'hatch-roof', [x, y / 2], HATCH_CUT_MM, HATCH),
    addedInRoof(input, 'fan-extract', [x, 0], FAN_CUT_MM),
  ],
})
