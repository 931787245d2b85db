import { z } from 'zod'
import { carcass, board, piece, PLY_MM } from '../boards'
import { defineKind } from '../contract'
import {
  about,
  centred,
  drawerPull,
  inFront,
  insideOf,
  lengthParameter,
  onTheWall,
  PULLER_MM,
  scribed,
} from '../shapes'
import { drawerFront, line, ring } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(600, 350, 1000),
  depthMm: lengthParameter(500, 350, 750),
  heightMm: lengthParameter(260, 150, 450),
  divider: z.boolean().default(true).describe('Keeps pans and lids apart on the road'),
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
  clearances: (p) => [
    drawerPull(['stowage'], about(p.lengthMm), -p.depthMm / 2, { min: 15, max: p.heightMm - 10 }, p.depthMm * 0.95),
    inFront('puller', 'stand', ['stowage'], about(p.lengthMm), -p.depthMm / 2, p.depthMm * 0.95 + PULLER_MM),
  ],
  services: (p) => [insideOf(p.lengthMm, p.depthMm, 0, p.heightMm, PLY_MM + 12, 'puller')],
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
  parts: (p) => [
    ...carcass(p.lengthMm, p.depthMm, p.heightMm),
    board('drawer', p.lengthMm, p.depthMm, PLY_MM, 1, 'birchPly'),
    piece('slides and a locking latch', 2.5),
  ],
})
