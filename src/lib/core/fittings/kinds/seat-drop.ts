import { z } from 'zod'
import { block } from '../../geometry'
import { END, frontAnd, topAnd } from '../adjust'
import { board, foam, piece, SLAT_MM } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, lengthParameter, onTheWall, rigid } from '../shapes'
import { knees } from '../sitting'
import { box, line, strokes } from '../symbols'

const FOLDED_MM = 90

const parameters = z.object({
  lengthMm: lengthParameter(420, 320, 600),
  depthMm: lengthParameter(380, 300, 500).describe('Dropped, from the wall to its front'),
  seatMm: lengthParameter(450, 380, 550),
})

/** A seat that drops from the wall and folds up flat; to sit while parked. */
export const seatDrop = defineKind({
  id: 'seat-drop',
  group: 'sitting',
  parameters,
  stances: ['down', 'folded'],
  stanceFor: { driving: 'folded', living: 'down', sleeping: 'folded' },
  meets: ['seat'],
  home: onTheWall,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.seatMm + p.depthMm }),
  solids: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    return stance === 'down'
      ? [rigid('seat', block([-half, -back, p.seatMm - 60], [half, back, p.seatMm]))]
      : [rigid('folded-seat', block([-half, back - FOLDED_MM, p.seatMm - 60], [half, back, p.seatMm + p.depthMm - 60]))]
  },
  clearances: (p, stance) => (stance === 'down' ? [knees(['seat'], about(p.lengthMm), -p.depthMm / 2, p.seatMm)] : []),
  services: (p, stance) =>
    stance === 'down'
      ? [
          {
            type: 'seat',
            quantity: 1,
            approach: 'knees',
            places: [{ at: [0, -20], facesDeg: 270 }],
            cushion: { topMm: p.seatMm, depthMm: p.depthMm },
          },
        ]
      : [],
  facts: () => ON_OWN_LEGS,
  adjust: { lengthMm: END, depthMm: frontAnd('seat-depth'), seatMm: topAnd('seat') },
  features: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    return stance === 'down'
      ? [
          box('top', -half + 25, -back + 20, half - 25, back - 40),
          line('front', [-half, p.seatMm - SLAT_MM], [half, p.seatMm - SLAT_MM]),
          ...strokes('side', [
            [-back + 40, p.seatMm - 60],
            [back, Math.max(20, p.seatMm - 320)],
          ]),
        ]
      : [
          line('top', [-half, back - 40], [half, back - 40]),
          box('front', -half + 25, p.seatMm, half - 25, p.seatMm + p.depthMm - 90),
          line('side', [back - 40, p.seatMm - 60], [back - 40, p.seatMm + p.depthMm - 60]),
        ]
  },
  parts: (p) => [
    board('seat-board', p.lengthMm, p.depthMm, SLAT_MM, 1, 'birch-ply'),
    foam('cushion', p.lengthMm, p.depthMm, 40),
    piece('folding-brackets', 1.2),
  ],
  change: () => ({ minutes: 0.1, hands: 1 }),
})
