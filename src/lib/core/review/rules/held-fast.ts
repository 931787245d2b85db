import { fixWith } from '../ways-out'
import { massOf } from '../../fittings'
import { spanLength } from '../../geometry'
import { type Placed, type Scene, shutIn } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'not-held': Record<never, never>
  }
}

/** So much play a thing has in a cupboard that holds it. Common practice, no source. */
const PLAY_MM = 40

/** Whether what shuts it in leaves it no way to go: boards on all sides, with little play, and a front or lid before them. */
function isBoxedIn(scene: Scene, placed: Placed): boolean {
  const shut = shutIn(scene, placed)
  return (
    shut !== undefined &&
    (['x', 'y'] as const).every((axis) => spanLength(shut.room[axis]) - spanLength(placed.bounds[axis]) <= PLAY_MM)
  )
}

/** Whether a thing stands by itself: as a plan says, or left on a worktop with nothing said of what holds it. */
function standsFree(scene: Scene, { fitting, seat, facts }: Placed): boolean {
  if (fitting.fixing !== undefined) return fitting.fixing.how === 'standing'
  const { up } = seat
  return (
    up.from === 'top-of' &&
    facts.carriedIn === 'whole' &&
    scene.placed.some(({ id, services }) => id === up.fitting && services.some(({ type }) => type === 'worktop'))
  )
}

/** On the road nothing heavy stands by itself; what a closed cupboard holds on all sides is held. */
export const heldFast = defineRule({
  id: 'held-fast',
  group: 'travel',
  modes: ['driving'],
  reads: ['scene'],
  gravity: { 'not-held': 'stop' },
  basis: practice('everything heavy, tall or loose is strapped or fixed on the road'),
  parameters: {
    freeKg: { default: 3, min: 0, max: 20, unit: 'kg', basis: practice('what hurts no one when it flies') },
  },
  check: ({ scene, parameters }) =>
    scene.placed.flatMap((placed) => {
      if (!standsFree(scene, placed) || placed.solids.length === 0 || isBoxedIn(scene, placed)) return []
      const kg = massOf(placed.fitting)
      if (kg <= parameters.freeKg) return []
      return [
        {
          code: 'not-held' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured: Math.round(kg),
          needed: parameters.freeKg,
          unit: 'kg' as const,
          facts: {},
        },
      ]
    }),
  remedies: (input, finding) => fixWith(input, finding, { how: 'straps', points: 2 }),
})
