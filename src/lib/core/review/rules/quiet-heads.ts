import { boxGap, pointBox } from '../../geometry'
import { heardDb, sleeping } from '../../scene'
import { defineDistanceRule } from '../define-distance-rule'
import { comfort, practice } from '../define-rule'
import { needsSleepers } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'head-noise': { readonly sleeper: string; readonly source: string }
  }
}

/** Quieter than this at a metre nothing keeps a sleeper awake, dB(A). Common practice, no source. */
const QUIET_DB = 35
/** Heads lie away from what hums or blows at night. */
export const quietHeads = defineDistanceRule({
  id: 'quiet-heads',
  group: 'air',
  modes: ['sleeping'],
  reads: ['scene', 'brief'],
  code: 'head-noise',
  gravity: 'note',
  basis: practice('heater in a seat or under the floor for quiet; no fridge at the pillow; boards take off 8 dB'),
  figure: 'awayMm',
  tolerance: comfort(),
  parameters: {
    awayMm: { default: 500, min: 100, max: 2000, unit: 'mm', basis: practice('an arm’s length and more') },
  },
  needs: needsSleepers,
  detail: ({ facts }) => `${facts.sleeper} ${facts.source}`,
  from: ({ scene, brief }) => sleeping(scene, brief),
  to: ({ scene }) => scene.placed.filter((placed) => (heardDb(scene, placed) ?? 0) > QUIET_DB),
  mm: ({ head }, source) => boxGap(source.bounds, pointBox(head)),
  must: 'be-apart',
  against: 'each',
  tell: ({ person, fittingId, head }, source) => ({
    fittings: [fittingId, source.id],
    place: head,
    facts: { sleeper: person.label, source: source.id },
  }),
})
