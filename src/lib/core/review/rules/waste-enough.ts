import { waterNights, waterUse } from '../../brief'
import { freshTanks, wasteTanks } from '../../budgets'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'waste-small': { readonly runsL: number; readonly freshL: number; readonly share: number }
  }
}

/** The waste tank holds what runs into it between two fillings, or a share of the fresh water, whichever is less. */
export const wasteEnough = defineRule({
  id: 'waste-enough',
  group: 'use',
  modes: ['living'],
  reads: ['scene', 'brief'],
  gravity: { 'waste-small': 'note' },
  basis: practice(
    'half to all of the fresh water is usual, and less than a quarter too little; what is drunk, and what runs out outside, does not come back',
  ),
  parameters: {
    share: {
      default: 0.25,
      min: 0.1,
      max: 1,
      unit: 'share',
      basis: practice('half to all is usual; below a quarter one looks for a drain twice between two fillings'),
    },
  },
  check: ({ scene, brief, parameters: { share } }) => {
    const tanks = wasteTanks(scene.placed)
    const [largest] = tanks
    const placed = scene.placed.find(({ id }) => id === largest?.id)
    // a plan without a waste tank has chosen a canister, or not come to it
    if (largest === undefined || placed === undefined) return []
    const sum = (of: readonly { readonly litres: number }[]): number => of.reduce((all, { litres }) => all + litres, 0)
    const freshL = sum(freshTanks(scene.placed))
    const { lines } = waterUse(brief)
    const runsL = waterNights(brief) * lines.reduce((all, { wasteL }) => all + wasteL, 0)
    const [has, needed] = [sum(tanks), Math.min(runsL, share * freshL)]
    if (has >= needed) return []
    return [
      {
        code: 'waste-small' as const,
        fittings: [largest.id],
        place: topOf(placed),
        measured: Math.round(has),
        needed: Math.round(needed),
        unit: 'litres' as const,
        facts: { runsL: Math.round(runsL), freshL: Math.round(freshL), share },
      },
    ]
  },
})
