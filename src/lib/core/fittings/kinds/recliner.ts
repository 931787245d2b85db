import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL_MM, END, FRONT, level, TOP } from '../adjust'
import { upholstered } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, facingForward, lengthParameter, rigid } from '../shapes'
import { knees } from '../sitting'
import { box, line } from '../symbols'

const BACK_MM = 140
const ARM_MM = 60

const parameters = z.object({
  lengthMm: lengthParameter(680, 550, 900).describe('Across its arms'),
  depthMm: lengthParameter(720, 600, 900).describe('Upright'),
  seatMm: lengthParameter(430, 350, 520),
  backHighMm: lengthParameter(1020, 800, 1200),
  behindMm: lengthParameter(300, 0, 600).describe('How far its back goes out behind when it leans'),
  footMm: lengthParameter(450, 0, 600).describe('How far its foot rest comes out'),
})

/** An armchair that leans back and puts up the feet; for parked use, it has no belt. */
export const recliner = defineKind({
  id: 'recliner',
  group: 'sitting',
  parameters,
  stances: ['upright', 'leant-back'],
  stanceFor: { driving: 'upright', living: 'upright', sleeping: 'upright' },
  meets: ['seat'],
  home: facingForward,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.backHighMm }),
  reach: (p) => ({ front: p.footMm, back: p.behindMm }),
  solids: (p, stance) => {
    const [half, front, back] = [p.lengthMm / 2, -p.depthMm / 2, p.depthMm / 2]
    const seat = rigid('seat', block([-half, front, 0], [half, back, p.seatMm]))
    const arms = [-1, 1].map((side) =>
      rigid(
        side < 0 ? 'left-arm' : 'right-arm',
        block(
          [Math.min(side * half, side * (half - ARM_MM)), front + 60, p.seatMm],
          [Math.max(side * half, side * (half - ARM_MM)), back - BACK_MM, p.seatMm + 180],
        ),
      ),
    )
    const leaning = stance === 'leant-back' ? p.behindMm : 0
    const rest = rigid('backrest', {
      axis: 'x',
      profile: [
        [back - BACK_MM, p.seatMm],
        [back, p.seatMm],
        [back + leaning, p.backHighMm - leaning * 0.3],
        [back - BACK_MM + leaning, p.backHighMm - leaning * 0.3],
      ],
      span: about(p.lengthMm),
    })
    const feet =
      stance === 'leant-back' && p.footMm > 1
        ? [
            rigid(
              'foot-rest',
              block([-half + ARM_MM, front - p.footMm, p.seatMm - 120], [half - ARM_MM, front, p.seatMm]),
            ),
          ]
        : []
    return [seat, ...arms, rest, ...feet]
  },
  clearances: (p, stance) => [
    knees(['seat'], about(p.lengthMm), -p.depthMm / 2 - (stance === 'leant-back' ? p.footMm : 0), p.seatMm),
  ],
  services: (p) => [
    {
      type: 'seat',
      quantity: 1,
      approach: 'knees',
      places: [{ at: [0, -p.depthMm / 2 + 300], facesDeg: 270 }],
      cushion: { topMm: p.seatMm },
    },
  ],
  facts: () => ON_OWN_LEGS,
  adjust: {
    lengthMm: END,
    depthMm: FRONT,
    seatMm: level('seat'),
    backHighMm: TOP,
    behindMm: DETAIL_MM,
    footMm: DETAIL_MM,
  },
  features: (p, stance) => {
    const [half, front, back] = [p.lengthMm / 2, -p.depthMm / 2, p.depthMm / 2]
    return [
      box('top', -half + ARM_MM, front, half - ARM_MM, back - BACK_MM),
      box('top', -half + ARM_MM, back - BACK_MM, half - ARM_MM, back),
      box('front', -half + ARM_MM, p.seatMm - 130, half - ARM_MM, p.seatMm),
      line('side', [front, p.seatMm - 130], [back, p.seatMm - 130]),
      ...(stance === 'leant-back' ? [line('side', [front, p.seatMm - 200], [back, p.seatMm - 200])] : []),
    ]
  },
  parts: () => [upholstered('reclining-chair', 28)],
  change: () => ({ minutes: 0.2, hands: 1 }),
})
