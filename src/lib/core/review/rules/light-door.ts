import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'light-on': Record<never, never>
  }
}

/** A light by a door has a switch: one that only the door works wakes everyone. */
export const lightDoor = defineRule({
  id: 'light-door',
  group: 'air',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'light-on': 'note' },
  basis: practice('a light that comes on with a door can be switched off at night'),
  parameters: {},
  check: ({ scene }) =>
    scene.placed.flatMap((placed) => {
      const { light } = placed.facts
      if (light?.lights !== 'door' || light.isSwitched) return []
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
  remedies: (input, finding) => {
    const placed = input.first(finding)
    return placed === undefined ? [] : setHandle(input, placed, 'set-parameter', 'switch', true, 0)
  },
})
