import { z } from 'zod'
import { DETAIL, END, FRONT, handle, ONE_MORE, TOP } from '../adjust'
import { carcass, inPly, PLY_MM, plyParameter } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import {
  about,
  centred,
  doorSwing,
  DRESS_MM,
  hingeParameter,
  inFront,
  insideOf,
  lengthParameter,
  onTheWall,
  scribed,
  STAND_MM,
} from '../shapes'
import { leaf, line, parted } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(550, 300, 1200),
  depthMm: lengthParameter(500, 250, 750).describe('At its foot, from the wall to its front'),
  heightMm: lengthParameter(1600, 600, 2100),
  hinge: hingeParameter,
  shelves: z.number().int().min(0).max(6).default(2),
  dress: z.boolean().default(false).describe('One dresses before it'),
  ply: plyParameter,
})

/** A cupboard to the height of a person, scribed to the wall behind, with one hinged door. */
export const wardrobe = defineKind({
  id: 'wardrobe',
  group: 'stowage',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['stowage'],
  home: onTheWall,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [scribed('carcass', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: (p) => [
    doorSwing(['stowage'], about(p.lengthMm), -p.depthMm / 2, p.hinge, { min: 40, max: p.heightMm - 10 }),
    p.dress
      ? inFront('stand', 'dress', ['stowage'], about(Math.max(p.lengthMm, 700)), -p.depthMm / 2, DRESS_MM)
      : inFront('stand', 'stand', ['stowage'], about(p.lengthMm), -p.depthMm / 2, STAND_MM),
  ],
  services: (p) => [insideOf(p.lengthMm, p.depthMm, 0, p.heightMm, PLY_MM, 'stand')],
  facts: (p) => ({ ...PLAIN, fronts: [{ what: 'door', hung: p.hinge, latch: 'catch', isOutside: false }] }),
  adjust: {
    lengthMm: END,
    depthMm: FRONT,
    heightMm: TOP,
    hinge: handle('hinge'),
    shelves: ONE_MORE,
    dress: DETAIL,
    ply: DETAIL,
  },
  features: (p) => [
    line('top', [-p.lengthMm / 2 + 20, 0], [p.lengthMm / 2 - 20, 0]),
    ...parted('top', -p.lengthMm / 2 + 20, p.lengthMm / 2 - 20, -90, 90, 5),
    ...leaf(-p.lengthMm / 2 + 8, p.lengthMm / 2 - 8, 40, p.heightMm - 10, p.hinge),
    line('side', [-p.depthMm / 2 + 16, 40], [-p.depthMm / 2 + 16, p.heightMm - 10]),
  ],
  parts: (p) => inPly(p.ply, carcass(p.lengthMm, p.depthMm, p.heightMm, { shelves: p.shelves })),
})
