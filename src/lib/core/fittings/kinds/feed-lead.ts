import { z } from 'zod'
import { DETAIL_MM } from '../adjust'
import { piece } from '../boards'
import { BOUGHT } from '../facts'
import { machine } from '../machine'
import { lengthParameter, onTheWall } from '../shapes'
import { line, ring } from '../symbols'

const KG_PER_M = 0.28

/** One lead with its adapters that feeds the vehicle from outside through a door or window: no hole, and coiled on the road. */
export const feedLead = machine({
  id: 'feed-lead',
  size: [
    [320, 200, 500],
    [320, 200, 500],
    [120, 60, 300],
  ],
  extra: {
    leadMm: lengthParameter(10_000, 2000, 30_000).describe('Its length'),
    adapter: z.boolean().default(true).describe('Fits a household socket as well'),
  },
  part: 'coil',
  home: onTheWall,
  facts: () => ({ ...BOUGHT, electrics: 'capped' }),
  adjust: { leadMm: DETAIL_MM, adapter: { handles: [], step: 1 } },
  features: (p) => {
    const r = Math.min(p.lengthMm, p.depthMm) / 2
    return [
      ...[0.95, 0.78, 0.6].map((share) => ring('top', 0, 0, r * share)),
      line('front', [-p.lengthMm / 2, p.heightMm / 3], [p.lengthMm / 2, p.heightMm / 3]),
      line('front', [-p.lengthMm / 2, (p.heightMm * 2) / 3], [p.lengthMm / 2, (p.heightMm * 2) / 3]),
      line('side', [-p.depthMm / 2, p.heightMm / 2], [p.depthMm / 2, p.heightMm / 2]),
    ]
  },
  parts: (p) => [piece('lead', (p.leadMm / 1000) * KG_PER_M), ...(p.adapter ? [piece('adapter', 0.3)] : [])],
  cautions: () => ['mains'],
})
