import { movedAlong, setSeat } from '../ways-out'
import { isDoor } from '../../shell'
import { spansOverlap } from '../../geometry'
import { defineRule, practice } from '../define-rule'
import type { Draft } from '../finding'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'awning-away': { readonly side: 'left' | 'right'; readonly doors: number }
  }
}

/** One steps out under the awning: it hangs over a side door. */
export const awningDoor = defineRule({
  id: 'awning-door',
  group: 'outside',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'awning-away': 'note' },
  basis: practice('an awning hangs over a door, on the side away from the hook-up'),
  parameters: {},
  check: ({ scene }) =>
    scene.placed.flatMap((placed): Draft<'awning-away'>[] => {
      if (placed.facts.shields !== 'sun') return []
      const side = placed.placement.at[1] > 0 ? ('left' as const) : ('right' as const)
      const doors = scene.interior.shell.openings.filter((one) => one.side === side && isDoor(one))
      const gaps = doors.map(({ fromMm, toMm }) =>
        spansOverlap(placed.bounds.x, { min: fromMm, max: toMm })
          ? 0
          : Math.max(fromMm - placed.bounds.x.max, placed.bounds.x.min - toMm),
      )
      const common = { code: 'awning-away' as const, fittings: [placed.id], place: topOf(placed) }
      if (gaps.length === 0)
        return [{ ...common, measured: 0, needed: 1, unit: 'count' as const, facts: { side, doors: 0 } }]
      const nearest = Math.min(...gaps)
      if (nearest <= 0) return []
      return [
        {
          ...common,
          measured: Math.round(nearest),
          needed: 0,
          unit: 'mm' as const,
          facts: { side, doors: gaps.length },
        },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    if (placed === undefined) return []
    const { across } = placed.seat
    const other = across.from === 'left-wall' ? ('right-wall' as const) : ('left-wall' as const)
    return [
      ...movedAlong(input, finding.fittings, finding.measured),
      {
        code: 'other-wall',
        fittingId: placed.id,
        amount: 0,
        commands: [setSeat(input, placed.id, { ...placed.seat, across: { ...across, from: other } })],
      },
    ]
  },
})
