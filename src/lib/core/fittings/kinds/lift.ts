import { z } from 'zod'
import { block } from '../../geometry'
import { ACCESS } from '../../people'
import { DETAIL, DETAIL_MM, END, TOP } from '../adjust'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { lengthParameter, onTheCentreline, outside, rigid } from '../shapes'
import { line, parted, strokes } from '../symbols'

const FOLDED_MM = 330

const parameters = z.object({
  lengthMm: lengthParameter(Math.max(850, ACCESS.doorMm), 700, 1200).describe('Across its platform'),
  platformMm: lengthParameter(ACCESS.clearFloorMm[0], 900, 1600).describe('Of its platform, out from the door'),
  heightMm: lengthParameter(1300, 900, 1700).describe('Folded up inside the door'),
  mostKg: z.number().min(150).max(600).default(350).meta({ unit: 'kg' }).describe('What it lifts'),
})

/** A wheelchair lift in a side or rear door; its back is to the door. Fitted and inspected by a licensed trade. */
export const lift = defineKind({
  id: 'lift',
  group: 'machines',
  parameters,
  stances: ['folded-up', 'let-down'],
  stanceFor: { driving: 'folded-up', living: 'folded-up', sleeping: 'folded-up' },
  meets: [],
  home: { ...onTheCentreline, turn: 90 },
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: FOLDED_MM, heightMm: p.heightMm }),
  reach: (p) => ({ back: p.platformMm }),
  solids: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, FOLDED_MM / 2]
    if (stance === 'folded-up') return [rigid('lift', block([-half, -back, 0], [half, back, p.heightMm]))]
    return [
      rigid('left-arm', block([-half, -back, 0], [-half + 90, back, p.heightMm])),
      rigid('right-arm', block([half - 90, -back, 0], [half, back, p.heightMm])),
      outside('platform', block([-half, back, 0], [half, back + p.platformMm, 40])),
    ]
  },
  clearances: () => [],
  services: () => [],
  facts: (_p, stance) => ({
    ...BOUGHT,
    liftsPeople: true,
    draws: [{ by: 'lifting', from: 'battery', watts: 800, surge: 2 }],
    treads: stance === 'let-down' ? [{ zMm: 0, isOutside: false }] : [],
  }),
  adjust: { lengthMm: END, platformMm: DETAIL_MM, heightMm: TOP, mostKg: DETAIL },
  features: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, FOLDED_MM / 2]
    return [
      ...(stance === 'let-down'
        ? parted('top', -half, half, back, back + p.platformMm, 5)
        : [line('top', [-half + 90, 0], [half - 90, 0])]),
      line('top', [-half + 90, -back], [-half + 90, back]),
      line('top', [half - 90, -back], [half - 90, back]),
      ...parted('front', -half + 90, half - 90, 60, p.heightMm - 60, 5),
      ...strokes('side', [
        [-back, 60],
        [back, p.heightMm / 2],
        [-back, p.heightMm - 60],
      ]),
    ]
  },
  parts: () => [piece('lift', 115)],
  change: () => ({ minutes: 1.5, hands: 1 }),
  cautions: () => ['lift'],
})
