import { berthsOf } from '../../scene'
import { bestMode } from '../best-mode'
import { defineRule, published } from '../define-rule'
import { middleOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'resale-short': Record<never, never>
  }
}

/** A vehicle that is to be sold as a motor caravan has a bed that counts as one. */
export const resaleBed = defineRule({
  id: 'resale-bed',
  group: 'future',
  modes: ['sleeping'],
  reads: ['scene', 'brief', 'peers'],
  gravity: { 'resale-short': 'note' },
  basis: published(
    'a British motor caravan’s bed is at least {1800} long: DVLA guidance on motor caravans (from memory)',
  ),
  parameters: {
    lengthMm: { default: 1800, min: 1500, max: 2100, unit: 'mm', basis: published('DVLA guidance (from memory)') },
  },
  check: ({ scene, peers, brief, parameters }) => {
    if (brief.use?.future?.includes('sold') !== true) return []
    const longest = (one: typeof scene) => Math.max(0, ...berthsOf(one).map(({ lying }) => lying.lengthMm))
    const { measured, here } = bestMode(scene, peers(), longest)
    if (measured >= parameters.lengthMm || !here) return []
    return [
      {
        code: 'resale-short' as const,
        fittings: berthsOf(scene).map(({ fittingId }) => fittingId),
        place: middleOf(scene),
        measured: Math.round(measured),
        needed: parameters.lengthMm,
        unit: 'mm' as const,
        facts: {},
      },
    ]
  },
})
