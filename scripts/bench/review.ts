import { BUILDS } from '../examples/builds'
import type { Fitting, Job } from '../../src/lib/core/job'
import { evaluate, type Evaluation } from '../../src/lib/core/review'
import { largeJob, quantile } from './core'

const variant = 'variant-a'
/** What is compiled while it runs is fast only after a while: a worker that has reviewed a few edits is as warm. */
const WARM_MS = 1500

/** A job in which one fitting stands so much further along, everything else shared with what it was. */
function moved(job: Job, id: string, byMm: number): Job {
  const one = job.variants[variant]!
  const fitting = one.plan.fittings[id]!
  const { along } = fitting.seat
  const next: Fitting = { ...fitting, seat: { ...fitting.seat, along: { ...along, mm: along.mm + byMm } } }
  const plan = { ...one.plan, fittings: { ...one.plan.fittings, [id]: next } }
  return { ...job, variants: { ...job.variants, [variant]: { ...one, plan } } }
}

export interface Row {
  readonly what: string
  readonly ms: number
  readonly goal: number
}

interface Figures {
  readonly name: string
  readonly first: number
  readonly shown: number
  readonly all: number
  readonly bare: number
  readonly whole: number
}

/** How long reviews of one plan take, each figure the median of many, ms. */
function figuresOf(job: Job): Figures {
  const times = (work: () => void): number => {
    const from = performance.now()
    work()
    return performance.now() - from
  }
  const first: number[] = []
  for (const from = performance.now(); performance.now() - from < WARM_MS || first.length < 9;) {
    // a copy shares nothing with what was reviewed before
    const copy = structuredClone(job)
    first.push(times(() => void evaluate(copy, variant)))
  }
  const ids = Object.keys(job.variants[variant]!.plan.fittings)
  const shown: number[] = []
  const all: number[] = []
  const bare: number[] = []
  const whole: number[] = []
  let now: Evaluation = evaluate(job, variant)
  for (let round = 0; round < 4; round += 1)
    for (const [index, id] of ids.entries()) {
      const next = moved(now.job, id, (index + round) % 2 === 0 ? 10 : -10)
      let edited = now
      shown.push(times(() => (edited = evaluate(next, variant, now, { modes: ['mode-day'] }))))
      const rest = times(() => (edited = evaluate(next, variant, edited)))
      all.push(shown.at(-1)! + rest)
      now = edited
      // a candidate differs from what is there in one fitting, and is forgotten
      const other = moved(now.job, ids[(index * 7 + round) % ids.length]!, round % 2 === 0 ? 30 : -30)
      bare.push(times(() => void evaluate(other, variant, now, { upto: 'budgets' })))
      whole.push(times(() => void evaluate(other, variant, now)))
    }
  const half = <T extends readonly number[]>(values: T): number => quantile(values.slice(values.length >> 2), 0.5)
  return {
    name: job.name,
    first: half(first),
    shown: half(shown),
    all: half(all),
    bare: half(bare),
    whole: half(whole),
  }
}

/** What a worker holds after so many edits of the sixty, each reviewed from the last, MB. `collect` collects what nobody holds any more. */
function heldMb(edits: number, collect: () => void): number {
  let now: Evaluation = evaluate(largeJob(), variant)
  const ids = Object.keys(now.job.variants[variant]!.plan.fittings)
  for (let edit = 0; edit < edits; edit += 1)
    now = evaluate(moved(now.job, ids[edit % ids.length]!, edit % 2 === 0 ? 10 : -10), variant, now)
  collect()
  const held = process.memoryUsage().heapUsed / 1e6
  // what is measured is still held
  if (now.scenes.length === 0) throw new RangeError('nothing was reviewed')
  return held
}

/** How much more a worker holds after a thousand edits than after a hundred, MB. */
export const heldMore = (collect: () => void): number => {
  const few = heldMb(100, collect)
  return heldMb(1000, collect) - few
}

/** Every example and the sixty, the slowest of each figure, with its name. */
export function measureReviews(report?: (line: string) => void): Row[] {
  const figures = [...BUILDS, largeJob()].map((job) => {
    const one = figuresOf(job)
    report?.(
      `${one.name.padEnd(30)} first ${one.first.toFixed(1).padStart(6)}  moved: shown ${one.shown.toFixed(1).padStart(5)}, all ${one.all.toFixed(1).padStart(5)}  candidate: without ways ${one.bare.toFixed(1).padStart(5)}, with ${one.whole.toFixed(1).padStart(5)}`,
    )
    return one
  })
  const worst = (what: string, key: Exclude<keyof Figures, 'name'>, goal: number): Row => {
    const slowest = figures.reduce((a, b) => (b[key] > a[key] ? b : a))
    return { what: `${what} (${slowest.name})`, ms: slowest[key], goal }
  }
  return [
    worst('first review, all modes', 'first', 40),
    worst('after one fitting moved, the mode on screen', 'shown', 12),
    worst('after one fitting moved, all modes', 'all', 25),
    worst('a candidate that differs in one fitting, without ways', 'bare', 3),
    worst('the same with ways', 'whole', 12),
  ]
}
