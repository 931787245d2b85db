import { z } from 'zod'
import { END, FRONT, ONE_MORE, TOP } from '../adjust'
import { board, LIGHT_PLY_MM } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { centred, countParameter, insideOf, lengthParameter, rigid, upTheWall } from '../shapes'
import { levels, line } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(500, 200, 1200),
  depthMm: lengthParameter(110, 60, 220),
  heightMm: lengthParameter(600, 150, 1500),
  pockets: countParameter(3, 1, 6),
})

/** Open pockets on the inside of a door or on a wall; shallow, with a lip to each. */
export const doorPocket = defineKind({
  id: 'door-pocket',
  group: 'stowage',
  parameters,
  stances: ['fixed'],
  stanceFor: { driving: 'fixed', living: 'fixed', sleeping: 'fixed' },
  meets: ['stowage'],
  home: upTheWall(500),
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [rigid('pockets', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: () => [],
  services: (p) => [insideOf(p.lengthMm, p.depthMm, 0, p.heightMm / p.pockets, LIGHT_PLY_MM)],
  facts: () => PLAIN,
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, pockets: ONE_MORE },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      line('top', [-half, -p.depthMm / 2 + LIGHT_PLY_MM], [half, -p.depthMm / 2 + LIGHT_PLY_MM]),
      ...levels('front', -half, half, 0, p.heightMm, p.pockets),
      ...Array.from({ length: p.pockets }, (_, index) => {
        const z = ((index + 0.45) * p.heightMm) / p.pockets
        return line('front', [-half + 12, z], [half - 12, z])
      }),
      line('side', [-p.depthMm / 2 + LIGHT_PLY_MM, 0], [-p.depthMm / 2 + LIGHT_PLY_MM, p.heightMm]),
    ]
  },
  parts: (p) => [
    board('back', p.lengthMm, p.heightMm, LIGHT_PLY_MM),
    board('bottoms-and-lips', p.lengthMm, p.depthMm + p.heightMm / p.pockets / 2, LIGHT_PLY_MM, p.pockets),
    board('ends', p.depthMm, p.heightMm, LIGHT_PLY_MM, 2),
  ],
})
