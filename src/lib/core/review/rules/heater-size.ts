import { isAnswered, answer } from '../../brief'
import { FAR_TOO_LARGE, lossesIn, warmthAssumedIn } from '../../budgets'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'heater-small': { readonly coldestC: number; readonly losesWK: number; readonly heatedC: number }
    'heater-large': { readonly coldestC: number; readonly losesWK: number; readonly heatedC: number }
  }
}

/** The heaters give what the body loses in the coldest night, and not many times that. */
export const heaterSize = defineRule({
  id: 'heater-size',
  group: 'air',
  modes: ['living'],
  reads: ['scene', 'brief', 'plan', 'job'],
  gravity: { 'heater-small': 'caution', 'heater-large': 'note' },
  basis: practice(
    'what the body loses by EN ISO 6946 and its openings, in the coldest night of the brief; a heater of many times that goes on and off and soots',
  ),
  parameters: {
    least: { default: 0.8, min: 0.3, max: 1.5, unit: 'share', basis: practice('a duvet makes up for the rest') },
    most: { default: FAR_TOO_LARGE, min: 1.5, max: 30, unit: 'count', basis: practice('many times what is needed') },
  },
  // what its lining is of has to be said, and how cold it gets
  needs: ({ plan }) => (plan.lining.layers?.wall === undefined ? [{ what: 'wall-layers' }] : []),
  check: ({ scene, brief, plan, job, parameters: { least, most } }) => {
    if (!isAnswered(brief, 'coldestC')) return []
    const heaters = scene.placed.filter(({ facts }) => facts.heat.some(({ warms }) => warms === 'air'))
    const [heater] = heaters
    if (heater === undefined) return []
    const watts = heaters.reduce(
      (sum, { facts }) => sum + facts.heat.reduce((all, one) => all + (one.warms === 'air' ? one.watts : 0), 0),
      0,
    )
    const coldestC = answer(brief, 'coldestC')
    const assumed = warmthAssumedIn(job)
    const { lowWK, highWK } = lossesIn(scene.interior, plan, assumed)
    const kelvin = Math.max(0, assumed.heatedC - coldestC)
    const about = {
      fittings: heaters.map(({ id }) => id),
      place: topOf(heater),
      measured: Math.round(watts),
      unit: 'W' as const,
    }
    const facts = { coldestC, heatedC: assumed.heatedC }
    if (watts < least * lowWK * kelvin)
      return [
        {
          ...about,
          code: 'heater-small' as const,
          needed: Math.round(lowWK * kelvin),
          facts: { ...facts, losesWK: Math.round(lowWK) },
        },
      ]
    // one that also serves a warm country is held against a night of frost
    const frost = Math.max(kelvin, assumed.heatedC)
    if (watts > most * highWK * frost)
      return [
        {
          ...about,
          code: 'heater-large' as const,
          needed: Math.round(most * highWK * frost),
          facts: { ...facts, losesWK: Math.round(highWK) },
        },
      ]
    return []
  },
})
