import { sleepersOf } from '../../brief'
import { middleOf } from '../middle'
import { defineRule, practice } from '../define-rule'
import { needsSleepers } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'bed-wakes': { readonly fromMode: string; readonly by: readonly string[] }
  }
}

/** Of several people one can go to bed while another still sits: making it makes no one get up from where they would sleep or stay. */
export const bedAlone = defineRule({
  id: 'bed-alone',
  group: 'use',
  modes: ['sleeping'],
  reads: ['scene', 'brief', 'change'],
  gravity: { 'bed-wakes': 'note' },
  basis: practice('a bed can be made while another sits or sleeps'),
  parameters: {},
  needs: needsSleepers,
  check: ({ scene, brief, change }) => {
    const made = change()
    if (made === undefined || made.resting.length < 2 || sleepersOf(brief).length < 2) return []
    // every place to rest is cleared by the same change: no one can stay
    const cleared = made.resting.filter(({ disturbedBy }) => disturbedBy.length > 0)
    if (cleared.length < made.resting.length) return []
    return [
      {
        code: 'bed-wakes' as const,
        fittings: [...new Set(cleared.flatMap(({ on }) => on ?? []))],
        place: middleOf(scene),
        measured: cleared.length,
        needed: made.resting.length - 1,
        unit: 'count' as const,
        facts: { fromMode: made.from, by: [...new Set(cleared.flatMap(({ disturbedBy }) => disturbedBy))] },
      },
    ]
  },
})
