import { turnedBy } from '../../fittings'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'
import { setSeat } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'belt-sideways': { readonly places: number }
  }
}

/** Belts are worn looking forward or back. */
export const beltFacing = defineRule({
  id: 'belt-facing',
  group: 'travel',
  modes: ['driving'],
  reads: ['scene'],
  gravity: { 'belt-sideways': 'stop' },
  basis: practice(
    'belted seats face forward or to the rear; sideways is not approved for new seats; local codes and a licensed fitter rule',
  ),
  parameters: {
    offDeg: { default: 10, min: 0, max: 45, unit: 'deg', basis: practice('as far as a bracket is set') },
  },
  check: ({ scene, parameters }) =>
    scene.placed.flatMap((placed) => {
      const places = placed.services.flatMap(({ type, places: all }) => (type === 'belt' ? (all ?? []) : []))
      const off = places.map(({ facesDeg }) => {
        const turned = ((facesDeg % 180) + 180) % 180
        return Math.min(turned, 180 - turned)
      })
      const most = Math.max(0, ...off)
      if (most <= parameters.offDeg) return []
      return [
        {
          code: 'belt-sideways' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured: Math.round(most),
          needed: parameters.offDeg,
          unit: 'deg' as const,
          facts: { places: off.filter((deg) => deg > parameters.offDeg).length },
        },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    if (placed === undefined) return []
    return [
      {
        code: 'turn-along',
        fittingId: placed.id,
        amount: 0,
        commands: [setSeat(input, placed.id, turnedBy(placed.seat, 90))],
      },
    ]
  },
})
