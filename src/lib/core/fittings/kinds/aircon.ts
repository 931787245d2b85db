import { z } from 'zod'
import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { onTheRoof } from '../shapes'
import { levels, line, ring } from '../symbols'

/** An air conditioner on the roof. It runs on hook-up, or on a very large battery. */
export const aircon = machine({
  id: 'aircon',
  size: [
    [980, 600, 1200],
    [640, 450, 800],
    [250, 180, 350],
  ],
  extra: { watts: z.number().min(400).max(3500).default(1000) },
  part: 'air-conditioner',
  home: onTheRoof,
  isOutside: true,
  services: () => [{ type: 'air', quantity: 1 }],
  facts: (p) => ({
    ...BOUGHT,
    noiseDb: 52,
    draws: [{ by: 'cooling', from: 'mains', watts: p.watts, waitingWatts: 3, surge: 3 }],
  }),
  adjust: { watts: DETAIL },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      ring('top', half - 230, 0, 170),
      ring('top', half - 230, 0, 60),
      ...levels('top', -half + 40, -60, -p.depthMm / 2 + 60, p.depthMm / 2 - 60, 6),
      ...levels('front', -half + 60, half - 60, 40, p.heightMm - 60, 4),
      ...levels('side', -p.depthMm / 2 + 60, p.depthMm / 2 - 60, 40, p.heightMm - 60, 4),
      line('front', [-half, p.heightMm - 40], [half, p.heightMm - 40]),
    ]
  },
  parts: (p) => [piece('air-conditioner', 20 + p.watts * 0.012)],
  cautions: () => ['mains', 'roof-load', 'cutting'],
})
