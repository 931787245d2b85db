import { z } from 'zod'
import { TABLE_PLACE_MM } from '../../brief'
import { block, rectangle } from '../../geometry'
import { DETAIL, DETAIL_MM, endAnd, frontAnd, topAnd } from '../adjust'
import { berth } from '../bed'
import { board, foam, piece, PLY_MM } from '../boards'
import { defineKind, type LocalService, type LocalSolid, type SeatPlace } from '../contract'
import { ON_OWN_LEGS } from '../facts'
import { about, choiceParameter, ENTRY_MM, inFront, lengthParameter, notched, onTheWall, rigid } from '../shapes'
import { box, line, pillow } from '../symbols'

const BENCH_MM = 520
const TABLE_MM = 25
const TABLE_TOP_MM = 720
const BACK_HIGH_MM = 460

const parameters = z.object({
  lengthMm: lengthParameter(1950, 1700, 2300).describe(
    'Along both benches and the table between them; the berth’s length',
  ),
  depthMm: lengthParameter(1200, 600, 1600),
  seatMm: lengthParameter(450, 350, 600).describe('Top of the cushions above the floor'),
  cushionMm: lengthParameter(100, 60, 150),
  backMm: lengthParameter(110, 60, 160).describe('Thickness of the back cushions'),
  overhangMm: lengthParameter(0, 0, 60).describe('How far the cushions stand over the front of their boxes'),
  gapFill: choiceParameter(['backs', 'infill']).describe(
    'What fills the gap by night: the back cushions, or pieces of its own',
  ),
})

type Lounge = z.infer<typeof parameters>

/** The two benches, one at each end, as spans along the run. */
const benches = (p: Lounge) => [
  { id: 'rear-bench', from: -p.lengthMm / 2, to: -p.lengthMm / 2 + BENCH_MM, backFrom: -p.lengthMm / 2, facesDeg: 0 },
  {
    id: 'front-bench',
    from: p.lengthMm / 2 - BENCH_MM,
    to: p.lengthMm / 2,
    backFrom: p.lengthMm / 2 - p.backMm,
    facesDeg: 180,
  },
]

const gap = (p: Lounge) => p.lengthMm - 2 * BENCH_MM
const placesPerBench = (p: Lounge) => Math.max(1, Math.floor(p.depthMm / TABLE_PLACE_MM))
/** Area of the two back cushions against the gap between the benches that they are to fill. */
const backsFill = (p: Lounge) => p.gapFill === 'backs' && 2 * BACK_HIGH_MM >= gap(p)

/** Two benches that face each other over a table; the table drops between them and the back cushions fill the gap. */
export const loungeBed = defineKind({
  id: 'lounge-bed',
  group: 'sitting',
  parameters,
  stances: ['table-up', 'bed-made'],
  stanceFor: { driving: 'table-up', living: 'table-up', sleeping: 'bed-made' },
  meets: ['table-seat', 'seat', 'berth'],
  home: onTheWall,
  closedBy: 'lid',
  scribedAt: 'top',
  footprint: (p) => ({
    lengthMm: p.lengthMm,
    depthMm: p.depthMm,
    heightMm: Math.max(p.seatMm + BACK_HIGH_MM, TABLE_TOP_MM),
  }),
  reach: (p) => ({ front: p.overhangMm }),
  solids: (p, stance) => {
    const half = p.depthMm / 2
    const low = p.seatMm - p.cushionMm
    const bases: LocalSolid[] = benches(p).flatMap(({ id, from, to }) => [
      notched(id, block([from, -half, 0], [to, half, low])),
      rigid(`${id}-cushion`, block([from, -half - p.overhangMm, low], [to, half, p.seatMm])),
    ])
    if (stance === 'bed-made') {
      const [rear, front] = benches(p)
      return [...bases, rigid('infill', block([rear!.to, -half, low - TABLE_MM], [front!.from, half, p.seatMm]))]
    }
    const backs = benches(p).map(({ id, backFrom }) =>
      rigid(`${id}-back`, block([backFrom, -half, p.seatMm], [backFrom + p.backMm, half, p.seatMm + BACK_HIGH_MM])),
    )
    const reach = p.lengthMm / 2 - BENCH_MM + 60
    return [
      ...bases,
      ...backs,
      rigid('table', block([-reach, -half + 60, TABLE_TOP_MM - TABLE_MM], [reach, half, TABLE_TOP_MM])),
    ]
  },
  clearances: (p, stance) =>
    stance === 'bed-made'
      ? [inFront('entry', 'entry', ['berth'], { min: -350, max: 350 }, -p.depthMm / 2, ENTRY_MM)]
      : [
          inFront(
            'entry',
            'entry',
            ['seat', 'table-place'],
            { min: -p.lengthMm / 2 + BENCH_MM, max: p.lengthMm / 2 - BENCH_MM },
            -p.depthMm / 2,
            ENTRY_MM,
          ),
        ],
  services: (p, stance) => {
    const stowage: LocalService[] = benches(p).map(({ from, to }) => ({
      type: 'stowage',
      quantity: 1,
      inside: block(
        [from + PLY_MM, -p.depthMm / 2 + PLY_MM, PLY_MM],
        [to - PLY_MM, p.depthMm / 2 - PLY_MM, p.seatMm - p.cushionMm - PLY_MM],
      ),
    }))
    if (stance === 'bed-made') {
      const couple = p.depthMm >= 1100
      return [
        ...stowage,
        berth({
          x: about(p.lengthMm),
          y: about(p.depthMm),
          along: 'x',
          zMm: p.seatMm,
          sleepers: couple ? 2 : 1,
          over: couple ? 1 : 0,
          head: 'front',
        }),
      ]
    }
    const each = placesPerBench(p)
    const places = benches(p).flatMap(({ from, facesDeg }) =>
      Array.from({ length: each }, (_, index): SeatPlace => ({
        at: [from + BENCH_MM / 2, -p.depthMm / 2 + ((index + 0.5) * p.depthMm) / each],
        facesDeg,
      })),
    )
    const reach = p.lengthMm / 2 - BENCH_MM + 60
    return [
      ...stowage,
      {
        type: 'seat',
        quantity: 2 * each,
        approach: 'entry',
        places,
        cushion: { topMm: p.seatMm, depthMm: BENCH_MM - p.backMm },
      },
      {
        type: 'table-place',
        quantity: 2 * each,
        approach: 'entry',
        top: rectangle(-reach, -p.depthMm / 2 + 60, reach, p.depthMm / 2),
        topMm: TABLE_TOP_MM,
      },
    ]
  },
  facts: () => ON_OWN_LEGS,
  adjust: {
    lengthMm: endAnd('lying-length'),
    depthMm: frontAnd('lying-width'),
    seatMm: topAnd('seat', 'platform'),
    cushionMm: DETAIL_MM,
    backMm: DETAIL_MM,
    overhangMm: DETAIL_MM,
    gapFill: DETAIL,
  },
  features: (p, stance) => {
    const half = p.depthMm / 2
    const seams = benches(p).map(({ from, to }) => box('top', from, -half, to, half))
    const low = p.seatMm - p.cushionMm
    const sides = [line('side', [-half, low], [half, low])]
    const fronts = benches(p).map(({ from, to }) => line('front', [from, low], [to, low]))
    if (stance === 'bed-made')
      return [...seams, pillow(-p.lengthMm / 2 + 40, -half + 60, -p.lengthMm / 2 + 340, half - 60), ...fronts, ...sides]
    const reach = p.lengthMm / 2 - BENCH_MM + 60
    return [
      ...seams,
      box('top', -reach, -half + 60, reach, half, true),
      ...benches(p).map(({ id, backFrom }) => {
        const x = id === 'rear-bench' ? backFrom + p.backMm : backFrom
        return line('top', [x, -half], [x, half])
      }),
      line('front', [0, 0], [0, TABLE_TOP_MM - TABLE_MM]),
      ...fronts,
      ...sides,
    ]
  },
  parts: (p) => [
    board('bench-fronts-and-backs', p.depthMm, p.seatMm - p.cushionMm, PLY_MM, 4),
    board('bench-ends', BENCH_MM, p.seatMm - p.cushionMm, PLY_MM, 4),
    board('bench-tops', BENCH_MM, p.depthMm, PLY_MM, 2),
    board('table', gap(p) + 120, p.depthMm - 60, TABLE_MM, 1, 'poplar-ply'),
    foam('seat-cushions', BENCH_MM, p.depthMm, p.cushionMm, 2),
    piece('table-leg-and-hinges', 2.5),
  ],
  loose: (p, stance) => {
    const made = stance === 'bed-made'
    return [
      {
        id: 'back-cushion',
        sizeMm: [p.depthMm, BACK_HIGH_MM, p.backMm],
        count: 2,
        used: !made || backsFill(p),
        of: [foam('back-cushion', p.depthMm, BACK_HIGH_MM, p.backMm)],
      },
      ...(backsFill(p)
        ? []
        : [
            {
              id: 'infill-cushion',
              sizeMm: [p.depthMm, Math.max(1, gap(p) / 2), p.cushionMm] as const,
              count: 2,
              used: made,
              of: [foam('infill', p.depthMm, Math.max(1, gap(p) / 2), p.cushionMm)],
            },
          ]),
    ]
  },
  change: () => ({ minutes: 3, hands: 1 }),
})
