import { defineRule, practice } from '../define-rule'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'rail-in-lining': Record<never, never>
  }
}

/** A grab rail is bolted into framing: in the lining alone it comes off in the hand. */
export const railHeld = defineRule({
  id: 'rail-held',
  group: 'people',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'rail-in-lining': 'stop' },
  basis: practice(
    'grab bars are bolted into framing, not lining; published: 1112 N, 2010 ADA Standards § 609.8 (from memory)',
  ),
  parameters: {},
  check: ({ scene }) =>
    scene.placed.flatMap((placed) => {
      if (placed.facts.grip !== 'lining') return []
      return [
        {
          code: 'rail-in-lining' as const,
          fittings: [placed.id],
          place: placed.placement.at,
          measured: 0,
          needed: 1112,
          unit: 'N' as const,
          facts: {},
        },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    return placed === undefined ? [] : setHandle(input, placed, 'into-framing', 'fixed-to', 'framing', 0)
  },
})
