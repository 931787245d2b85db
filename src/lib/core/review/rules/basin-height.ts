import { defineRule, practice } from '../define-rule'
import { offElbow, standingAdults } from '../elbow'
import { needsPeople } from '../needs'
import { setParameters } from '../ways-out'

/** A basin to wash at hangs where no one stoops over it: its rim further below the elbow than a worktop. */
export const basinHeight = defineRule({
  id: 'basin-height',
  group: 'people',
  modes: ['living'],
  gravity: { 'basin-off': 'note' },
  basis: practice(
    'hands and face are washed a hand’s length lower than one works: the rim a fifth of a metre below the elbow',
  ),
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
      const { rimMm, basin } = placed.fitting.parameters
      if (typeof rimMm !== 'number' || basin === false) return []
      const off = offElbow(scene, placed, rimMm, { brief, people, below: parameters })
      return off === undefined ? [] : [{ code: 'basin-off' as const, ...off }]
    })
  },
  remedies: (input, finding) => {
    const placed = input.find(finding.fittings[0]!)
    const rimMm = placed?.fitting.parameters.rimMm
    if (placed === undefined || typeof rimMm !== 'number' || finding.facts.suits !== undefined) return []
    const amount = rimMm + finding.needed - finding.measured
    return [
      {
        code: 'set-parameter',
        fittingId: placed.id,
        amount,
        parameter: { key: 'rimMm', value: amount },
        commands: [setParameters(input, placed.id, { rimMm: amount })],
      },
    ]
  },
})
