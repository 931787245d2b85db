import { movedAlong } from '../ways-out'
import { boxGap, boxOf, pointBox, type Box } from '../../geometry'
import { defineRule, practice } from '../define-rule'
import { footOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'belt-unfounded': Record<never, never>
  }
}

/** A belted seat stands on structure: seat rails or the maker’s points in the floor. */
export const beltFloor = defineRule({
  id: 'belt-floor',
  group: 'travel',
  modes: ['driving'],
  reads: ['scene'],
  gravity: { 'belt-unfounded': 'caution' },
  basis: practice(
    'a belt pulls with tonnes: its seat stands over seat rails or floor framing; approved seat, licensed fitter',
  ),
  parameters: {
    nearMm: { default: 200, min: 0, max: 600, unit: 'mm', basis: practice('what a plate under the floor bridges') },
  },
  needs: ({ scene }) => {
    const { rails, fixings } = scene.interior.shell
    const belted = scene.placed.some(({ services }) => services.some(({ type }) => type === 'belt'))
    return belted && rails.every(({ on }) => on !== 'floor') && fixings.length === 0
      ? [{ what: 'floor-structure' }]
      : []
  },
  check: ({ scene, parameters }) => {
    const { rails, fixings } = scene.interior.shell
    const structure: readonly Box[] = [
      ...rails
        .filter(({ on }) => on === 'floor')
        .map(({ fromMm, toMm, yMm }) => boxOf([fromMm, yMm, 0], [toMm, yMm, 0])),
      ...fixings.map(({ at: [x, y] }) => pointBox([x, y, 0])),
    ]
    if (structure.length === 0) return []
    return scene.placed.flatMap((placed) => {
      if (!placed.services.some(({ type }) => type === 'belt')) return []
      const foot: Box = { ...placed.bounds, z: { min: 0, max: 0 } }
      const away = Math.min(...structure.map((one) => boxGap(one, foot)))
      if (away <= parameters.nearMm) return []
      return [
        {
          code: 'belt-unfounded' as const,
          fittings: [placed.id],
          place: footOf(placed, 0),
          measured: Math.round(away),
          needed: parameters.nearMm,
          unit: 'mm' as const,
          facts: {},
        },
      ]
    })
  },
  remedies: (input, finding) => movedAlong(input, finding.fittings, 200),
})
