import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL_MM, END, FRONT, handle } from '../adjust'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { centred, inTheRoof, lengthParameter, outside, rigid } from '../shapes'
import { box, cross, line } from '../symbols'

const MM2_PER_CM2 = 100

const parameters = z.object({
  clearMm: lengthParameter(700, 280, 1200),
  depthMm: lengthParameter(500, 280, 900),
  frameMm: lengthParameter(35, 10, 80).describe('How far its frame hangs below the ceiling'),
  screen: z.boolean().default(true).describe('An insect screen in its frame'),
})

/** A window in the roof that opens, with its blind. */
export const hatchRoof = defineKind({
  id: 'hatch-roof',
  group: 'machines',
  parameters,
  formerly: { clearMm: 'lengthMm' },
  stances: ['shut', 'open'],
  stanceFor: { driving: 'shut', living: 'open', sleeping: 'shut' },
  meets: [],
  home: inTheRoof,
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.clearMm + 60, depthMm: p.depthMm + 60, heightMm: p.frameMm }),
  reach: (p) => ({ up: 200 + p.depthMm }),
  solids: (p, stance) => [
    rigid('frame', centred(p.clearMm + 60, p.depthMm + 60, 0, p.frameMm)),
    outside(
      'lid',
      block(
        [-p.clearMm / 2, -p.depthMm / 2, p.frameMm + 80],
        [p.clearMm / 2, p.depthMm / 2, p.frameMm + 120 + (stance === 'open' ? p.depthMm * 0.7 : 0)],
      ),
    ),
  ],
  clearances: () => [],
  services: () => [{ type: 'air', quantity: 1 }],
  facts: (p) => ({
    ...BOUGHT,
    air: {
      what: 'hatch',
      way: 'both',
      freeCm2: (p.clearMm * p.depthMm) / MM2_PER_CM2,
      curve: [],
      isScreened: p.screen,
      passesMm: [p.clearMm, p.depthMm],
    },
  }),
  adjust: { clearMm: END, depthMm: FRONT, frameMm: DETAIL_MM, screen: handle('screen') },
  features: (p) => [
    box('top', -p.clearMm / 2, -p.depthMm / 2, p.clearMm / 2, p.depthMm / 2),
    ...cross('top', -p.clearMm / 2, -p.depthMm / 2, p.clearMm / 2, p.depthMm / 2),
    line('front', [-p.clearMm / 2, p.frameMm / 2], [p.clearMm / 2, p.frameMm / 2]),
    line('front', [-20, 0], [-20, p.frameMm]),
    line('side', [-p.depthMm / 2, p.frameMm / 2], [p.depthMm / 2, p.frameMm / 2]),
  ],
  parts: (p) => [piece('roof-window', 3 + (p.clearMm * p.depthMm) / 7e4)],
  openings: (p) => [
    {
      id: 'roof-window',
      through: 'roof',
      task: 'air',
      x: [-p.clearMm / 2, p.clearMm / 2],
      other: [-p.depthMm / 2, p.depthMm / 2],
    },
  ],
  change: () => ({ minutes: 0.1, hands: 1 }),
  cautions: () => ['cutting'],
})
