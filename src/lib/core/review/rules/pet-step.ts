import { addedStep } from '../add'
import { placedThat } from '../nearest'
import { entrySteps, isStep } from '../entry'
import { byFitting, comfort, defineRule, plainGeometry } from '../define-rule'
import { middleOf } from '../middle'
import { needsOuterSize } from '../needs'

declare module '../finding' {
  interface FactsByCode {
    'pet-step-high': { readonly petId: string; readonly pet: string }
  }
}

/** Each pet gets in by itself, as high as it steps. */
export const petStep = defineRule({
  id: 'pet-step',
  group: 'ways',
  modes: ['living'],
  reads: ['scene', 'brief'],
  gravity: { 'pet-step-high': 'note' },
  basis: plainGeometry('the highest step from the ground to the floor against what the brief says of the pet'),
  tolerance: comfort(),
  parameters: {},
  needs: (input) =>
    Object.values(input.brief.pets).some(({ stepMm }) => stepMm !== undefined) ? needsOuterSize(input) : [],
  key: byFitting(({ facts }) => facts.petId),
  check: ({ scene, brief }) => {
    const steps = entrySteps(scene)
    if (steps === undefined) return []
    const highest = Math.max(...steps)
    return Object.entries(brief.pets).flatMap(([petId, { label, stepMm }]) =>
      stepMm === undefined || highest <= stepMm
        ? []
        : [
            {
              code: 'pet-step-high' as const,
              fittings: placedThat(scene, isStep).map(({ id }) => id),
              place: middleOf(scene),
              measured: highest,
              needed: stepMm,
              unit: 'mm' as const,
              facts: { petId, pet: label },
            },
          ],
    )
  },
  remedies: (input, finding) => addedStep(input, finding.measured),
})
