import type { Chemistry } from '../../fittings'
import { prismBulk } from '../../geometry'
import type { Placed } from '../../scene'
import { defineRule, practice } from '../define-rule'
import type { Draft } from '../finding'
import { topOf } from '../middle'
import { setHandle } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'panel-beyond': { readonly m2: number; readonly perM2: number }
    'battery-beyond': { readonly litres: number; readonly perL: number; readonly ampHours: number }
  }
}

/** More than the best panels give under a full sun of a kilowatt on the square metre, W. Common practice, no source: panels are sold with about 200. */
const MOST_W_M2 = 300
/** More than a litre of battery with its case holds, Wh. Common practice, no source: lithium in its case has about 130, lead 90. */
const MOST_WH_L: Readonly<Record<Chemistry, number>> = { lithium: 400, lead: 150, sealed: 150 }

const panelBeyond = (placed: Placed): readonly Draft<'panel-beyond'>[] =>
  placed.facts.gives.flatMap((give) => {
    if (give.what !== 'sun') return []
    const most = Math.floor(MOST_W_M2 * give.roofM2)
    return give.watts <= most
      ? []
      : [
          {
            code: 'panel-beyond' as const,
            fittings: [placed.id],
            place: topOf(placed),
            measured: Math.round(give.watts),
            needed: most,
            unit: 'W' as const,
            facts: { m2: give.roofM2, perM2: MOST_W_M2 },
          },
        ]
  })

const batteryBeyond = (placed: Placed): readonly Draft<'battery-beyond'>[] => {
  const litres = placed.solids.reduce((sum, { prism }) => sum + prismBulk(prism).mm3, 0) * 1e-6
  return placed.facts.holds.flatMap((held) => {
    if (held.what !== 'charge') return []
    const perL = MOST_WH_L[held.chemistry]
    const most = Math.floor(perL * litres)
    return held.capacityWh <= most
      ? []
      : [
          {
            code: 'battery-beyond' as const,
            fittings: [placed.id],
            place: topOf(placed),
            measured: Math.round(held.capacityWh),
            needed: most,
            unit: 'Wh' as const,
            facts: { litres, perL, ampHours: Math.floor(most / held.volts) },
          },
        ]
  })
}

/** What is bought gives no more than a thing of its size can: the year of power is worked out from it. */
export const asRated = defineRule({
  id: 'as-rated',
  group: 'fit',
  modes: ['living'],
  reads: ['scene'],
  gravity: { 'panel-beyond': 'caution', 'battery-beyond': 'caution' },
  basis: practice(
    'a figure that no maker reaches in such a size was mistyped, or the thing is larger than it was drawn',
  ),
  parameters: {},
  check: ({ scene }) => scene.placed.flatMap((placed) => [...panelBeyond(placed), ...batteryBeyond(placed)]),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    if (placed === undefined) return []
    const value = finding.code === 'panel-beyond' ? finding.needed : finding.facts.ampHours
    return setHandle(input, placed, 'set-parameter', 'capacity', value)
  },
})
