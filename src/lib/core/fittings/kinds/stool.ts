import { z } from 'zod'
import { END, FRONT, topAnd } from '../adjust'
import { board, PLY_MM } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, centred, lengthParameter, onTheCentreline, rigid } from '../shapes'
import { knees } from '../sitting'
import { line, ring } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(320, 250, 450),
  depthMm: lengthParameter(320, 250, 450),
  heightMm: lengthParameter(450, 350, 700),
})

/** A box stool that goes wherever it is wanted; strapped down or stowed on the road. */
export const stool = defineKind({
  id: 'stool',
  group: 'sitting',
  parameters,
  stances: ['out', 'put-away'],
  stanceFor: { driving: 'put-away', living: 'out', sleeping: 'put-away' },
  meets: ['seat'],
  home: onTheCentreline,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p, stance) => (stance === 'out' ? [rigid('stool', centred(p.lengthMm, p.depthMm, 0, p.heightMm))] : []),
  clearances: (p, stance) => (stance === 'out' ? [knees(['seat'], about(p.lengthMm), -p.depthMm / 2, p.heightMm)] : []),
  services: (p, stance) =>
    stance === 'out'
      ? [
          {
            type: 'seat',
            quantity: 1,
            approach: 'knees',
            places: [{ at: [0, 0], facesDeg: 270 }],
            cushion: { topMm: p.heightMm },
          },
        ]
      : [],
  facts: () => ({ ...ON_OWN_LEGS, staysByWeight: false }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: topAnd('seat') },
  features: (p, stance) =>
    stance === 'out'
      ? [
          ring('top', 0, 0, Math.min(p.lengthMm, p.depthMm) * 0.42),
          line('front', [-p.lengthMm / 2, p.heightMm - 40], [p.lengthMm / 2, p.heightMm - 40]),
          line('front', [-50, p.heightMm - 20], [50, p.heightMm - 20]),
          line('side', [-p.depthMm / 2, p.heightMm - 40], [p.depthMm / 2, p.heightMm - 40]),
        ]
      : [],
  parts: () => [],
  loose: (p, stance) => [
    {
      id: 'stool',
      sizeMm: [p.lengthMm, p.depthMm, p.heightMm],
      count: 1,
      used: stance === 'out',
      of: [
        board('sides', p.lengthMm, p.heightMm, PLY_MM, 2),
        board('ends', p.depthMm, p.heightMm, PLY_MM, 2),
        board('top', p.lengthMm, p.depthMm, PLY_MM),
      ],
    },
  ],
  change: () => ({ minutes: 0.3, hands: 1 }),
})
