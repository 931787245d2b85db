import { z } from 'zod'
import { block } from '../../geometry'
import { DETAIL_MM, endAnd, frontAnd, handle, ONE_MORE, topAnd } from '../adjust'
import { berth, entryInFront, sleepersParameter } from '../bed'
import { board, foam, PLY_MM } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, centred, countParameter, lengthParameter, onTheCentreline, rigid } from '../shapes'
import { line, parted } from '../symbols'

const LEDGE_MM = 40

const parameters = z.object({
  lengthMm: lengthParameter(1900, 500, 2200).describe('For the sleeper, along what it closes'),
  gapMm: lengthParameter(600, 150, 1200).describe('Between what it lies on'),
  topMm: lengthParameter(450, 250, 1000).describe('Top of the cushions above the floor'),
  cushionMm: lengthParameter(100, 40, 150),
  pieces: countParameter(2, 1, 6),
  besideMm: lengthParameter(1200, 0, 1600).describe('Width that lies beside it already, on both sides together'),
  sleepers: sleepersParameter(2),
})

/** A board on ledges with its cushions, that closes the gap between two benches to a bed; put away by day. */
export const infillBoard = defineKind({
  id: 'infill-board',
  group: 'sleeping',
  parameters,
  stances: ['laid', 'put-away'],
  stanceFor: { driving: 'put-away', living: 'put-away', sleeping: 'laid' },
  meets: ['berth'],
  home: onTheCentreline,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.gapMm, heightMm: p.topMm }),
  solids: (p, stance) => {
    const low = p.topMm - p.cushionMm - PLY_MM
    const [half, back] = [p.lengthMm / 2, p.gapMm / 2]
    return stance === 'laid'
      ? [
          rigid('board', centred(p.lengthMm, p.gapMm, low, low + PLY_MM)),
          rigid('cushion', centred(p.lengthMm, p.gapMm, low + PLY_MM, p.topMm)),
        ]
      : [-1, 1].map((side) =>
          rigid(
            side < 0 ? 'right-ledge' : 'left-ledge',
            block(
              [-half, Math.min(side * back, side * (back - LEDGE_MM)), low - LEDGE_MM],
              [half, Math.max(side * back, side * (back - LEDGE_MM)), low],
            ),
          ),
        )
  },
  clearances: (p, stance) => (stance === 'laid' ? [{ ...entryInFront(about(p.gapMm), 0), upTo: endEntry(p) }] : []),
  services: (p, stance) =>
    stance === 'laid'
      ? [
          berth({
            x: about(p.lengthMm),
            y: { min: -(p.gapMm + p.besideMm) / 2, max: (p.gapMm + p.besideMm) / 2 },
            along: 'x',
            zMm: p.topMm,
            sleepers: p.sleepers,
            leans: p.besideMm >= 1,
          }),
        ]
      : [],
  facts: () => ({ ...ON_OWN_LEGS, staysByWeight: true }),
  adjust: {
    lengthMm: endAnd('lying-length'),
    gapMm: frontAnd('lying-width'),
    topMm: topAnd('platform'),
    cushionMm: DETAIL_MM,
    pieces: ONE_MORE,
    besideMm: DETAIL_MM,
    sleepers: handle('sleepers'),
  },
  features: (p, stance) => [
    ...(stance === 'laid'
      ? parted('top', -p.lengthMm / 2, p.lengthMm / 2, -p.gapMm / 2, p.gapMm / 2, p.pieces + 1)
      : [line('top', [-p.lengthMm / 2, 0], [p.lengthMm / 2, 0])]),
    line('front', [-p.lengthMm / 2, p.topMm - p.cushionMm], [p.lengthMm / 2, p.topMm - p.cushionMm]),
    line('side', [-p.gapMm / 2, p.topMm - p.cushionMm], [p.gapMm / 2, p.topMm - p.cushionMm]),
  ],
  parts: (p) => [board('ledges', p.lengthMm, LEDGE_MM, LEDGE_MM, 2, 'softwood')],
  loose: (p, stance) => [
    {
      id: 'infill-board',
      sizeMm: [p.lengthMm / p.pieces, p.gapMm, PLY_MM],
      count: p.pieces,
      used: stance === 'laid',
      of: [board('board', p.lengthMm / p.pieces, p.gapMm, PLY_MM, 1, 'birch-ply')],
    },
    {
      id: 'infill-cushion',
      sizeMm: [p.lengthMm / p.pieces, p.gapMm, p.cushionMm],
      count: p.pieces,
      used: stance === 'laid',
      of: [foam('cushion', p.lengthMm / p.pieces, p.gapMm, p.cushionMm)],
    },
  ],
  change: (p) => ({ minutes: 1 + 0.5 * p.pieces, hands: 1 }),
})

/** One gets in over its open end, between the benches. */
function endEntry(p: z.infer<typeof parameters>) {
  return (amount: number) =>
    block([p.lengthMm / 2, -p.gapMm / 2, 0], [p.lengthMm / 2 + Math.max(1, amount), p.gapMm / 2, 1300])
}
