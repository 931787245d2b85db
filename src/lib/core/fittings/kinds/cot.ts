import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL, DETAIL_MM, endAnd, frontAnd, level, topAnd } from '../adjust'
import { board, foam, piece, PLY_MM } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, centred, choiceParameter, ENTRY_MM, inFront, lengthParameter, onTheWall, rigid } from '../shapes'
import { box, line, parted } from '../symbols'

const WALL_MM = 20
const FOLDED_MM = 120

const parameters = z.object({
  lengthMm: lengthParameter(1240, 800, 1500).describe('Outside; a cot mattress is 1200 × 600'),
  depthMm: lengthParameter(640, 450, 800),
  platformMm: lengthParameter(450, 100, 1100).describe('Under its mattress, above its base'),
  mattressMm: lengthParameter(80, 40, 120),
  sideMm: lengthParameter(500, 300, 700).describe('Of rail or net above the mattress'),
  side: choiceParameter(['rail', 'net']),
})

/** A cot for an infant with a rail or a net all round; it folds flat against the wall. */
export const cot = defineKind({
  id: 'cot',
  group: 'sleeping',
  parameters,
  stances: ['set-up', 'folded'],
  stanceFor: { driving: 'folded', living: 'set-up', sleeping: 'set-up' },
  meets: ['cot'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({
    lengthMm: p.lengthMm,
    depthMm: p.depthMm,
    heightMm: p.platformMm + p.mattressMm + p.sideMm,
  }),
  solids: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    const [low, high] = [p.platformMm - PLY_MM, p.platformMm + p.mattressMm + p.sideMm]
    if (stance === 'folded') return [rigid('folded-cot', block([-half, back - FOLDED_MM, low], [half, back, high]))]
    return [
      rigid('mattress', centred(p.lengthMm, p.depthMm, low, p.platformMm + p.mattressMm)),
      rigid('front-side', block([-half, -back, low + 1], [half, -back + WALL_MM, high])),
      rigid('back-side', block([-half, back - WALL_MM, low + 1], [half, back, high])),
      rigid('left-end', block([-half, -back, low + 1], [-half + WALL_MM, back, high])),
      rigid('right-end', block([half - WALL_MM, -back, low + 1], [half, back, high])),
    ]
  },
  clearances: (p, stance) =>
    stance === 'set-up' ? [inFront('reach', 'stand', ['cot'], about(p.lengthMm), -p.depthMm / 2, ENTRY_MM)] : [],
  services: (p, stance) =>
    stance === 'set-up'
      ? [
          {
            type: 'cot',
            quantity: 1,
            approach: 'reach',
            sizeMm: [p.lengthMm - 2 * WALL_MM, p.depthMm - 2 * WALL_MM],
          },
        ]
      : [],
  facts: () => ON_OWN_LEGS,
  adjust: {
    lengthMm: endAnd('lying-length'),
    depthMm: frontAnd('lying-width'),
    platformMm: topAnd('platform'),
    mattressMm: DETAIL_MM,
    sideMm: level('rail'),
    side: DETAIL,
  },
  features: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    const [low, high] = [p.platformMm + p.mattressMm, p.platformMm + p.mattressMm + p.sideMm]
    const bars = p.side === 'rail' ? 12 : 5
    if (stance === 'folded')
      return [
        line('top', [-half, back - FOLDED_MM / 2], [half, back - FOLDED_MM / 2]),
        ...parted('front', -half, half, low, high, bars),
        line('side', [back - FOLDED_MM / 2, low], [back - FOLDED_MM / 2, high]),
      ]
    return [
      box('top', -half + WALL_MM, -back + WALL_MM, half - WALL_MM, back - WALL_MM, true),
      box('top', half - 260, -120, half - 60, 120),
      ...parted('front', -half, half, low, high, bars),
      line('front', [-half, low], [half, low]),
      ...parted('side', -back, back, low, high, Math.ceil(bars / 2)),
    ]
  },
  parts: (p) => [
    board('base', p.lengthMm, p.depthMm, PLY_MM, 1, 'birch-ply'),
    board(
      p.side === 'rail' ? 'rails' : 'net-frame',
      2 * (p.lengthMm + p.depthMm),
      p.side === 'rail' ? p.sideMm * 0.35 : 60,
      WALL_MM,
      1,
      'softwood',
    ),
    foam('mattress', p.lengthMm - 40, p.depthMm - 40, p.mattressMm),
    piece('hinges-and-straps', 1),
  ],
  change: () => ({ minutes: 2, hands: 1 }),
})
