import { movedAlong } from '../ways-out'
import { isInTheWay } from '../../fittings'
import { block, overlapBounds, prismsOverlap, spanLength } from '../../geometry'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'view-blocked': Record<never, never>
  }
}

/** Over the cushion from the hips to over the eyes. */
const FROM_MM = 100
const TO_MM = 950

/** On the road nothing reaches to where those in front sit, look out and have their airbags. */
export const driverView = defineRule({
  id: 'driver-view',
  group: 'travel',
  modes: ['driving'],
  reads: ['scene'],
  gravity: { 'view-blocked': 'stop' },
  basis: practice('nothing hangs, swings or stands in the driver’s view or where an airbag unfolds'),
  parameters: {
    aheadMm: {
      default: 700,
      min: 300,
      max: 1500,
      unit: 'mm',
      basis: practice('from the middle of the seat to the steering wheel and the airbag'),
    },
  },
  check: ({ scene, parameters }) => {
    const zones = scene.interior.shell.cabSeats
      .filter(({ belt }) => belt)
      .map((seat) =>
        block(
          [seat.xMm - seat.depthMm / 4, seat.yMm - seat.widthMm / 2, seat.cushionMm + FROM_MM],
          [seat.xMm + parameters.aheadMm, seat.yMm + seat.widthMm / 2, seat.cushionMm + TO_MM],
        ),
      )
    return scene.placed.flatMap((placed) => {
      const depths = placed.solids
        .filter(({ fit }) => isInTheWay(fit))
        .flatMap(({ prism }) =>
          zones
            .filter((zone) => prismsOverlap(prism, zone))
            .map((zone) => {
              const shared = overlapBounds(prism, zone)
              return Math.min(spanLength(shared.x), spanLength(shared.y), spanLength(shared.z))
            }),
        )
      if (depths.length === 0) return []
      return [
        {
          code: 'view-blocked' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured: Math.round(Math.max(...depths)),
          needed: 0,
          unit: 'mm' as const,
          facts: {},
        },
      ]
    })
  },
  remedies: (input, finding) =>
    movedAlong(input, finding.fittings, Math.abs(finding.needed - finding.measured)).filter(
      ({ code }) => code === 'shift-back',
    ),
})
