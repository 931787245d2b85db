import { addedNear } from '../add'
import { boxGap } from '../../geometry'
import { byFitting, defineRule, practice } from '../define-rule'
import { middleOf, topOf } from '../middle'
import { needsThing } from '../needs'
import { placedThat } from '../nearest'

declare module '../finding' {
  interface FactsByCode {
    'night-dark': { readonly nearMm: number }
  }
}

/** Whoever goes to the toilet at night finds it by a light: best by a small red one, which wakes no one. */
export const lightNight = defineRule({
  id: 'light-night',
  group: 'air',
  modes: ['sleeping'],
  reads: ['scene'],
  gravity: { 'night-dark': 'note' },
  basis: practice(
    'a light where one goes at night; a small red one leaves the others asleep and eyes used to the dark',
  ),
  parameters: {
    nearMm: { default: 2000, min: 500, max: 4000, unit: 'mm', basis: practice('what a small light shows of a floor') },
  },
  needs: ({ scene }) => needsThing(scene, ({ light }) => light === undefined, 'light'),
  key: byFitting(() => ''),
  check: ({ scene, parameters: { nearMm } }) => {
    // one that a door works is out when the door is shut
    const lights = placedThat(
      scene,
      ({ light }) => light !== undefined && (light.lights !== 'door' || light.isSwitched),
    )
    return scene.placed.flatMap((placed) => {
      if (!placed.services.some(({ type }) => type === 'toilet')) return []
      if (lights.some(({ bounds }) => boxGap(bounds, placed.bounds) <= nearMm)) return []
      return [
        {
          code: 'night-dark' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured: 0,
          needed: 1,
          unit: 'count' as const,
          facts: { nearMm },
        },
      ]
    })
  },
  remedies: (input, finding) => {
    const [x, y, z] = input.first(finding)?.placement.at ?? middleOf(input.scene)
    return addedNear(input, 'light', [x, y, z + 300], { place: 'room', colour: 'red' })
  },
})
