import { z } from 'zod'
import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { onTheWall } from '../shapes'
import { levels, line, parted } from '../symbols'

/** A gas heater without a flame to be seen and without a flue: it breathes the air of the room, and steams it. */
export const heaterCatalytic = machine({
  id: 'heater-catalytic',
  size: [
    [380, 200, 600],
    [160, 90, 350],
    [420, 250, 600],
  ],
  extra: { watts: z.number().min(500).max(4200).default(1600) },
  part: 'catalytic-heater',
  home: onTheWall,
  meets: ['heater'],
  serviced: () => [['heater', 'front', 400]],
  services: () => [{ type: 'heater', quantity: 1 }],
  facts: (p) => ({
    ...BOUGHT,
    isSteaming: true,
    heat: [{ how: 'plate', fuel: 'gas', isLit: true, watts: p.watts, warms: 'air' }],
    reaches: [{ what: 'controls', zMm: p.heightMm }],
  }),
  adjust: { watts: DETAIL },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      ...parted('front', -half + 25, half - 25, p.heightMm * 0.2, p.heightMm * 0.8, 8),
      ...levels('front', -half + 25, half - 25, p.heightMm * 0.2, p.heightMm * 0.8, 6),
      line('top', [-half, -p.depthMm / 2 + 20], [half, -p.depthMm / 2 + 20]),
      line('side', [-p.depthMm / 2 + 20, 0], [-p.depthMm / 2 + 20, p.heightMm]),
    ]
  },
  parts: () => [piece('catalytic-heater', 4.5)],
  cautions: () => ['gas', 'fuel'],
})
