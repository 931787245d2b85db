import { STANDING_SPARE_MM, tallestOf } from '../../brief'
import { headroomAt, neededClearances } from '../../scene'
import { defineRule, practice } from '../define-rule'

/** The tallest can stand where one stands to cook, wash or open a door. */
export const standingHeight = defineRule({
  id: 'standing-height',
  group: 'people',
  modes: ['living'],
  gravity: { 'standing-low': 'caution' },
  basis: practice('stature plus 20 mm for shoes, over the middle of where one stands'),
  parameters: {
    spareMm: { default: STANDING_SPARE_MM, min: 0, max: 150, unit: 'mm', basis: practice('shoes') },
  },
  check: ({ scene, brief, parameters }) => {
    const tallest = tallestOf(brief)
    if (tallest === undefined) return []
    const neededMm = tallest.statureMm + parameters.spareMm
    return scene.placed.flatMap((placed) =>
      neededClearances(scene, placed)
        .filter(({ use, outdoors }) => !outdoors && (use === 'stand' || use === 'stand-inside'))
        .flatMap((clearance) => {
          const headroom = headroomAt(scene, placed, clearance)
          if (headroom === undefined || headroom.heightMm >= neededMm) return []
          return [
            {
              code: 'standing-low' as const,
              fittings: [placed.id],
              place: headroom.at,
              measured: Math.round(headroom.heightMm),
              needed: Math.round(neededMm),
              unit: 'mm' as const,
              facts: {
                person: tallest.label,
                statureMm: tallest.statureMm,
                spareMm: parameters.spareMm,
                under: headroom.under,
                use: clearance.use,
              },
            },
          ]
        }),
    )
  },
})
