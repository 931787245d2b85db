import { z } from 'zod'
import { block, rectangle } from '../../geometry'
import { massOfBlock, massOfSheet } from '../../materials'
import { TABLE_PLACE_MM } from '../../brief'
import { defineKind, type LocalService, type LocalSolid } from '../contract'
import { ENTRY_MM, inFront, lengthParameter, onTheWall, rigid } from '../shapes'

const BENCH_MM = 520
const BACK_MM = 110
const CUSHION_MM = 100
const TABLE_MM = 25
const TABLE_TOP_MM = 720
const BOARD_MM = 12

const parameters = z.object({
  lengthMm: lengthParameter(1950, 1700, 2300).describe(
    'Along both benches and the table between them; the berth’s length',
  ),
  depthMm: lengthParameter(1200, 600, 1600),
  seatMm: lengthParameter(450, 350, 600).describe('Top of the cushions above the floor'),
})

type Lounge = z.infer<typeof parameters>

/** The two benches, one at each end, as spans along the run. */
const benches = (p: Lounge) => [
  { id: 'rear bench', from: -p.lengthMm / 2, to: -p.lengthMm / 2 + BENCH_MM, backFrom: -p.lengthMm / 2 },
  { id: 'front bench', from: p.lengthMm / 2 - BENCH_MM, to: p.lengthMm / 2, backFrom: p.lengthMm / 2 - BACK_MM },
]

const placesPerBench = (p: Lounge) => Math.max(1, Math.floor(p.depthMm / TABLE_PLACE_MM))

/** Two benches that face each other over a table; the table drops between them and the back cushions fill the gap. */
export const loungeBed = defineKind({
  id: 'lounge-bed',
  group: 'sitting',
  parameters,
  stances: ['table-up', 'bed-made'],
  stanceFor: { driving: 'table-up', living: 'table-up', sleeping: 'bed-made' },
  meets: ['table-seat', 'seat', 'berth'],
  home: onTheWall,
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: Math.max(p.seatMm + 400, TABLE_TOP_MM) }),
  solids: (p, stance) => {
    const half = p.depthMm / 2
    const bases: LocalSolid[] = benches(p).map(({ id, from, to }) =>
      rigid(id, block([from, -half, 0], [to, half, p.seatMm])),
    )
    if (stance === 'bed-made') {
      const [rear, front] = benches(p)
      return [
        ...bases,
        rigid('infill', block([rear!.to, -half, p.seatMm - CUSHION_MM - TABLE_MM], [front!.from, half, p.seatMm])),
      ]
    }
    const backs = benches(p).map(({ id, backFrom }) =>
      rigid(`${id} back`, block([backFrom, -half, p.seatMm], [backFrom + BACK_MM, half, p.seatMm + 400])),
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
        [from + BOARD_MM, -p.depthMm / 2 + BOARD_MM, BOARD_MM],
        [to - BOARD_MM, p.depthMm / 2 - BOARD_MM, p.seatMm - CUSHION_MM - BOARD_MM],
      ),
    }))
    if (stance === 'bed-made') {
      const lying = { lengthMm: p.lengthMm, widthMm: p.depthMm, zMm: p.seatMm, along: 'x' } as const
      return [...stowage, { type: 'berth', quantity: p.depthMm >= 1100 ? 2 : 1, approach: 'entry', lying }]
    }
    const places = 2 * placesPerBench(p)
    return [
      ...stowage,
      { type: 'seat', quantity: places, approach: 'entry' },
      { type: 'table-place', quantity: places, approach: 'entry' },
    ]
  },
  features: (p, stance) => {
    const half = p.depthMm / 2
    const seams = benches(p).map(({ from, to }) => ({
      view: 'top' as const,
      shape: { kind: 'polygon' as const, points: rectangle(from, -half, to, half) },
    }))
    if (stance === 'bed-made') return seams
    const reach = p.lengthMm / 2 - BENCH_MM + 60
    return [
      ...seams,
      { view: 'top' as const, shape: { kind: 'polygon' as const, points: rectangle(-reach, -half + 60, reach, half) } },
    ]
  },
  massKg: (p) =>
    massOfSheet(
      'poplarPly',
      2 * (2 * (BENCH_MM + p.depthMm) * (p.seatMm - CUSHION_MM) + BENCH_MM * p.depthMm),
      BOARD_MM,
    ) +
    massOfBlock('birchPly', p.lengthMm - 2 * BENCH_MM, p.depthMm, TABLE_MM) +
    massOfBlock('foam', p.lengthMm, p.depthMm, CUSHION_MM),
})
