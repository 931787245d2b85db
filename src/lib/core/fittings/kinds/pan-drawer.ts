import { z } from 'zod'
import { DETAIL, END, FRONT, TOP } from '../adjust'
import { board, carcass, inPly, piece, PLY_MM, plyParameter } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { about, centred, drawerRoom, insideOf, lengthParameter, onTheWall, scribed } from '../shapes'
import { drawerFront, line, ring } from '../symbols'

/** How far it runs out, of its depth, and what full pans weigh. Common practice, no source. */
const RUN = 0.95
const PANS_KG = 20

const parameters = z.object({
  lengthMm: lengthParameter(600, 350, 1000),
  depthMm: lengthParameter(500, 350, 750),
  heightMm: lengthParameter(260, 150, 450),
  divider: z.boolean().default(true).describe('Keeps pans and lids apart on the road'),
  ply: plyParameter,
})

/** A low wide drawer for pans, with a latch that locks: low heavy drawers fly out. */
export const panDrawer = defineKind({
  id: 'pan-drawer',
  group: 'galley',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['stowage'],
  home: onTheWall,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [scribed('carcass', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: (p) =>
    drawerRoom(['stowage'], about(p.lengthMm), -p.depthMm / 2, { min: 15, max: p.heightMm - 10 }, p.depthMm * RUN),
  services: (p) => [insideOf(p.lengthMm, p.depthMm, 0, p.heightMm, PLY_MM + 12, 'puller')],
  facts: (p) => ({
    ...PLAIN,
    fronts: [
      {
        what: 'drawer',
        hung: 'runs',
        latch: 'locking',
        isOutside: false,
        run: { deepMm: p.depthMm, outMm: p.depthMm * RUN, loadKg: PANS_KG },
      },
    ],
  }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, divider: DETAIL, ply: DETAIL },
  features: (p) => {
    const half = p.lengthMm / 2
    const pan = Math.min(p.depthMm * 0.3, p.lengthMm * 0.2)
    return [
      ring('top', -half / 2, 0, pan),
      line('top', [-half / 2 + pan, 0], [0, 0]),
      ...(p.divider ? [line('top', [half * 0.2, -p.depthMm / 2 + 30], [half * 0.2, p.depthMm / 2 - 30])] : []),
      ...drawerFront(-half + 8, half - 8, 15, p.heightMm - 10),
      line('front', [-half + 60, p.heightMm / 2], [half - 60, p.heightMm / 2]),
      line('side', [-p.depthMm / 2 + 20, 15], [-p.depthMm / 2 + 20, p.heightMm - 10]),
    ]
  },
  parts: (p) =>
    inPly(p.ply, [
      ...carcass(p.lengthMm, p.depthMm, p.heightMm),
      board('drawer', p.lengthMm, p.depthMm, PLY_MM, 1, 'birch-ply'),
      piece('slides-and-a-locking-latch', 2.5),
    ]),
})
