import { movedAlong } from '../ways-out'
import { boxOf, sharedLength } from '../../geometry'
import { givesAir, jambs } from '../../shell'
import { byFitting, comfort, defineRule, practice } from '../define-rule'

declare module '../finding' {
  interface FactsByCode {
    'window-covered': { readonly openingId: string }
  }
}

/** A window that opens is not stood in front of: it gives no air and is not reached. */
export const windowFree = defineRule({
  id: 'window-free',
  group: 'air',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'window-covered': 'note' },
  basis: practice('a window that opens is reached and lets air by'),
  tolerance: comfort(),
  parameters: {
    enough: { default: 0.5, min: 0.1, max: 1, unit: 'share', basis: practice('half of its pane') },
    beforeMm: { default: 150, min: 50, max: 400, unit: 'mm', basis: practice('room before it for a hand and for air') },
  },
  key: byFitting(({ facts }) => facts.openingId),
  check: ({ scene, parameters }) =>
    scene.interior.shell.openings.flatMap((opening) => {
      // an emergency exit has a rule of its own
      if (!givesAir(opening) || opening.need === 'emergency' || opening.side === 'roof' || opening.side === 'rear')
        return []
      const [[, y0], [, y1]] = jambs(scene.interior, opening)
      const wall = (y0 + y1) / 2
      const inward = opening.side === 'left' ? -1 : 1
      const before = boxOf(
        [opening.fromMm, Math.min(wall, wall + inward * parameters.beforeMm), opening.sillMm],
        [opening.toMm, Math.max(wall, wall + inward * parameters.beforeMm), opening.headMm],
      )
      const pane = (opening.toMm - opening.fromMm) * (opening.headMm - opening.sillMm)
      // what stands side by side may overlap in no more than a hair: the sum is what is covered
      // out of a window by a bed one looks lying down, and opens it from there
      const covering = scene.placed
        .filter(({ services }) => !services.some(({ type }) => type === 'berth'))
        .map((placed) => ({
          id: placed.id,
          area:
            sharedLength(placed.bounds.y, before.y) > 0 && placed.inner.length > 0
              ? Math.max(0, sharedLength(placed.bounds.x, before.x)) *
                Math.max(0, sharedLength(placed.bounds.z, before.z))
              : 0,
        }))
        .filter(({ area }) => area > 0)
        .sort((a, b) => b.area - a.area)
      const free = Math.max(0, 1 - covering.reduce((sum, { area }) => sum + area, 0) / pane)
      if (free >= parameters.enough || covering.length === 0) return []
      return [
        {
          code: 'window-covered' as const,
          fittings: covering.map(({ id }) => id),
          place: [(opening.fromMm + opening.toMm) / 2, wall, (opening.sillMm + opening.headMm) / 2] as const,
          measured: Math.round(free * 100),
          needed: Math.round(parameters.enough * 100),
          unit: '%' as const,
          facts: { openingId: opening.id },
        },
      ]
    }),
  remedies: (input, finding) => movedAlong(input, finding.fittings, 200),
})
