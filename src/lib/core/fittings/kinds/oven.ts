import { z } from 'zod'
import { DETAIL, DETAIL_MM, END, FRONT, TOP } from '../adjust'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import {
  about,
  centred,
  choiceParameter,
  dropSwing,
  inFront,
  lengthParameter,
  rigid,
  STAND_MM,
  upTheWall,
} from '../shapes'
import { flapFront, line, ring } from '../symbols'

/** At full power. Typical, common practice, no source. */
const WATTS = 2000

const parameters = z.object({
  ovenMm: lengthParameter(450, 350, 650),
  depthMm: lengthParameter(450, 380, 620),
  heightMm: lengthParameter(340, 250, 620),
  fuel: choiceParameter(['gas', 'electric']),
  boardMm: lengthParameter(12, 6, 30).describe('Heat-proof board round it'),
})

/** An oven with a drop-down door, in a heat-proof surround. Cook next to a door, an opening window or the roof fan. */
export const oven = defineKind({
  id: 'oven',
  group: 'galley',
  parameters,
  formerly: { ovenMm: 'lengthMm' },
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: [],
  home: upTheWall(500),
  scribedAt: 'bottom',
  footprint: (p) => ({
    lengthMm: p.ovenMm + 2 * p.boardMm,
    depthMm: p.depthMm,
    heightMm: p.heightMm + 2 * p.boardMm,
  }),
  solids: (p) => [rigid('oven', centred(p.ovenMm + 2 * p.boardMm, p.depthMm, 0, p.heightMm + 2 * p.boardMm))],
  clearances: (p) => [
    dropSwing(['oven'], p.ovenMm, -p.depthMm / 2, p.boardMm, p.heightMm),
    inFront('stand', 'stand', ['oven'], about(p.ovenMm), -p.depthMm / 2, p.heightMm + STAND_MM - 200),
  ],
  services: () => [{ type: 'oven', quantity: 1, approach: 'stand' }],
  facts: (p) => ({
    ...BOUGHT,
    heat: [{ how: 'enclosed', fuel: p.fuel, isLit: true, watts: WATTS, warms: 'food' }],
    draws: p.fuel === 'electric' ? [{ by: 'baking', from: 'mains', watts: WATTS }] : [],
    isSteaming: true,
    fronts: [{ what: 'flap', hung: 'bottom', latch: 'catch', isOutside: false }],
  }),
  adjust: { ovenMm: END, depthMm: FRONT, heightMm: TOP, fuel: DETAIL, boardMm: DETAIL_MM },
  features: (p) => {
    const [half, low, high] = [p.ovenMm / 2, p.boardMm, p.boardMm + p.heightMm]
    return [
      line('top', [-half, -p.depthMm / 2 + 30], [half, -p.depthMm / 2 + 30]),
      ...flapFront(-half, half, low, high - 60, 'high'),
      ...[-0.6, 0, 0.6].map((share) => ring('front', share * half, high - 30, 14)),
      line('side', [-p.depthMm / 2 + 30, low], [-p.depthMm / 2 + 30, high]),
    ]
  },
  parts: (p) => [piece(`${p.fuel}-oven`, 9 + (p.ovenMm * p.depthMm * p.heightMm) / 9e6)],
  cautions: (p) => (p.fuel === 'gas' ? ['gas'] : ['mains']),
})
