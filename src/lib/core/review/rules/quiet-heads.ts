import { boxGap, pointBox } from '../../geometry'
import { type Placed, type Scene, shutIn, sleeping } from '../../scene'
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
/** What the boards of a cupboard or a bench take off the noise of what is shut in there, dB. Common practice, no source. */
const BOARDS_DB = 8

/** How loud it is in the room: through a front that is shut there comes less. */
const heardDb = (scene: Scene, placed: Placed): number =>
  (placed.facts.noiseDb ?? 0) - (shutIn(scene, placed) === undefined ? 0 : BOARDS_DB)

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
  to: ({ scene }) => scene.placed.filter((placed) => heardDb(scene, placed) > QUIET_DB),
  mm: ({ head }, source) => boxGap(source.bounds, pointBox(head)),
  must: 'be-apart',
  against: 'each',
  tell: ({ person, fittingId, head }, source) => ({
    fittings: [fittingId, source.id],
    place: head,
    facts: { sleeper: person.label, source: source.id },
  }),
})
