import { answer } from '../../brief'
import { defineRule, practice } from '../define-rule'
import { middleOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'stealth-seen': { readonly changes: number }
  }
}

/** Who wants to stand unseen counts what shows from outside. */
export const stealthSeen = defineRule({
  id: 'stealth-seen',
  group: 'outside',
  modes: ['sleeping'],
  gravity: { 'stealth-seen': 'note' },
  basis: practice('no visible hatches, one colour, blanked windows'),
  parameters: {
    mostMarks: { default: 0, min: 0, max: 20, unit: 'count', basis: practice('as few as can be') },
  },
  check: ({ scene, plan, brief, parameters }) => {
    if (!answer(brief, 'stealth')) return []
    const roof = scene.placed.filter(({ solids }) => solids.some(({ fit }) => fit === 'outside'))
    const changes = Object.keys(plan.changes).length
    const marks = roof.length + changes
    if (marks <= parameters.mostMarks) return []
    return [
      {
        code: 'stealth-seen' as const,
        fittings: roof.map(({ id }) => id),
        place: middleOf(scene),
        measured: marks,
        needed: parameters.mostMarks,
        unit: 'count' as const,
        facts: { changes },
      },
    ]
  },
})
