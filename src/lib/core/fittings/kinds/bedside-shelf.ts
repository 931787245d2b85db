import { z } from 'zod'
import { DETAIL, END, FRONT, TOP } from '../adjust'
import { board, LIGHT_PLY_MM, PLY_MM } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { centred, lengthParameter, rigid, upTheWall } from '../shapes'
import { line, ring } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(350, 150, 900),
  depthMm: lengthParameter(200, 100, 400),
  heightMm: lengthParameter(60, 30, 300).describe('With its lip'),
  socket: z.boolean().default(true).describe('A socket beside it, for a machine at night'),
})

/** A shelf with a lip in reach of the pillow, with a socket for a machine that runs at night. */
export const bedsideShelf = defineKind({
  id: 'bedside-shelf',
  group: 'stowage',
  parameters,
  stances: ['fixed'],
  stanceFor: { driving: 'fixed', living: 'fixed', sleeping: 'fixed' },
  meets: ['bedside'],
  home: upTheWall(900),
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [rigid('shelf', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: () => [],
  services: () => [{ type: 'bedside', quantity: 1 }],
  facts: () => ({ ...PLAIN, reaches: [{ what: 'shelf', zMm: PLY_MM }] }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, socket: DETAIL },
  features: (p) => [
    line(
      'top',
      [-p.lengthMm / 2 + PLY_MM, -p.depthMm / 2 + PLY_MM],
      [p.lengthMm / 2 - PLY_MM, -p.depthMm / 2 + PLY_MM],
    ),
    ...(p.socket ? [ring('top', p.lengthMm / 2 - 50, p.depthMm / 2 - 50, 22)] : []),
    line('front', [-p.lengthMm / 2, PLY_MM], [p.lengthMm / 2, PLY_MM]),
    line('side', [-p.depthMm / 2, PLY_MM], [p.depthMm / 2, PLY_MM]),
  ],
  parts: (p) => [
    board('shelf', p.lengthMm, p.depthMm, PLY_MM, 1, 'birch-ply'),
    board('lip', p.lengthMm + 2 * p.depthMm, p.heightMm, LIGHT_PLY_MM),
  ],
  cautions: (p) => (p.socket ? ['mains'] : []),
})
