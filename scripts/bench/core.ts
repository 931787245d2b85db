import { newJob, planInterior, standardBrief, type Fitting, type Job } from '../../src/lib/core/job'
import { defaultsOf, kindOf } from '../../src/lib/core/fittings'
import { reviewVariant, scenesOf } from '../../src/lib/core/review'
import { buildScene, collisions } from '../../src/lib/core/scene'
import { boxInside, genericShell } from '../../src/lib/core/shell'

const COLUMN_MM = 375
const DEPTH_MM = 450

type Size = Record<string, number>
const LEVELS: readonly (readonly [number, readonly (readonly [string, Size])[]])[] = [
  [
    0,
    [
      ['water-tank', { heightMm: 480 }],
      ['cold-box', { heightMm: 500 }],
      ['toilet-box', { seatMm: 440 }],
    ],
  ],
  [
    560,
    [
      ['cold-box', { heightMm: 500 }],
      ['water-tank', { heightMm: 400 }],
    ],
  ],
  [1120, [['locker', { heightMm: 400 }]]],
]

/**
 * A van with sixty fittings, generated: nine columns of three on either wall, then a wardrobe, and a galley with a locker over
 * it. Some meet the wheel arches, some doors meet across the aisle.
 */
export function largeJob(): Job {
  const job = newJob('job-bench-60', 'Sixty fittings', genericShell('van-long-high'), {
    ...standardBrief(),
    people: {
      'person-a': { label: 'tall', statureMm: 1900, sleeps: true, travels: true },
      'person-b': { label: 'short', statureMm: 1600, sleeps: true, travels: true },
    },
  })
  const fittings: Record<string, Fitting> = {}
  const put = (kindId: string, column: number, side: 'left-wall' | 'right-wall', z: number, size: Size) => {
    const kind = kindOf(kindId)
    fittings[`fit-${Object.keys(fittings).length}`] = {
      kind: kindId,
      parameters: { ...defaultsOf(kind), ...size },
      seat: {
        along: { from: 'rear', mm: 20 + column * (COLUMN_MM + 5) },
        across: { from: side, mm: 0 },
        up: { from: 'floor', mm: z },
        turn: 0,
        mirrored: column % 2 === 0,
      },
    }
  }
  for (const side of ['left-wall', 'right-wall'] as const) {
    for (let column = 0; column < 9; column += 1) {
      for (const [z, kinds] of LEVELS) {
        const [kindId, size] = kinds[column % kinds.length]!
        put(kindId, column, side, z, { lengthMm: COLUMN_MM, depthMm: DEPTH_MM, ...size })
      }
    }
    put('wardrobe', 9, side, 0, { lengthMm: COLUMN_MM, depthMm: DEPTH_MM })
    put('galley', 10, side, 0, { lengthMm: 500, depthMm: DEPTH_MM })
    put('locker', 10, side, 1300, { lengthMm: COLUMN_MM, depthMm: 300 })
  }
  const variant = job.variants['variant-a']!
  return { ...job, variants: { 'variant-a': { ...variant, plan: { ...variant.plan, fittings } } } }
}

export function quantile(values: readonly number[], q: number): number {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))]!
}

function median(work: () => void, runs = 25): number {
  for (let warm = 0; warm < 8; warm += 1) work()
  return quantile(
    Array.from({ length: runs }, () => {
      const started = performance.now()
      work()
      return performance.now() - started
    }),
    0.5,
  )
}

/** Ten million float operations. */
export function reference(): number {
  return median(() => {
    let sum = 0
    for (let n = 1; n <= 10_000_000; n += 1) sum += 1 / n
    if (sum < 0) throw new RangeError('impossible')
  }, 9)
}

export function measure(): { what: string; ms: number; goal: number }[] {
  const job = largeJob()
  const plan = job.variants['variant-a']!.plan
  const interior = planInterior(job.shell, plan)
  const [first] = scenesOf(job.variants['variant-a']!, interior)
  const moved = {
    ...plan,
    fittings: {
      ...plan.fittings,
      'fit-7': {
        ...plan.fittings['fit-7']!,
        seat: { ...plan.fittings['fit-7']!.seat, along: { from: 'rear' as const, mm: 1234 } },
      },
    },
  }
  const bus = genericShell('bus-12m')
  const flare = { kind: 'flare', fromMm: 500, toMm: 2200, bottomMm: 600, topMm: 1100, depthMm: 100 } as const
  const flared = {
    lining: plan.lining,
    changes: { 'flare-a': { ...flare, side: 'left' }, 'flare-b': { ...flare, side: 'right' } },
  } as const
  const space = planInterior(bus, plan)
  const boxes = Array.from({ length: 10_000 }, (_, n) => {
    const [x, y, z] = [(n * 977) % 9500, ((n * 613) % 2000) - 1100, (n * 389) % 1700]
    return {
      x: { min: x, max: x + 300 + ((n * 211) % 1800) },
      y: { min: y, max: y + 200 + ((n * 127) % 900) },
      z: { min: z, max: z + 100 + ((n * 97) % 800) },
    }
  })
  return [
    {
      what: 'after an edit: scene of the mode shown, and its collisions, 60 fittings',
      ms: median(() => void collisions(buildScene(interior, moved, 'mode-day', first))),
      goal: 4,
    },
    {
      what: 'all rules in all three modes, 60 fittings',
      ms: median(() => void reviewVariant(job, 'variant-a'), 9),
      goal: 50,
    },
    { what: 'interior of the van', ms: median(() => void planInterior(job.shell, plan)), goal: 5 },
    { what: 'interior of the 12 m bus, with two flares', ms: median(() => void planInterior(bus, flared)), goal: 5 },
    {
      what: '10,000 blocks held against the 12 m bus: inside or not',
      ms: median(() => void boxes.filter((box) => boxInside(space, box)), 9),
      goal: 10,
    },
  ]
}
