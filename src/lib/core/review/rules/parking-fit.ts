import { floorOverGround, outerHeight } from '../../scene'
import { defineRule, plainGeometry } from '../define-rule'
import { topOf } from '../middle'
import { needsOuterSize } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'parking-high': { readonly floorMm: number; readonly outerMm: number }
  }
}

/** The vehicle, as delivered, changed and laden on its roof, goes under the client’s lowest bar. */
export const parkingFit = defineRule({
  id: 'parking-fit',
  group: 'outside',
  modes: ['driving'],
  gravity: { 'parking-high': 'stop' },
  basis: plainGeometry('height of the vehicle, and of what stands on its roof, over the ground'),
  parameters: {},
  needs: (input) => (input.brief.use?.parkingHeightMm === undefined ? [] : needsOuterSize(input)),
  check: ({ scene, brief }) => {
    const limit = brief.use?.parkingHeightMm
    const { outer } = scene.interior.shell
    if (limit === undefined || outer === undefined) return []
    const { interior } = scene
    const floorMm = floorOverGround(interior)
    const bodyMm = outerHeight(interior)
    if (floorMm === undefined || bodyMm === undefined) return []
    const highest = scene.placed.reduce<(typeof scene.placed)[number] | undefined>(
      (most, one) => (one.bounds.z.max > (most?.bounds.z.max ?? -Infinity) ? one : most),
      undefined,
    )
    const top = highest === undefined ? 0 : floorMm + highest.bounds.z.max
    const onTop = highest !== undefined && top > bodyMm ? highest : undefined
    const measured = Math.max(top, bodyMm)
    if (measured <= limit) return []
    const { min, max } = interior.xSpan
    return [
      {
        code: 'parking-high' as const,
        fittings: onTop === undefined ? [] : [onTop.id],
        place: onTop === undefined ? ([(min + max) / 2, 0, bodyMm - floorMm] as const) : topOf(onTop),
        measured: Math.round(measured),
        needed: limit,
        unit: 'mm' as const,
        facts: { floorMm: Math.round(floorMm), outerMm: Math.round(onTop === undefined ? outer.heightMm : bodyMm) },
      },
    ]
  },
})
