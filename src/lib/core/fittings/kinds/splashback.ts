import { z } from 'zod'
import { DETAIL, END, FRONT, TOP } from '../adjust'
import { board } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { centred, choiceParameter, lengthParameter, scribed, upTheWall } from '../shapes'
import { levels, line, parted } from '../symbols'

/** As documents call them, and as they are in the list of materials. */
const BOARDS = { aluminium: 'aluminium', steel: 'steel', birchPly: 'birch-ply' } as const

const parameters = z.object({
  lengthMm: lengthParameter(800, 200, 3500),
  heightMm: lengthParameter(300, 100, 900),
  depthMm: lengthParameter(15, 3, 60).describe('With what holds it off the wall'),
  material: choiceParameter(['aluminium', 'steel', 'birchPly']).describe('Behind a flame: metal with an air gap'),
})

/** A board on the wall behind hob and basin that takes heat and water. */
export const splashback = defineKind({
  id: 'splashback',
  group: 'galley',
  parameters,
  stances: ['fixed'],
  stanceFor: { driving: 'fixed', living: 'fixed', sleeping: 'fixed' },
  meets: [],
  home: upTheWall(900),
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [scribed('board', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: () => [],
  services: () => [],
  facts: (p) => ({ ...PLAIN, shields: p.material === 'birchPly' ? undefined : 'heat' }),
  adjust: { lengthMm: END, heightMm: TOP, depthMm: FRONT, material: DETAIL },
  features: (p) => [
    line('top', [-p.lengthMm / 2, 0], [p.lengthMm / 2, 0]),
    ...parted('front', -p.lengthMm / 2, p.lengthMm / 2, 0, p.heightMm, Math.max(2, Math.round(p.lengthMm / 150))),
    ...levels('front', -p.lengthMm / 2, p.lengthMm / 2, 0, p.heightMm, Math.max(2, Math.round(p.heightMm / 150))),
    line('side', [0, 0], [0, p.heightMm]),
  ],
  parts: (p) => [board('board', p.lengthMm, p.heightMm, p.material === 'birchPly' ? 3 : 1.2, 1, BOARDS[p.material])],
})
