import { z } from 'zod'
import { rectangle } from '../../geometry'
import { DETAIL, DETAIL_MM, endAnd, frontAnd, handle, TOP } from '../adjust'
import { berth, entryAtEnd, sleepersParameter } from '../bed'
import { board, foam, piece, TOP_MM } from '../boards'
import { defineKind } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, centred, choiceParameter, lengthParameter, onTheCentreline, rigid } from '../shapes'
import { placesRound, tablePlaces } from '../sitting'
import { line, parted, ring } from '../symbols'

const COLUMN_MM = 90
/** A pedestal lets nothing under its top when it is down: the column needs so much. */
const LEAST_UNDER_MM = 150

const parameters = z.object({
  lengthMm: lengthParameter(1100, 400, 2000).describe('Of its top, along the benches'),
  depthMm: lengthParameter(650, 300, 1200).describe('Of its top, from bench to bench'),
  heightMm: lengthParameter(720, 600, 780),
  sunkMm: lengthParameter(450, 250, 700).describe('Top of the cushions over it, when it is down'),
  cushionMm: lengthParameter(100, 40, 150),
  besideMm: lengthParameter(1200, 0, 1600).describe('Width that lies beside it, on the benches of both sides together'),
  lies: choiceParameter(['across', 'along']).describe('Which way one lies on it'),
  sleepers: sleepersParameter(1),
})

type Table = z.infer<typeof parameters>
const underOf = (p: Table): number => Math.max(LEAST_UNDER_MM, p.sunkMm - p.cushionMm - TOP_MM)

/** A table on a column between two benches, whose top goes down on to their ledges and is the middle of a bed. */
export const tableSink = defineKind({
  id: 'table-sink',
  group: 'sitting',
  parameters,
  stances: ['up', 'sunk'],
  stanceFor: { driving: 'sunk', living: 'up', sleeping: 'sunk' },
  meets: ['table-seat', 'berth'],
  home: onTheCentreline,
  scribedAt: 'top',
  footprint: (p) => ({
    lengthMm: p.lengthMm,
    depthMm: p.depthMm,
    heightMm: Math.max(p.heightMm, underOf(p) + TOP_MM + p.cushionMm),
  }),
  solids: (p, stance) => {
    const low = stance === 'up' ? p.heightMm - TOP_MM : underOf(p)
    return [
      rigid('column', centred(COLUMN_MM, COLUMN_MM, 0, low)),
      rigid('top', centred(p.lengthMm, p.depthMm, low, low + TOP_MM)),
      ...(stance === 'sunk'
        ? [rigid('cushion', centred(p.lengthMm, p.depthMm, low + TOP_MM, low + TOP_MM + p.cushionMm))]
        : []),
    ]
  },
  clearances: (p, stance) => (stance === 'sunk' ? [entryAtEnd(p.lengthMm / 2, Math.min(p.depthMm / 2, 350))] : []),
  services: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    return stance === 'up'
      ? [tablePlaces(rectangle(-half, -back, half, back), p.heightMm, placesRound(p.lengthMm, p.depthMm, 2))]
      : [
          berth({
            x: about(p.lengthMm),
            y: about(p.depthMm + p.besideMm),
            along: p.lies === 'along' ? 'x' : 'y',
            zMm: underOf(p) + TOP_MM + p.cushionMm,
            sleepers: p.sleepers,
            leans: p.besideMm >= 1,
          }),
        ]
  },
  facts: () => ON_OWN_LEGS,
  adjust: {
    lengthMm: endAnd('lying-width'),
    depthMm: frontAnd('lying-length'),
    heightMm: TOP,
    sunkMm: DETAIL_MM,
    cushionMm: DETAIL_MM,
    besideMm: DETAIL_MM,
    lies: DETAIL,
    sleepers: handle('sleepers'),
  },
  features: (p, stance) => {
    const [half, back] = [p.lengthMm / 2, p.depthMm / 2]
    const low = stance === 'up' ? p.heightMm - TOP_MM : underOf(p)
    return [
      ...parted('top', -half + 15, half - 15, -back + 15, back - 15, stance === 'sunk' ? 2 : 1),
      ring('top', 0, 0, COLUMN_MM / 2),
      line('front', [-half, low], [half, low]),
      line('front', [-COLUMN_MM / 2, 0], [-COLUMN_MM / 2, low]),
      line('front', [COLUMN_MM / 2, 0], [COLUMN_MM / 2, low]),
      line('side', [-back, low], [back, low]),
    ]
  },
  parts: (p) => [board('top', p.lengthMm, p.depthMm, TOP_MM, 1, 'poplar-ply'), piece('sinking-column', 8)],
  loose: (p, stance) => [
    {
      id: 'infill-cushion',
      sizeMm: [p.lengthMm, p.depthMm, p.cushionMm],
      count: 1,
      used: stance === 'sunk',
      of: [foam('cushion', p.lengthMm, p.depthMm, p.cushionMm)],
    },
  ],
  change: () => ({ minutes: 1.5, hands: 1 }),
  cautions: () => ['crash-path'],
})
