import { z } from 'zod'
import { END, FRONT, ONE_MORE, TOP } from '../adjust'
import { board, LIGHT_PLY_MM } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { centred, countParameter, insideOf, lengthParameter, rigid, upTheWall } from '../shapes'
import { levels, line, parted } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(300, 120, 800),
  depthMm: lengthParameter(70, 45, 120).describe('In a cupboard’s door it takes so much of the shelves behind'),
  heightMm: lengthParameter(350, 200, 900),
  shelves: countParameter(3, 1, 5),
})

/** Shallow shelves with rails for jars, on the inside of a cupboard’s door or on the wall. */
export const spiceRack = defineKind({
  id: 'spice-rack',
  group: 'galley',
  parameters,
  stances: ['fixed'],
  stanceFor: { driving: 'fixed', living: 'fixed', sleeping: 'fixed' },
  meets: ['stowage'],
  home: upTheWall(1150),
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [rigid('shelves', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: () => [],
  services: (p) => [insideOf(p.lengthMm, p.depthMm, 0, p.heightMm / p.shelves, LIGHT_PLY_MM)],
  facts: () => PLAIN,
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, shelves: ONE_MORE },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      ...levels('front', -half, half, 0, p.heightMm, p.shelves),
      ...Array.from({ length: p.shelves }, (_, at) => {
        const z = (at * p.heightMm) / p.shelves
        return parted(
          'front',
          -half,
          half,
          z + 6,
          z + (p.heightMm / p.shelves) * 0.6,
          Math.max(2, Math.round(p.lengthMm / 60)),
        )
      }).flat(),
      line('top', [-half, -p.depthMm / 2 + 8], [half, -p.depthMm / 2 + 8]),
      line('side', [-p.depthMm / 2 + 8, 0], [-p.depthMm / 2 + 8, p.heightMm]),
    ]
  },
  parts: (p) => [
    board('shelves', p.lengthMm, p.depthMm, LIGHT_PLY_MM, p.shelves),
    board('ends', p.depthMm, p.heightMm, LIGHT_PLY_MM, 2),
  ],
})
