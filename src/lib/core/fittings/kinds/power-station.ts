import { z } from 'zod'
import { DETAIL, handle, ONE_MORE } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, countParameter, onTheWall } from '../shapes'
import { box, line, parted, ring } from '../symbols'

/** Share of its capacity that it gives, its own converter’s loss with it; common practice, no source. */
const USABLE = 0.85
const KG_PER_WH = 0.011
const VOLTS = 12
/** Its converter, while nothing is plugged in; and what share of it is charged in an hour. Common practice, no source. */
const WAITING_W = 8
const CHARGED_AN_HOUR = 0.25

/** Battery, converter and sockets in one box with a handle: it is carried home, and charges where it stands. */
export const powerStation = machine({
  id: 'power-station',
  size: [
    [380, 200, 700],
    [260, 150, 450],
    [270, 150, 500],
  ],
  extra: {
    wattHours: z.number().min(150).max(6000).default(1000),
    watts: z.number().min(100).max(4000).default(1000).describe('What its mains socket gives'),
    charges: choiceParameter(['engine', 'sun', 'mains']).describe('Where it is charged'),
    outlets: countParameter(4, 1, 12),
  },
  part: 'power-station',
  home: onTheWall,
  serviced: () => [['batteries', 'front', 300]],
  services: (p) => [
    { type: 'power', quantity: Math.round(p.wattHours * USABLE) },
    { type: 'socket', quantity: p.outlets },
  ],
  facts: (p) => ({
    ...BOUGHT,
    electrics: 'station',
    holds: [
      {
        what: 'charge',
        wattHours: Math.round(p.wattHours * USABLE),
        capacityWh: p.wattHours,
        volts: VOLTS,
        chemistry: 'lithium',
        gives: 'nothing',
      },
    ],
    gives: [
      { what: 'mains', watts: p.watts, waitingWatts: WAITING_W },
      { what: 'charger', from: p.charges, amps: (p.wattHours * CHARGED_AN_HOUR) / VOLTS },
    ],
    reaches: [{ what: 'controls', zMm: p.heightMm / 2 }],
  }),
  adjust: { wattHours: handle('capacity'), watts: DETAIL, charges: DETAIL, outlets: ONE_MORE },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      box('front', -half + 20, p.heightMm * 0.55, half * 0.2, p.heightMm * 0.85),
      ...[0.35, 0.7].map((x) => ring('front', half * x, p.heightMm * 0.7, Math.min(22, p.heightMm * 0.09))),
      ...parted('front', -half + 20, half - 20, p.heightMm * 0.15, p.heightMm * 0.35, Math.min(12, p.outlets)),
      box('top', -half * 0.7, -18, half * 0.7, 18),
      line('side', [-p.depthMm * 0.25, p.heightMm - 20], [p.depthMm * 0.25, p.heightMm - 20]),
    ]
  },
  parts: (p) => [piece('power-station', 2 + p.wattHours * KG_PER_WH)],
  cautions: () => ['batteries'],
})
