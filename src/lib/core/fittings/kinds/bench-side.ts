import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL, DETAIL_MM, END, frontAnd, topAnd } from '../adjust'
import { board, foam, PLY_MM } from '../boards'
import { defineKind, type LocalClearance } from '../contract'
import { type FrontFact, ON_OWN_LEGS } from '../facts'
import {
  about,
  above,
  centred,
  choiceParameter,
  forTask,
  insideOf,
  lengthParameter,
  lidLift,
  lidLiftAtEnd,
  notched,
  onTheWall,
  rigid,
} from '../shapes'
import { knees, placesAlong, sittersOn } from '../sitting'
import { line, parted } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(1200, 450, 3000),
  depthMm: lengthParameter(480, 350, 700),
  seatMm: lengthParameter(450, 350, 550).describe('Top of the cushion above the floor'),
  cushionMm: lengthParameter(80, 40, 150),
  backMm: lengthParameter(0, 0, 150).describe('Thickness of a back cushion; 0 for none'),
  overhangMm: lengthParameter(0, 0, 60).describe('How far the cushion stands over the front of its box'),
  lid: choiceParameter(['back', 'left', 'right', 'lifts-off']).describe('Where its lid hangs'),
})

type Bench = z.infer<typeof parameters>
/** The cushion lies on its lid and keeps it shut. */
const underCushion = (p: Bench): FrontFact => ({ what: 'lid', hung: p.lid, latch: 'own-weight', isOutside: false })
/** A lid that is lifted off is lifted so far. */
const OFF_MM = 300

/** What the lid needs to open, where it hangs. */
function lidRoom(p: Bench): LocalClearance {
  const [top, y] = [p.seatMm - p.cushionMm, { min: -p.depthMm / 2, max: p.depthMm / 2 - p.backMm }]
  if (p.lid === 'lifts-off') return above('lid', 'over', [], about(p.lengthMm), y, top, OFF_MM)
  return p.lid === 'back'
    ? lidLift([], about(p.lengthMm), p.depthMm / 2 - p.backMm, top, p.depthMm - p.backMm)
    : lidLiftAtEnd([], y, p.lid, p.lengthMm, top)
}

/** A chest along the wall to sit on while parked, with a cushion and a lid below it. No place to travel. */
export const benchSide = defineKind({
  id: 'bench-side',
  group: 'sitting',
  parameters,
  stances: ['shut'],
  stanceFor: { driving: 'shut', living: 'shut', sleeping: 'shut' },
  meets: ['seat'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({
    lengthMm: p.lengthMm,
    depthMm: p.depthMm,
    heightMm: p.backMm >= 1 ? p.seatMm + 400 : p.seatMm,
  }),
  reach: (p) => ({ front: p.overhangMm }),
  solids: (p) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    const low = p.seatMm - p.cushionMm
    return [
      notched('box', centred(p.lengthMm, p.depthMm, 0, low)),
      rigid('cushion', block([-half, -back - p.overhangMm, low], [half, back, p.seatMm])),
      ...(p.backMm >= 1
        ? [rigid('back-cushion', block([-half, back - p.backMm, p.seatMm], [half, back, p.seatMm + 400]))]
        : []),
    ]
  },
  clearances: (p) => [knees(['seat'], about(p.lengthMm), -p.depthMm / 2, p.seatMm), forTask('under-lid', lidRoom(p))],
  services: (p) => [
    {
      type: 'seat',
      quantity: sittersOn(p.lengthMm),
      approach: 'knees',
      places: placesAlong(sittersOn(p.lengthMm), p.lengthMm, -30),
      cushion: { topMm: p.seatMm, depthMm: p.depthMm + p.overhangMm - p.backMm },
    },
    insideOf(p.lengthMm, p.depthMm, 0, p.seatMm - p.cushionMm, PLY_MM),
  ],
  facts: (p) => ({ ...ON_OWN_LEGS, fronts: [underCushion(p)] }),
  adjust: {
    lengthMm: END,
    depthMm: frontAnd('seat-depth'),
    seatMm: topAnd('seat'),
    cushionMm: DETAIL_MM,
    backMm: DETAIL_MM,
    overhangMm: DETAIL_MM,
    lid: DETAIL,
  },
  features: (p) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    const low = p.seatMm - p.cushionMm
    return [
      ...parted('top', -half, half, -back, back - p.backMm, sittersOn(p.lengthMm)),
      line('top', [-half, back - Math.max(12, p.backMm)], [half, back - Math.max(12, p.backMm)]),
      line('front', [-half, low], [half, low]),
      ...parted('front', -half, half, low, p.seatMm, sittersOn(p.lengthMm)),
      line('side', [-back, low], [back, low]),
    ]
  },
  parts: (p) => [
    board('front-and-back', p.lengthMm, p.seatMm - p.cushionMm, PLY_MM, 2),
    board('ends', p.depthMm, p.seatMm - p.cushionMm, PLY_MM, 2),
    board('lid', p.lengthMm, p.depthMm, PLY_MM),
    foam('cushion', p.lengthMm, p.depthMm, p.cushionMm),
    ...(p.backMm >= 1 ? [foam('back-cushion', p.lengthMm, 400, p.backMm)] : []),
  ],
})
