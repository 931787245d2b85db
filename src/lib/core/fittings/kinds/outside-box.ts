import { z } from 'zod'
import { DETAIL, END, FRONT, TOP } from '../adjust'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { centred, lengthParameter, onTheRoof, outside } from '../shapes'
import { box, line, ring } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(1400, 400, 3500),
  depthMm: lengthParameter(700, 250, 1400),
  heightMm: lengthParameter(320, 60, 600),
  mostKg: z
    .number()
    .min(5)
    .max(200)
    .default(50)
    .meta({ unit: 'kg' })
    .describe('What it may carry, no more than the points below it'),
})

/** A box or rack on the roof or the rear, for what rides outside. */
export const outsideBox = defineKind({
  id: 'outside-box',
  group: 'stowage',
  parameters,
  stances: ['fixed'],
  stanceFor: { driving: 'fixed', living: 'fixed', sleeping: 'fixed' },
  meets: ['outside-store'],
  home: onTheRoof,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [outside('box', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: () => [],
  services: (p) => [
    {
      type: 'outside-store',
      quantity: 1,
      inside: centred(p.lengthMm - 40, p.depthMm - 40, 10, p.heightMm - 10),
    },
  ],
  facts: () => ({ ...BOUGHT, fronts: [{ what: 'lid', hung: 'back', latch: 'locking', isOutside: true }] }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP, mostKg: DETAIL },
  features: (p) => [
    box('top', -p.lengthMm / 2 + 40, -p.depthMm / 2 + 40, p.lengthMm / 2 - 40, p.depthMm / 2 - 40),
    line('top', [0, -p.depthMm / 2 + 40], [0, p.depthMm / 2 - 40]),
    line('front', [-p.lengthMm / 2, p.heightMm * 0.65], [p.lengthMm / 2, p.heightMm * 0.65]),
    ring('front', 0, p.heightMm * 0.65, Math.min(20, p.heightMm * 0.2)),
    line('side', [-p.depthMm / 2, p.heightMm * 0.65], [p.depthMm / 2, p.heightMm * 0.65]),
  ],
  parts: (p) => [piece('box-and-clamps', 6 + (p.lengthMm * p.depthMm) / 1e5)],
  cautions: () => ['roof-load'],
})
