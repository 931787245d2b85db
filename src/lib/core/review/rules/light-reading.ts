import { addedNear } from '../add'
import { placedThat } from '../nearest'
import { boxGap, pointBox } from '../../geometry'
import { sleeping } from '../../scene'
import { byFitting, comfort, defineRule, practice } from '../define-rule'
import { needsThing } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'light-none': { readonly sleeper: string; readonly nearMm: number }
  }
}

/** Each sleeper reads by a light of their own. */
export const lightReading = defineRule({
  id: 'light-reading',
  group: 'air',
  modes: ['sleeping'],
  reads: ['scene', 'brief'],
  gravity: { 'light-none': 'note' },
  basis: practice('a reading light for each sleeper, so that one reads while the other sleeps'),
  tolerance: comfort(),
  parameters: {
    nearMm: { default: 800, min: 200, max: 2000, unit: 'mm', basis: practice('an arm’s reach from the pillow') },
  },
  needs: ({ scene }) => needsThing(scene, ({ light }) => light === undefined, 'light'),
  key: byFitting(({ facts }) => facts.sleeper),
  check: ({ scene, brief, parameters }) => {
    const lights = placedThat(scene, ({ light }) => light?.lights === 'reading')
    return sleeping(scene, brief).flatMap(({ person, fittingId, head }) => {
      const near = lights.filter(({ bounds }) => boxGap(bounds, pointBox(head)) <= parameters.nearMm).length
      return near > 0
        ? []
        : [
            {
              code: 'light-none' as const,
              fittings: [fittingId],
              place: head,
              measured: 0,
              needed: 1,
              unit: 'count' as const,
              facts: { sleeper: person.label, nearMm: parameters.nearMm },
            },
          ]
    })
  },
  remedies: (input, { place: [x, y, z] }) => addedNear(input, 'light', [x, y, z + 400], { place: 'reading' }),
})
