import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL, DETAIL_MM, FRONT, handle } from '../adjust'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { choiceParameter, lengthParameter, rigid, upTheWall } from '../shapes'
import { line, ring } from '../symbols'

const ROD_MM = 35

const parameters = z.object({
  lengthMm: lengthParameter(450, 200, 1200),
  standMm: lengthParameter(75, 60, 110).describe('From the wall to the outer face of its rod'),
  way: choiceParameter(['level', 'upright']),
  fixed: choiceParameter(['framing', 'lining']).describe('A rail in the lining alone does not hold a person'),
})

type Rail = z.infer<typeof parameters>
const size = (p: Rail) => (p.way === 'level' ? [p.lengthMm, ROD_MM] : [ROD_MM, p.lengthMm]) as [number, number]

/** A rail to hold on to, bolted into framing, not lining. It is to bear a person’s whole weight. */
export const grabRail = defineKind({
  id: 'grab-rail',
  group: 'wet',
  parameters,
  stances: ['fixed'],
  stanceFor: { driving: 'fixed', living: 'fixed', sleeping: 'fixed' },
  meets: [],
  home: upTheWall(850),
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: size(p)[0], depthMm: p.standMm, heightMm: size(p)[1] }),
  solids: (p) => {
    const [x, z] = size(p)
    return [rigid('rod', block([-x / 2, -p.standMm / 2, 0], [x / 2, p.standMm / 2, z]))]
  },
  clearances: () => [],
  services: () => [],
  facts: (p) => ({ ...PLAIN, grip: p.fixed === 'lining' ? 'lining' : 'framing' }),
  adjust: { lengthMm: DETAIL_MM, standMm: FRONT, way: DETAIL, fixed: handle('fixed-to') },
  features: (p) => {
    const [x, z] = size(p)
    const ends =
      p.way === 'level'
        ? [
            [-x / 2 + 18, z / 2],
            [x / 2 - 18, z / 2],
          ]
        : [
            [0, 18],
            [0, z - 18],
          ]
    return [
      line('top', [-x / 2, -p.standMm / 2 + ROD_MM], [x / 2, -p.standMm / 2 + ROD_MM]),
      ...ends.map(([u, v]) => ring('front', u!, v!, 14)),
      line('side', [-p.standMm / 2 + ROD_MM, 0], [-p.standMm / 2 + ROD_MM, z]),
    ]
  },
  parts: (p) => [piece('rail-and-its-plates', 0.6 + p.lengthMm * 0.0012)],
})
