import { z } from 'zod'
import { block } from '../../geometry'
import { endAnd, frontAnd, handle, topAnd } from '../adjust'
import { BED_ADJUST, bedParameters, bedSolids, berth, entryInFront, FRAME_MM, sitUp, sleepersParameter } from '../bed'
import { bedBase, board, foam, piece } from '../boards'
import { defineKind } from '../contract'
import { type FrontFact, ON_OWN_LEGS } from '../facts'
import { about, lengthParameter, onTheWall, rigid } from '../shapes'
import { box, line, pillow, strokes } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(1900, 1200, 2200).describe('For the sleeper, along the wall'),
  widthMm: lengthParameter(750, 500, 1400).describe('How far it comes out'),
  platformMm: lengthParameter(500, 200, 1300),
  sleepers: sleepersParameter(1),
  ...bedParameters,
})

/** Folded, it is a flap that hangs from below and must not fall. */
const FOLDED: FrontFact = { what: 'flap', hung: 'bottom', latch: 'locking', isOutside: false }

const foldedDeep = (p: z.infer<typeof parameters>) => FRAME_MM + p.mattressMm

/** A bed hinged along the wall: down to sleep, folded up flat against the wall by day, its mattress strapped on. */
export const bedWall = defineKind({
  id: 'bed-wall',
  group: 'sleeping',
  parameters,
  stances: ['down', 'folded'],
  stanceFor: { driving: 'folded', living: 'folded', sleeping: 'down' },
  meets: ['berth'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.widthMm, heightMm: p.platformMm - FRAME_MM + p.widthMm }),
  solids: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.widthMm / 2]
    return stance === 'down'
      ? bedSolids(about(p.lengthMm), about(p.widthMm), p.platformMm, {
          ...p,
          mattressMm: Math.min(p.mattressMm, p.widthMm - 60),
        })
      : [
          rigid(
            'folded-bed',
            block(
              [-half, back - foldedDeep(p), p.platformMm - FRAME_MM],
              [half, back, p.platformMm - FRAME_MM + p.widthMm],
            ),
          ),
        ]
  },
  clearances: (p, stance) =>
    stance === 'down'
      ? [
          entryInFront(about(p.lengthMm), -p.widthMm / 2),
          sitUp(about(p.lengthMm), about(p.widthMm), 'x', p.platformMm + p.mattressMm, p.head),
        ]
      : [],
  services: (p, stance) =>
    stance === 'down'
      ? [
          berth({
            x: about(p.lengthMm),
            y: about(p.widthMm),
            along: 'x',
            zMm: p.platformMm + p.mattressMm,
            sleepers: p.sleepers,
            edgeMm: p.edgeMm,
            over: p.sleepers - 1,
            head: p.head,
            base: p.base,
          }),
        ]
      : [],
  facts: (_p, stance) => ({ ...ON_OWN_LEGS, fronts: stance === 'folded' ? [FOLDED] : [] }),
  adjust: {
    lengthMm: endAnd('lying-length'),
    widthMm: frontAnd('lying-width'),
    platformMm: topAnd('platform'),
    sleepers: handle('sleepers'),
    ...BED_ADJUST,
  },
  features: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.widthMm / 2]
    const low = p.platformMm - FRAME_MM
    if (stance === 'folded')
      return [
        line('top', [-half, back - FRAME_MM], [half, back - FRAME_MM]),
        box('front', -half + 60, low + 60, half - 60, low + p.widthMm - 60),
        line('front', [-half * 0.5, low], [-half * 0.5, low + p.widthMm]),
        line('front', [half * 0.5, low], [half * 0.5, low + p.widthMm]),
        line('side', [back - FRAME_MM, low], [back - FRAME_MM, low + p.widthMm]),
      ]
    const x = p.head === 'back' ? half - 360 : -half + 40
    return [
      pillow(x, -back + 50, x + 320, back - 50),
      line('top', [-half, back - 30], [half, back - 30]),
      line('front', [-half, p.platformMm], [half, p.platformMm]),
      ...[-1, 1].flatMap((end) =>
        strokes('front', [
          [end * (half - 80), low],
          [end * (half - 80), Math.max(0, low - 140)],
          [end * (half - 110), Math.max(0, low - 140)],
        ]),
      ),
      line('side', [-back, low], [back, Math.max(0, low - 150)]),
    ]
  },
  parts: (p) => [
    ...bedBase(p.base, p.lengthMm, p.widthMm, FRAME_MM),
    foam('mattress', p.lengthMm - 2 * p.edgeMm, p.widthMm - 2 * p.edgeMm, p.mattressMm),
    board('hinge-rail', p.lengthMm, 60, 3, 1, 'steel'),
    piece('gas-struts-and-latches', 3),
  ],
  change: (p) => ({
    minutes: 1,
    hands: p.widthMm > 900 ? 2 : 1,
    sweeps: [
      block(
        [-p.lengthMm / 2, -p.widthMm / 2, p.platformMm - FRAME_MM],
        [p.lengthMm / 2, p.widthMm / 2, p.platformMm - FRAME_MM + p.widthMm],
      ),
    ],
  }),
  cautions: () => ['crash-path'],
})
