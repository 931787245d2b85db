import { defineDistanceRule } from '../define-distance-rule'
import { practice } from '../define-rule'
import { topOf } from '../middle'
import { gapBetween, placedThat } from '../nearest'
import { needsThing } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'fuse-far': { readonly battery: string }
  }
}

/** The fuses sit near the battery: a cable before its fuse is a cable without one. */
export const fuseNear = defineDistanceRule({
  id: 'fuse-near',
  group: 'safety',
  modes: ['living'],
  reads: ['scene'],
  code: 'fuse-far',
  gravity: 'caution',
  basis: practice(
    'the run between battery and fuses is short; the main fuse sits at the pole itself; work for a licensed electrician',
  ),
  figure: 'runMm',
  parameters: {
    runMm: { default: 1500, min: 200, max: 5000, unit: 'mm', basis: practice('a cable that one sees whole') },
  },
  needs: ({ scene }) => needsThing(scene, ({ electrics }) => electrics === 'battery', 'fuses'),
  from: ({ scene }) => placedThat(scene, ({ electrics }) => electrics === 'battery'),
  to: ({ scene }) => placedThat(scene, ({ electrics }) => electrics === 'fuses'),
  mm: gapBetween,
  must: 'be-near',
  against: 'nearest',
  tell: (battery, fuses) => ({
    fittings: [fuses.id, battery.id],
    place: topOf(fuses),
    facts: { battery: battery.id },
  }),
})
