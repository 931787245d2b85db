import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL_MM, endAnd, frontAnd, handle, measure, topAnd } from '../adjust'
import { berth, entryInFront, sitUp, sleepersParameter } from '../bed'
import { board, foam, PLY_MM, SLAT_MM } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, centred, insideOf, lengthParameter, notched, onTheWall, rigid } from '../shapes'
import { knees, placesAlong, sittersOn } from '../sitting'
import { line, pillow } from '../symbols'

const LEG_MM = 40

const parameters = z.object({
  lengthMm: lengthParameter(1500, 800, 2200).describe('Along the wall; 1500 for a child'),
  seatDepthMm: lengthParameter(600, 400, 800).describe('As a sofa'),
  widthMm: lengthParameter(900, 500, 1300).describe('Opened, as a bed'),
  seatMm: lengthParameter(420, 300, 550).describe('Top of the cushions above the floor'),
  cushionMm: lengthParameter(100, 60, 160),
  backMm: lengthParameter(420, 200, 600).describe('Height of the back above the seat'),
  sleepers: sleepersParameter(1),
})

type Sofa = z.infer<typeof parameters>

const wing = (p: Sofa) => Math.max(0, p.widthMm - p.seatDepthMm)
const whole = (p: Sofa) => ({ min: -p.seatDepthMm / 2 - wing(p), max: p.seatDepthMm / 2 })

/** A sofa along the wall whose front leaf swings out on a leg; its back cushion lies down on the leaf. */
export const sofaExtend = defineKind({
  id: 'sofa-extend',
  group: 'sitting',
  parameters,
  stances: ['sofa', 'bed'],
  stanceFor: { driving: 'sofa', living: 'sofa', sleeping: 'bed' },
  meets: ['seat', 'berth'],
  home: onTheWall,
  closedBy: 'lid',
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.seatDepthMm, heightMm: p.seatMm + p.backMm }),
  reach: (p) => ({ front: wing(p) }),
  solids: (p, stance) => {
    const [half, front, back] = [p.lengthMm / 2, -p.seatDepthMm / 2, p.seatDepthMm / 2]
    const low = p.seatMm - p.cushionMm
    const base = notched('box', centred(p.lengthMm, p.seatDepthMm, 0, low))
    const seat = rigid('cushion', centred(p.lengthMm, p.seatDepthMm, low, p.seatMm))
    if (stance === 'sofa')
      return [
        base,
        seat,
        rigid('back-cushion', block([-half, back - p.cushionMm, p.seatMm], [half, back, p.seatMm + p.backMm])),
      ]
    if (wing(p) < 1) return [base, seat]
    return [
      base,
      seat,
      rigid('leaf', block([-half, front - wing(p), low - PLY_MM], [half, front, p.seatMm])),
      rigid('leg', block([-half, front - Math.min(LEG_MM, wing(p)), 0], [-half + LEG_MM, front, low - PLY_MM])),
    ]
  },
  clearances: (p, stance) =>
    stance === 'sofa'
      ? [knees(['seat'], about(Math.min(700, p.lengthMm)), -p.seatDepthMm / 2, p.seatMm)]
      : [entryInFront(about(p.lengthMm), whole(p).min), sitUp(about(p.lengthMm), whole(p), 'x', p.seatMm, 'back')],
  services: (p, stance) => {
    const chest = insideOf(p.lengthMm, p.seatDepthMm, 0, p.seatMm - p.cushionMm, PLY_MM)
    if (stance === 'bed')
      return [
        berth({
          x: about(p.lengthMm),
          y: whole(p),
          along: 'x',
          zMm: p.seatMm,
          sleepers: p.sleepers,
          over: p.sleepers - 1,
        }),
        chest,
      ]
    const seats = sittersOn(p.lengthMm)
    return [
      {
        type: 'seat',
        quantity: seats,
        approach: 'knees',
        places: placesAlong(seats, p.lengthMm, -40),
        cushion: { topMm: p.seatMm, depthMm: p.seatDepthMm - p.cushionMm },
      },
      chest,
    ]
  },
  facts: () => ON_OWN_LEGS,
  adjust: {
    lengthMm: endAnd('lying-length'),
    seatDepthMm: frontAnd('seat-depth'),
    widthMm: measure('lying-width'),
    seatMm: topAnd('seat', 'platform'),
    cushionMm: DETAIL_MM,
    backMm: DETAIL_MM,
    sleepers: handle('sleepers'),
  },
  features: (p, stance) => {
    const [half, front, back] = [p.lengthMm / 2, -p.seatDepthMm / 2, p.seatDepthMm / 2]
    const low = p.seatMm - p.cushionMm
    return [
      ...(stance === 'bed'
        ? [line('top', [-half, front], [half, front]), pillow(half - 340, front - wing(p) + 50, half - 40, back - 50)]
        : [
            line('top', [-half, back - p.cushionMm], [half, back - p.cushionMm]),
            line('top', [0, front], [0, back - p.cushionMm]),
          ]),
      line('front', [-half, low], [half, low]),
      line('front', [0, low], [0, p.seatMm]),
      line('side', [front, low], [back, low]),
    ]
  },
  parts: (p) => [
    board('box-front-and-back', p.lengthMm, p.seatMm - p.cushionMm, PLY_MM, 2),
    board('box-ends', p.seatDepthMm, p.seatMm - p.cushionMm, PLY_MM, 2),
    board('seat-board', p.lengthMm, p.seatDepthMm, PLY_MM),
    board('leaf', p.lengthMm, Math.max(1, wing(p)), SLAT_MM),
    foam('seat-cushion', p.lengthMm, p.seatDepthMm, p.cushionMm),
  ],
  loose: (p, stance) => [
    {
      id: 'back-cushion',
      sizeMm: [p.lengthMm, p.backMm, p.cushionMm],
      count: 1,
      // it lies on the leaf, if the leaf is wide enough to take it and it is wide enough to cover it
      used: stance === 'sofa' || (wing(p) > 0 && p.backMm >= wing(p)),
      of: [foam('back-cushion', p.lengthMm, p.backMm, p.cushionMm)],
    },
  ],
  change: () => ({ minutes: 1.5, hands: 1 }),
})
