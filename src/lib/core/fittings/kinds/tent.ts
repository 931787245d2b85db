import { z } from 'zod'
import { DETAIL, DETAIL_MM, END } from '../adjust'
import { block } from '../../geometry'
import { piece, upholstered } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { centred, choiceParameter, lengthParameter, onTheWall, outside, rigid } from '../shapes'
import { box, line, parted, strokes } from '../symbols'

const parameters = z.object({
  pitchedMm: lengthParameter(1800, 800, 4000).describe('Along the vehicle, when it is pitched'),
  outMm: lengthParameter(1800, 800, 3500).describe('How far it stands out'),
  bagMm: lengthParameter(700, 300, 1200).describe('Length of its bag'),
  floor: choiceParameter(['none', 'groundsheet']),
})

const BAG_MM = 250
const HIGH_MM = 2000
/** Of its cloth, per square metre on the ground. Common practice, no source. */
const KG_M2 = 2.2

/** A tent at a door: in its bag on the road, pitched outside when one stays. Its back is to the door. */
export const tent = defineKind({
  id: 'tent',
  group: 'stowage',
  parameters,
  formerly: { pitchedMm: 'lengthMm' },
  stances: ['stowed', 'set-up'],
  stanceFor: { driving: 'stowed', living: 'stowed', sleeping: 'stowed' },
  meets: [],
  home: onTheWall,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.bagMm, depthMm: BAG_MM, heightMm: BAG_MM }),
  reach: (p) => ({ back: p.outMm + 200, ends: Math.max(0, (p.pitchedMm - p.bagMm) / 2), up: HIGH_MM, down: 700 }),
  solids: (p, stance) =>
    stance === 'stowed'
      ? [rigid('bag', centred(p.bagMm, BAG_MM, 0, BAG_MM))]
      : [
          outside(
            'tent',
            block(
              [-p.pitchedMm / 2, BAG_MM / 2 + 200, -700],
              [p.pitchedMm / 2, BAG_MM / 2 + 200 + p.outMm, HIGH_MM - 700],
            ),
          ),
        ],
  clearances: () => [],
  services: () => [],
  facts: (_p, stance) => ({
    ...BOUGHT,
    shields: stance === 'set-up' ? 'sun' : undefined,
    swings: stance === 'set-up' ? 'cloth' : 'nothing',
  }),
  adjust: { pitchedMm: DETAIL_MM, outMm: DETAIL_MM, bagMm: END, floor: DETAIL },
  features: (p, stance) => {
    const half = p.pitchedMm / 2
    const from = BAG_MM / 2 + 200
    return stance === 'set-up'
      ? [
          box('top', -half + 40, from + 40, half - 40, from + p.outMm - 40),
          line('top', [-half + 40, from + 40], [half - 40, from + p.outMm - 40]),
          line('top', [-half + 40, from + p.outMm - 40], [half - 40, from + 40]),
          ...strokes('front', [
            [-half, -700],
            [-half * 0.8, HIGH_MM - 900],
            [0, HIGH_MM - 700],
            [half * 0.8, HIGH_MM - 900],
            [half, -700],
          ]),
          line('front', [0, -700], [0, HIGH_MM - 900]),
          line('side', [from + 40, HIGH_MM - 720], [from + p.outMm - 40, HIGH_MM - 1000]),
        ]
      : [
          ...parted('top', -p.bagMm / 2, p.bagMm / 2, -BAG_MM / 2, BAG_MM / 2, 4),
          ...parted('front', -p.bagMm / 2, p.bagMm / 2, 0, BAG_MM, 4),
          line('side', [-BAG_MM / 2, BAG_MM / 2], [BAG_MM / 2, BAG_MM / 2]),
        ]
  },
  parts: (p) => [
    upholstered('tent', p.pitchedMm * p.outMm * 1e-6 * KG_M2 * (p.floor === 'none' ? 1 : 1.25)),
    piece('poles-and-pegs', 4),
  ],
  change: () => ({ minutes: 12, hands: 2 }),
})
