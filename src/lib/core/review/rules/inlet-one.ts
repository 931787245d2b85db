import { placedThat } from '../nearest'
import { takenOut } from '../ways-out'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'inlets-live': Record<never, never>
  }
}

/** Mains comes in at one place only: a second plug would be live at its pins. */
export const inletOne = defineRule({
  id: 'inlet-one',
  group: 'safety',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'inlets-live': 'stop' },
  basis: practice('one mains inlet, or the pins of the other are live; work for a licensed electrician'),
  parameters: {},
  check: ({ scene }) => {
    const inlets = placedThat(scene, ({ inlet }) => inlet === 'mains')
    const [, second] = inlets
    if (second === undefined) return []
    return [
      {
        code: 'inlets-live' as const,
        fittings: inlets.map(({ id }) => id),
        place: topOf(second),
        measured: inlets.length,
        needed: 1,
        unit: 'count' as const,
        facts: {},
      },
    ]
  },
  remedies: (input, { fittings }) => takenOut(input, fittings),
})
