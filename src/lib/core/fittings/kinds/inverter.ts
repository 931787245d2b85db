import { z } from 'zod'
import { DETAIL, handle } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, upTheWall } from '../shapes'
import { levels, line, ring } from '../symbols'

/** Of its fan under load, at 1 m. Common practice, no source. */
const FAN_DB = 42
/** What it takes while nothing is plugged in, of its watts. Common practice, no source. */
const WAITING = 0.0075
/** One that charges too gives an ampere at 12 V for so many watts of its own. Common practice, no source. */
const WATTS_AN_AMP = 25

/** An inverter, a charger, or both in one, with air round it. */
export const inverter = machine({
  id: 'inverter',
  size: [
    [330, 150, 600],
    [160, 80, 350],
    [420, 150, 700],
  ],
  extra: { does: choiceParameter(['both', 'inverter', 'charger']), watts: z.number().min(100).max(8000).default(1600) },
  part: 'inverter',
  home: upTheWall(100),
  serviced: () => [['inverter', 'front', 400]],
  facts: (p) => ({
    ...BOUGHT,
    noiseDb: FAN_DB,
    electrics: 'converter',
    gives: [
      ...(p.does === 'charger' ? [] : [{ what: 'mains' as const, watts: p.watts, waitingWatts: p.watts * WAITING }]),
      ...(p.does === 'inverter'
        ? []
        : [{ what: 'charger' as const, from: 'mains' as const, amps: p.watts / WATTS_AN_AMP }]),
    ],
  }),
  adjust: { does: DETAIL, watts: handle('capacity') },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      ...levels('top', -half + 20, half - 20, -p.depthMm / 2 + 10, p.depthMm / 2 - 10, 5),
      ...levels('front', -half + 30, half - 30, 30, p.heightMm * 0.4, 6),
      ring('front', half - 50, p.heightMm - 60, 16),
      line('front', [-half + 30, p.heightMm - 60], [0, p.heightMm - 60]),
      ...levels('side', -p.depthMm / 2 + 15, p.depthMm / 2 - 15, 30, p.heightMm * 0.4, 6),
    ]
  },
  parts: (p) => [piece('inverter-or-charger', 3 + p.watts * 0.005)],
  cautions: () => ['mains', 'batteries'],
})
