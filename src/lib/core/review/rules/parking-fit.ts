import { outerRoof } from '../../scene'
import { defineRule, plainGeometry } from '../define-rule'
import { topOf } from '../middle'
import { needsOuterSize } from '../needs'

/** What stands on the roof goes under the client’s lowest bar. */
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
    const floorMm = outer.heightMm - outerRoof(scene.interior)
    const highest = scene.placed.reduce<(typeof scene.placed)[number] | undefined>(
      (most, one) => (one.bounds.z.max > (most?.bounds.z.max ?? -Infinity) ? one : most),
      undefined,
    )
    const top = highest === undefined ? 0 : floorMm + highest.bounds.z.max
    if (highest === undefined || top <= Math.max(limit, outer.heightMm)) return []
    return [
      {
        code: 'parking-high' as const,
        fittings: [highest.id],
        place: topOf(highest),
        measured: Math.round(top),
        needed: limit,
        unit: 'mm' as const,
        facts: { floorMm: Math.round(floorMm), outerMm: outer.heightMm },
      },
    ]
  },
})
