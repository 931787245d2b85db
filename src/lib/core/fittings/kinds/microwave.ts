import { z } from 'zod'
import { END, FRONT, TOP } from '../adjust'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { about, centred, doorSwing, inFront, lengthParameter, rigid, STAND_MM, upTheWall } from '../shapes'
import { box, leaf, levels, line } from '../symbols'

const KEYS_MM = 90
/** What it draws. Typical, common practice, no source. */
const WATTS = 1200

const parameters = z.object({
  lengthMm: lengthParameter(450, 380, 600),
  depthMm: lengthParameter(360, 280, 500),
  heightMm: lengthParameter(270, 230, 380),
})

/** A microwave oven on a shelf or in a locker; its door is hinged at the left. */
export const microwave = defineKind({
  id: 'microwave',
  group: 'galley',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: [],
  home: upTheWall(1250),
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [rigid('oven', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: (p) => [
    doorSwing(['oven'], { min: -p.lengthMm / 2, max: p.lengthMm / 2 - KEYS_MM }, -p.depthMm / 2, 'left', {
      min: 5,
      max: p.heightMm - 5,
    }),
    inFront('stand', 'stand', ['oven'], about(p.lengthMm), -p.depthMm / 2, STAND_MM),
  ],
  services: () => [{ type: 'oven', quantity: 1, approach: 'stand' }],
  facts: () => ({
    ...BOUGHT,
    heat: [{ how: 'enclosed', fuel: 'electric', isLit: true, watts: WATTS, warms: 'food' }],
    draws: [{ by: 'warming-food', from: 'mains', watts: WATTS, waitingWatts: 2 }],
    fronts: [{ what: 'door', hung: 'left', latch: 'catch', isOutside: false }],
  }),
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP },
  features: (p) => {
    const half = p.lengthMm / 2
    return [
      line('top', [half - KEYS_MM, -p.depthMm / 2], [half - KEYS_MM, p.depthMm / 2]),
      ...leaf(-half + 8, half - KEYS_MM, 8, p.heightMm - 8, 'left'),
      box('front', -half + 40, 45, half - KEYS_MM - 70, p.heightMm - 45),
      ...levels('front', half - KEYS_MM + 15, half - 15, 30, p.heightMm - 30, 5),
      line('side', [-p.depthMm / 2 + 30, 8], [-p.depthMm / 2 + 30, p.heightMm - 8]),
    ]
  },
  parts: () => [piece('microwave-oven', 11)],
  cautions: () => ['mains'],
})
