import { z } from 'zod'
import type { block } from '../../geometry'
import { DETAIL, END, FRONT, handle, TOP } from '../adjust'
import { carcass, inPly, PLY_MM, plyParameter } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import {
  about,
  behind,
  centred,
  doorSwing,
  hingeParameter,
  inFront,
  insideOf,
  kneeling,
  lengthParameter,
  notched,
  onTheCentreline,
  STAND_MM,
} from '../shapes'
import { leaf, line } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(600, 300, 1500),
  depthMm: lengthParameter(500, 300, 1200),
  heightMm: lengthParameter(700, 250, 2000),
  hinge: hingeParameter,
  ply: plyParameter,
})

/** A cupboard with a door on both sides: filled from outside or the garage, emptied from within. */
export const throughCupboard = defineKind({
  id: 'through-cupboard',
  group: 'stowage',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['stowage'],
  home: onTheCentreline,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [notched('carcass', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: (p) => {
    const heights = { min: 20, max: p.heightMm - 15 }
    const front = doorSwing(['stowage'], about(p.lengthMm), -p.depthMm / 2, p.hinge, heights)
    const back = doorSwing(
      ['stowage'],
      about(p.lengthMm),
      -p.depthMm / 2,
      p.hinge === 'left' ? 'right' : 'left',
      heights,
      'back door',
    )
    return [
      front,
      { ...back, serves: [], use: 'access', task: 'under-lid', upTo: (amount) => turned(back.upTo(amount)) },
      p.heightMm < 1000
        ? kneeling(['stowage'], about(p.lengthMm), -p.depthMm / 2)
        : inFront('kneel', 'stand', ['stowage'], about(p.lengthMm), -p.depthMm / 2, STAND_MM),
      { ...behind('behind', 'access', [], about(p.lengthMm), p.depthMm / 2, STAND_MM), task: 'under-lid' },
    ]
  },
  services: (p) => [insideOf(p.lengthMm, p.depthMm, 0, p.heightMm, PLY_MM, 'kneel')],
  facts: (p) => ({
    ...PLAIN,
    fronts: [
      { what: 'door', hung: p.hinge, latch: 'catch', isOutside: false },
      { what: 'door', hung: p.hinge === 'left' ? 'right' : 'left', latch: 'locking', isOutside: true },
    ],
  }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, hinge: handle('hinge'), ply: DETAIL },
  features: (p) => [
    line('top', [-p.lengthMm / 2, -p.depthMm / 2 + 18], [p.lengthMm / 2, -p.depthMm / 2 + 18]),
    line('top', [-p.lengthMm / 2, p.depthMm / 2 - 18], [p.lengthMm / 2, p.depthMm / 2 - 18]),
    line('top', [0, -p.depthMm / 2 + 60], [0, p.depthMm / 2 - 60]),
    ...leaf(-p.lengthMm / 2 + 8, p.lengthMm / 2 - 8, 20, p.heightMm - 15, p.hinge),
    line('side', [-p.depthMm / 2 + 18, 20], [-p.depthMm / 2 + 18, p.heightMm]),
    line('side', [p.depthMm / 2 - 18, 20], [p.depthMm / 2 - 18, p.heightMm]),
  ],
  parts: (p) => inPly(p.ply, carcass(p.lengthMm, p.depthMm, p.heightMm, { back: true, shelves: 1 })),
})

/** Half a turn about the middle of the footprint. */
const turned = (solid: ReturnType<typeof block>) => ({
  ...solid,
  profile: solid.profile.map(([x, y]) => [-x, -y] as const),
})
