import { NEED_TABLE } from '../../needs'
import { demandsOf, type Need } from '../../brief'
import { byFitting, defineRule, plainGeometry } from '../define-rule'
import { middleOf } from '../middle'
import { placeFor } from '../place-remedy'
import { turnSeats } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'service-missing': {
      readonly demandId: string
      readonly need: Need
      readonly must: boolean
      readonly small: readonly string[]
    }
  }
}

/** What the client must have is in the plan, of the size that they asked for. Wishes are left to the demands column. */
export const servicePresent = defineRule({
  id: 'service-present',
  group: 'use',
  modes: 'every',
  reads: ['scene', 'needs'],
  gravity: { 'service-missing': 'caution' },
  basis: plainGeometry('what the fittings offer counted against the musts of the brief'),
  parameters: {},
  key: byFitting(({ facts }) => facts.demandId),
  check: ({ scene, needs }) =>
    needs().flatMap((one) => {
      const { demand, needed, offered, unit, state, modeId, ifAllStood, wouldDo, tooSmall } = one
      const isOurs = NEED_TABLE[demand.need].toldBy === 'service-present' && demand.must
      // what cannot stand where it is has a finding of its own
      if (!isOurs || state === 'met' || modeId !== scene.modeId || wouldDo) return []
      return [
        {
          code: 'service-missing' as const,
          fittings: [],
          place: middleOf(scene),
          // of what is there and cannot stand, that is told as itself
          measured: Math.max(offered, ifAllStood),
          needed,
          unit,
          facts: { demandId: demand.id, need: demand.need, must: demand.must, small: tooSmall },
        },
      ]
    }),
  remedies: (input, { facts: { demandId, need } }) => [
    ...(need === 'seat' ? turnSeats(input) : []),
    ...placeFor(
      input,
      need,
      demandsOf(input.brief).find(({ id }) => id === demandId),
    ),
  ],
})
