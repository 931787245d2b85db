import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL, DETAIL_MM, endAnd, frontAnd } from '../adjust'
import { berth } from '../bed'
import { board, piece } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, ENTRY_MM, inFront, lengthParameter, rigid, upTheWall } from '../shapes'
import { line, parted, pillow } from '../symbols'

const POLE_MM = 35
const ROLL_MM = 140

const parameters = z.object({
  lengthMm: lengthParameter(1400, 1000, 1700).describe('Along its poles; for a child'),
  widthMm: lengthParameter(550, 400, 700).describe('Between its poles'),
  sagMm: lengthParameter(120, 40, 250).describe('How far the cloth hangs under load'),
  mostKg: z
    .number()
    .min(20)
    .max(120)
    .default(50)
    .meta({ unit: 'kg' })
    .describe('What its poles and brackets are made to carry'),
})

/** A cloth slung between two poles on brackets: a child’s bunk over seats or over another bed, rolled up by day. */
export const bunkHammock = defineKind({
  id: 'bunk-hammock',
  group: 'sleeping',
  parameters,
  stances: ['slung', 'rolled'],
  stanceFor: { driving: 'rolled', living: 'rolled', sleeping: 'slung' },
  meets: ['berth'],
  home: upTheWall(1100),
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.widthMm, heightMm: p.sagMm + Math.max(POLE_MM, ROLL_MM) }),
  solids: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.widthMm / 2]
    const z = p.sagMm
    if (stance === 'rolled') return [rigid('roll', block([-half, back - ROLL_MM, z], [half, back, z + ROLL_MM]))]
    return [
      rigid('cloth', block([-half, -back + POLE_MM, 0], [half, back - POLE_MM, z])),
      rigid('front-pole', block([-half, -back, z], [half, -back + POLE_MM, z + POLE_MM])),
      rigid('back-pole', block([-half, back - POLE_MM, z], [half, back, z + POLE_MM])),
    ]
  },
  clearances: (p, stance) =>
    stance === 'slung'
      ? [inFront('entry', 'entry', ['berth'], about(Math.min(700, p.lengthMm)), -p.widthMm / 2, ENTRY_MM)]
      : [],
  services: (p, stance) =>
    stance === 'slung'
      ? [berth({ x: about(p.lengthMm), y: about(p.widthMm), along: 'x', zMm: p.sagMm, sleepers: 1 })]
      : [],
  facts: () => ({ ...ON_OWN_LEGS, swings: 'cloth' }),
  adjust: { lengthMm: endAnd('lying-length'), widthMm: frontAnd('lying-width'), sagMm: DETAIL_MM, mostKg: DETAIL },
  features: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.widthMm / 2]
    return stance === 'rolled'
      ? [
          ...parted('top', -half, half, back - ROLL_MM, back, 5),
          ...parted('front', -half, half, p.sagMm, p.sagMm + ROLL_MM, 5),
          line('side', [back - ROLL_MM, p.sagMm + ROLL_MM / 2], [back, p.sagMm + ROLL_MM / 2]),
        ]
      : [
          line('top', [-half, -back + POLE_MM], [half, -back + POLE_MM]),
          line('top', [-half, back - POLE_MM], [half, back - POLE_MM]),
          pillow(half - 280, -back + 80, half - 60, back - 80),
          line('front', [-half, p.sagMm], [0, 0]),
          line('front', [0, 0], [half, p.sagMm]),
          line('side', [-back, p.sagMm], [0, 0]),
          line('side', [0, 0], [back, p.sagMm]),
        ]
  },
  parts: (p) => [
    board('cloth', p.lengthMm, p.widthMm + 100, 1.5, 1, 'canvas'),
    board('poles', p.lengthMm, 2 * POLE_MM, 3, 2, 'aluminium'),
    piece('brackets', 0.4, 4),
  ],
  change: () => ({ minutes: 2, hands: 1 }),
  cautions: () => ['overhead'],
})
