import { polygonSpan } from '../../geometry'
import { thermalOf } from '../../climate'
import { berthsOf, placedIn } from '../../scene'
import { wallsAt } from '../../shell'
import { defineRule, practice, published } from '../define-rule'
import { footOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'berth-cold': { readonly gapMm: number }
  }
}

/** A mattress against a wall that keeps no warmth gets wet where it touches. */
export const berthWarm = defineRule({
  id: 'berth-warm',
  group: 'air',
  modes: ['sleeping'],
  reads: ['scene', 'plan'],
  gravity: { 'berth-cold': 'note' },
  basis: published('U-value of the wall by EN ISO 6946; what a wall needs: trade practice, no published source'),
  parameters: {
    mostU: {
      default: 1.5,
      min: 0.2,
      max: 6,
      unit: 'W/m²K',
      basis: practice('a wall that is warmer stays dry in a usual winter night'),
    },
    touchMm: { default: 40, min: 0, max: 200, unit: 'mm', basis: practice('air that moves behind a mattress') },
  },
  needs: ({ plan }) => (plan.lining.layers?.wall === undefined ? [{ what: 'wall-layers' }] : []),
  check: ({ scene, plan, parameters }) => {
    const layers = plan.lining.layers?.wall
    if (layers === undefined) return []
    const { uValue } = thermalOf('wall', layers)
    if (uValue <= parameters.mostU) return []
    return berthsOf(scene).flatMap((berth) => {
      const placed = placedIn(scene, berth.fittingId)
      const [x, y] = [polygonSpan(berth.lying.area, 0), polygonSpan(berth.lying.area, 1)]
      const walls = wallsAt(scene.interior, (x.min + x.max) / 2, placed.placement.at[2] + berth.lying.zMm)
      const gap = walls === undefined ? Infinity : Math.min(walls.max - y.max, y.min - walls.min)
      if (gap > parameters.touchMm) return []
      return [
        {
          code: 'berth-cold' as const,
          fittings: [placed.id],
          place: footOf(placed, berth.lying.zMm),
          measured: Math.round(uValue * 100) / 100,
          needed: parameters.mostU,
          unit: 'W/m²K' as const,
          facts: { gapMm: Math.max(0, Math.round(gap)) },
        },
      ]
    })
  },
})
