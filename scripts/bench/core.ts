import {
  airReport,
  compose,
  findSets,
  limitsIn,
  liveMargins,
  powerCase,
  powerReport,
  warmthReport,
  waterReport,
} from '../../src/lib/core/budgets'
import { moved as airMoved } from '../../src/lib/core/budgets/air/moved'
import { placesOf } from '../../src/lib/core/budgets/air/openings'
import { spacesOf } from '../../src/lib/core/budgets/air/spaces'
import { seenOf } from '../../src/lib/core/budgets/seen'
import { newJob, planInterior, standardBrief, type Fitting, type Job } from '../../src/lib/core/job'
import { defaultsOf, kindOf } from '../../src/lib/core/fittings'
import { reviewVariant } from '../../src/lib/core/review'
import { buildScene, collisions, scenesOf } from '../../src/lib/core/scene'
import { boxInside } from '../../src/lib/core/shell'
import { genericShell } from '../../src/lib/core/shells'

type Size = Record<string, number | string | boolean>
type Row = readonly (readonly [string, Size])[]

/** Runs along either wall, from the rear; each comes after the one behind it. */
const FLOOR: Readonly<Record<'left-wall' | 'right-wall', Row>> = {
  'left-wall': [
    ['toilet-separating', {}],
    ['drawer-unit', { lengthMm: 400, depthMm: 420 }],
    ['galley-basin', { depthMm: 480 }],
    ['galley-doors', { depthMm: 480 }],
    ['galley-hob', { depthMm: 480 }],
    ['galley-drawers', { depthMm: 480 }],
    ['galley-bin', { lengthMm: 280, depthMm: 480 }],
    ['cold-box', { lengthMm: 480, depthMm: 480 }],
  ],
  'right-wall': [
    ['water-tank', { lengthMm: 600, depthMm: 300 }],
    ['wet-cubicle', { lengthMm: 700, depthMm: 650, heightMm: 1500 }],
    ['wardrobe', { lengthMm: 400, depthMm: 450, heightMm: 1500 }],
    ['sofa-extend', { lengthMm: 1300, seatDepthMm: 480, widthMm: 650 }],
    ['lid-chest', { lengthMm: 400, depthMm: 420 }],
    ['dog-crate', { lengthMm: 700, depthMm: 450 }],
  ],
}

/** What hangs on the walls over them: kind, size, height over the floor, from the rear and to the next. */
const HUNG: readonly (readonly [string, Size, number, number, number])[] = [
  ['locker', { lengthMm: 480, depthMm: 280 }, 1350, 60, 500],
  ['bedside-shelf', { lengthMm: 250 }, 1180, 100, 500],
]
/** Single things, each once: kind, size, x, height, wall. */
const SINGLE: readonly (readonly [string, Size, number, number, 'left-wall' | 'right-wall' | 'centreline'])[] = [
  ['hob-loose', {}, 1500, 900, 'left-wall'],
  ['table-arm', {}, 2900, 0, 'right-wall'],
  ['fan-extract', {}, 1800, 0, 'centreline'],
  ['hatch-roof', {}, 2700, 0, 'centreline'],
  ['tank-under', {}, 600, 0, 'centreline'],
  ['tank-waste', {}, 1900, 0, 'centreline'],
  ['aircon', {}, 400, 0, 'centreline'],
  ['awning', {}, 500, 0, 'right-wall'],
  ['step', {}, 3300, 0, 'right-wall'],
  ['grab-rail', {}, 1200, 900, 'right-wall'],
  ['fuse-board', {}, 3600, 1150, 'left-wall'],
  ['inverter', { lengthMm: 250 }, 3900, 1200, 'left-wall'],
  ['battery', { lengthMm: 300 }, 3950, 0, 'left-wall'],
  ['heater-air', {}, 4000, 300, 'left-wall'],
  ['stool', {}, 2200, 0, 'centreline'],
  ['infill-board', { lengthMm: 900, gapMm: 300 }, 2300, 0, 'centreline'],
  ['splashback', { lengthMm: 800 }, 1400, 905, 'left-wall'],
  ['microwave', {}, 3300, 900, 'left-wall'],
  ['door-pocket', { lengthMm: 300 }, 3500, 700, 'right-wall'],
  ['seat-drop', {}, 4000, 0, 'right-wall'],
]

/**
 * A van with sixty fittings of all groups, generated: two runs of modules that hang on one another, lockers and shelves over
 * them, machines inside, under the floor and on the roof. Some meet, some doors meet across the aisle.
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
  const put = (kindId: string, size: Size, seat: Partial<Fitting['seat']>): string => {
    const kind = kindOf(kindId)
    const id = `fit-${Object.keys(fittings).length}`
    fittings[id] = { kind: kindId, parameters: { ...defaultsOf(kind), ...size }, seat: { ...kind.home, ...seat } }
    return id
  }
  for (const side of ['left-wall', 'right-wall'] as const) {
    let before: string | undefined
    for (const [kindId, size] of FLOOR[side])
      before = put(kindId, size, {
        along: before === undefined ? { from: 'rear', mm: 20 } : { from: 'after', fitting: before, mm: 5 },
        across: { from: side, mm: 0 },
      })
  }
  for (const [kindId, size, z, from, step] of HUNG)
    for (const side of ['left-wall', 'right-wall'] as const)
      for (let x = from; x < 3600 && Object.keys(fittings).length < 60 - SINGLE.length; x += step)
        put(kindId, size, {
          along: { from: 'rear', mm: x },
          across: { from: side, mm: 0 },
          up: { from: 'floor', mm: z },
        })
  for (const [kindId, size, x, z, from] of SINGLE) {
    const { up, across } = kindOf(kindId).home
    put(kindId, size, {
      along: { from: 'rear', mm: x },
      across: from === 'centreline' ? across : { from, mm: across.mm },
      up: up.from === 'floor' ? { from: 'floor', mm: z } : up,
    })
  }
  const variant = job.variants['variant-a']!
  return { ...job, variants: { 'variant-a': { ...variant, plan: { ...variant.plan, fittings } } } }
}

export function quantile(values: readonly number[], q: number): number {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))]!
}

/** What is compiled while it runs is fast only after a while: a worker that has reviewed a few edits is as warm. */
const WARM_MS = 2000

function median(work: () => void, runs = 25): number {
  for (const started = performance.now(); performance.now() - started < WARM_MS;) work()
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
  const first = scenesOf(job.variants['variant-a']!, interior)[0]!
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
  const away = { ...job, brief: { ...job.brief, use: { ...job.brief.use, nightsPerYear: 366, offHookUpPercent: 100 } } }
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
  const load = reviewVariant(job, 'variant-a').modes[0]!.load!
  const dragged = buildScene(interior, moved, first.modeId, first)
  // worked out anew each time: a copy of the scene is one that nobody has summed
  const weigh = (): void => {
    const scene = { ...first }
    limitsIn(scene, compose(job, scene).weight)
  }
  // after an edit of the plan: nothing of it is known yet
  const anew = (of: Job): Job => ({
    ...of,
    variants: Object.fromEntries(Object.entries(of.variants).map(([id, variant]) => [id, { ...variant }])),
  })
  const { night } = seenOf(away, 'variant-a')
  const air = { spaces: spacesOf(night), places: placesOf(night, 0), wind: { ms: 2, fromDeg: 0 } }
  return [
    {
      what: 'margins at the foot while one drags, 60 fittings',
      ms: median(() => void liveMargins(load, dragged.placed)),
      goal: 8,
    },
    { what: 'every limit with its worst loadings, 60 fittings, summed anew', ms: median(weigh), goal: 20 },
    {
      what: 'after an edit: scene of the mode shown, and its collisions, 60 fittings',
      ms: median(() => void collisions(buildScene(interior, moved, 'mode-day', first))),
      goal: 4,
    },
    {
      what: 'water after an edit, its scenes made anew: two weeks, a year, lines and levers, 60 fittings',
      ms: median(() => void waterReport(anew(away), 'variant-a')),
      goal: 20,
    },
    {
      what: 'levels in its tanks through two weeks and a year, the plan as it was',
      ms: median(() => void waterReport(away, 'variant-a')),
      goal: 5,
    },
    {
      what: 'warmth after an edit: losses, a cold night and a winter by the hour, 60 fittings',
      ms: median(() => void warmthReport(anew(away), 'variant-a')),
      goal: 60,
    },
    {
      what: 'air after an edit, its scenes made anew: four states of the network, summer and noise, 60 fittings',
      ms: median(() => void airReport(anew(away), 'variant-a')),
      goal: 20,
    },
    {
      what: 'the network of its air alone, the fan at full',
      ms: median(() => void airMoved(air, { state: 'full' })),
      goal: 5,
    },
    {
      what: 'a year of power by the hour after an edit, its scenes made anew, 60 fittings, all year aboard',
      ms: median(() => void powerReport(anew(away), 'variant-a')),
      goal: 30,
    },
    {
      what: 'the year alone, as after an hour of a load was changed',
      ms: median(() => void powerReport(away, 'variant-a')),
      goal: 30,
    },
    {
      what: 'the sets of battery, panels and charger that hold',
      ms: median(() => void findSets(powerCase(away, 'variant-a')), 3),
      goal: 2000,
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
