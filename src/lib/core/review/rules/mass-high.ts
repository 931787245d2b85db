import { defineRule, practice } from '../define-rule'
import { pushing } from '../loads'
import { topOf } from '../middle'
import { shift } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'mass-high': { readonly kg: number; readonly ownKg: number }
  }
}

/** Heavy things stand low: inside the body nothing of weight rides over the windows. */
export const massHigh = defineRule({
  id: 'mass-high',
  group: 'weight',
  modes: ['driving'],
  reads: ['scene', 'weight'],
  gravity: { 'mass-high': 'caution' },
  basis: practice('heavy things low: what is high makes a vehicle roll in bends and flies furthest in a crash'),
  parameters: {
    heavyKg: { default: 40, min: 5, max: 300, unit: 'kg', basis: practice('a thing with what it holds') },
    highMm: { default: 1500, min: 600, max: 2500, unit: 'mm', basis: practice('its middle over the load floor') },
  },
  check: (input) => {
    const { heavyKg, highMm } = input.parameters
    return pushing(input, ({ onRoof }) => (onRoof ? 0 : 1)).flatMap(({ id, kg, at }) => {
      const placed = input.find(id)
      // a bed that hangs under the roof is made to
      const lies = placed?.kind.meets.includes('berth') === true
      if (placed === undefined || lies || !(kg >= heavyKg) || !(at[2] > highMm)) return []
      const own = input.weight().ledger.entries.find((entry) => entry.id === `fitting:${id}`)
      return [
        {
          code: 'mass-high' as const,
          fittings: [id],
          place: topOf(placed),
          measured: Math.ceil(at[2]),
          needed: highMm,
          unit: 'mm' as const,
          facts: { kg: Math.round(kg), ownKg: Math.round(own?.amount ?? 0) },
        },
      ]
    })
  },
  remedies: (input, finding) => {
    const placed = input.first(finding)
    return placed === undefined ? [] : shift(input, placed, 'lower', [0, 0, -1], finding.measured - finding.needed + 1)
  },
})
