import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL, DETAIL_MM, level } from '../adjust'
import { carcass, inPly, piece, plyParameter } from '../boards'
import { about, centred, choiceParameter, drawerPull, inFront, lengthParameter, rigid, STAND_MM } from '../shapes'
import { drawerFront, line, ring } from '../symbols'
import { sittingOn, TOILET_ADJUST, toiletFacts, toiletKind, toiletParameters } from '../toilet'

const BOARD_MM = 15

const parameters = z.object({
  ...toiletParameters(440, 460),
  seatMm: lengthParameter(380, 300, 480).describe('Top of the seat above its base, on its slide'),
  works: choiceParameter(['flush', 'separating']).describe('With water and a chemical, or parting liquid from solid'),
  cupboardMm: lengthParameter(460, 350, 900).describe('Height of the cupboard that it slides into'),
  ply: plyParameter,
})

/** A toilet on a slide in a low cupboard, portable or separating: out to use, in and out of sight on the road. */
export const toiletPortable = toiletKind({
  id: 'toilet-portable',
  parameters,
  stances: ['slid-in', 'slid-out'],
  stanceFor: { driving: 'slid-in', living: 'slid-in', sleeping: 'slid-out' },
  part: 'cupboard',
  footprint: (p) => ({
    lengthMm: p.lengthMm,
    depthMm: p.depthMm,
    heightMm: Math.max(p.cupboardMm, p.seatMm + BOARD_MM),
  }),
  reach: (p) => ({ front: p.depthMm - 40 }),
  solids: (p, stance) => {
    const high = Math.max(p.cupboardMm, p.seatMm + BOARD_MM)
    const cupboard = rigid('cupboard', centred(p.lengthMm, p.depthMm, 0, high))
    const run = p.depthMm - 40
    return stance === 'slid-in'
      ? [cupboard]
      : [
          cupboard,
          rigid(
            'toilet',
            block(
              [-p.lengthMm / 2 + BOARD_MM, -p.depthMm / 2 - run, 20],
              [p.lengthMm / 2 - BOARD_MM, -p.depthMm / 2, p.seatMm],
            ),
          ),
        ]
  },
  clearances: (p, stance) => {
    const run = p.depthMm - 40
    if (stance === 'slid-out') return sittingOn(p, run)
    return [
      drawerPull(['toilet'], about(p.lengthMm - 2 * BOARD_MM), -p.depthMm / 2, { min: 20, max: p.seatMm }, run),
      inFront('knees', 'stand', ['toilet'], about(p.lengthMm), -p.depthMm / 2, STAND_MM + 150),
    ]
  },
  facts: (p) => toiletFacts(p.works === 'flush' ? 20 : 10, 'inside'),
  adjust: { ...TOILET_ADJUST, seatMm: level('seat'), cupboardMm: DETAIL_MM, works: DETAIL, ply: DETAIL },
  features: (p, stance) => {
    const run = stance === 'slid-out' ? p.depthMm - 40 : 0
    const high = Math.max(p.cupboardMm, p.seatMm + BOARD_MM)
    return [
      ...(run > 0
        ? [ring('top', 0, -p.depthMm / 2 - run / 2, Math.min(p.lengthMm, run) * 0.36, true)]
        : [ring('top', 0, 0, Math.min(p.lengthMm, p.depthMm) * 0.3)]),
      line('top', [-p.lengthMm / 2, -p.depthMm / 2 + 18], [p.lengthMm / 2, -p.depthMm / 2 + 18]),
      ...drawerFront(-p.lengthMm / 2 + 8, p.lengthMm / 2 - 8, 10, high - 15),
      ring('front', 0, high * 0.45, high * 0.14),
      line('side', [-p.depthMm / 2 + 18, 0], [-p.depthMm / 2 + 18, high]),
    ]
  },
  parts: (p) =>
    inPly(p.ply, [
      ...carcass(p.lengthMm, p.depthMm, Math.max(p.cupboardMm, p.seatMm + BOARD_MM)),
      p.works === 'flush' ? piece('portable-toilet', 4.5) : piece('separator-bottle-and-tub', 4),
      piece('slide-with-a-lock', 3),
    ]),
  change: () => ({ minutes: 0.2, hands: 1 }),
})
