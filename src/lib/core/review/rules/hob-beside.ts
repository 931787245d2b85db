import { boxGap } from '../../geometry'
import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'
import { shift } from '../ways-out'

/** What burns, by kind: furniture of boards, cushions and bedding; metal boxes and tanks do not count. */
const BURNS: ReadonlySet<string> = new Set(['sleeping', 'sitting', 'stowage'])
/** How far over the hob a neighbour must stand to be in its heat. Common practice, no source. */
const OVER_MM = 100

/** Beside an open hob nothing that burns stands near and higher, unless a splashback is between. */
export const hobBeside = defineRule({
  id: 'hob-beside',
  group: 'safety',
  modes: ['living'],
  gravity: { 'hob-beside': 'caution' },
  basis: practice('a hand’s width and a half of air beside a hob, or a heat-proof board; the maker’s sheet rules'),
  parameters: {
    airMm: { default: 150, min: 50, max: 600, unit: 'mm', basis: practice('beside a pan’s rim') },
  },
  check: ({ scene, parameters }) => {
    const splashbacks = scene.placed.filter(({ kind }) => kind.id === 'splashback')
    return scene.placed
      .filter(({ kind, stance }) => kind.id === 'hob-loose' || (kind.id === 'galley-hob' && stance === 'cooking'))
      .flatMap((hob) => {
        const flame = { ...hob.bounds, z: { min: hob.bounds.z.max, max: hob.bounds.z.max + OVER_MM } }
        if (splashbacks.some(({ bounds }) => boxGap(bounds, flame) < parameters.airMm)) return []
        return scene.placed.flatMap((other) => {
          const rises = other.inner.length > 0 && other.bounds.z.min < flame.z.min && other.bounds.z.max > flame.z.max
          if (other.id === hob.id || !rises || !BURNS.has(other.kind.group)) return []
          const gap = boxGap(other.bounds, flame)
          if (gap >= parameters.airMm) return []
          return [
            {
              code: 'hob-beside' as const,
              fittings: [hob.id, other.id],
              place: topOf(hob),
              measured: Math.round(gap),
              needed: parameters.airMm,
              unit: 'mm' as const,
              facts: { other: other.id },
            },
          ]
        })
      })
  },
  remedies: (input, finding) => {
    const [hob, other] = finding.fittings.map((id) => input.find(id))
    if (hob === undefined || other === undefined) return []
    const by = finding.needed - finding.measured
    return hob.bounds.x.min >= other.bounds.x.max
      ? shift(input, other, 'shift-back', [-1, 0, 0], by)
      : shift(input, other, 'shift-forward', [1, 0, 0], by)
  },
})
