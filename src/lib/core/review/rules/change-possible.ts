import { movedAlong, takenOut } from '../ways-out'
import { defineRule, plainGeometry } from '../define-rule'

declare module '../finding' {
  interface FactsByCode {
    'change-stuck': { readonly fromMode: string; readonly by: readonly string[] }
  }
}

/** The change from the mode before can be made: nothing that stays put, and no circle of things, bars a move. */
export const changePossible = defineRule({
  id: 'change-possible',
  group: 'use',
  modes: 'every',
  reads: ['scene', 'change'],
  gravity: { 'change-stuck': 'stop' },
  basis: plainGeometry(
    'what each move passes through, held against what stands there before and after every other move',
  ),
  parameters: {},
  check: ({ scene, change }) => {
    const made = change()
    if (made === undefined) return []
    return made.stuck.map(({ id, by }) => {
      const placed = scene.placed.find((one) => one.id === id)
      const place = placed?.placement.at ?? ([scene.interior.xSpan.max, 0, 900] as const)
      return {
        code: 'change-stuck' as const,
        fittings: [...(placed === undefined ? [] : [id]), ...by],
        place,
        measured: by.length,
        needed: 0,
        unit: 'count' as const,
        facts: { fromMode: made.from, by },
      }
    })
  },
  remedies: (input, finding) => [
    ...movedAlong(input, [...finding.facts.by, ...finding.fittings], 100),
    ...takenOut(input, finding.facts.by),
  ],
})
