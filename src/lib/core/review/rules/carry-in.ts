import { mayBeCut } from '../../fittings'
import { spanLength } from '../../geometry'
import type { Placed } from '../../scene'
import { longestByDoor } from '../by-door'
import { defineRule, plainGeometry } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'carry-stuck': { readonly wideMm: number; readonly thickMm: number }
  }
}

/** The sides of the biggest part that comes in whole, longest first; undefined where there is none. */
function biggest(placed: Placed): readonly [number, number, number] | undefined {
  // boards and cloth are carried in one by one; what comes whole has its own size
  if (placed.facts.carriedIn !== 'whole') return undefined
  const parts = placed.inner.filter(({ fit }) => fit === 'rigid' || fit === 'notched')
  if (parts.length === 0) return undefined
  const { x, y, z } = placed.bounds
  const sides = [spanLength(x), spanLength(y), spanLength(z)].sort((a, b) => b - a)
  return sides as [number, number, number]
}

/** Whatever comes whole can be carried in through a door and turned there. */
export const carryIn = defineRule({
  id: 'carry-in',
  group: 'fit',
  modes: ['driving'],
  reads: ['scene'],
  gravity: { 'carry-stuck': 'caution' },
  basis: plainGeometry(
    'the longest piece of that thickness that goes in through a door, pushed straight and turned once',
  ),
  parameters: {},
  check: ({ scene }) =>
    scene.placed.flatMap((placed) => {
      const sides = biggest(placed)
      if (sides === undefined) return []
      const [long, wide, thick] = sides
      const least = Math.floor(long)
      const measured = longestByDoor(scene.interior, Math.round(wide), Math.round(thick), least)
      if (measured >= least) return []
      return [
        {
          code: 'carry-stuck' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured: Math.round(measured),
          needed: Math.round(long),
          unit: 'mm' as const,
          facts: { wideMm: Math.round(wide), thickMm: Math.round(thick) },
        },
      ]
    }),
  // what is built on the spot comes in board by board
  remedies: (input, finding) => {
    const placed = input.first(finding)
    return placed === undefined || !mayBeCut(placed.fitting)
      ? []
      : [
          {
            code: 'cut-to-wall',
            fittingId: placed.id,
            amount: 0,
            commands: [{ type: 'fitting.cut', variant: input.variantId, id: placed.id, cut: true }],
          },
        ]
  },
})
