import { z } from 'zod'
import { DETAIL, DETAIL_MM, endAnd, frontAnd, handle, level } from '../adjust'
import {
  BED_ADJUST,
  bedParameters,
  bedSolids,
  berth,
  entryAtEnd,
  entryInFront,
  FRAME_MM,
  sitUp,
  sleepersParameter,
} from '../bed'
import { bedBase, board, foam, piece } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, choiceParameter, lengthParameter, onTheCentreline } from '../shapes'
import { heightOfStance } from '../stance-height'
import { box, line, pillows } from '../symbols'

const RAIL_MM = 60

const parameters = z.object({
  lyingMm: lengthParameter(1900, 1200, 2200).describe('For the sleeper, head to foot'),
  widthMm: lengthParameter(1350, 600, 1800),
  nightMm: lengthParameter(650, 250, 1700).describe('Top of the platform when one sleeps'),
  dayMm: lengthParameter(1350, 250, 1900).describe('Top of the platform when it is raised'),
  upperMm: lengthParameter(1100, 250, 1900).describe('Top of the platform at its upper stop between the two'),
  lowerMm: lengthParameter(850, 250, 1900).describe('Top of the platform at its lower stop between the two'),
  railTopMm: lengthParameter(1600, 600, 2100).describe('Upper end of the rails'),
  mmPerSecond: z.number().min(5).max(60).default(20),
  sleepers: sleepersParameter(2),
  entry: choiceParameter(['side', 'foot']).describe('Where one gets in'),
  ...bedParameters,
})

type Lift = z.infer<typeof parameters>

/** Where the platform is in a stance: each has a height of its own, or is one, that the rails stop at their top. */
const heightIn = (p: Lift, stance: string): number => {
  const named = heightOfStance(stance)
  const stops: Readonly<Record<string, number>> = {
    raised: p.dayMm,
    'upper-stop': p.upperMm,
    'lower-stop': p.lowerMm,
    lowered: p.nightMm,
  }
  return Math.max(LOWEST_MM, Math.min(named ?? stops[stance] ?? p.dayMm, p.railTopMm - p.mattressMm))
}
/** Its frame and its drive lie under the platform. */
const LOWEST_MM = 150

/** A bed that rides up and down on four rails and stops at any height, over whatever is stowed or sits below. At turn 0 one lies across. */
export const bedLift = defineKind({
  id: 'bed-lift',
  group: 'sleeping',
  parameters,
  formerly: { lyingMm: 'lengthMm' },
  stances: ['raised', 'lowered', 'upper-stop', 'lower-stop'],
  stanceFor: { driving: 'raised', living: 'raised', sleeping: 'lowered' },
  meets: ['berth'],
  home: onTheCentreline,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.widthMm, depthMm: p.lyingMm, heightMm: Math.max(p.railTopMm, 250 + p.mattressMm) }),
  solids: (p, stance) => bedSolids(about(p.widthMm), about(p.lyingMm), heightIn(p, stance), p),
  clearances: (p, stance) => {
    if (stance === 'raised') return []
    const top = heightIn(p, stance) + p.mattressMm
    return [
      p.entry === 'side'
        ? entryAtEnd(p.widthMm / 2, Math.min(p.lyingMm / 2, 350))
        : entryInFront(about(p.widthMm), -p.lyingMm / 2),
      sitUp(about(p.widthMm), about(p.lyingMm), 'y', top, p.head),
    ]
  },
  services: (p, stance) =>
    stance !== 'raised'
      ? [
          berth({
            x: about(p.widthMm),
            y: about(p.lyingMm),
            along: 'y',
            zMm: heightIn(p, stance) + p.mattressMm,
            sleepers: p.sleepers,
            edgeMm: p.edgeMm,
            over: p.entry === 'side' ? p.sleepers - 1 : 0,
            head: p.head,
            base: p.base,
          }),
        ]
      : [],
  facts: () => ON_OWN_LEGS,
  adjust: {
    lyingMm: frontAnd('lying-length'),
    widthMm: endAnd('lying-width'),
    nightMm: level('platform'),
    dayMm: DETAIL_MM,
    upperMm: DETAIL_MM,
    lowerMm: DETAIL_MM,
    railTopMm: DETAIL_MM,
    mmPerSecond: DETAIL,
    sleepers: handle('sleepers'),
    entry: handle('way-in'),
    ...BED_ADJUST,
  },
  features: (p, stance) => {
    const z = heightIn(p, stance)
    const rails = [-p.widthMm / 2, p.widthMm / 2 - RAIL_MM / 2]
    return [
      ...pillows(
        p.sleepers,
        -p.widthMm / 2,
        p.widthMm / 2,
        p.head === 'back' ? p.lyingMm / 2 : -p.lyingMm / 2,
        p.head === 'back' ? -1 : 1,
      ),
      ...[-1, 1].flatMap((x) =>
        [-1, 1].map((y) =>
          box(
            'top',
            (x * p.widthMm) / 2 - x * RAIL_MM,
            (y * p.lyingMm) / 2 - y * RAIL_MM,
            (x * p.widthMm) / 2,
            (y * p.lyingMm) / 2,
          ),
        ),
      ),
      ...rails.map((x) => box('front', x, 60, x + RAIL_MM / 2, Math.max(p.railTopMm, z))),
      ...[-1, 1].map((y) => line('side', [(y * p.lyingMm) / 2 - y * 20, 60], [(y * p.lyingMm) / 2 - y * 20, z])),
    ]
  },
  parts: (p) => [
    ...bedBase(p.base, p.lyingMm, p.widthMm, FRAME_MM),
    foam('mattress', p.lyingMm - 2 * p.edgeMm, p.widthMm - 2 * p.edgeMm, p.mattressMm),
    board('rails', p.railTopMm, 60, 4, 4, 'aluminium'),
    piece('motor-shaft-and-belts', 9),
  ],
  risesTo: heightIn,
  change: (p, from, to) => ({
    minutes: Math.max(0.2, Math.abs(heightIn(p, to) - heightIn(p, from)) / p.mmPerSecond / 60),
    hands: 1,
  }),
  cautions: () => ['overhead', 'crash-path'],
})
