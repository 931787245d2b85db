import { ageOf, peopleOf } from '../../brief'
import { bodyMm } from '../../people'
import { largestCircle } from '../../scene'
import { comfort, defineRule, practice } from '../define-rule'

declare module '../finding' {
  interface FactsByCode {
    'no-passing': { readonly people: number }
  }
}

/** Where two live there is a place where one stands aside and the other passes. */
export const passingPlace = defineRule({
  id: 'passing-place',
  group: 'ways',
  modes: ['living'],
  reads: ['scene', 'brief', 'ground'],
  gravity: { 'no-passing': 'note' },
  basis: practice('one stands, the other squeezes past: the broader one’s shoulders and the depth of a body, {250}'),
  tolerance: comfort(),
  parameters: {
    depthMm: { default: 250, min: 150, max: 400, unit: 'mm', basis: practice('a body from front to back, clothed') },
  },
  check: ({ scene, brief, ground, parameters }) => {
    const adults = peopleOf(brief).filter(([, person]) => ageOf(person) !== 'infant' && ageOf(person) !== 'child')
    if (adults.length < 2) return []
    const broadest = Math.max(
      ...adults.map(([, p]) => p.measured?.shoulderBreadth ?? bodyMm(p.statureMm, 'shoulderBreadth')),
    )
    const needed = Math.round(broadest + parameters.depthMm)
    const { mm, at } = largestCircle(scene, ground())
    if (mm >= needed) return []
    return [
      {
        code: 'no-passing' as const,
        fittings: [],
        place: [at[0], at[1], 1000] as const,
        measured: mm,
        needed,
        unit: 'mm' as const,
        facts: { people: adults.length },
      },
    ]
  },
})
