import { z } from 'zod'
import { DETAIL } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { upTheWall } from '../shapes'
import { levels, line } from '../symbols'

/** The part indoors of an air conditioner in two: it blows, and drips into a hose. Two pipes join it to its part outside. */
export const airconIndoor = machine({
  id: 'aircon-indoor',
  size: [
    [700, 400, 1100],
    [190, 120, 300],
    [270, 180, 400],
  ],
  extra: { watts: z.number().min(400).max(3500).default(900) },
  part: 'air-conditioner',
  home: upTheWall(1500),
  services: () => [{ type: 'air', quantity: 1 }],
  facts: () => ({ ...BOUGHT, noiseDb: 40 }),
  adjust: { watts: DETAIL },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      ...levels('front', -half + 30, half - 30, 25, p.heightMm * 0.35, 4),
      line('front', [-half + 30, p.heightMm * 0.45], [half - 30, p.heightMm * 0.45]),
      line('top', [-half, -p.depthMm / 2 + 30], [half, -p.depthMm / 2 + 30]),
      line('side', [-p.depthMm / 2, p.heightMm * 0.35], [p.depthMm / 2, p.heightMm * 0.35]),
    ]
  },
  parts: (p) => [piece('air-conditioner', 6 + p.watts * 0.003)],
  cautions: () => ['mains', 'cutting'],
})
