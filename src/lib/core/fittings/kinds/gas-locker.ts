import { z } from 'zod'
import { handle, ONE_MORE } from '../adjust'
import { board, piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { choiceParameter, countParameter, onTheWall } from '../shapes'
import { box, line, ring } from '../symbols'

const MM2_PER_CM2 = 100
/** Liquid gas in a bottle of 11 kg: propane of 510 kg/m³ at 15 °C (handbook value, from memory). */
const BOTTLE_L = 21.5
/** A steel bottle of 11 kg of gas, full. Common practice, no source. */
const BOTTLE_KG = 23

/** A locker for gas bottles: sealed to the inside, vented to the outside at its lowest point, because propane sinks. */
export const gasLocker = machine({
  id: 'gas-locker',
  size: [
    [420, 300, 800],
    [400, 300, 700],
    [650, 400, 900],
  ],
  extra: {
    bottles: countParameter(1, 1, 2),
    seal: choiceParameter(['gasket', 'none']).describe('Between its door and the inside'),
    ventCm2: z.number().min(0).max(400).default(100).describe('Free area of its vent, low and to the outside'),
  },
  part: 'gas-locker',
  home: onTheWall,
  serviced: () => [['gas-bottle', 'front', 500]],
  facts: (p) => ({
    ...BOUGHT,
    holds: [
      {
        what: 'gas',
        litres: p.bottles * BOTTLE_L,
        locker: {
          ventCm2: p.ventCm2,
          floorCm2: (p.lengthMm * p.depthMm) / MM2_PER_CM2,
          isSealed: p.seal === 'gasket',
        },
      },
    ],
    fronts: [{ what: 'door', hung: 'left', latch: 'locking', isOutside: false }],
  }),
  adjust: { bottles: ONE_MORE, seal: handle('seal'), ventCm2: handle('vent') },
  features: (p) => {
    const half = p.lengthMm / 2
    const r = Math.min(p.lengthMm / p.bottles, p.depthMm) * 0.4
    return [
      ...Array.from({ length: p.bottles }, (_, index) =>
        ring('top', -half + ((index + 0.5) * p.lengthMm) / p.bottles, 0, r),
      ),
      box('front', -half + 15, 15, half - 15, p.heightMm - 15),
      line('front', [-half + 40, 35], [half - 40, 35]),
      line('front', [-half + 40, 50], [half - 40, 50]),
      ring('front', half - 60, p.heightMm * 0.55, 12),
      line('side', [-p.depthMm / 2 + 15, 15], [-p.depthMm / 2 + 15, p.heightMm - 15]),
    ]
  },
  parts: (p) => [
    board('sides', 2 * (p.lengthMm + p.depthMm), p.heightMm, 1.5, 1, 'aluminium'),
    board('floor-and-top', p.lengthMm, p.depthMm, 1.5, 2, 'aluminium'),
    piece('regulator-and-seal', 1.5),
    piece('bottle-with-its-gas', BOTTLE_KG, p.bottles),
  ],
  cautions: () => ['gas'],
})
