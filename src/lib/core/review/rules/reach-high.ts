import { ageOf, peopleOf } from '../../brief'
import { bodyMm, BODY_SOURCE } from '../../people'
import { isForStanding, liningTop } from '../../shell'
import { comfort, defineRule, practice, published } from '../define-rule'
import { topOf } from '../middle'
import { needsPeople } from '../needs'
import { shift } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'stowage-high': { readonly person: string; readonly statureMm: number }
  }
}

/** Below this a thing stands, or hangs where anyone reaches it. */
const HANGS_MM = 1000

/** Someone aboard reaches into what hangs high: an arm raised from the shoulder, to the grip. */
export const reachHigh = defineRule({
  id: 'reach-high',
  group: 'use',
  modes: ['living'],
  reads: ['scene', 'brief'],
  gravity: { 'stowage-high': 'note' },
  basis: published(
    `shoulder 0.818, upper arm 0.186, forearm 0.146 and half a hand 0.054 of one’s height, an arm straight up: ${BODY_SOURCE} (from memory)`,
  ),
  tolerance: comfort(),
  parameters: {
    intoMm: { default: 50, min: 0, max: 200, unit: 'mm', basis: practice('a hand goes over the edge and in') },
  },
  needs: needsPeople,
  check: ({ scene, brief, parameters }) => {
    const reaches = peopleOf(brief)
      .filter(([, person]) => ageOf(person) === 'adult' || ageOf(person) === 'teenager')
      .map(([, person]) => {
        const { statureMm } = person
        const arm = bodyMm(statureMm, 'upperArm') + bodyMm(statureMm, 'forearm') + bodyMm(statureMm, 'hand') / 2
        return { person, mm: bodyMm(statureMm, 'shoulder') + arm - parameters.intoMm }
      })
      .sort((a, b) => b.mm - a.mm)
    const [best] = reaches
    if (best === undefined || !isForStanding(scene.interior)) return []
    return scene.placed.flatMap((placed) => {
      if (!placed.services.some(({ type }) => type === 'stowage')) return []
      const { x, z } = placed.bounds
      const bottom = Math.round(z.min - liningTop(scene.interior, (x.min + x.max) / 2))
      if (bottom < HANGS_MM || bottom <= best.mm) return []
      return [
        {
          code: 'stowage-high' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured: bottom,
          needed: Math.round(best.mm),
          unit: 'mm' as const,
          facts: { person: best.person.label, statureMm: best.person.statureMm },
        },
      ]
    })
  },
  remedies: (input, finding) => {
    const placed = input.first(finding)
    return placed === undefined ? [] : shift(input, placed, 'lower', [0, 0, -1], finding.measured - finding.needed)
  },
})
