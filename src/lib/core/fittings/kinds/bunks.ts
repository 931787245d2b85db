import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL_MM, endAnd, frontAnd, level, ONE_MORE } from '../adjust'
import { BED_ADJUST, bedParameters, bedSolids, berth, entryInFront, FRAME_MM, SIT_UP_MM } from '../bed'
import { bedBase, board, foam } from '../boards'
import { defineKind, type LocalClearance, type LocalSolid } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, above, countParameter, lengthParameter, onTheWall, rigid } from '../shapes'
import { box, levels, line, pillow } from '../symbols'

const RAIL_MM = 30
const LADDER_MM = 320

const parameters = z.object({
  lengthMm: lengthParameter(1800, 1200, 2100).describe('For the sleeper, along the wall'),
  widthMm: lengthParameter(700, 500, 1000),
  levels: countParameter(2, 2, 3),
  lowestMm: lengthParameter(350, 150, 800).describe('Top of the lowest platform above the floor'),
  pitchMm: lengthParameter(750, 500, 1000).describe('From one platform to the next'),
  railHighMm: lengthParameter(180, 100, 300).describe('Of the rail above the mattress'),
  ...bedParameters,
  mattressMm: lengthParameter(100, 40, 200),
})

type Bunks = z.infer<typeof parameters>

const tops = (p: Bunks) => Array.from({ length: p.levels }, (_, at) => p.lowestMm + at * p.pitchMm)
const NAMES = ['lower', 'middle', 'upper']
const nameOf = (p: Bunks, at: number) => (p.levels === 2 && at === 1 ? 'upper' : NAMES[at]!)

/** Two or three bunks one above the other along a wall, each but the lowest with a rail, and a ladder at its left end. */
export const bunks = defineKind({
  id: 'bunks',
  group: 'sleeping',
  parameters,
  stances: ['made'],
  stanceFor: { driving: 'made', living: 'made', sleeping: 'made' },
  meets: ['berth'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({
    lengthMm: p.lengthMm,
    depthMm: p.widthMm,
    heightMm: p.lowestMm + (p.levels - 1) * p.pitchMm + p.mattressMm + p.railHighMm,
  }),
  solids: (p) =>
    tops(p).flatMap((z, at): LocalSolid[] => [
      ...bedSolids(about(p.lengthMm), about(p.widthMm), z, p).map((solid) => ({
        ...solid,
        id: `${nameOf(p, at)}-${solid.id}`,
      })),
      ...(at === 0
        ? []
        : [
            rigid(
              `${nameOf(p, at)}-rail`,
              block(
                [-p.lengthMm / 2 + LADDER_MM + 80, -p.widthMm / 2, z],
                [p.lengthMm / 2, -p.widthMm / 2 + RAIL_MM, z + p.mattressMm + p.railHighMm],
              ),
            ),
          ]),
    ]),
  clearances: (p) => [
    entryInFront(about(p.lengthMm), -p.widthMm / 2),
    ...tops(p).map((z, at): LocalClearance => ({
      ...above(
        `sit-up-${nameOf(p, at)}`,
        'sit-up',
        ['berth'],
        p.head === 'back'
          ? { min: p.lengthMm / 2 - 600, max: p.lengthMm / 2 }
          : { min: -p.lengthMm / 2, max: 600 - p.lengthMm / 2 },
        about(p.widthMm),
        z + p.mattressMm,
        at === p.levels - 1 ? SIT_UP_MM : Math.min(SIT_UP_MM, p.pitchMm - p.mattressMm - FRAME_MM),
      ),
    })),
  ],
  services: (p) => [
    ...tops(p).map((z, at) =>
      berth({
        id: nameOf(p, at),
        x: about(p.lengthMm),
        y: about(p.widthMm),
        along: 'x',
        zMm: z + p.mattressMm,
        sleepers: 1,
        edgeMm: p.edgeMm,
        head: p.head,
        base: p.base,
        railMm: p.railHighMm,
      }),
    ),
    {
      type: 'stowage',
      quantity: 1,
      inside: block([-p.lengthMm / 2, -p.widthMm / 2, 0], [p.lengthMm / 2, p.widthMm / 2, p.lowestMm - FRAME_MM]),
    },
  ],
  facts: (p) => ({
    ...ON_OWN_LEGS,
    treads: tops(p)
      .slice(1)
      .map((zMm) => ({ zMm: zMm / 2, isOutside: false })),
  }),
  adjust: {
    lengthMm: endAnd('lying-length'),
    widthMm: frontAnd('lying-width'),
    levels: ONE_MORE,
    lowestMm: level('platform'),
    pitchMm: DETAIL_MM,
    railHighMm: level('rail'),
    ...BED_ADJUST,
  },
  features: (p) => {
    const [half, front, back] = [p.lengthMm / 2, -p.widthMm / 2, p.widthMm / 2]
    const high = p.lowestMm + (p.levels - 1) * p.pitchMm + p.mattressMm
    const x = p.head === 'back' ? half - 360 : -half + 60
    return [
      pillow(x, front + 60, x + 300, back - 60),
      line('top', [-half + LADDER_MM + 80, front + RAIL_MM], [half, front + RAIL_MM]),
      box('front', -half + 40, 20, -half + 40 + LADDER_MM, high),
      ...levels('front', -half + 40, -half + 40 + LADDER_MM, 20, high, Math.max(2, Math.round(high / 280))),
      ...tops(p).map((z) => line('side', [front, z], [back, z])),
    ]
  },
  parts: (p) => [
    ...tops(p).flatMap(() => bedBase(p.base, p.lengthMm, p.widthMm, FRAME_MM)),
    foam('mattresses', p.lengthMm - 2 * p.edgeMm, p.widthMm - 2 * p.edgeMm, p.mattressMm, p.levels),
    board('rails', p.lengthMm - LADDER_MM - 80, p.railHighMm, 18, p.levels - 1),
    board('ladder', p.lowestMm + (p.levels - 1) * p.pitchMm, 60, 25, 2, 'softwood'),
  ],
  cautions: () => ['overhead'],
})
