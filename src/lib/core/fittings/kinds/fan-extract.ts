import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL, DETAIL_MM, endAnd, handle } from '../adjust'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { centred, choiceParameter, inTheRoof, lengthParameter, outside, rigid } from '../shapes'
import { box, line, ring } from '../symbols'

const DOME_MM = 110
const MM2_PER_CM2 = 100
/** On a low speed, at 1 m. Common practice, no source. */
const FAN_DB = 34
/** On that speed. Common practice, no source. */
const FAN_WATTS = 20
/** Of a strong fan: about 900 ft³/min (1 530 m³/h) in free air, and next to nothing against 60 Pa. Common practice, no source. */
const FAN_CURVE = [
  [1530, 0],
  [900, 30],
  [0, 60],
] as const

const parameters = z.object({
  cutMm: lengthParameter(400, 250, 500).describe('Side of its opening in the roof'),
  frameMm: lengthParameter(35, 10, 80).describe('How far its frame hangs below the ceiling'),
  screen: z.boolean().default(true).describe('An insect screen in its frame'),
  blows: choiceParameter(['both', 'out']).describe('Out only needs an opening window at the other end'),
})

type Fan = z.infer<typeof parameters>
const side = (p: Fan) => p.cutMm + 60

/** A fan in the roof. One without an inlet at the other end moves nothing. */
export const fanExtract = defineKind({
  id: 'fan-extract',
  group: 'machines',
  parameters,
  stances: ['shut', 'running'],
  stanceFor: { driving: 'shut', living: 'running', sleeping: 'running' },
  meets: [],
  home: inTheRoof,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: side(p), depthMm: side(p), heightMm: p.frameMm }),
  reach: () => ({ up: 400 }),
  solids: (p, stance) => [
    rigid('frame', centred(side(p), side(p), 0, p.frameMm)),
    outside(
      'dome',
      block(
        [-p.cutMm / 2, -p.cutMm / 2, p.frameMm + 80],
        [p.cutMm / 2, p.cutMm / 2, p.frameMm + 80 + (stance === 'running' ? 2 * DOME_MM : DOME_MM)],
      ),
    ),
  ],
  clearances: () => [],
  services: () => [{ type: 'air', quantity: 1 }],
  facts: (p, stance) => ({
    ...BOUGHT,
    ...(stance === 'running' ? { noiseDb: FAN_DB } : {}),
    draws: [{ by: 'airing', from: 'battery', watts: FAN_WATTS }],
    air: {
      what: 'fan',
      way: p.blows,
      freeCm2: (p.cutMm * p.cutMm) / MM2_PER_CM2,
      curve: FAN_CURVE,
      isScreened: p.screen,
    },
  }),
  adjust: { cutMm: endAnd('front'), frameMm: DETAIL_MM, screen: handle('screen'), blows: DETAIL },
  features: (p) => [
    box('top', -p.cutMm / 2, -p.cutMm / 2, p.cutMm / 2, p.cutMm / 2),
    ring('top', 0, 0, p.cutMm * 0.42),
    ...[0, 60, 120].map((deg) => {
      const [x, y] = [Math.cos((deg * Math.PI) / 180), Math.sin((deg * Math.PI) / 180)]
      return line('top', [-x * p.cutMm * 0.4, -y * p.cutMm * 0.4], [x * p.cutMm * 0.4, y * p.cutMm * 0.4])
    }),
    line('front', [-side(p) / 2, p.frameMm / 2], [side(p) / 2, p.frameMm / 2]),
    line('side', [-side(p) / 2, p.frameMm / 2], [side(p) / 2, p.frameMm / 2]),
  ],
  parts: () => [piece('fan', 5)],
  openings: (p) => [
    { id: 'fan', through: 'roof', task: 'air', x: [-p.cutMm / 2, p.cutMm / 2], other: [-p.cutMm / 2, p.cutMm / 2] },
  ],
  change: () => ({ minutes: 0.1, hands: 1 }),
  cautions: () => ['cutting'],
})
