import { nth } from '../../units'
import { sleeping } from '../../scene'
import { byFitting, comfort, defineRule, practice } from '../define-rule'
import { needsSleepers } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'head-by-feet': { readonly sleeper: string; readonly other: string }
  }
}

/** No one’s head lies by another one’s feet. */
export const headsApart = defineRule({
  id: 'heads-apart',
  group: 'people',
  modes: ['sleeping'],
  reads: ['scene', 'brief'],
  gravity: { 'head-by-feet': 'note' },
  basis: practice('head next to head, or an arm’s length between head and feet'),
  tolerance: comfort(),
  parameters: {
    apartMm: { default: 450, min: 100, max: 1500, unit: 'mm', basis: practice('from middle to middle') },
  },
  needs: needsSleepers,
  key: byFitting(({ facts }) => `${facts.sleeper} ${facts.other}`),
  check: ({ scene, brief, parameters }) => {
    const all = sleeping(scene, brief)
    return all.flatMap((one) =>
      all.flatMap((other) => {
        if (one === other) return []
        const away = Math.hypot(...one.head.map((value, axis) => value - nth(other.feet, axis)))
        if (away >= parameters.apartMm) return []
        return [
          {
            code: 'head-by-feet' as const,
            fittings: [one.fittingId, other.fittingId],
            place: one.head,
            measured: Math.round(away),
            needed: parameters.apartMm,
            unit: 'mm' as const,
            facts: { sleeper: one.person.label, other: other.person.label },
          },
        ]
      }),
    )
  },
})
