import { isOutside, type Placed } from '../../scene'
import type { Shell } from '../../shell'
import { nth } from '../../units'
import { byFitting, defineRule, practice } from '../define-rule'
import type { Draft } from '../finding'
import { topOf } from '../middle'
import { shift } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'roof-beyond': { readonly over: 'side' | 'windscreen' }
  }
}

/** How far forward the roof bears something of that height above the load floor: beyond it slopes away to the windscreen. In x. */
function roofEnd({ outline }: Shell, baseMm: number, dropMm: number): number {
  const least = baseMm - dropMm
  const upper = outline.side.filter(([, z]) => z > 0)
  for (let index = upper.length - 1; index > 0; index -= 1) {
    const [x1, z1] = nth(upper, index)
    const [x0, z0] = nth(upper, index - 1)
    if (z0 < least || z1 >= least) continue
    return x0 + ((x1 - x0) * (z0 - least)) / (z0 - z1)
  }
  return Infinity
}

/** What rides on the roof lies on it: not out over a side or the windscreen. */
export const roofWithin = defineRule({
  id: 'roof-within',
  group: 'outside',
  modes: ['driving'],
  reads: ['scene'],
  gravity: { 'roof-beyond': 'caution' },
  basis: practice(
    'a box ends before the windscreen and within the sides: wind lifts what stands out, and local codes say how far a load may',
  ),
  parameters: {
    besideMm: {
      default: 150,
      min: 0,
      max: 400,
      unit: 'mm',
      basis: practice('an awning’s case at the edge of the roof'),
    },
    dropMm: {
      default: 200,
      min: 50,
      max: 600,
      unit: 'mm',
      basis: practice('a roof that is this far below a box no longer carries it'),
    },
  },
  key: byFitting(({ facts }) => facts.over),
  check: ({ scene, parameters: { besideMm, dropMm } }) => {
    const { shell } = scene.interior
    const half = shell.outer === undefined ? Infinity : shell.outer.widthMm / 2
    const onRoof = (placed: Placed): boolean => placed.seat.up.from === 'on-roof' && isOutside(placed)
    return scene.placed.filter(onRoof).flatMap((placed): Draft<'roof-beyond'>[] => {
      const { x, y, z } = placed.bounds
      const beside = Math.max(y.max - half, -half - y.min)
      const before = x.max - roofEnd(shell, z.min, dropMm)
      const common = {
        code: 'roof-beyond' as const,
        fittings: [placed.id],
        place: topOf(placed),
        needed: 0,
        unit: 'mm' as const,
      }
      return [
        ...(beside > besideMm ? [{ ...common, measured: Math.round(beside), facts: { over: 'side' as const } }] : []),
        ...(before > 1 ? [{ ...common, measured: Math.round(before), facts: { over: 'windscreen' as const } }] : []),
      ]
    })
  },
  remedies: (input, finding) => {
    const placed = input.first(finding)
    if (placed === undefined) return []
    if (finding.facts.over === 'windscreen') return shift(input, placed, 'shift-back', [-1, 0, 0], finding.measured)
    const toRight = (placed.bounds.y.min + placed.bounds.y.max) / 2 > 0
    return shift(input, placed, toRight ? 'shift-right' : 'shift-left', [0, toRight ? -1 : 1, 0], finding.measured)
  },
})
