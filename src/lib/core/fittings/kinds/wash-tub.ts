import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL_MM, END, FRONT, TOP } from '../adjust'
import { board, piece, skin, TOP_MM } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { about, above, centred, inFront, lengthParameter, onTheWall, rigid, STAND_MM } from '../shapes'
import { box, line, ring, tapFront } from '../symbols'

const RIM_MM = 30

const parameters = z.object({
  lengthMm: lengthParameter(800, 600, 1400),
  depthMm: lengthParameter(650, 500, 900),
  heightMm: lengthParameter(900, 600, 1050).describe('To its rim: waist high'),
  floorMm: lengthParameter(150, 40, 400).describe('Of the tub above its base'),
})

/** A tub to the waist with a curtain above it; with its lid on it is worktop. */
export const washTub = defineKind({
  id: 'wash-tub',
  group: 'wet',
  parameters,
  stances: ['covered', 'open'],
  stanceFor: { driving: 'covered', living: 'covered', sleeping: 'covered' },
  meets: ['shower'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [rigid('tub', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: (p, stance) => [
    inFront('stand', 'stand', ['shower', 'worktop'], about(p.lengthMm), -p.depthMm / 2, STAND_MM),
    ...(stance === 'open'
      ? [
          above(
            'over-tub',
            'over',
            ['shower'],
            about(p.lengthMm - 2 * RIM_MM),
            about(p.depthMm - 2 * RIM_MM),
            p.heightMm,
            Math.max(300, 1800 - (p.heightMm - p.floorMm)),
          ),
        ]
      : []),
  ],
  services: (p, stance) =>
    stance === 'open'
      ? [{ type: 'shower', quantity: 1, approach: 'stand', sizeMm: [p.lengthMm, p.depthMm] }]
      : [
          { type: 'shower', quantity: 1, approach: 'stand', sizeMm: [p.lengthMm, p.depthMm] },
          {
            type: 'worktop',
            quantity: p.lengthMm,
            approach: 'stand',
            surface: block(
              [-p.lengthMm / 2, -p.depthMm / 2, p.heightMm - 1],
              [p.lengthMm / 2, p.depthMm / 2, p.heightMm],
            ),
          },
        ],
  facts: (p) => ({ ...BOUGHT, isSplashed: true, isSteaming: true, drainsAtMm: p.floorMm }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, floorMm: DETAIL_MM },
  features: (p, stance) => {
    const [half, deep] = [p.lengthMm / 2, p.depthMm / 2]
    return [
      box('top', -half + RIM_MM, -deep + RIM_MM, half - RIM_MM, deep - RIM_MM, true),
      ...(stance === 'open' ? [ring('top', 0, 0, 30)] : [line('top', [0, -deep + RIM_MM], [0, deep - RIM_MM])]),
      line('front', [-half, p.heightMm - RIM_MM], [half, p.heightMm - RIM_MM]),
      line('front', [-half, p.floorMm], [half, p.floorMm]),
      ...tapFront(-half + 80, p.heightMm, 120),
      line('side', [-deep, p.heightMm - RIM_MM], [deep, p.heightMm - RIM_MM]),
    ]
  },
  parts: (p) => [...skin(p.lengthMm, p.depthMm, p.heightMm - p.floorMm), piece('shower-curtain-and-drain', 3)],
  loose: (p, stance) => [
    {
      id: 'tub-lid',
      sizeMm: [p.lengthMm / 2, p.depthMm, TOP_MM],
      count: 2,
      used: stance === 'covered',
      of: [board('lid', p.lengthMm / 2, p.depthMm, TOP_MM)],
    },
  ],
  change: () => ({ minutes: 0.5, hands: 1 }),
})
