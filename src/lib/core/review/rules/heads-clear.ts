import { tallestOf } from '../../brief'
import { prismBounds } from '../../geometry'
import { bodyMm } from '../../people'
import { defineRule, practice } from '../define-rule'
import { needsPeople } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'head-bump': { readonly person: string; readonly sittingMm: number; readonly over: string }
  }
}

/** Half a head and a little, from its middle. Common practice, no source. */
const HEAD_MM = 130
/** What hangs lower over a seat than this is its own back or arm. */
const OVER_SEAT_MM = 300

/** Whoever sits down does not hit what hangs over the seat. */
export const headsClear = defineRule({
  id: 'heads-clear',
  group: 'people',
  modes: ['living'],
  gravity: { 'head-bump': 'caution' },
  basis: practice(
    'sitting height of the tallest, 0.520 of stature (Drillis & Contini 1966, from memory), and a little to rise',
  ),
  parameters: {
    spareMm: { default: 40, min: 0, max: 200, unit: 'mm', basis: practice('to sit down and rise without a knock') },
  },
  needs: needsPeople,
  check: ({ scene, brief, parameters }) => {
    const tallest = tallestOf(brief)
    if (tallest === undefined) return []
    const sittingMm = tallest.measured?.sittingHeight ?? bodyMm(tallest.statureMm, 'sittingHeight')
    const needed = Math.round(sittingMm + parameters.spareMm)
    return scene.placed.flatMap((seat) => {
      const service = seat.services.find(({ type }) => type === 'seat')
      const places = service?.places ?? []
      const [first] = places
      if (first === undefined || service?.cushion === undefined) return []
      const from = seat.placement.at[2] + service.cushion.topMm
      const low = scene.placed.flatMap((over) =>
        over.id === seat.id
          ? []
          : over.inner.flatMap(({ prism }) => {
              const { x, y, z } = prismBounds(prism)
              const above = places.some(
                ({ at }) =>
                  at[0] > x.min - HEAD_MM &&
                  at[0] < x.max + HEAD_MM &&
                  at[1] > y.min - HEAD_MM &&
                  at[1] < y.max + HEAD_MM,
              )
              return above && z.min > from + OVER_SEAT_MM ? [{ over, free: z.min - from }] : []
            }),
      )
      if (low.length === 0) return []
      const lowest = low.reduce((least, one) => (one.free < least.free ? one : least))
      if (lowest.free >= needed) return []
      return [
        {
          code: 'head-bump' as const,
          fittings: [seat.id, lowest.over.id],
          place: [first.at[0], first.at[1], from + lowest.free] as const,
          measured: Math.round(lowest.free),
          needed,
          unit: 'mm' as const,
          facts: { person: tallest.label, sittingMm: Math.round(sittingMm), over: lowest.over.id },
        },
      ]
    })
  },
})
