import { tallestOf } from '../../brief'
import { prismBounds, type Vec2 } from '../../geometry'
import { bodyMm } from '../../people'
import { BACK_MM, isSlight, type Scene } from '../../scene'
import { heightsAt } from '../../shell'
import { nth } from '../../units'
import { byFitting, comfort, defineRule, practice } from '../define-rule'
import { needsPeople } from '../needs'
import { shift } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'head-bump': {
      readonly person: string
      readonly sittingMm: number
      /** What hangs there; left out for the roof itself. */
      readonly over?: string
      /** The cab seat, where it is over that. */
      readonly cabSeat?: string
    }
  }
}

/** Half a head and a little, from its middle. Common practice, no source. */
const HEAD_MM = 130
/** A head from its back to its brow. Common practice, no source. */
const HEAD_DEEP_MM = 200
/** What hangs lower over a seat than this is its own back or arm. */
const OVER_SEAT_MM = 300

/** Somewhere to sit: over which places, from which height, and who of the plan or the cab offers it. */
interface Seated {
  readonly fittingId?: string
  readonly cabSeat?: string
  readonly places: readonly Vec2[]
  readonly topMm: number
}

/** Where one sits in a mode: on the road in belted seats, those of the cab with them, else on what the plan offers. */
function seatsIn(scene: Scene): readonly Seated[] {
  const isDriving = scene.purpose === 'driving'
  const ofPlan = scene.placed.flatMap(({ id, services, placement }): Seated[] => {
    const service = services.find(({ type }) => type === 'seat')
    if (service?.cushion === undefined || service.places === undefined || service.places.length === 0) return []
    if (isDriving && !services.some(({ type }) => type === 'belt')) return []
    return [
      { fittingId: id, places: service.places.map(({ at }) => at), topMm: placement.at[2] + service.cushion.topMm },
    ]
  })
  const ofCab = isDriving
    ? scene.interior.shell.cabSeats.map(({ id, xMm, yMm, depthMm, cushionMm }): Seated => {
        const head = xMm - depthMm / 2 + BACK_MM + HEAD_DEEP_MM / 2
        return { cabSeat: id, places: [[head, yMm]], topMm: cushionMm }
      })
    : []
  return [...ofPlan, ...ofCab]
}

/** Whoever sits down does not hit what hangs over the seat. */
export const headsClear = defineRule({
  id: 'heads-clear',
  group: 'people',
  modes: ['living', 'driving'],
  reads: ['scene', 'brief'],
  gravity: { 'head-bump': 'caution' },
  key: byFitting(({ facts }) => facts.cabSeat ?? ''),
  basis: practice(
    'sitting height of the tallest, 0.520 of one’s height (Drillis & Contini 1966, from memory), and a little to rise',
  ),
  tolerance: comfort(),
  parameters: {
    spareMm: { default: 40, min: 0, max: 200, unit: 'mm', basis: practice('to sit down and rise without a knock') },
  },
  needs: needsPeople,
  check: ({ scene, brief, parameters }) => {
    const tallest = tallestOf(brief)
    if (tallest === undefined) return []
    const sittingMm = tallest.measured?.sittingHeight ?? bodyMm(tallest.statureMm, 'sittingHeight')
    const needed = Math.round(sittingMm + parameters.spareMm)
    return seatsIn(scene).flatMap(({ fittingId, cabSeat, places, topMm: from }) => {
      const low = scene.placed.flatMap((over) =>
        over.id === fittingId || isSlight(over)
          ? []
          : over.inner.flatMap(({ prism }) => {
              const { x, y, z } = prismBounds(prism)
              const above = places.some(
                (at) =>
                  at[0] > x.min - HEAD_MM &&
                  at[0] < x.max + HEAD_MM &&
                  at[1] > y.min - HEAD_MM &&
                  at[1] < y.max + HEAD_MM,
              )
              return above && z.min > from + OVER_SEAT_MM ? [{ over, free: z.min - from }] : []
            }),
      )
      // the roof itself, but for the cab’s own seats
      const roofs =
        fittingId === undefined
          ? []
          : places.flatMap(([x, y]) => {
              const roof = heightsAt(scene.interior, x, y)?.max
              return roof === undefined ? [] : [{ over: undefined, free: roof - from }]
            })
      const all = [...low, ...roofs]
      if (all.length === 0) return []
      const lowest = all.reduce((least, one) => (one.free < least.free ? one : least))
      if (lowest.free >= needed) return []
      return [
        {
          code: 'head-bump' as const,
          fittings: [
            ...(fittingId === undefined ? [] : [fittingId]),
            ...(lowest.over === undefined ? [] : [lowest.over.id]),
          ],
          place: [...nth(places, 0), from + lowest.free] as const,
          measured: Math.round(lowest.free),
          needed,
          unit: 'mm' as const,
          facts: {
            person: tallest.label,
            sittingMm: Math.round(sittingMm),
            ...(lowest.over === undefined ? {} : { over: lowest.over.id }),
            ...(cabSeat === undefined ? {} : { cabSeat }),
          },
        },
      ]
    })
  },
  remedies: (input, finding) => {
    const { over } = finding.facts
    const hanging = over === undefined ? undefined : input.find(over)
    const by = finding.needed - finding.measured
    return hanging === undefined
      ? []
      : [
          ...shift(input, hanging, 'shift-forward', [1, 0, 0], 800),
          ...shift(input, hanging, 'shift-back', [-1, 0, 0], 800),
          ...shift(input, hanging, 'raise', [0, 0, 1], by),
        ]
  },
})
