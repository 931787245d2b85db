import { figureOf } from '../../fittings'
import { poplitealMm, POPLITEAL_SOURCE } from '../../people'
import { ageOf, measureOf, peopleOf } from '../../brief'
import { comfort, defineRule, practice, published } from '../define-rule'
import { topOf } from '../middle'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'seat-deep': { readonly person: string; readonly statureMm: number; readonly thighMm: number }
  }
}

/** A seat bears the thighs, and its back is reached by the shortest. */
export const seatDepth = defineRule({
  id: 'seat-depth',
  group: 'people',
  modes: ['living'],
  reads: ['scene', 'brief'],
  gravity: { 'seat-deep': 'note' },
  basis: published(
    `a seat bears the thighs without pressing behind the knee: Grandjean; ${POPLITEAL_SOURCE} (both from memory)`,
  ),
  tolerance: comfort(),
  parameters: {
    shallowMm: { default: 350, min: 250, max: 500, unit: 'mm', basis: practice('less is a perch, no seat') },
    overThighMm: {
      default: 50,
      min: 0,
      max: 300,
      unit: 'mm',
      basis: practice('what a loose cushion behind the back takes up, less a hand behind the knee'),
    },
  },
  check: ({ scene, brief, parameters }) => {
    const thighs = peopleOf(brief)
      .map(([, person]) => person)
      .filter((person) => ageOf(person) === 'adult')
      .map((person) => ({
        person,
        mm: poplitealMm(measureOf(brief, person, 'knee'), measureOf(brief, person, 'hip')).depthMm,
      }))
      .sort((a, b) => a.mm - b.mm)
    return scene.placed.flatMap((placed) => {
      const depthMm = placed.services.find(({ type }) => type === 'seat')?.cushion?.depthMm
      if (depthMm === undefined) return []
      const shortest = thighs[0]
      const most = shortest === undefined ? Infinity : Math.round(shortest.mm + parameters.overThighMm)
      if (depthMm >= parameters.shallowMm && depthMm <= most) return []
      return [
        {
          code: 'seat-deep' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured: depthMm,
          needed: depthMm < parameters.shallowMm ? parameters.shallowMm : most,
          unit: 'mm' as const,
          facts: {
            person: shortest?.person.label ?? '',
            statureMm: shortest?.person.statureMm ?? 0,
            thighMm: Math.round(shortest?.mm ?? 0),
          },
        },
      ]
    })
  },
  remedies: (input, finding) => {
    const placed = input.first(finding)
    const own = placed === undefined ? undefined : figureOf(placed.fitting, 'seat-depth')
    if (placed === undefined || own === undefined) return []
    const by = finding.needed - finding.measured
    return setHandle(input, placed, 'set-parameter', 'seat-depth', own + by, Math.abs(by))
  },
})
