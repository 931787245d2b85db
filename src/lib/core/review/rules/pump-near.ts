import { freshTanks } from '../../budgets'
import { defineRule, practice } from '../define-rule'
import type { Draft } from '../finding'
import { topOf } from '../middle'
import { nearestTo, placedThat } from '../nearest'
import { movedAlong, shift } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'pump-far': { readonly tank: string }
    'pump-high': { readonly tank: string }
  }
}

/** The pump stands by the tank that it draws from, and not far above it: it presses far, and sucks badly. */
export const pumpNear = defineRule({
  id: 'pump-near',
  group: 'service',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'pump-far': 'caution', 'pump-high': 'caution' },
  basis: practice('a pump presses water a long way and draws it a short one: a metre up, a metre and a half of hose'),
  parameters: {
    runMm: { default: 1500, min: 300, max: 5000, unit: 'mm', basis: practice('a hose that stays full') },
    liftMm: { default: 1000, min: 0, max: 2500, unit: 'mm', basis: practice('over the bottom of the tank') },
  },
  check: ({ scene, parameters: { runMm, liftMm } }) => {
    const ids = new Set(freshTanks(scene.placed).flatMap(({ vessels }) => vessels.map(({ id }) => id)))
    const tanks = scene.placed.filter(({ id }) => ids.has(id))
    if (tanks.length === 0) return []
    return placedThat(scene, ({ plumbs }) => plumbs === 'pump').flatMap((pump): Draft<'pump-far' | 'pump-high'>[] => {
      const { other, mm } = nearestTo(pump, tanks)
      const lift = pump.bounds.z.min - other.bounds.z.min
      const common = {
        fittings: [pump.id, other.id],
        place: topOf(pump),
        unit: 'mm' as const,
        facts: { tank: other.id },
      }
      return [
        ...(mm > runMm ? [{ ...common, code: 'pump-far' as const, measured: Math.round(mm), needed: runMm }] : []),
        ...(lift > liftMm
          ? [{ ...common, code: 'pump-high' as const, measured: Math.round(lift), needed: liftMm }]
          : []),
      ]
    })
  },
  remedies: (input, finding) => {
    const by = finding.measured - finding.needed
    const pump = input.first(finding)
    if (finding.code === 'pump-far' || pump === undefined) return movedAlong(input, finding.fittings, by)
    return shift(input, pump, 'lower', [0, 0, -1], by)
  },
})
