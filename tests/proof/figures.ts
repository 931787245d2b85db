import type { Job } from '../../src/lib/core/job'
import { reviewVariant, withFollows, type FindingCode } from '../../src/lib/core/review'
import { person, put, putAtHome, truck, variant } from '../support/plan'
import { randomFrom } from '../support/random-plans'
import type { Proof } from './report'

// The bare box truck: 4300 long, upright walls 1050 out, floor at 0 and 3125 − 2160 over the ground. Everything here is reckoned from the
// figures that were typed, with a tape’s arithmetic; no scene, prism or rule of the program is asked.

type Box = readonly [x0: number, x1: number, y0: number, y1: number, z0: number, z1: number]
const WALL = 1050
const onLeft = (x: number, long: number, deep: number, low: number, high: number): Box => [
  x,
  x + long,
  WALL - deep,
  WALL,
  low,
  low + high,
]
const apart = (a0: number, a1: number, b0: number, b1: number): number => Math.max(0, b0 - a1, a0 - b1)
const gap = (a: Box, b: Box): number =>
  Math.hypot(apart(a[0], a[1], b[0], b[1]), apart(a[2], a[3], b[2], b[3]), apart(a[4], a[5], b[4], b[5]))
const shared = (a: Box, b: Box): number =>
  Math.min(
    Math.min(a[1], b[1]) - Math.max(a[0], b[0]),
    Math.min(a[3], b[3]) - Math.max(a[2], b[2]),
    Math.min(a[5], b[5]) - Math.max(a[4], b[4]),
  )

interface Measured {
  readonly job: Job
  readonly code: FindingCode
  readonly mm: number
}

type Draw = (from: number, to: number) => number

/** Small plans of which one figure is known, by what they show. */
const PLANS: readonly ((draw: Draw) => Measured)[] = [
  (draw) => {
    const [x, long, deep] = [draw(2300, 3700), draw(400, 560), draw(450, 600)]
    const cold = { lengthMm: long, depthMm: deep, heightMm: 800 }
    const job = truck(
      put('fit-a', 'galley-hob', 0, 'left-wall', { lengthMm: 450, depthMm: 500 }),
      put('fit-b', 'cold-box', x, 'left-wall', cold),
    )
    return { job, code: 'cold-far', mm: gap(onLeft(0, 450, 500, 0, 900), onLeft(x, long, deep, 0, 800)) }
  },
  (draw) => {
    const [x, up] = [draw(2000, 3900), draw(200, 1500)]
    const fuses = putAtHome('fit-b', 'fuse-board', x, {}, { up: { from: 'floor', mm: up } })
    const job = truck(put('fit-a', 'battery', 0, 'left-wall', { lengthMm: 360, depthMm: 200, heightMm: 240 }), fuses)
    return { job, code: 'fuse-far', mm: gap(onLeft(0, 360, 200, 0, 240), onLeft(x, 300, 90, up, 220)) }
  },
  (draw) => {
    const [x, deep] = [360 + draw(5, 290), draw(500, 800)]
    const tub = { lengthMm: 800, depthMm: deep, heightMm: 900 }
    const job = truck(put('fit-a', 'battery', 0, 'left-wall'), put('fit-b', 'wash-tub', x, 'left-wall', tub))
    return { job, code: 'electrics-wet', mm: gap(onLeft(0, 360, 200, 0, 240), onLeft(x, 800, deep, 0, 900)) }
  },
  (draw) => {
    const [x, deep, high] = [500 + draw(100, 790), draw(300, 600), draw(250, 500)]
    const tank = { lengthMm: 700, depthMm: deep, heightMm: high }
    const job = truck(
      put('fit-a', 'water-tank', 500, 'left-wall', { lengthMm: 800, depthMm: 400, heightMm: 350 }),
      put('fit-b', 'water-tank', x, 'left-wall', tank),
    )
    return { job, code: 'overlap', mm: shared(onLeft(500, 800, 400, 0, 350), onLeft(x, 700, deep, 0, high)) }
  },
  (draw) => {
    const deep = draw(1180, 1240)
    const job = truck(
      put('fit-a', 'galley', 1000, 'left-wall', { depthMm: 600 }),
      put('fit-b', 'lounge-bed', 1000, 'right-wall', { depthMm: deep }),
    )
    return { job, code: 'clearance-blocked', mm: 2 * WALL - 600 - deep }
  },
  (draw) => {
    const long = draw(1500, 1850)
    const job = truck(person(1850), putAtHome('fit-a', 'bed-fixed', 400, { lyingMm: long, widthMm: 900, sleepers: 1 }))
    return { job, code: 'berth-short', mm: long }
  },
  (draw) => {
    const wide = draw(700, 1180)
    const job = truck(
      person(1750),
      person(1700, 'person-b', { sleepsWith: 'person-a' }),
      putAtHome('fit-a', 'bed-fixed', 400, { lyingMm: 1950, widthMm: wide }),
    )
    return { job, code: 'berth-narrow', mm: wide }
  },
  (draw) => {
    const long = draw(2122, 2300)
    const job = truck(putAtHome('fit-a', 'bed-fixed', 400, { lyingMm: long }))
    return { job, code: 'outside-shell', mm: long / 2 - WALL }
  },
  (draw) => {
    const up = draw(900, 1300)
    const lockers = put(
      'fit-b',
      'locker',
      1000,
      'left-wall',
      { lengthMm: 1200, depthMm: 350 },
      { up: { from: 'floor', mm: up } },
    )
    const job = truck(
      person(1840),
      put('fit-a', 'bench-side', 1000, 'left-wall', { lengthMm: 1200, seatMm: 450 }),
      lockers,
    )
    return { job, code: 'head-bump', mm: up - 450 }
  },
  (draw) => {
    const down = draw(620, 700)
    const job = truck(
      putAtHome('fit-a', 'tank-under', 1000, { heightMm: 220 }, { up: { from: 'under-floor', mm: down } }),
    )
    return { job, code: 'ground-low', mm: 3125 - 2160 - down - 220 }
  },
  (draw) => {
    const high = draw(100, 500)
    const job = truck(
      { type: 'brief.use', use: { parkingHeightMm: 3200 } },
      putAtHome('fit-a', 'outside-box', 500, { heightMm: high }),
    )
    return { job, code: 'parking-high', mm: 3125 + 40 + high }
  },
  (draw) => {
    // its long side to the middle of the side door, which begins at 3240
    const x = draw(100, 610)
    const job = truck(
      person(1700),
      putAtHome('fit-bed', 'bed-fixed', 1200),
      put('fit-a', 'extinguisher', x, 'right-wall'),
    )
    return { job, code: 'extinguisher-far', mm: 3240 - x - 120 }
  },
  (draw) => {
    const high = draw(1200, 1700)
    const job = truck(person(1840), put('fit-a', 'wet-cubicle', 1500, 'left-wall', { heightMm: high }))
    // over its tray of 70, under its top of 20
    return { job, code: 'standing-low', mm: high - 70 - 20 }
  },
  (draw) => {
    const platform = draw(950, 1350)
    const job = truck(
      person(1750),
      putAtHome('fit-a', 'bed-fixed', 400, { platformMm: platform, mattressMm: 120, sleepers: 1 }),
    )
    return { job, code: 'bed-high', mm: platform + 120 }
  },
]

const EACH = 24
/** A tape is read to the millimetre. */
const MOST_MM = 1

/** The figures that the review shows, held against a tape’s arithmetic on the typed figures. */
export function figuresProof(share: number, seed = 300): Proof {
  const random = randomFrom(seed)
  const draw: Draw = (from, to) => Math.round(from + random() * (to - from))
  const faults: string[] = []
  const codes = new Set<FindingCode>()
  let [held, worst] = [0, 0]
  for (const plan of PLANS)
    for (let round = 0; round < Math.max(2, Math.round(EACH * share)); round += 1) {
      const { job, code, mm } = plan(draw)
      const found = reviewVariant(job, variant)
        .modes.flatMap(({ findings }) => withFollows(findings))
        .filter((finding) => finding.code === code)
      if (found.length === 0) faults.push(`${code}: ${mm} mm and nothing is said`)
      const [nearest] = found.map(({ measured }) => Math.abs(measured - mm)).sort((a, b) => a - b)
      if (nearest === undefined) continue
      codes.add(code)
      held += 1
      worst = Math.max(worst, nearest)
      if (nearest > MOST_MM)
        faults.push(`${code}: shown ${found.map(({ measured }) => measured).join(', ')}, by tape ${mm.toFixed(1)}`)
    }
  return {
    name: 'figures',
    title: 'Figures by the tape',
    how: 'Small plans in the box truck, drawn at random, of which one figure follows from what was typed by plain arithmetic (walls 1050 out, lengths, depths and heights as given): what the review shows must be that figure within a millimetre.',
    figures: [
      ['findings held against the tape', held],
      ['codes', codes.size],
      ['furthest off, mm', Math.round(worst * 100) / 100],
    ],
    faults,
  }
}
