import { z } from 'zod'
import { END, FRONT, TOP } from '../adjust'
import { carcass, inPly, LIGHT_PLY_MM, piece, plyParameter } from '../boards'
import { DETAIL } from '../adjust'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { centred, dropSwing, insideOf, lengthParameter, rigid, upTheWall } from '../shapes'
import { flapFront, line } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(600, 250, 900),
  depthMm: lengthParameter(180, 80, 300).describe('It must clear what stands behind the door when that is shut'),
  heightMm: lengthParameter(450, 200, 900),
  ply: plyParameter,
})

/** A box on the inside of a rear door, its flap a small table outside when the door stands open; it moves with the door. */
export const doorBox = defineKind({
  id: 'door-box',
  group: 'stowage',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['stowage'],
  home: upTheWall(500),
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [rigid('box', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: (p) => [dropSwing(['stowage'], p.lengthMm, -p.depthMm / 2, 10, p.heightMm - 20)],
  services: (p) => [insideOf(p.lengthMm, p.depthMm, 0, p.heightMm, LIGHT_PLY_MM)],
  facts: () => ({ ...PLAIN, fronts: [{ what: 'flap', hung: 'bottom', latch: 'catch', isOutside: false }] }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, ply: DETAIL },
  features: (p) => [
    ...flapFront(-p.lengthMm / 2 + 8, p.lengthMm / 2 - 8, 8, p.heightMm - 8, 'high'),
    line('top', [-p.lengthMm / 2, -p.depthMm / 2 + 10], [p.lengthMm / 2, -p.depthMm / 2 + 10]),
    line('side', [-p.depthMm / 2 + 10, 0], [-p.depthMm / 2 + 10, p.heightMm]),
  ],
  parts: (p) =>
    inPly(p.ply, [
      ...carcass(p.lengthMm, p.depthMm, p.heightMm, { thickMm: LIGHT_PLY_MM, back: true }),
      piece('hinges-and-stays', 0.4),
    ]),
})
