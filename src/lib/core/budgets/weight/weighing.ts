import type { Job, Loading, Weighing } from '../../job'
import { known } from '../../units'
import { aboardIn, modeOf, type Aboard } from './report'
import { frontShareOf, leftShareOf } from './statics'
import { axlesOf, readingOf } from './vehicle'
import { compose } from '../compose'
import { buildScene } from '../../scene'
import { planInterior } from '../../job'

/** A reading held against the plan in the same loading. */
export interface Held {
  readonly readKg: number
  readonly plannedKg: number
  /** What the plan does not account for, and how far off that may be. */
  readonly overKg: number
  readonly uncertainKg: number
  /** About where it is, mm in the vehicle frame, and how far off; undefined where the reading does not tell it. */
  readonly x: Place | undefined
  readonly y: Place | undefined
  /** It is lighter than the empty vehicle by its papers: something that they count may be out. */
  readonly isBelowKerb: boolean
}

interface Place {
  readonly mm: number
  readonly offMm: number
}

type Sums = {
  readonly total: number
  readonly front: number
  readonly left: number
}

const sumsOf = (job: Job, entries: readonly Pick<Aboard, 'kg' | 'at'>[]): Sums => {
  const axles = axlesOf(job.shell)
  let [total, front, left] = [0, 0, 0]
  for (const { kg, at } of entries) {
    total += kg
    front += kg * frontShareOf(axles, at)
    left += kg * (axles.trackMm === undefined ? 0.5 : leftShareOf(axles.trackMm, at))
  }
  return { total, front, left }
}

const aboardAt = (job: Job, variantId: string, loading: Loading): readonly Aboard[] => {
  const { plan } = known(job.variants[variantId], `variant “${variantId}”`)
  const scene = buildScene(planInterior(job.shell, plan), plan, modeOf(job, variantId, loading))
  return aboardIn(scene, compose(job, scene).weight, loading)
}

/** What a plan puts into the vehicle in a loading, the empty vehicle left out: kept with a weighing, that it may become the base. */
export const plannedFor = (job: Job, variantId: string, loading: Loading): Weighing['plannedKg'] =>
  sumsOf(
    job,
    aboardAt(job, variantId, loading).filter(({ source }) => source.kind !== 'body'),
  )

/** Beyond this a place is off by more than the vehicle is long, and says nothing. */
const TELLING = 0.6

/**
 * Holds a weighing against the plan as it is now, by the papers of the empty vehicle. How far off: the scale’s own slack on each reading, and
 * half of what the masses may be off that nobody said, put together as independent errors are.
 */
export function heldAgainst(job: Job, weighing: Weighing): Held {
  const { weight, ...rest } = job
  const { base: _base, ...notes } = weight ?? {}
  const onPaper: Job = { ...rest, ...(weight === undefined ? {} : { weight: notes }) }
  const entries = aboardAt(onPaper, weighing.variant, weighing.loading)
  const planned = sumsOf(onPaper, entries)
  const read = readingOf(weighing)
  const overKg = read.totalKg - planned.total
  const readings = weighing.padsKg !== undefined ? 4 : weighing.axlesKg !== undefined ? 2 : 1
  const spread = Math.sqrt(
    entries.reduce((sum, { high, low, amount, kg }) => {
      const share = amount === 0 ? 0 : kg / amount
      return sum + (share * (high - low) * 0.5) ** 2
    }, 0),
  )
  const uncertainKg = Math.hypot(weighing.slackKg * Math.sqrt(readings), spread)
  const axles = axlesOf(job.shell)
  const kerb = entries.find(({ source }) => source.kind === 'body')
  const telling = Math.abs(overKg) > TELLING * uncertainKg
  const place = (partKg: number | undefined, plannedPart: number, of: (share: number) => number, spanMm: number) => {
    if (partKg === undefined || !telling) return undefined
    const share = (partKg - plannedPart) / overKg
    return { mm: of(share), offMm: (spanMm * uncertainKg) / Math.abs(overKg) }
  }
  const { trackMm } = axles
  return {
    readKg: read.totalKg,
    plannedKg: planned.total,
    overKg,
    uncertainKg,
    x: place(read.frontKg, planned.front, (share) => axles.rearXMm + share * axles.wheelbaseMm, axles.wheelbaseMm),
    y:
      trackMm === undefined ? undefined : place(read.leftKg, planned.left, (share) => (share - 0.5) * trackMm, trackMm),
    isBelowKerb: kerb !== undefined && read.totalKg < kerb.low,
  }
}
