import { airOpenings } from '../../scene'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'
import { setParameters } from '../ways-out'

/** What is open at night has a screen against insects, or it stays shut and no air comes. */
export const airScreened = defineRule({
  id: 'air-screened',
  group: 'air',
  modes: ['sleeping'],
  gravity: { 'air-unscreened': 'note' },
  basis: practice('a fan or roof window without a screen is shut on the first night by water'),
  parameters: {},
  check: (input) =>
    airOpenings(input.scene).flatMap(({ id }) => {
      const placed = input.find(id)
      if (placed?.fitting.parameters.screen !== false) return []
      return [
        {
          code: 'air-unscreened' as const,
          fittings: [id],
          place: topOf(placed),
          measured: 0,
          needed: 1,
          unit: 'count' as const,
          facts: {},
        },
      ]
    }),
  remedies: (input, finding) => {
    const [id] = finding.fittings
    return [
      {
        code: 'set-parameter',
        fittingId: id!,
        amount: 1,
        parameter: { key: 'screen', value: true },
        commands: [setParameters(input, id!, { screen: true })],
      },
    ]
  },
})
