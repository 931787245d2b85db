import { type Blocker, leaningBack, reclineFreedom } from '../../scene'
import { byItself, comfort, defineRule, plainGeometry } from '../define-rule'
import { shiftsClearOf } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'recline-blocked': { readonly seatId: string; readonly seat: string; readonly blockers: readonly Blocker[] }
  }
}

/** A cab seat that faces forward leans back as far as it can by itself. */
export const reclineFree = defineRule({
  id: 'recline-free',
  group: 'use',
  modes: 'every',
  reads: ['scene'],
  gravity: { 'recline-blocked': 'note' },
  basis: plainGeometry('the backrest leaned back in steps of 2.5° about its foot'),
  tolerance: comfort(),
  parameters: {},
  key: byItself(({ facts }) => facts.seatId),
  check: ({ scene }) =>
    scene.interior.shell.cabSeats
      .filter(({ id }) => !scene.turned.includes(id))
      .flatMap((seat) => {
        const { freeDeg, blockers } = reclineFreedom(scene, seat)
        if (freeDeg >= seat.reclineDeg) return []
        return [
          {
            code: 'recline-blocked' as const,
            fittings: blockers.flatMap((blocker) => (blocker.kind === 'fitting' ? [blocker.id] : [])),
            place: [seat.xMm - seat.depthMm / 2, seat.yMm, seat.cushionMm] as const,
            measured: freeDeg,
            needed: seat.reclineDeg,
            unit: 'deg' as const,
            facts: { seatId: seat.id, seat: seat.label, blockers },
          },
        ]
      }),
  remedies: (input, finding) => {
    const seat = input.scene.interior.shell.cabSeats.find(({ id }) => id === finding.facts.seatId)
    if (seat === undefined || reclineFreedom({ ...input.scene, placed: [] }, seat).freeDeg < seat.reclineDeg) return []
    return finding.fittings.flatMap((id) => {
      const placed = input.find(id)
      const solids = placed?.solids.map(({ prism }) => prism) ?? []
      return placed === undefined ? [] : shiftsClearOf(input, placed, solids, [leaningBack(seat, seat.reclineDeg)])
    })
  },
})
