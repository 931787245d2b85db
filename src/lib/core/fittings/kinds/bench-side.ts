import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL_MM, END, frontAnd, topAnd } from '../adjust'
import { board, foam, PLY_MM } from '../boards'
import { defineKind } from '../contract'
import { type FrontFact, ON_OWN_LEGS } from '../facts'
import { about, centred, forTask, insideOf, lengthParameter, lidLift, notched, onTheWall, rigid } from '../shapes'
import { knees, placesAlong, sittersOn } from '../sitting'
import { line, parted } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(1200, 450, 3000),
  depthMm: lengthParameter(480, 350, 700),
  seatMm: lengthParameter(450, 350, 550).describe('Top of the cushion above the floor'),
  cushionMm: lengthParameter(80, 40, 150),
  backMm: lengthParameter(0, 0, 150).describe('Thickness of a back cushion; 0 for none'),
  overhangMm: lengthParameter(0, 0, 60).describe('How far the cushion stands over the front of its box'),
})

/** The cushion lies on its lid and keeps it shut. */
const UNDER_CUSHION: FrontFact = { what: 'lid', hung: 'back', latch: 'own-weight', isOutside: false }

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
  clearances: (p) => [
    knees(['seat'], about(p.lengthMm), -p.depthMm / 2, p.seatMm),
    forTask(
      'under-lid',
      lidLift([], about(p.lengthMm), p.depthMm / 2 - p.backMm, p.seatMm - p.cushionMm, p.depthMm - p.backMm),
    ),
  ],
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
  facts: () => ({ ...ON_OWN_LEGS, fronts: [UNDER_CUSHION] }),
  adjust: {
    lengthMm: END,
    depthMm: frontAnd('seat-depth'),
    seatMm: topAnd('seat'),
    cushionMm: DETAIL_MM,
    backMm: DETAIL_MM,
    overhangMm: DETAIL_MM,
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
