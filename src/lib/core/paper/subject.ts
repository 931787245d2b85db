import { numbered } from '../draw'
import { modesOf, planInterior, type Job, type Plan, type Told } from '../job'
import { demandStates, evaluate, faultsOf, type DemandState, type Fault, type VariantReview } from '../review'
import { scenesOf, type Scene } from '../scene'
import type { Interior } from '../shell'
import { namesOf, type Names } from '../text'
import type { LengthUnit } from '../units'
import { overviewIn, scalesIn, type Format } from './format'
import { Sheets, type Letterhead } from './sheet'

/** What a set of sheets is made of. */
export interface Asked {
  readonly job: Job
  readonly variantId: string
  /** The modes that are drawn, in their order; all where none is named. */
  readonly modeIds?: readonly string[] | undefined
  readonly format: Format
  /** 25 stands for 1 : 25; the largest that fits where that is not said. */
  readonly scale?: number | undefined
  readonly letterhead: Letterhead
  readonly revision?: number | undefined
  /** Today, as documents write it. */
  readonly date: string
  /** Notes that are pinned to the drawing go along, and photos. */
  readonly withNotes?: boolean
  readonly withPhotos?: boolean
  /** What was done to the job, the newest first, as far as it is known. */
  readonly history?: readonly Past[] | undefined
}

/** An entry of a job’s history. */
interface Past {
  /** ISO. */
  readonly at: string
  readonly words: string
  /** The same as data; older entries have only their words. */
  readonly told?: Told | undefined
  /** Who did it, where people sign in. */
  readonly who: string
}

/** The same, with all that follows from it. */
export interface Subject extends Asked {
  readonly plan: Plan
  readonly unit: LengthUnit
  readonly interior: Interior
  readonly scenes: readonly Scene[]
  readonly review: VariantReview
  readonly faults: readonly Fault[]
  readonly demands: readonly DemandState[]
  readonly names: Names
  /** Of what stands in any of the modes, from the rear. */
  readonly numbers: ReadonlyMap<string, number>
  readonly scales: readonly number[]
  /** For a drawing that only shows what is meant, where none of those is small enough. */
  readonly overview: number
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']

/** “25 Nov 2026”, of a day as documents write it; the day as it is written where it is none. */
export function sayDate(date: string): string {
  const [, year, month, day] = /^(\d{4})-(\d{2})-(\d{2})/.exec(date) ?? []
  const name = MONTHS[Number(month) - 1]
  return name === undefined ? date : `${Number(day)} ${name} ${year}`
}

/** What follows from a variant whatever of it is asked for. */
interface Known extends Pick<Subject, 'plan' | 'interior' | 'review' | 'faults' | 'demands' | 'names' | 'numbers'> {
  /** In all modes. */
  readonly all: readonly Scene[]
}

/** Several sheets are made of one document, which never changes: what follows from it is worked out once. */
const known = new WeakMap<Job, Map<string, Known>>()

function knownOf(job: Job, variantId: string): Known {
  const variants = known.get(job) ?? new Map<string, Known>()
  known.set(job, variants)
  const before = variants.get(variantId)
  if (before !== undefined) return before
  const variant = Object.hasOwn(job.variants, variantId) ? job.variants[variantId] : undefined
  if (variant === undefined) throw new RangeError(`there is no variant “${variantId}”`)
  const { plan } = variant
  const interior = planInterior(job.shell, plan)
  const { review } = evaluate(job, variantId)
  const all = scenesOf(variant, interior)
  const findings = review.modes.flatMap((mode) => mode.findings)
  const placed = new Map(all.flatMap((scene) => scene.placed.map((one) => [one.id, one] as const)))
  const now: Known = {
    plan,
    interior,
    all,
    review,
    faults: faultsOf(review),
    demands: demandStates(job.brief, all, findings),
    names: namesOf(job, plan),
    numbers: numbered([...placed.values()]),
  }
  variants.set(variantId, now)
  return now
}

/** @throws RangeError for a variant or mode that is none. */
export function subjectOf(asked: Asked): Subject {
  const { job, variantId, modeIds, scale } = asked
  const { all, ...rest } = knownOf(job, variantId)
  const { plan } = rest
  for (const id of modeIds ?? []) if (!Object.hasOwn(plan.modes, id)) throw new RangeError(`there is no mode “${id}”`)
  const scenes = modesOf(plan).flatMap(([id]) =>
    modeIds === undefined || modeIds.length === 0 || modeIds.includes(id)
      ? (all.find(({ modeId }) => modeId === id) ?? [])
      : [],
  )
  return {
    ...asked,
    ...rest,
    unit: job.units,
    scenes,
    scales: scale === undefined ? scalesIn(job.units) : [scale],
    overview: overviewIn(job.units),
  }
}

/** Sheets for a subject. `shows` is whether they show a variant at all. */
export const sheetsFor = (
  { job, variantId, format, letterhead, revision, date, unit }: Subject,
  shows = true,
): Sheets =>
  new Sheets(format, {
    job: job.name,
    vehicle: job.shell.name,
    variant: shows ? (job.variants[variantId]?.name ?? '') : '',
    date: sayDate(date),
    revision,
    unit,
    letterhead,
  })
