import { movedAlong, shift } from '../ways-out'
import type { ClearanceUse } from '../../fittings'
import { STANDING_SPARE_MM, tallestOf } from '../../brief'
import { type Headroom, headroomAt, neededClearances, type Placed, type Scene } from '../../scene'
import { isForStanding, liningTop, mostHeadroomMm } from '../../shell'
import { comfort, defineRule, practice } from '../define-rule'
import type { Draft } from '../finding'
import { middleOf } from '../middle'
import { needsPeople } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'standing-low': {
      readonly person: string
      readonly statureMm: number
      readonly spareMm: number
      readonly under: Headroom['under']
      readonly use: ClearanceUse
    }
    'standing-nowhere': { readonly person: string; readonly statureMm: number; readonly spareMm: number }
  }
}

/** To what is lower than this one bends, and needs no height to stand upright. Common practice, no source. */
const BENT_TO_MM = 700
const isBentTo = ({ interior }: Scene, { bounds, placement }: Placed): boolean =>
  bounds.z.max - liningTop(interior, placement.at[0]) < BENT_TO_MM

/** A roof is not raised by less. */
const LEAST_RISE_MM = 50

/** The tallest can stand where one stands to cook, wash or open a door; said once where the body lets them stand nowhere. */
export const standingHeight = defineRule({
  id: 'standing-height',
  group: 'people',
  modes: ['living'],
  reads: ['scene', 'brief'],
  gravity: { 'standing-low': 'caution', 'standing-nowhere': 'caution' },
  basis: practice('height plus {20} for shoes, over the middle of where someone stands'),
  tolerance: comfort(),
  parameters: {
    spareMm: { default: STANDING_SPARE_MM, min: 0, max: 150, unit: 'mm', basis: practice('shoes') },
  },
  needs: needsPeople,
  check: ({ scene, brief, parameters }) => {
    const tallest = tallestOf(brief)
    // in a body where no one stands nobody misses it
    if (tallest === undefined || !isForStanding(scene.interior)) return []
    const neededMm = tallest.statureMm + parameters.spareMm
    const mostMm = mostHeadroomMm(scene.interior)
    const who = { person: tallest.label, statureMm: tallest.statureMm, spareMm: parameters.spareMm }
    const nowhere: Draft<'standing-nowhere'>[] =
      mostMm >= neededMm
        ? []
        : [
            {
              code: 'standing-nowhere',
              fittings: [],
              place: middleOf(scene),
              measured: mostMm,
              needed: Math.round(neededMm),
              unit: 'mm',
              facts: who,
            },
          ]
    const here = scene.placed.flatMap((placed) =>
      neededClearances(scene, placed)
        .filter(
          ({ use, outdoors }) => !outdoors && (use === 'stand-inside' || (use === 'stand' && !isBentTo(scene, placed))),
        )
        .flatMap((clearance): Draft<'standing-low'>[] => {
          const headroom = headroomAt(scene, placed, clearance)
          // nobody showers in shoes
          const hereMm = clearance.use === 'stand-inside' ? tallest.statureMm : neededMm
          if (headroom === undefined || headroom.heightMm >= hereMm) return []
          if (nowhere.length > 0 && headroom.under === 'roof') return []
          return [
            {
              code: 'standing-low',
              fittings: [placed.id],
              place: headroom.at,
              measured: Math.round(headroom.heightMm),
              needed: Math.round(hereMm),
              unit: 'mm',
              facts: { ...who, spareMm: hereMm - tallest.statureMm, under: headroom.under, use: clearance.use },
            },
          ]
        }),
    )
    return [...nowhere, ...here]
  },
  remedies: (input, finding) => {
    // what hangs there goes higher or aside
    if (finding.code === 'standing-low') {
      const { under } = finding.facts
      const hanging = under === 'roof' ? undefined : input.find(under.fittingId)
      return hanging === undefined || hanging.id === finding.fittings[0]
        ? []
        : [
            ...shift(input, hanging, 'raise', [0, 0, 1], finding.needed - finding.measured),
            ...movedAlong(input, [hanging.id], 300),
          ]
    }
    const { xSpan } = input.scene.interior
    if (finding.code !== 'standing-nowhere' || input.plan.changes['change-raised-roof'] !== undefined) return []
    const amount = Math.max(LEAST_RISE_MM, Math.ceil((finding.needed - finding.measured) / 10) * 10)
    return [
      {
        code: 'raise-roof',
        fittingId: undefined,
        amount,
        commands: [
          {
            type: 'change.put',
            variant: input.variantId,
            id: 'change-raised-roof',
            change: {
              kind: 'raised-roof',
              fromMm: Math.ceil(xSpan.min + 100),
              toMm: Math.floor(xSpan.max - 100),
              widthMm: 1000,
              riseMm: amount,
              shape: 'straight',
            },
          },
        ],
      },
    ]
  },
})
