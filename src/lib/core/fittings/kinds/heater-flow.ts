import { z } from 'zod'
import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { flueAdjust, flueParameters } from '../flue'
import { machine } from '../machine'
import { upTheWall } from '../shapes'
import { box, line, strokes } from '../symbols'

/** Warms water as it runs, with no store to wait for and none to freeze full. Its burnt air leaves by a flue in the wall. */
export const heaterFlow = machine({
  id: 'heater-flow',
  size: [
    [340, 220, 500],
    [150, 100, 350],
    [450, 250, 700],
  ],
  extra: { kilowatts: z.number().min(4).max(20).default(10), ...flueParameters },
  part: 'flow-heater',
  home: upTheWall(900),
  serviced: () => [['heater', 'front', 400]],
  facts: (p) => ({
    ...BOUGHT,
    heat: [{ how: 'enclosed', fuel: 'gas', isLit: true, watts: p.kilowatts * 1000, warms: 'water' }],
    draws: [{ by: 'hot-water', from: 'battery', watts: 2 }],
    flue: { exhaustMm: p.flueMm, intakeMm: p.intakeMm },
  }),
  adjust: { kilowatts: DETAIL, ...flueAdjust },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      box('front', -half + 20, 30, half - 20, p.heightMm - 30),
      ...strokes('front', [
        [-half * 0.4, p.heightMm * 0.35],
        [-half * 0.1, p.heightMm * 0.6],
        [half * 0.1, p.heightMm * 0.4],
        [half * 0.4, p.heightMm * 0.65],
      ]),
      line('top', [-half, -p.depthMm / 2 + 15], [half, -p.depthMm / 2 + 15]),
      line('side', [-p.depthMm / 2 + 15, 0], [-p.depthMm / 2 + 15, p.heightMm]),
    ]
  },
  parts: (p) => [piece('flow-heater', 5 + p.kilowatts * 0.3), piece('flue', 1)],
  cautions: () => ['gas', 'fuel', 'cutting'],
})
