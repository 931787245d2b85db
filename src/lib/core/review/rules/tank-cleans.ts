import { sleepersOf } from '../../brief'
import { freshTanks } from '../../budgets'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'tank-uncleaned': Record<never, never>
  }
}

/** Whoever drinks from a tank can get a hand into it to clean it, or a filter stands in the line. */
export const tankCleans = defineRule({
  id: 'tank-cleans',
  group: 'service',
  modes: ['living'],
  reads: ['scene', 'brief'],
  gravity: { 'tank-uncleaned': 'note' },
  basis: practice(
    'drinking water comes from a tank that is wiped out twice a year, or through a filter that is changed',
  ),
  parameters: {},
  check: ({ scene, brief }) => {
    if (sleepersOf(brief).length === 0 || scene.placed.some(({ facts }) => facts.plumbs === 'filter')) return []
    const tanks = freshTanks(scene.placed)
    const isKept = tanks.some(({ isDrinking }) => isDrinking)
    return tanks.flatMap(({ id, isDrinking, isCleaned }) => {
      const placed = scene.placed.find((one) => one.id === id)
      return isCleaned || placed === undefined || (isKept && !isDrinking)
        ? []
        : [
            {
              code: 'tank-uncleaned' as const,
              fittings: [id],
              place: topOf(placed),
              measured: 0,
              needed: 1,
              unit: 'count' as const,
              facts: {},
            },
          ]
    })
  },
})
