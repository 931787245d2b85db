import { demandsOf, type Need, type Purpose } from '../../brief'
import type { ServiceType } from '../../fittings'
import { offered, type Scene, seatsOffered } from '../../scene'
import { bestMode } from '../best-mode'
import { byFitting, defineRule, plainGeometry } from '../define-rule'
import { middleOf } from '../middle'
import { placeFor } from '../place-remedy'

declare module '../finding' {
  interface FactsByCode {
    'service-missing': { readonly demandId: string; readonly need: Need; readonly must: boolean }
  }
}

/** The needs that are met by a service being there at all, and when it must be; the others have rules of their own. */
const SERVED_BY: Partial<Record<Need, readonly [ServiceType, Purpose]>> = {
  toilet: ['toilet', 'living'],
  shower: ['shower', 'living'],
  hob: ['hob', 'living'],
  'cold-box': ['cold-box', 'living'],
  desk: ['desk', 'living'],
  water: ['tank', 'living'],
  seat: ['seat', 'living'],
  basin: ['basin', 'living'],
  cot: ['cot', 'sleeping'],
  bedside: ['bedside', 'sleeping'],
  heater: ['heater', 'sleeping'],
  'pet-place': ['pet-place', 'driving'],
  'wheelchair-place': ['wheelchair-place', 'driving'],
}

/** What the client must have is in the plan. Wishes are left to the demands column. */
export const servicePresent = defineRule({
  id: 'service-present',
  group: 'use',
  modes: 'every',
  gravity: { 'service-missing': 'caution' },
  basis: plainGeometry('what the fittings offer counted against the musts of the brief'),
  parameters: {},
  key: byFitting(({ facts }) => facts.demandId),
  check: ({ scene, peers, brief }) =>
    demandsOf(brief).flatMap((demand) => {
      const [type, purpose] = SERVED_BY[demand.need] ?? []
      if (type === undefined || purpose !== scene.purpose || !demand.must) return []
      const litres = demand.unit === 'litres'
      const there = (one: Scene): number => (type === 'seat' ? seatsOffered(one) : offered(one, type))
      // on the road everything must be there in each mode
      const { measured: most, here } = bestMode(scene, purpose === 'driving' ? [scene] : peers(), there)
      const measured = litres || type !== 'cold-box' ? most : Number(most > 0)
      if (measured >= demand.quantity || !here) return []
      return [
        {
          code: 'service-missing' as const,
          fittings: [],
          place: middleOf(scene),
          measured,
          needed: demand.quantity,
          unit: demand.unit,
          facts: { demandId: demand.id, need: demand.need, must: demand.must },
        },
      ]
    }),
  remedies: (input, finding) => placeFor(input, finding.facts.need),
})
