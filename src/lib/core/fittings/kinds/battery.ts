import { z } from 'zod'
import { DETAIL, DETAIL_MM, handle } from '../adjust'
import { piece } from '../boards'
import { BOUGHT, CHEMISTRIES } from '../facts'
import { machine } from '../machine'
import { BATTERY_CASE_KG, BATTERY_KG_PER_WH } from '../power-figures'
import { choiceParameter, countParameter, lengthParameter, onTheWall } from '../shapes'
import { line, parted, ring } from '../symbols'

/** Share of its capacity that a battery gives without harm; common practice, no source. */
const USABLE = { lithium: 0.9, lead: 0.5, sealed: 0.5 } as const

/** What can be drawn of it without harm, Wh. */
const usableWh = (p: { ampHours: number; volts: number; chemistry: keyof typeof USABLE }): number =>
  Math.round(p.ampHours * p.volts * USABLE[p.chemistry])

/** Batteries of the living space, strapped down in a box of their own; lead needs its vent to the outside. */
export const battery = machine({
  id: 'battery',
  size: [
    [360, 150, 1200],
    [200, 120, 600],
    [240, 120, 500],
  ],
  extra: {
    chemistry: choiceParameter(CHEMISTRIES).describe('Sealed lead gasses only when it is charged wrongly'),
    ampHours: z.number().min(20).max(1200).default(100),
    volts: countParameter(12, 12, 48),
    cablesMm: lengthParameter(120, 60, 300).describe('Room above its poles'),
  },
  part: 'battery',
  home: onTheWall,
  serviced: (p) => [['batteries', 'top', p.cablesMm]],
  services: (p) => [{ type: 'power', quantity: usableWh(p) }],
  facts: (p) => ({
    ...BOUGHT,
    electrics: 'battery',
    holds: [
      {
        what: 'charge',
        wattHours: usableWh(p),
        capacityWh: p.ampHours * p.volts,
        volts: p.volts,
        chemistry: p.chemistry,
        gives: p.chemistry === 'lead' ? 'gas' : 'nothing',
      },
    ],
  }),
  adjust: { chemistry: DETAIL, ampHours: handle('capacity'), volts: DETAIL, cablesMm: DETAIL_MM },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      ...parted('top', -half, half, -p.depthMm / 2, p.depthMm / 2, Math.max(2, Math.round(p.lengthMm / 120))),
      ring('top', -half + 40, p.depthMm / 2 - 40, 14, true),
      ring('top', half - 40, p.depthMm / 2 - 40, 14, true),
      line('front', [-half, p.heightMm - 35], [half, p.heightMm - 35]),
      line('front', [-half + 25, p.heightMm - 18], [-half + 55, p.heightMm - 18]),
      line('front', [half - 55, p.heightMm - 18], [half - 25, p.heightMm - 18]),
      line('front', [half - 40, p.heightMm - 30], [half - 40, p.heightMm - 6]),
      line('side', [-p.depthMm / 2, p.heightMm - 35], [p.depthMm / 2, p.heightMm - 35]),
    ]
  },
  parts: (p) => [
    piece('cells-and-case', BATTERY_CASE_KG / 2 + p.ampHours * p.volts * BATTERY_KG_PER_WH[p.chemistry]),
    piece('strap-and-box', BATTERY_CASE_KG / 2),
  ],
  cautions: () => ['batteries'],
})
