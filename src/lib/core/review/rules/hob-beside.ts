import { placedThat } from '../nearest'
import { heatOf, type Placed } from '../../scene'
import { catchesFire } from '../../fittings'
import { type Box, boxGap, prismBounds, spansOverlap } from '../../geometry'
import { byFitting, defineRule, practice } from '../define-rule'
import { topOf } from '../middle'
import { shift } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'hob-beside': { readonly other: string; readonly cloth: boolean; readonly bedding: boolean }
  }
}

/** How far over the hob a neighbour must stand to be in its heat. Common practice, no source. */
const OVER_MM = 100

/** Whether a thing is a bed that is made, its bedding no higher over a hob and no lower beside it than so much. */
const isBedding = ({ services, placement }: Placed, hobMm: number, reachMm: number): boolean =>
  services.some(
    ({ type, lying }) =>
      type === 'berth' && lying !== undefined && Math.abs(placement.at[2] + lying.zMm - hobMm) <= reachMm,
  )

/** How far two blocks are apart in plan. */
const planGapOf = (a: Box, b: Box): number => boxGap({ ...a, z: b.z }, b)

/** Beside an open hob nothing that burns stands near and higher, unless a splashback is between. */
export const hobBeside = defineRule({
  id: 'hob-beside',
  group: 'safety',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'hob-beside': 'caution' },
  basis: practice('a hand’s width and a half of air beside a hob, or a heat-proof board; follow the maker’s sheet'),
  parameters: {
    airMm: { default: 150, min: 50, max: 600, unit: 'mm', basis: practice('beside a pan’s rim') },
    curtainMm: { default: 300, min: 100, max: 1000, unit: 'mm', basis: practice('a curtain swings and blows') },
    clothMm: {
      default: 600,
      min: 200,
      max: 1500,
      unit: 'mm',
      basis: practice('cloth this high above a flame still catches fire'),
    },
  },
  key: byFitting(({ facts }) => facts.other),
  check: ({ scene, parameters }) => {
    const shields = placedThat(scene, (facts) => facts.shields === 'heat')
    return scene.placed
      .flatMap((hob) =>
        // an induction plate heats the pan, and what is closed round keeps its heat
        heatOf(hob)
          .filter(({ isLit, how }) => isLit && (how === 'flame' || how === 'plate'))
          .map(({ box }) => ({ hob, top: box })),
      )
      .flatMap(({ hob, top }) => {
        const flame = { ...top, z: { min: top.z.max, max: top.z.max + OVER_MM } }
        const isShielded = shields.some(({ bounds }) => boxGap(bounds, flame) < parameters.airMm)
        const heat = { ...flame, z: { min: flame.z.min, max: flame.z.min + parameters.clothMm } }
        return scene.placed.flatMap((other) => {
          const rises = other.inner.length > 0 && other.bounds.z.min < flame.z.min && other.bounds.z.max > flame.z.max
          const hangs = other.solids.some(
            ({ fit, prism }) => fit === 'cloth' && spansOverlap(prismBounds(prism).z, heat.z),
          )
          const bedding = isBedding(other, flame.z.min, parameters.clothMm)
          if (other.id === hob.id || !(rises || hangs || bedding) || !catchesFire(other.fitting)) return []
          // a board keeps heat from a wall and not from a cloth that blows over it
          if (isShielded && !hangs) return []
          const gap = bedding ? planGapOf(other.bounds, top) : boxGap(other.bounds, hangs ? heat : flame)
          const needed = hangs || bedding ? parameters.curtainMm : parameters.airMm
          if (gap >= needed) return []
          return [
            {
              code: 'hob-beside' as const,
              fittings: [hob.id, other.id],
              place: topOf(hob),
              measured: Math.round(gap),
              needed,
              unit: 'mm' as const,
              facts: { other: other.id, cloth: hangs, bedding },
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
