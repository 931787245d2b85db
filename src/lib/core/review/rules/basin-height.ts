import { ageOf, peopleOf } from '../../brief'
import { liningTop } from '../../shell'
import { defineRule, practice } from '../define-rule'
import { offElbow } from '../elbow'
import { topOf } from '../middle'
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
    const { leastBelowMm, mostBelowMm, slackMm } = parameters
    const adults = peopleOf(brief)
      .map(([, person]) => person)
      .filter((person) => ageOf(person) === 'adult' && person.mobility !== 'wheelchair')
    return scene.placed.flatMap((placed) => {
      const { rimMm, basin } = placed.fitting.parameters
      if (typeof rimMm !== 'number' || basin === false) return []
      const high = placed.placement.at[2] + rimMm - liningTop(scene.interior, placed.placement.at[0])
      const off = offElbow(brief, adults, high, parameters)
      if (off === undefined) return []
      return [
        {
          code: 'basin-off' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured: Math.round(high),
          needed: high < off.lowMm ? off.lowMm : off.highMm,
          unit: 'mm' as const,
          facts: {
            leastBelowMm,
            mostBelowMm,
            slackMm,
            person: off.person.label,
            statureMm: off.person.statureMm,
            lowMm: off.lowMm,
            highMm: off.highMm,
            ...(off.suits === undefined ? {} : { suits: off.suits }),
          },
        },
      ]
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
