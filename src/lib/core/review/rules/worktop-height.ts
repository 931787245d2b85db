import { peopleOf } from '../../brief'
import { ACCESS } from '../../people'
import { liningTop } from '../../shell'
import { comfort, defineRule, practice, published } from '../define-rule'
import { offElbow, standingAdults } from '../elbow'
import { needsPeople } from '../needs'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'worktop-off': {
      readonly leastBelowMm: number
      readonly mostBelowMm: number
      readonly slackMm: number
      readonly person: string
      readonly statureMm: number
      readonly lowMm: number
      readonly highMm: number
      /** Whom it suits instead, where several cook by turns. */
      readonly suits?: string
    }
  }
}

/** The worktop is as high as those who cook want it. */
export const worktopHeight = defineRule({
  id: 'worktop-height',
  group: 'people',
  modes: ['living'],
  reads: ['scene', 'brief'],
  gravity: { 'worktop-off': 'note' },
  basis: published(
    'standing light work {100 to 150} below the elbow: Grandjean, Fitting the Task to the Man; elbow 0.630 of one’s height: Drillis & Contini 1966 (both from memory)',
  ),
  tolerance: comfort(),
  parameters: {
    leastBelowMm: { default: 100, min: 0, max: 200, unit: 'mm', basis: published('Grandjean (from memory)') },
    mostBelowMm: { default: 150, min: 50, max: 300, unit: 'mm', basis: published('Grandjean (from memory)') },
    slackMm: { default: 60, min: 0, max: 150, unit: 'mm', basis: practice('what shoes and habit even out') },
    turnsMm: {
      default: 80,
      min: 0,
      max: 300,
      unit: 'mm',
      basis: practice(
        'where several take turns to cook it suits one; the others put up with this much stooping or reaching',
      ),
    },
  },
  needs: needsPeople,
  check: ({ scene, brief, parameters }) => {
    const adults = standingAdults(brief)
    const sits = peopleOf(brief).some(([, { mobility }]) => mobility === 'wheelchair')
    const named = adults.filter(([id]) => id === brief.use?.cook)
    const people = (named.length > 0 ? named : adults).map(([, person]) => person)
    return scene.placed.flatMap((placed) => {
      const worktop = placed.facts.reaches.find(({ what }) => what === 'worktop')
      if (worktop === undefined || !placed.services.some(({ type }) => type === 'hob' || type === 'basin')) return []
      // who cooks from a wheelchair wants it low, and then it suits them
      const heightMm = placed.placement.at[2] + worktop.zMm - liningTop(scene.interior, placed.placement.at[0])
      if (sits && heightMm <= ACCESS.counterMm[1] && heightMm >= ACCESS.counterMm[0]) return []
      const off = offElbow(scene, placed, worktop.zMm, { brief, people, below: parameters })
      return off === undefined ? [] : [{ code: 'worktop-off' as const, ...off }]
    })
  },
  remedies: (input, finding) => {
    const placed = input.first(finding)
    // higher for one is too high for the other: that is for the two to settle
    if (placed === undefined || finding.facts.suits !== undefined) return []
    return setHandle(input, placed, 'set-height', 'worktop', finding.needed)
  },
})
