import { movedAlong } from '../ways-out'
import { isDoor } from '../../shell'
import { comfort, defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'hook-up-at-door': { readonly openingId: string }
  }
}

/** The cable does not lie where one steps in and out. */
export const hookUpSide = defineRule({
  id: 'hook-up-side',
  group: 'outside',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'hook-up-at-door': 'note' },
  basis: practice('the mains inlet is clear of the entrance, or the cable lies in the way'),
  tolerance: comfort(),
  parameters: {
    awayMm: { default: 400, min: 100, max: 2000, unit: 'mm', basis: practice('half a step beside the door') },
  },
  check: ({ scene, parameters }) =>
    scene.placed.flatMap((placed) => {
      if (placed.facts.inlet !== 'mains') return []
      const side = (placed.bounds.y.min + placed.bounds.y.max) / 2 > 0 ? 'left' : 'right'
      const gaps = scene.interior.shell.openings
        .filter((opening) => opening.entrance && isDoor(opening) && opening.side === side)
        .map(({ id, fromMm, toMm }) => ({
          id,
          mm: Math.max(0, fromMm - placed.bounds.x.max, placed.bounds.x.min - toMm),
        }))
        .sort((a, b) => a.mm - b.mm)
      const [nearest] = gaps
      if (nearest === undefined || nearest.mm >= parameters.awayMm) return []
      return [
        {
          code: 'hook-up-at-door' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured: Math.round(nearest.mm),
          needed: parameters.awayMm,
          unit: 'mm' as const,
          facts: { openingId: nearest.id },
        },
      ]
    }),
  remedies: (input, finding) => movedAlong(input, finding.fittings, finding.needed - finding.measured),
})
