import { addedStep } from '../add'
import { placedThat } from '../nearest'
import { peopleOf } from '../../brief'
import { entrySteps, isStep } from '../entry'
import { comfort, defineRule, practice, published } from '../define-rule'
import { middleOf } from '../middle'
import { needsOuterSize, needsPeople } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'step-high': { readonly person: string; readonly steps: number }
  }
}

/** One gets in by steps that the stiffest of them can take. */
export const stepRise = defineRule({
  id: 'step-rise',
  group: 'ways',
  modes: ['living'],
  reads: ['scene', 'brief'],
  gravity: { 'step-high': 'caution' },
  basis: published(
    'a riser of {180}: 2010 ADA Standards § 504.2 (from memory); stiff knees and others: trade practice, no published source',
  ),
  tolerance: comfort(),
  parameters: {
    freeMm: {
      default: 600,
      min: 200,
      max: 1200,
      unit: 'mm',
      basis: practice('anything higher is climbed with both hands'),
    },
    stiffMm: { default: 300, min: 150, max: 600, unit: 'mm', basis: practice('what stiff knees take') },
    aidMm: {
      default: 180,
      min: 100,
      max: 300,
      unit: 'mm',
      basis: published('2010 ADA Standards § 504.2 (from memory)'),
    },
  },
  needs: (input) => [...needsPeople(input), ...needsOuterSize(input)],
  check: ({ scene, brief, parameters }) => {
    const steps = entrySteps(scene)
    // a wheelchair comes in by a lift or a ramp, which is not a step
    const most = peopleOf(brief)
      .filter(([, { mobility }]) => mobility !== 'wheelchair')
      .map(([, person]) => ({
        person,
        mm:
          person.mobility === 'walker'
            ? parameters.aidMm
            : person.mobility === 'stiff'
              ? parameters.stiffMm
              : parameters.freeMm,
      }))
      .sort((a, b) => a.mm - b.mm)[0]
    if (steps === undefined || most === undefined) return []
    const highest = Math.max(...steps)
    if (highest <= most.mm) return []
    return [
      {
        code: 'step-high' as const,
        fittings: placedThat(scene, isStep).map(({ id }) => id),
        place: middleOf(scene),
        measured: highest,
        needed: most.mm,
        unit: 'mm' as const,
        facts: { person: most.person.label, steps: steps.length },
      },
    ]
  },
  remedies: (input, { measured }) => addedStep(input, measured),
})
