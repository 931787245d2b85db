import { z } from 'zod'
import { END, FRONT, handle, TOP } from '../adjust'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { coldDraw } from '../cold'
import { BOUGHT } from '../facts'
import {
  about,
  centred,
  doorSwing,
  hingeParameter,
  inFront,
  lengthParameter,
  onTheWall,
  rigid,
  STAND_MM,
} from '../shapes'
import { leaf, line } from '../symbols'

/** Of a compressor that runs, at 1 m. Common practice, no source. */
const COMPRESSOR_DB = 38
/** Of its case with shelves. With its compressor 90 L weigh about 24 kg: common practice, no source (19 to 28). */
const KG_PER_LITRE = 0.13
const WALL_MM = 45

const parameters = z.object({
  lengthMm: lengthParameter(540, 350, 800),
  depthMm: lengthParameter(560, 350, 750),
  heightMm: lengthParameter(620, 400, 1900),
  hinge: hingeParameter,
})

type ColdBox = z.infer<typeof parameters>

/** Of the carcass, what is left to fill behind walls, compressor and door: 45 to 60 % of it. Common practice, no source. */
const FILLED = 0.5
const litres = (p: ColdBox) => Math.round(p.lengthMm * p.depthMm * p.heightMm * 1e-6 * FILLED)

/** An upright cold box with a hinged door. */
export const coldBox = defineKind({
  id: 'cold-box',
  group: 'machines',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['cold-box'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [rigid('body', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: (p) => [
    doorSwing(['cold-box'], about(p.lengthMm), -p.depthMm / 2, p.hinge, { min: 20, max: p.heightMm }),
    inFront('stand', 'stand', ['cold-box'], about(p.lengthMm), -p.depthMm / 2, STAND_MM),
  ],
  services: (p) => [{ type: 'cold-box', quantity: litres(p), approach: 'stand' }],
  facts: (p) => ({
    ...BOUGHT,
    noiseDb: COMPRESSOR_DB,
    cold: { litres: litres(p), coldestC: 4 },
    draws: [coldDraw(litres(p))],
    fronts: [{ what: 'door', hung: p.hinge, latch: 'locking', isOutside: false }],
  }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, hinge: handle('hinge') },
  features: (p) => [
    ...leaf(-p.lengthMm / 2 + 15, p.lengthMm / 2 - 15, 20, p.heightMm - 15, p.hinge),
    line('front', [-p.lengthMm / 2 + 15, p.heightMm * 0.72], [p.lengthMm / 2 - 15, p.heightMm * 0.72]),
    line('top', [-p.lengthMm / 2, -p.depthMm / 2 + WALL_MM], [p.lengthMm / 2, -p.depthMm / 2 + WALL_MM]),
    line('side', [-p.depthMm / 2 + WALL_MM, 20], [-p.depthMm / 2 + WALL_MM, p.heightMm]),
  ],
  parts: (p) => [piece('compressor', 12), piece('cabinet', litres(p) * KG_PER_LITRE)],
})
