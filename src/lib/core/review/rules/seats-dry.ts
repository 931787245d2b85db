import { turnSeats } from '../ways-out'
import { demandsOf } from '../../brief'
import { defineRule, practice } from '../define-rule'
import { middleOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'seats-few': Record<never, never>
  }
}

/** When it rains everyone can sit inside, with the doors shut: in one of the modes one lives in. Said where seats are a wish; a must is told as missing. */
export const seatsDry = defineRule({
  id: 'seats-dry',
  group: 'use',
  modes: ['living'],
  reads: ['scene', 'brief', 'needs'],
  gravity: { 'seats-few': 'note' },
  basis: practice(
    'a wet day is spent sitting: a dry seat for each, on a bench, on a cab seat that is turned round, or on a bed’s edge where the brief allows it',
  ),
  parameters: {},
  needs: ({ brief }) => (demandsOf(brief).some(({ need }) => need === 'seat') ? [] : [{ what: 'seats-asked' }]),
  check: ({ scene, needs }) =>
    needs()
      .filter(
        ({ demand, state, modeId }) =>
          demand.need === 'seat' && !demand.must && state !== 'met' && modeId === scene.modeId,
      )
      .map(({ offered, needed }) => ({
        code: 'seats-few' as const,
        fittings: [],
        place: middleOf(scene),
        measured: offered,
        needed,
        unit: 'count' as const,
        facts: {},
      })),
  remedies: turnSeats,
})
