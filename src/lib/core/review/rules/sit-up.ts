import { figureOf } from '../../fittings'
import { measureOf } from '../../brief'
import { bodyMm, BODY_SOURCE } from '../../people'
import { type Blocker, overHead, sitUpRoom, sleeping } from '../../scene'
import { comfort, defineRule, practice, published } from '../define-rule'
import { needsSleepers } from '../needs'
import { setHandle, shift } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'sit-up-low': {
      readonly sleeper: string
      readonly statureMm: number
      readonly sittingMm: number
      readonly spareMm: number
      readonly pressedMm: number
      readonly end: 'head' | 'foot'
      readonly blockers: readonly Blocker[]
    }
  }
}

/** Who lies in a berth can sit up in it, at its head or its foot: sitting height over the mattress as it gives. */
export const sitUp = defineRule({
  id: 'sit-up',
  group: 'people',
  modes: ['sleeping'],
  reads: ['scene', 'brief'],
  gravity: { 'sit-up-low': 'note' },
  basis: published(`sitting height 0.520 of one’s height, ${BODY_SOURCE} (from memory)`),
  tolerance: comfort(),
  parameters: {
    spareMm: { default: 50, min: 0, max: 200, unit: 'mm', basis: practice('hair, a pillow, and a head that nods') },
    pressedMm: { default: 40, min: 0, max: 100, unit: 'mm', basis: practice('a foam mattress gives under a sitter') },
  },
  needs: needsSleepers,
  check: ({ scene, brief, parameters: { spareMm, pressedMm } }) =>
    sleeping(scene, brief).flatMap((one) => {
      const { person, fittingId } = one
      const sittingMm = measureOf(brief, person, 'sittingHeight')
      const neededMm = Math.round(sittingMm + spareMm - pressedMm)
      const shoulderMm = sittingMm - (person.statureMm - bodyMm(person.statureMm, 'shoulder')) - pressedMm
      const breadthMm = measureOf(brief, person, 'shoulderBreadth')
      const room = sitUpRoom(scene, one, { neededMm, shoulderMm, breadthMm })
      if (room.freeMm >= neededMm) return []
      return [
        {
          code: 'sit-up-low' as const,
          fittings: [fittingId],
          place: overHead(room, one),
          measured: room.freeMm,
          needed: neededMm,
          unit: 'mm' as const,
          facts: {
            sleeper: person.label,
            statureMm: person.statureMm,
            sittingMm: Math.round(sittingMm),
            spareMm,
            pressedMm,
            end: room.end,
            blockers: room.blockers,
          },
        },
      ]
    }),
  remedies: (input, finding) => {
    const bed = input.first(finding)
    const short = finding.needed - finding.measured
    const platformMm = bed === undefined ? undefined : figureOf(bed.fitting, 'platform')
    return [
      ...(bed === undefined || platformMm === undefined
        ? []
        : setHandle(input, bed, 'lower-platform', 'platform', Math.floor(platformMm - short), Math.ceil(short))),
      ...finding.facts.blockers.flatMap((blocker) => {
        const placed = blocker.kind === 'fitting' ? input.find(blocker.id) : undefined
        return placed === undefined
          ? []
          : [
              ...shift(input, placed, 'shift-forward', [1, 0, 0], 600),
              ...shift(input, placed, 'shift-back', [-1, 0, 0], 600),
            ]
      }),
    ]
  },
})
