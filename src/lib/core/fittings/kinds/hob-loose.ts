import { z } from 'zod'
import { END, FRONT, TOP } from '../adjust'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { about, centred, inFront, lengthParameter, rigid, STAND_MM, upTheWall } from '../shapes'
import { line, ring } from '../symbols'

/** At full power. Typical, common practice, no source. */
const PLATE_WATTS = 1800

const parameters = z.object({
  lengthMm: lengthParameter(300, 250, 600),
  depthMm: lengthParameter(360, 280, 420),
  heightMm: lengthParameter(60, 40, 100),
})

/** A loose induction plate: on the worktop to cook, away when the worktop is wanted. */
export const hobLoose = defineKind({
  id: 'hob-loose',
  group: 'galley',
  parameters,
  stances: ['on-the-worktop', 'put-away'],
  stanceFor: { driving: 'put-away', living: 'on-the-worktop', sleeping: 'put-away' },
  meets: ['hob'],
  home: upTheWall(900),
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p, stance) => (stance === 'put-away' ? [] : [rigid('plate', centred(p.lengthMm, p.depthMm, 0, p.heightMm))]),
  clearances: (p, stance) =>
    stance === 'put-away' ? [] : [inFront('stand', 'stand', ['hob'], about(p.lengthMm), -p.depthMm / 2, STAND_MM)],
  services: (_p, stance) => (stance === 'put-away' ? [] : [{ type: 'hob', quantity: 1, approach: 'stand' }]),
  facts: (_p, stance) => {
    const isLit = stance === 'on-the-worktop'
    return {
      ...BOUGHT,
      heat: [{ how: 'induction', fuel: 'electric', isLit, watts: PLATE_WATTS, warms: 'pans' }],
      draws: [{ by: 'cooking', from: 'mains', watts: PLATE_WATTS }],
      isSteaming: isLit,
    }
  },
  adjust: { lengthMm: END, depthMm: FRONT, heightMm: TOP },
  features: (p, stance) =>
    stance === 'put-away'
      ? []
      : [
          ring('top', 0, 20, Math.min(p.lengthMm, p.depthMm) * 0.36, true),
          ring('top', 0, 20, Math.min(p.lengthMm, p.depthMm) * 0.2),
          line('front', [-40, p.heightMm / 2], [40, p.heightMm / 2]),
          line('side', [-p.depthMm / 2, p.heightMm / 2], [p.depthMm / 2, p.heightMm / 2]),
        ],
  parts: () => [],
  loose: (p, stance) => [
    {
      id: 'induction-plate',
      sizeMm: [p.lengthMm, p.depthMm, p.heightMm],
      count: 1,
      used: stance === 'on-the-worktop',
      of: [piece('induction-plate', 2.6)],
    },
  ],
  change: () => ({ minutes: 0.3, hands: 1 }),
  cautions: () => ['mains'],
})
