import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'
import { setParameters } from '../ways-out'

/** A light by a door has a switch: one that only the door works wakes everyone. */
export const lightDoor = defineRule({
  id: 'light-door',
  group: 'air',
  modes: ['living'],
  gravity: { 'light-on': 'note' },
  basis: practice('a light that comes on with a door can be put out at night'),
  parameters: {},
  check: ({ scene }) =>
    scene.placed.flatMap((placed) => {
      const { place, switched } = placed.fitting.parameters
      if (placed.kind.id !== 'light' || place !== 'door' || switched === true) return []
      return [
        {
          code: 'light-on' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured: 0,
          needed: 1,
          unit: 'count' as const,
          facts: {},
        },
      ]
    }),
  remedies: (input, finding) => [
    {
      code: 'set-parameter',
      fittingId: finding.fittings[0]!,
      amount: 0,
      parameter: { key: 'switched', value: true },
      commands: [setParameters(input, finding.fittings[0]!, { switched: true })],
    },
  ],
})
