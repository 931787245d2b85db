import { shiftsClearOf } from '../ways-out'
import { type Blocker, swivelAxis, swivelFreedom } from '../../scene'
import { byItself, defineRule, plainGeometry } from '../define-rule'

declare module '../finding' {
  interface FactsByCode {
    'swivel-blocked': { readonly seatId: string; readonly seat: string; readonly blockers: readonly Blocker[] }
  }
}

const HALF_TURN_DEG = 180

/** A cab seat that a mode turns round can turn, right round, one way or the other. */
export const swivelFree = defineRule({
  id: 'swivel-free',
  group: 'use',
  modes: 'every',
  reads: ['scene'],
  gravity: { 'swivel-blocked': 'stop' },
  basis: plainGeometry('the seat turned in steps of 7.5° about its own axis, its backrest upright, both ways round'),
  parameters: {},
  key: byItself(({ facts }) => facts.seatId),
  check: ({ scene }) =>
    scene.interior.shell.cabSeats
      .filter(({ id }) => scene.turned.includes(id))
      .flatMap((seat) => {
        const { freeDeg, blockers } = swivelFreedom(scene, seat)
        const axis = swivelAxis(seat)
        if (axis === undefined || freeDeg >= HALF_TURN_DEG) return []
        return [
          {
            code: 'swivel-blocked' as const,
            fittings: blockers.flatMap((blocker) => (blocker.kind === 'fitting' ? [blocker.id] : [])),
            place: [axis[0], axis[1], seat.cushionMm] as const,
            measured: freeDeg,
            needed: HALF_TURN_DEG,
            unit: 'deg' as const,
            facts: { seatId: seat.id, seat: seat.label, blockers },
          },
        ]
      }),
  remedies: (input, finding) => {
    const seat = input.scene.interior.shell.cabSeats.find(({ id }) => id === finding.facts.seatId)
    if (seat === undefined) return []
    const alone = swivelFreedom({ ...input.scene, placed: [] }, seat)
    if (alone.freeDeg < HALF_TURN_DEG) return []
    return finding.fittings.flatMap((id) => {
      const placed = input.find(id)
      return placed === undefined
        ? []
        : shiftsClearOf(
            input,
            placed,
            placed.solids.map(({ prism }) => prism),
            alone.sweep,
          )
    })
  },
})
