import { z } from 'zod'
import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { flueAdjust, flueParameters, HEATER_DB, heaterDraw } from '../flue'
import { machine } from '../machine'
import { choiceParameter, onTheWall } from '../shapes'
import { levels, line, ring } from '../symbols'

/** An air heater with its ducts: outlets low, under a seat or under the floor for quiet. */
export const heaterAir = machine({
  id: 'heater-air',
  size: [
    [370, 200, 600],
    [140, 100, 300],
    [150, 100, 300],
  ],
  extra: {
    fuel: choiceParameter(['diesel', 'gas']),
    kilowatts: z.number().min(1).max(8).default(2),
    ...flueParameters,
  },
  part: 'heater',
  home: onTheWall,
  meets: ['heater'],
  serviced: () => [['heater', 'front', 400]],
  services: () => [{ type: 'heater', quantity: 1 }],
  facts: (p) => ({
    ...BOUGHT,
    noiseDb: HEATER_DB,
    heat: [{ how: 'enclosed', fuel: p.fuel, isLit: true, watts: p.kilowatts * 1000, warms: 'air' }],
    draws: [heaterDraw(p.fuel)],
    flue: { exhaustMm: p.flueMm, intakeMm: p.intakeMm },
  }),
  adjust: { fuel: DETAIL, kilowatts: DETAIL, ...flueAdjust },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      ring('top', -half + 50, 0, Math.min(40, p.depthMm * 0.35)),
      ring('top', half - 50, 0, Math.min(40, p.depthMm * 0.35)),
      line('top', [-half + 90, 0], [half - 90, 0]),
      ...levels('front', -half + 20, -half + 110, 25, p.heightMm - 25, 5),
      ring('front', half - 55, p.heightMm / 2, Math.min(40, p.heightMm * 0.3)),
      ring('side', 0, p.heightMm / 2, Math.min(45, p.depthMm * 0.35)),
    ]
  },
  parts: (p) => [piece('heater', 2 + p.kilowatts * 0.6), piece('ducts-flue-and-pump', 2.5)],
  cautions: (p) => (p.fuel === 'gas' ? ['fuel', 'gas'] : ['fuel']),
})
