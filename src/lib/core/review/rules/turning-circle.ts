import { demandsOf } from '../../brief'
import { ACCESS_SOURCE } from '../../people'
import { largestCircle } from '../../scene'
import { byFitting, defineRule, published } from '../define-rule'

declare module '../finding' {
  interface FactsByCode {
    'turning-small': { readonly demandId: string }
  }
}

/** A wheelchair can be turned round somewhere on the floor. */
export const turningCircle = defineRule({
  id: 'turning-circle',
  group: 'ways',
  modes: ['living', 'sleeping'],
  reads: ['scene', 'brief', 'ground'],
  gravity: { 'turning-small': 'stop' },
  basis: published(ACCESS_SOURCE),
  parameters: {},
  key: byFitting(({ facts }) => facts.demandId),
  check: ({ scene, brief, ground }) =>
    demandsOf(brief)
      .filter(({ need }) => need === 'turning-circle')
      .flatMap(({ id, leadingMm }) => {
        const { mm, at } = largestCircle(scene, ground())
        if (mm >= leadingMm) return []
        return [
          {
            code: 'turning-small' as const,
            fittings: [],
            place: [at[0], at[1], 300] as const,
            measured: mm,
            needed: leadingMm,
            unit: 'mm' as const,
            facts: { demandId: id },
          },
        ]
      }),
})
