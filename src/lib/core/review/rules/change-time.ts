import { defineRule, practice } from '../define-rule'
import { middleOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'change-long': { readonly fromMode: string; readonly moves: number }
  }
}

/** What has to be moved every day is moved in the time that one has patience for. */
export const changeTime = defineRule({
  id: 'change-time',
  group: 'use',
  modes: 'every',
  reads: ['scene', 'change'],
  gravity: { 'change-long': 'note' },
  basis: practice('a bed that takes longer to make is soon left made'),
  parameters: {
    mostMin: { default: 8, min: 1, max: 60, unit: 'min', basis: practice('patience of an evening') },
  },
  check: ({ scene, change, parameters }) => {
    const made = change()
    if (made === undefined || made.minutes <= parameters.mostMin) return []
    return [
      {
        code: 'change-long' as const,
        fittings: made.moves.filter(({ what }) => what !== 'turn-seat').map(({ id }) => id),
        place: middleOf(scene),
        measured: Math.round(made.minutes),
        needed: parameters.mostMin,
        unit: 'min' as const,
        facts: { fromMode: made.from, moves: made.moves.length },
      },
    ]
  },
})
