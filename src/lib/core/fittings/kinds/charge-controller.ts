import { z } from 'zod'
import { DETAIL, handle } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, upTheWall } from '../shapes'
import { levels, line } from '../symbols'

/** Charges the battery from the sun, the engine or the mains. It gets warm: air all round it, and near the battery. */
export const chargeController = machine({
  id: 'charge-controller',
  size: [
    [200, 90, 400],
    [75, 35, 180],
    [190, 80, 400],
  ],
  extra: { from: choiceParameter(['sun', 'engine', 'mains']), amps: z.number().min(5).max(150).default(30) },
  part: 'charge-controller',
  home: upTheWall(300),
  serviced: () => [['inverter', 'front', 400]],
  facts: (p) => ({ ...BOUGHT, electrics: 'converter', gives: [{ what: 'charger', from: p.from, amps: p.amps }] }),
  adjust: { from: DETAIL, amps: handle('current') },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      ...levels('front', -half + 15, half - 15, p.heightMm * 0.35, p.heightMm - 15, 6),
      line('front', [-half, p.heightMm * 0.3], [half, p.heightMm * 0.3]),
      ...levels('top', -half + 15, half - 15, -p.depthMm / 2, p.depthMm / 2, 3),
      line('side', [-p.depthMm / 2, p.heightMm * 0.3], [p.depthMm / 2, p.heightMm * 0.3]),
    ]
  },
  parts: (p) => [piece('charge-controller', 0.6 + p.amps * 0.04)],
  cautions: (p) => (p.from === 'mains' ? ['mains', 'batteries'] : ['batteries']),
})
