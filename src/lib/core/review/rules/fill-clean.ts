import { defineRule, practice } from '../define-rule'
import { topOf } from '../middle'
import { nearestTo } from '../nearest'

const DIRTY: ReadonlySet<string> = new Set(['tank-waste', 'toilet-cassette'])

/** Drinking water is filled well away from where waste comes out. */
export const fillClean = defineRule({
  id: 'fill-clean',
  group: 'outside',
  modes: ['living'],
  gravity: { 'fill-dirty': 'caution' },
  basis: practice('the filler for drinking water is well away from waste drain and toilet hatch'),
  parameters: {
    awayMm: {
      default: 1000,
      min: 300,
      max: 4000,
      unit: 'mm',
      basis: practice('a hose that is rinsed at one is not laid on the other'),
    },
  },
  check: ({ scene, parameters }) => {
    const dirty = scene.placed.filter(({ kind }) => DIRTY.has(kind.id))
    if (dirty.length === 0) return []
    return scene.placed.flatMap((placed) => {
      if (placed.kind.id !== 'inlet' || placed.fitting.parameters.takes !== 'water') return []
      const { other, mm } = nearestTo(placed, dirty)
      if (mm >= parameters.awayMm) return []
      return [
        {
          code: 'fill-dirty' as const,
          fittings: [placed.id, other.id],
          place: topOf(placed),
          measured: Math.round(mm),
          needed: parameters.awayMm,
          unit: 'mm' as const,
          facts: { other: other.id },
        },
      ]
    })
  },
})
