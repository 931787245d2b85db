import { demandsOf, type Need } from '../../brief'
import type { ServiceType } from '../../fittings'
import { offered, seatsOffered } from '../../scene'
import { defineRule, plainGeometry } from '../define-rule'
import { middleOf } from '../middle'
import { placeFor } from '../place-remedy'

/** The needs that are met by a service being there at all; the others have rules of their own. */
const SERVED_BY: Partial<Record<Need, ServiceType>> = {
  toilet: 'toilet',
  shower: 'shower',
  hob: 'hob',
  'cold-box': 'cold-box',
  desk: 'desk',
  water: 'tank',
  seat: 'seat',
  basin: 'basin',
}

/** What the client must have is in the plan. Wishes are left to the demands column. */
export const servicePresent = defineRule({
  id: 'service-present',
  group: 'use',
  modes: ['living'],
  gravity: { 'service-missing': 'caution' },
  basis: plainGeometry('what the fittings offer counted against the musts of the brief'),
  parameters: {},
  check: ({ scene, brief }) =>
    demandsOf(brief).flatMap((demand) => {
      const type = SERVED_BY[demand.need]
      if (type === undefined || !demand.must) return []
      const litres = demand.unit === 'litres'
      const there = type === 'seat' ? seatsOffered(scene) : offered(scene, type)
      const measured = litres || type !== 'cold-box' ? there : Number(there > 0)
      if (measured >= demand.quantity) return []
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
