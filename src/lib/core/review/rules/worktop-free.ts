import { addedAlong } from '../add'
import { answer } from '../../brief'
import { offered, worktopRuns } from '../../scene'
import { bestMode } from '../best-mode'
import { comfort, defineRule, practice } from '../define-rule'
import { middleOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'worktop-few': Record<never, never>
  }
}

/** Whoever cooks daily keeps worktop free beside the hob. */
export const worktopFree = defineRule({
  id: 'worktop-free',
  group: 'use',
  modes: ['living'],
  reads: ['scene', 'brief', 'peers'],
  gravity: { 'worktop-few': 'note' },
  basis: practice('keep worktop clear with a portable induction hob, a flap or a cover on the sink'),
  tolerance: comfort(),
  parameters: {
    freeMm: { default: 300, min: 200, max: 2000, unit: 'mm', basis: practice('a board; the pan stands on the hob') },
  },
  check: ({ scene, peers, brief, parameters }) => {
    if (answer(brief, 'cooking') !== 'daily') return []
    const cooking = peers().filter((one) => offered(one, 'hob') > 0)
    if (cooking.length === 0) return []
    const longest = (one: typeof scene) => worktopRuns(one)[0]?.lengthMm ?? 0
    const { measured, here } = bestMode(scene, cooking, longest)
    if (measured >= parameters.freeMm || !here) return []
    return [
      {
        code: 'worktop-few' as const,
        fittings: worktopRuns(scene)[0]?.fittings ?? [],
        place: middleOf(scene),
        measured: Math.round(measured),
        needed: parameters.freeMm,
        unit: 'mm' as const,
        facts: {},
      },
    ]
  },
  remedies: (input) => addedAlong(input, 'worktop-flap'),
})
