import { ageOf, measureOf, peopleOf } from '../../brief'
import { defineRule, practice, published } from '../define-rule'
import { topOf } from '../middle'
import type { Placed } from '../../scene'
import { setParameters } from '../ways-out'

/** Depth of a seat of boards from its back to its front, and the parameter that is set for it; undefined for other seats. */
function depthOf({ kind, fitting }: Placed): { readonly mm: number; readonly key: string } | undefined {
  const of = (key: string): number => Number(fitting.parameters[key] ?? 0)
  switch (kind.id) {
    case 'bench-side':
      return { mm: of('depthMm') + of('overhangMm') - of('backMm'), key: 'depthMm' }
    case 'lounge-u':
      return { mm: of('benchMm') - of('backMm'), key: 'benchMm' }
    case 'seat-drop':
      return { mm: of('depthMm'), key: 'depthMm' }
    default:
      return undefined
  }
}

/** A seat bears the thighs, and its back is reached by the shortest. */
export const seatDepth = defineRule({
  id: 'seat-depth',
  group: 'people',
  modes: ['living'],
  gravity: { 'seat-deep': 'note' },
  basis: published(
    'a seat bears the thighs without pressing behind the knee: Grandjean; thigh 0.530 − 0.285 of stature: Drillis & Contini 1966 (both from memory)',
  ),
  parameters: {
    shallowMm: { default: 350, min: 250, max: 500, unit: 'mm', basis: practice('less is a perch, no seat') },
    overThighMm: {
      default: 120,
      min: 0,
      max: 300,
      unit: 'mm',
      basis: practice('so much a loose cushion behind the back takes up'),
    },
  },
  check: ({ scene, brief, parameters }) => {
    const thighs = peopleOf(brief)
      .map(([, person]) => person)
      .filter((person) => ageOf(person) === 'adult')
      .map((person) => ({ person, mm: measureOf(brief, person, 'hip') - measureOf(brief, person, 'knee') }))
      .sort((a, b) => a.mm - b.mm)
    return scene.placed.flatMap((placed) => {
      const depth = depthOf(placed)
      if (depth === undefined || !placed.services.some(({ type }) => type === 'seat')) return []
      const shortest = thighs[0]
      const most = shortest === undefined ? Infinity : Math.round(shortest.mm + parameters.overThighMm)
      if (depth.mm >= parameters.shallowMm && depth.mm <= most) return []
      return [
        {
          code: 'seat-deep' as const,
          fittings: [placed.id],
          place: topOf(placed),
          measured: depth.mm,
          needed: depth.mm < parameters.shallowMm ? parameters.shallowMm : most,
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
    const placed = input.find(finding.fittings[0]!)
    const depth = placed === undefined ? undefined : depthOf(placed)
    if (placed === undefined || depth === undefined) return []
    const amount = Number(placed.fitting.parameters[depth.key]) + finding.needed - finding.measured
    const commands = [setParameters(input, placed.id, { [depth.key]: amount })]
    return [
      {
        code: 'set-parameter',
        fittingId: placed.id,
        amount: Math.abs(finding.needed - finding.measured),
        parameter: { key: depth.key, value: amount },
        commands,
      },
    ]
  },
})
