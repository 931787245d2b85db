import { z } from 'zod'
import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { underTheFloor } from '../shapes'
import { levels, ring } from '../symbols'

/** A winch on its plate, before or behind the vehicle: heavy and far out, so that its axle feels it. */
export const winch = machine({
  id: 'winch',
  size: [
    [550, 350, 800],
    [180, 120, 350],
    [240, 150, 400],
  ],
  extra: { pullKg: z.number().min(500).max(9000).default(4000).meta({ unit: 'kg' }) },
  part: 'winch',
  home: underTheFloor,
  isOutside: true,
  facts: () => BOUGHT,
  adjust: { pullKg: DETAIL },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      ...levels('front', -half * 0.4, half * 0.4, p.heightMm * 0.25, p.heightMm * 0.75, 6),
      ...[-1, 1].map((side) => ring('side', side * p.depthMm * 0.15, p.heightMm / 2, p.heightMm * 0.2)),
      ...levels('top', -half * 0.4, half * 0.4, -p.depthMm * 0.3, p.depthMm * 0.3, 5),
    ]
  },
  parts: (p) => [piece('winch', 12 + p.pullKg * 0.006), piece('plate', 15)],
  cautions: () => ['crash-path', 'batteries'],
})
