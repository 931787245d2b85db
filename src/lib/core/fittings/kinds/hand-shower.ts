import { z } from 'zod'
import { DETAIL, DETAIL_MM, END } from '../adjust'
import { piece } from '../boards'
import { defineKind } from '../contract'
import { BOUGHT } from '../facts'
import { centred, choiceParameter, lengthParameter, rigid, upTheWall } from '../shapes'
import { line, ring, strokes } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(200, 150, 350),
  hoseMm: lengthParameter(2000, 600, 5000).describe('How far its hose lets one go'),
  hangs: choiceParameter(['door', 'roof-rail', 'hand']).describe('Where it hangs while one showers'),
})

const SIZE = { deep: 70, high: 160 } as const

/** A spray on a hose by a door, to wash feet, dogs and dishes outside; it is a second outlet of the water, and no shower of its own. */
export const handShower = defineKind({
  id: 'hand-shower',
  group: 'wet',
  parameters,
  stances: ['put-away', 'out'],
  stanceFor: { driving: 'put-away', living: 'put-away', sleeping: 'put-away' },
  meets: [],
  home: upTheWall(500),
  scribedAt: 'bottom',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: SIZE.deep, heightMm: SIZE.high }),
  solids: (p) => [rigid('box', centred(p.lengthMm, SIZE.deep, 0, SIZE.high))],
  clearances: () => [],
  services: () => [],
  facts: (_p, stance) => ({
    ...BOUGHT,
    isSplashed: stance === 'out',
    fronts: [{ what: 'flap', hung: 'top', latch: 'catch', isOutside: false }],
  }),
  adjust: { lengthMm: END, hoseMm: DETAIL_MM, hangs: DETAIL },
  features: (p) => [
    ring('front', -p.lengthMm / 4, SIZE.high / 2, 30),
    ...strokes('front', [
      [-p.lengthMm / 10, SIZE.high / 2],
      [p.lengthMm * 0.15, SIZE.high * 0.8],
      [p.lengthMm * 0.3, SIZE.high * 0.3],
      [p.lengthMm * 0.4, SIZE.high * 0.3],
    ]),
    line('top', [-p.lengthMm / 2, 0], [p.lengthMm / 2, 0]),
    line('side', [0, 0], [0, SIZE.high]),
  ],
  parts: (p) => [piece('mixer-and-box', 1.2), piece('hose', p.hoseMm * 0.00025)],
  change: () => ({ minutes: 0.3, hands: 1 }),
})
