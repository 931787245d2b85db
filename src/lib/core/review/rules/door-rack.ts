import { spanLength } from '../../geometry'
import { doorOf, tapeOf } from '../../scene'
import { defineRule, practice } from '../define-rule'
import type { Draft } from '../finding'
import { topOf } from '../middle'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'rack-hits': { readonly openingId: string }
  }
}

/** What hangs on a sliding door goes out past the pillar with it. */
export const doorRack = defineRule({
  id: 'door-rack',
  group: 'ways',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'rack-hits': 'stop' },
  basis: practice('a sliding door comes out by little more than its own thickness before it runs back'),
  parameters: {
    deepMm: {
      default: 80,
      min: 20,
      max: 200,
      unit: 'mm',
      basis: practice('in from the inner face of the door; measure the door'),
    },
  },
  check: ({ scene, parameters }) =>
    scene.placed.flatMap((placed): Draft<'rack-hits'>[] => {
      const door = doorOf(scene, placed)
      if (door?.opens !== 'sliding' || placed.inner.length === 0) return []
      // from the face that it hangs on, what it stands off with it
      const off = tapeOf(scene, placed).find(({ id }) => id === door.side)?.mm ?? 0
      const measured = Math.round(spanLength(placed.bounds.y) + Math.max(0, off))
      if (measured <= parameters.deepMm) return []
      return [
        {
          code: 'rack-hits',
          fittings: [placed.id],
          place: topOf(placed),
          measured,
          needed: parameters.deepMm,
          unit: 'mm',
          facts: { openingId: door.id },
        },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    return placed === undefined ? [] : setHandle(input, placed, 'set-depth', 'front', finding.needed)
  },
})
