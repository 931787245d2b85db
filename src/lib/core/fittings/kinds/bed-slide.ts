import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL_MM, endAnd, frontAnd, handle, measure, topAnd } from '../adjust'
import { BED_ADJUST, bedParameters, berth, entryInFront, sitUp, sleepersParameter } from '../bed'
import { board, foam, PLY_MM, SLAT_MM } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, centred, insideOf, lengthParameter, notched, onTheWall, rigid } from '../shapes'
import { knees, placesAlong, sittersOn } from '../sitting'
import { levels, line, pillow } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(1900, 1200, 2200).describe('For the sleeper, along the wall'),
  seatDepthMm: lengthParameter(650, 400, 900).describe('Pushed in, as a seat'),
  widthMm: lengthParameter(1200, 700, 1600).describe('Pulled out, as a bed'),
  platformMm: lengthParameter(380, 200, 700),
  backMm: lengthParameter(400, 200, 600).describe('Height of the back cushion above the seat'),
  sleepers: sleepersParameter(2),
  ...bedParameters,
})

type Slide = z.infer<typeof parameters>

const out = (p: Slide) => Math.min(Math.max(0, p.widthMm - p.seatDepthMm), p.seatDepthMm - 30)
const whole = (p: Slide) => ({ min: -p.seatDepthMm / 2 - out(p), max: p.seatDepthMm / 2 })

/** Half of the bed slides out from under the other, slat between slat; the back cushion fills what it uncovers. */
export const bedSlide = defineKind({
  id: 'bed-slide',
  group: 'sleeping',
  parameters,
  stances: ['pushed-in', 'pulled-out'],
  stanceFor: { driving: 'pushed-in', living: 'pushed-in', sleeping: 'pulled-out' },
  meets: ['berth', 'seat'],
  home: onTheWall,
  closedBy: 'lid',
  scribedAt: 'top',
  footprint: (p) => ({
    lengthMm: p.lengthMm,
    depthMm: p.seatDepthMm,
    heightMm: p.platformMm + p.mattressMm + p.backMm,
  }),
  reach: (p) => ({ front: out(p) }),
  solids: (p, stance) => {
    const [half, front, back] = [p.lengthMm / 2, -p.seatDepthMm / 2, p.seatDepthMm / 2]
    const base = notched('box', centred(p.lengthMm, p.seatDepthMm, 0, p.platformMm))
    const top = p.platformMm + p.mattressMm
    if (stance === 'pushed-in')
      return [
        base,
        rigid('cushion', centred(p.lengthMm, p.seatDepthMm, p.platformMm, top)),
        rigid('back-cushion', block([-half, back - p.mattressMm, top], [half, back, top + p.backMm])),
      ]
    return [
      base,
      ...(out(p) < 1
        ? []
        : [rigid('slide', block([-half, front - out(p), p.platformMm - 40], [half, front, p.platformMm]))]),
      rigid('mattress', block([-half, front - out(p), p.platformMm], [half, back, top])),
    ]
  },
  clearances: (p, stance) =>
    stance === 'pushed-in'
      ? [knees(['seat'], about(Math.min(700, p.lengthMm)), -p.seatDepthMm / 2, p.platformMm + p.mattressMm)]
      : [
          entryInFront(about(p.lengthMm), whole(p).min),
          sitUp(about(p.lengthMm), whole(p), 'x', p.platformMm + p.mattressMm, p.head),
        ],
  services: (p, stance) => {
    const under = insideOf(p.lengthMm, p.seatDepthMm, 0, p.platformMm - 40, PLY_MM)
    if (stance === 'pulled-out')
      return [
        berth({
          x: about(p.lengthMm),
          y: whole(p),
          along: 'x',
          zMm: p.platformMm + p.mattressMm,
          sleepers: p.sleepers,
          over: p.sleepers - 1,
          head: p.head,
          base: p.base,
        }),
        under,
      ]
    const seats = sittersOn(p.lengthMm)
    return [
      {
        type: 'seat',
        quantity: seats,
        approach: 'knees',
        places: placesAlong(seats, p.lengthMm, -60),
        cushion: { topMm: p.platformMm + p.mattressMm, depthMm: p.seatDepthMm - p.mattressMm },
      },
      under,
    ]
  },
  facts: () => ON_OWN_LEGS,
  adjust: {
    lengthMm: endAnd('lying-length'),
    seatDepthMm: frontAnd('seat-depth'),
    widthMm: measure('lying-width'),
    platformMm: topAnd('platform'),
    backMm: DETAIL_MM,
    sleepers: handle('sleepers'),
    ...BED_ADJUST,
  },
  features: (p, stance) => {
    const [half, front] = [p.lengthMm / 2, -p.seatDepthMm / 2]
    const x = p.head === 'back' ? half - 360 : -half + 40
    return [
      ...(stance === 'pulled-out'
        ? [
            ...levels('top', -half, half, front - out(p), front, 3),
            pillow(x, front - out(p) + 60, x + 320, p.seatDepthMm / 2 - 60),
          ]
        : [line('top', [-half, p.seatDepthMm / 2 - p.mattressMm], [half, p.seatDepthMm / 2 - p.mattressMm])]),
      line('front', [-half, p.platformMm], [half, p.platformMm]),
      ...levels('front', -half, half, p.platformMm - 60, p.platformMm, 3),
      line('side', [front, p.platformMm - 40], [p.seatDepthMm / 2, p.platformMm - 40]),
    ]
  },
  parts: (p) => [
    board('slats', p.seatDepthMm, 60, SLAT_MM, Math.max(2, 2 * Math.floor(p.lengthMm / 140)), 'softwood'),
    board('box-front-and-back', p.lengthMm, p.platformMm, PLY_MM, 2),
    board('box-ends', p.seatDepthMm, p.platformMm, PLY_MM, 2),
    foam('cushion', p.lengthMm, p.seatDepthMm, p.mattressMm),
  ],
  loose: (p) => {
    const wide = Math.max(1, out(p))
    return [
      {
        id: 'back-cushion',
        sizeMm: [p.lengthMm, wide, p.mattressMm],
        count: 1,
        used: true,
        of: [foam('back-cushion', p.lengthMm, wide, p.mattressMm)],
      },
    ]
  },
  change: () => ({ minutes: 1.5, hands: 1 }),
})
