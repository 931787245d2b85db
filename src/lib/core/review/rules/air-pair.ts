import { addedInRoof, FAN_CUT_MM, HATCH, HATCH_CUT_MM } from '../add'
import { peopleOf } from '../../brief'
import { planGap } from '../nearest'
import { warmthAssumedIn } from '../../budgets'
import { airOpenings, heatOf } from '../../scene'
import { defineRule, practice } from '../define-rule'
import type { Draft } from '../finding'
import { middleOf, topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'air-one-way': { readonly openings: number }
    'air-one-end': { readonly openings: number; readonly people: number }
  }
}

/** An extract fan moves air only if as much comes in at the other end; without a fan air wants two ends to go through. */
export const airPair = defineRule({
  id: 'air-pair',
  group: 'air',
  modes: ['sleeping'],
  reads: ['scene', 'brief', 'job'],
  gravity: { 'air-one-way': 'caution', 'air-one-end': 'note' },
  basis: practice(
    'one extract fan without an inlet moves nothing: a screened opening window at the other end; of several who cook and sleep inside the damp goes by a fan or through both ends',
  ),
  parameters: {
    apartMm: {
      default: 1000,
      min: 300,
      max: 6000,
      unit: 'mm',
      basis: practice('across the space, not beside the fan'),
    },
    people: { default: 3, min: 1, max: 20, unit: 'count', basis: practice('so many make the windows run at night') },
  },
  check: ({ job, scene, brief, parameters }): readonly Draft<'air-one-way' | 'air-one-end'>[] => {
    const openings = airOpenings(scene, warmthAssumedIn(job).cabAirCm2)
    const fans = scene.placed.filter(({ facts: { air } }) => air?.what === 'fan')
    const people = peopleOf(brief).filter(([, { sleeps }]) => sleeps).length
    const cooks = scene.placed.some(
      (placed) => placed.facts.isSteaming && heatOf(placed).some(({ warms }) => warms === 'pans'),
    )
    const apart = Math.max(0, ...openings.flatMap((a) => openings.map((b) => planGap([...a.at, 0], b.at))))
    const oneEnd: Draft<'air-one-end'>[] =
      fans.length > 0 || openings.length === 0 || !cooks || people < parameters.people || apart >= parameters.apartMm
        ? []
        : [
            {
              code: 'air-one-end',
              fittings: [],
              place: middleOf(scene),
              measured: Math.round(apart),
              needed: parameters.apartMm,
              unit: 'mm',
              facts: { openings: openings.length, people },
            },
          ]
    const oneWay = fans.flatMap((fan): Draft<'air-one-way'>[] => {
      const own = topOf(fan)
      const others = openings.filter(({ id }) => id !== fan.id)
      const furthest = Math.max(0, ...others.map(({ at }) => planGap(own, at)))
      if (furthest >= parameters.apartMm) return []
      return [
        {
          code: 'air-one-way',
          fittings: [fan.id],
          place: topOf(fan),
          measured: Math.round(furthest),
          needed: parameters.apartMm,
          unit: 'mm',
          facts: { openings: others.length },
        },
      ]
    })
    return [...oneEnd, ...oneWay]
  },
  remedies: (input, { code, place: [x], needed }) => {
    const { min, max } = input.scene.interior.xSpan
    if (code === 'air-one-end')
      return input.scene.placed
        .filter(({ facts }) => facts.isSteaming)
        .map((hob) => addedInRoof(input, 'fan-extract', [topOf(hob)[0], 0], FAN_CUT_MM))
    // at the other end: as far as it has to be, or further
    return [needed + 100, needed + 600].flatMap((apart) =>
      [x - apart, x + apart]
        .filter((at) => at > min + 300 && at < max - 300)
        .map((at) => addedInRoof(input, 'hatch-roof', [at, 0], HATCH_CUT_MM, HATCH)),
    )
  },
})
