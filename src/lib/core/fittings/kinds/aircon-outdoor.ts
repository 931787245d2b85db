import { z } from 'zod'
import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { underTheFloor } from '../shapes'
import { levels, ring } from '../symbols'

/** The part outside of an air conditioner in two: compressor and fan, under the floor, behind or on the roof. It hums. */
export const airconOutdoor = machine({
  id: 'aircon-outdoor',
  size: [
    [600, 350, 900],
    [300, 200, 600],
    [400, 200, 600],
  ],
  extra: { watts: z.number().min(400).max(3500).default(900) },
  part: 'air-conditioner',
  home: underTheFloor,
  isOutside: true,
  services: () => [],
  facts: (p) => ({
    ...BOUGHT,
    noiseDb: 50,
    draws: [{ by: 'cooling', from: 'mains', watts: p.watts, waitingWatts: 3, surge: 3 }],
  }),
  adjust: { watts: DETAIL },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      ring('front', half * 0.3, p.heightMm / 2, p.heightMm * 0.38),
      ring('front', half * 0.3, p.heightMm / 2, p.heightMm * 0.12),
      ...levels('top', -half + 20, half - 20, -p.depthMm / 2 + 20, p.depthMm / 2 - 20, 5),
      ...levels('side', -p.depthMm / 2 + 20, p.depthMm / 2 - 20, 20, p.heightMm - 20, 5),
    ]
  },
  parts: (p) => [piece('air-conditioner', 12 + p.watts * 0.008)],
  cautions: () => ['mains', 'cutting', 'under-floor'],
})
