import { figureOf } from '../../fittings'
import { comfort, defineRule, practice } from '../define-rule'
import { offElbow, standingAdults } from '../elbow'
import { needsPeople } from '../needs'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'basin-off': FactsByCode['worktop-off']
  }
}

/** A basin to wash at hangs where no one stoops over it: its rim further below the elbow than a worktop. */
export const basinHeight = defineRule({
  id: 'basin-height',
  group: 'people',
  modes: ['living'],
  reads: ['scene', 'brief'],
  gravity: { 'basin-off': 'note' },
  basis: practice(
    'hands and face are washed a hand’s length lower than one works: the rim a fifth of a metre below the elbow',
  ),
  tolerance: comfort(),
  parameters: {
    leastBelowMm: { default: 150, min: 0, max: 300, unit: 'mm', basis: practice('higher, water runs down the arms') },
    mostBelowMm: { default: 250, min: 100, max: 450, unit: 'mm', basis: practice('lower, one stoops') },
    slackMm: { default: 40, min: 0, max: 150, unit: 'mm', basis: practice('what shoes and habit even out') },
    turnsMm: { default: 120, min: 0, max: 300, unit: 'mm', basis: practice('it is used for minutes, not for hours') },
  },
  needs: needsPeople,
  check: ({ scene, brief, parameters }) => {
    const people = standingAdults(brief).map(([, person]) => person)
    return scene.placed.flatMap((placed) => {
      const rim = placed.facts.reaches.find(({ what }) => what === 'wash-rim')
      if (rim === undefined) return []
      const off = offElbow(scene, placed, rim.zMm, { brief, people, below: parameters })
      return off === undefined ? [] : [{ code: 'basin-off' as const, ...off }]
    })
  },
  remedies: (input, finding) => {
    const placed = input.first(finding)
    const rimMm = placed === undefined ? undefined : figureOf(placed.fitting, 'rim')
    if (placed === undefined || rimMm === undefined || finding.facts.suits !== undefined) return []
    return setHandle(input, placed, 'set-parameter', 'rim', rimMm + finding.needed - finding.measured)
  },
})
