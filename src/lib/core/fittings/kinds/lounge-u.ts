import { z } from 'zod'
import { TABLE_PLACE_MM } from '../../brief'
import { block, rectangle } from '../../geometry'
import { DETAIL_MM, END, FRONT, measure, topAnd } from '../adjust'
import { berth } from '../bed'
import { board, foam, piece, PLY_MM, TOP_MM } from '../boards'
import { defineKind, type LocalService, type LocalSolid, type SeatPlace } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, ENTRY_MM, inFront, lengthParameter, notched, onTheCentreline, rigid } from '../shapes'
import { box, line, pillow, pillows } from '../symbols'

const TABLE_TOP_MM = 720
const BACK_HIGH_MM = 400
const GAP_MM = 60

const parameters = z.object({
  lengthMm: lengthParameter(1900, 1500, 2400).describe('Across the open end, from bench to bench'),
  depthMm: lengthParameter(1400, 1000, 2100).describe('From the open end to the back of the closing bench'),
  benchMm: lengthParameter(500, 400, 650),
  seatMm: lengthParameter(450, 350, 600).describe('Top of the cushions above the floor'),
  cushionMm: lengthParameter(100, 60, 150),
  backMm: lengthParameter(100, 60, 150).describe('Thickness of the back cushions'),
})

type Lounge = z.infer<typeof parameters>

/** The three benches in plan: two arms and the one that closes them, as [x0, y0, x1, y1]. */
const benches = (p: Lounge) => {
  const [half, front, back] = [p.lengthMm / 2, -p.depthMm / 2, p.depthMm / 2]
  const inner = back - p.benchMm
  return [
    {
      id: 'left-arm',
      at: [-half, front, -half + p.benchMm, inner],
      back: [-half, front, -half + p.backMm, inner],
      facesDeg: 0,
    },
    {
      id: 'right-arm',
      at: [half - p.benchMm, front, half, inner],
      back: [half - p.backMm, front, half, inner],
      facesDeg: 180,
    },
    { id: 'closing-bench', at: [-half, inner, half, back], back: [-half, back - p.backMm, half, back], facesDeg: 270 },
  ] as const
}

const well = (p: Lounge) => ({
  wide: p.lengthMm - 2 * p.benchMm,
  deep: p.depthMm - p.benchMm,
})

/** The longer way is the sleeper’s. */
const liesAlong = (p: Lounge) => (p.lengthMm >= p.depthMm ? 'x' : 'y')

/** Three benches round a table; it drops into the well between them, and boards and back cushions close it to a bed. */
export const loungeU = defineKind({
  id: 'lounge-u',
  group: 'sitting',
  parameters,
  stances: ['table-up', 'bed-made'],
  stanceFor: { driving: 'table-up', living: 'table-up', sleeping: 'bed-made' },
  meets: ['table-seat', 'seat', 'berth'],
  home: { ...onTheCentreline, turn: 90 },
  closedBy: 'lid',
  scribedAt: 'top',
  footprint: (p) => ({
    lengthMm: p.lengthMm,
    depthMm: p.depthMm,
    heightMm: Math.max(p.seatMm + BACK_HIGH_MM, TABLE_TOP_MM),
  }),
  solids: (p, stance) => {
    const low = p.seatMm - p.cushionMm
    const bases = benches(p).flatMap(({ id, at: [x0, y0, x1, y1] }): LocalSolid[] => [
      notched(id, block([x0, y0, 0], [x1, y1, low])),
      rigid(`${id}-cushion`, block([x0, y0, low], [x1, y1, p.seatMm])),
    ])
    const { wide, deep } = well(p)
    const front = -p.depthMm / 2
    if (stance === 'bed-made')
      return [...bases, rigid('infill', block([-wide / 2, front, low - TOP_MM], [wide / 2, front + deep, p.seatMm]))]
    return [
      ...bases,
      ...benches(p).map(({ id, back: [x0, y0, x1, y1] }) =>
        rigid(`${id}-back`, block([x0, y0, p.seatMm], [x1, y1, p.seatMm + BACK_HIGH_MM])),
      ),
      rigid(
        'table',
        block(
          [-wide / 2 - GAP_MM, front + GAP_MM, TABLE_TOP_MM - TOP_MM],
          [wide / 2 + GAP_MM, front + deep + GAP_MM, TABLE_TOP_MM],
        ),
      ),
    ]
  },
  clearances: (p, stance) => {
    const half = Math.max(150, well(p).wide / 2)
    return [
      inFront(
        'entry',
        'entry',
        stance === 'bed-made' ? ['berth'] : ['seat', 'table-place'],
        { min: -half, max: half },
        -p.depthMm / 2,
        ENTRY_MM,
      ),
    ]
  },
  services: (p, stance) => {
    const low = p.seatMm - p.cushionMm
    const stowage = benches(p).map(({ at: [x0, y0, x1, y1] }): LocalService => ({
      type: 'stowage',
      quantity: 1,
      inside: block([x0 + PLY_MM, y0 + PLY_MM, PLY_MM], [x1 - PLY_MM, y1 - PLY_MM, low - PLY_MM]),
    }))
    if (stance === 'bed-made')
      return [
        ...stowage,
        berth({
          x: about(p.lengthMm),
          y: about(p.depthMm),
          along: liesAlong(p),
          zMm: p.seatMm,
          sleepers: 2,
          over: liesAlong(p) === 'x' ? 1 : 0,
        }),
      ]
    const places = benches(p).flatMap(({ at: [x0, y0, x1, y1], facesDeg }) => {
      const across = facesDeg === 270
      // where an arm meets the closing bench no one has room for knees
      const [from, to] = across ? [x0 + p.benchMm, x1 - p.benchMm] : [y0, y1]
      const each = Math.max(1, Math.floor((to - from) / TABLE_PLACE_MM))
      return Array.from({ length: each }, (_, index): SeatPlace => {
        const along = from + ((index + 0.5) * (to - from)) / each
        return { at: across ? [along, (y0 + y1) / 2] : [(x0 + x1) / 2, along], facesDeg }
      })
    })
    const { wide, deep } = well(p)
    const front = -p.depthMm / 2
    return [
      ...stowage,
      {
        type: 'seat',
        quantity: places.length,
        approach: 'entry',
        places,
        cushion: { topMm: p.seatMm, depthMm: p.benchMm - p.backMm },
      },
      {
        type: 'table-place',
        quantity: places.length,
        approach: 'entry',
        top: rectangle(-wide / 2 - GAP_MM, front + GAP_MM, wide / 2 + GAP_MM, front + deep + GAP_MM),
        topMm: TABLE_TOP_MM,
      },
    ]
  },
  facts: () => ON_OWN_LEGS,
  adjust: {
    lengthMm: END,
    depthMm: FRONT,
    benchMm: measure('seat-depth'),
    seatMm: topAnd('seat', 'platform'),
    cushionMm: DETAIL_MM,
    backMm: DETAIL_MM,
  },
  features: (p, stance) => {
    const low = p.seatMm - p.cushionMm
    const { wide, deep } = well(p)
    const [half, front, back] = [p.lengthMm / 2, -p.depthMm / 2, p.depthMm / 2]
    const inner =
      stance === 'bed-made'
        ? liesAlong(p) === 'y'
          ? pillows(2, -half, half, back, -1)
          : [pillow(half - 380, front + 60, half - 60, -40), pillow(half - 380, 40, half - 60, back - 60)]
        : [
            box('top', -wide / 2 - GAP_MM, front + GAP_MM, wide / 2 + GAP_MM, front + deep + GAP_MM, true),
            ...benches(p).map(({ back: [x0, y0, x1, y1] }) => box('top', x0, y0, x1, y1)),
          ]
    return [
      ...benches(p).map(({ at: [x0, y0, x1, y1] }) => box('top', x0, y0, x1, y1)),
      ...inner,
      line('front', [-half, low], [-half + p.benchMm, low]),
      line('front', [half - p.benchMm, low], [half, low]),
      line('front', [-half + p.benchMm, 0], [-half + p.benchMm, p.seatMm]),
      line('front', [half - p.benchMm, 0], [half - p.benchMm, p.seatMm]),
      line('side', [front, low], [back, low]),
      line('side', [back - p.benchMm, 0], [back - p.benchMm, low]),
    ]
  },
  parts: (p) => {
    const low = p.seatMm - p.cushionMm
    const { wide, deep } = well(p)
    return [
      board('fronts-and-backs', 2 * deep + p.lengthMm, low, PLY_MM, 2),
      board('ends', p.benchMm, low, PLY_MM, 3),
      board('bench-tops', 2 * deep + p.lengthMm, p.benchMm, PLY_MM),
      board('table', Math.max(100, wide), Math.max(100, deep), TOP_MM),
      foam('seat-cushions', 2 * deep + p.lengthMm, p.benchMm, p.cushionMm),
      piece('table-leg-and-ledges', 3),
    ]
  },
  loose: (p, stance) => {
    const { wide, deep } = well(p)
    // laid flat, the backs of both arms and of the closing bench must cover the well
    const cover = BACK_HIGH_MM * (2 * deep + p.lengthMm) >= wide * deep
    const made = stance === 'bed-made'
    return [
      {
        id: 'arm-back-cushion',
        sizeMm: [deep, BACK_HIGH_MM, p.backMm],
        count: 2,
        used: !made || cover,
        of: [foam('back-cushion', deep, BACK_HIGH_MM, p.backMm)],
      },
      {
        id: 'closing-back-cushion',
        sizeMm: [p.lengthMm, BACK_HIGH_MM, p.backMm],
        count: 1,
        // what two arm cushions cover already needs no third
        used: !made || 2 * BACK_HIGH_MM * deep < wide * deep,
        of: [foam('back-cushion', p.lengthMm, BACK_HIGH_MM, p.backMm)],
      },
    ]
  },
  change: () => ({ minutes: 4, hands: 1 }),
})
