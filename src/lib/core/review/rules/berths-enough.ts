import { ageOf, sleepersOf } from '../../brief'
import { assignBerths } from '../../scene'
import { shortOf } from '../short-of'
import { defineRule, plainGeometry } from '../define-rule'
import { placeFor } from '../place-remedy'
import { middleOf } from '../middle'
import { needsBerthsCounted } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'berths-few': Record<never, never>
  }
}

/** As many sleeping places at night as people who sleep in the vehicle. */
export const berthsEnough = defineRule({
  id: 'berths-enough',
  group: 'people',
  modes: ['sleeping'],
  reads: ['scene', 'brief', 'peers', 'needs'],
  gravity: { 'berths-few': 'stop' },
  basis: plainGeometry('berths counted against sleepers'),
  parameters: {},
  needs: needsBerthsCounted,
  check: ({ scene, brief, peers, needs }) => {
    const asked = shortOf(needs(), 'berth', scene)
    // where each bed is a demand of its own, all may be met and one still have none; infants lie in a cot
    const sleepers = sleepersOf(brief).filter((person) => ageOf(person) !== 'infant')
    const least = Math.min(...peers().map((peer) => assignBerths(peer, sleepers).without.length))
    const left =
      asked.length > 0 || least === 0 || sleepers.length === 0 || peers()[0]?.modeId !== scene.modeId
        ? []
        : [{ measured: sleepers.length - least, needed: sleepers.length }]
    return [...asked, ...left].map(({ measured, needed }) => ({
      code: 'berths-few' as const,
      fittings: [],
      place: middleOf(scene),
      measured,
      needed,
      unit: 'count' as const,
      facts: {},
    }))
  },
  remedies: (input) => placeFor(input, 'berth'),
})
