import { z } from 'zod'
import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { ELEMENT_MOST_W, flueAdjust, flueParameters, HEATER_DB, heaterDraw } from '../flue'
import { machine } from '../machine'
import { choiceParameter, onTheWall } from '../shapes'
import { levels, ring, strokes } from '../symbols'

/** Air and water heated by one machine. */
export const heaterCombi = machine({
  id: 'heater-combi',
  size: [
    [510, 350, 700],
    [450, 300, 600],
    [300, 220, 450],
  ],
  extra: {
    fuel: choiceParameter(['diesel', 'gas', 'electric']),
    kilowatts: z.number().min(2).max(8).default(4),
    litres: z.number().min(5).max(20).default(10).meta({ unit: 'L' }),
    ...flueParameters,
  },
  part: 'combined-heater',
  home: onTheWall,
  meets: ['heater'],
  serviced: () => [['heater', 'front', 450]],
  services: () => [{ type: 'heater', quantity: 1 }],
  facts: (p) => ({
    ...BOUGHT,
    noiseDb: HEATER_DB,
    heat: [
      { how: 'enclosed', fuel: p.fuel, isLit: true, watts: p.kilowatts * 1000, warms: 'air' },
      { how: 'enclosed', fuel: p.fuel, isLit: true, watts: p.kilowatts * 1000, warms: 'water' },
    ],
    flue: p.fuel === 'electric' ? undefined : { exhaustMm: p.flueMm, intakeMm: p.intakeMm },
    holds: [{ what: 'water', litres: p.litres, isWarmed: true }],
    draws:
      p.fuel === 'electric'
        ? [{ by: 'heating', from: 'mains', watts: Math.min(p.kilowatts * 1000, ELEMENT_MOST_W) }]
        : [{ ...heaterDraw(p.fuel), waitingWatts: 0.5 }],
  }),
  adjust: { fuel: DETAIL, kilowatts: DETAIL, litres: DETAIL, ...flueAdjust },
  features: (p) => {
    const half = p.lengthMm / 2
    const r = Math.min(p.depthMm, p.lengthMm) * 0.32
    return [
      ring('top', 0, 0, r),
      ring('top', 0, 0, r * 0.5),
      ...[-1, 1].map((x) => ring('top', x * (half - 45), -p.depthMm / 2 + 45, 32)),
      ...levels('front', -half + 20, -20, 30, p.heightMm - 30, 5),
      ...strokes('front', [
        [20, p.heightMm / 2],
        [half * 0.35, p.heightMm * 0.7],
        [half * 0.6, p.heightMm * 0.3],
        [half - 20, p.heightMm / 2],
      ]),
      ...levels('side', -p.depthMm / 2 + 30, p.depthMm / 2 - 30, 30, p.heightMm - 30, 4),
    ]
  },
  parts: (p) => [piece('heater', 9 + p.kilowatts), piece('ducts-and-flue', 4)],
  cautions: (p) => (p.fuel === 'gas' ? ['fuel', 'gas'] : p.fuel === 'diesel' ? ['fuel'] : ['mains']),
})
