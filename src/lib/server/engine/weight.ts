import { z } from 'zod'
import {
  frontShareOf,
  axlesOf,
  marginOf,
  weightReport,
  type Aboard,
  type LimitState,
  type WeightReport,
} from '$lib/core/budgets'
import {
  faultsOf,
  guard,
  loadingSchema,
  parseJob,
  SETTING_OUT,
  type Fault,
  type Job,
  type Loading,
} from '$lib/core/job'
import { LIMIT_WORDS, namesOf, sayEntry, sayHeavy, sayUnknown, sayWeight } from '$lib/core/text'
import { NAMING } from '$lib/core/units'
import { readText } from './reading'
import { refusal, reply, type Query, type Read, type Reply } from './reply'
import { round, variantsAsked } from './variants-asked'

interface Asked {
  readonly job: Job
  readonly loading: Loading
}

/** A job document, or one with the loading that it is asked for: `{ job, loading }`. */
function readAsked(text: string): Read<Asked> {
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch (cause) {
    return {
      ok: false,
      reply: refusal(400, `This is not JSON: ${cause instanceof Error ? cause.message : String(cause)}`),
    }
  }
  const guarded = guard(value)
  if (guarded.length > 0) return { ok: false, reply: refusal(400, 'The request could not be understood.', guarded) }
  const wrapped = z.object({ job: z.unknown(), loading: z.unknown().optional() }).safeParse(value)
  const isWrapped = wrapped.success && typeof value === 'object' && value !== null && !('format' in value)
  const parsed = parseJob(isWrapped ? wrapped.data.job : value)
  if (!parsed.ok) {
    const faults = isWrapped ? parsed.faults.map((fault) => ({ ...fault, path: `job.${fault.path}` })) : parsed.faults
    return { ok: false, reply: refusal(422, 'This is not a Zimmerman job.', faults) }
  }
  if (!isWrapped || wrapped.data.loading === undefined)
    return { ok: true, value: { job: parsed.job, loading: SETTING_OUT } }
  const loading = loadingSchema.safeParse(wrapped.data.loading, NAMING)
  if (loading.success) return { ok: true, value: { job: parsed.job, loading: loading.data } }
  const faults = faultsOf(loading.error.issues).map(({ path, message }) => ({ path: `loading.${path}`, message }))
  return { ok: false, reply: refusal(422, 'The loading could not be understood.', faults) }
}

/** What each variant of a document weighs, or the one asked for, in a loading: every limit with its sum, the worst loadings, what weighs most. */
export function weightReply(bytes: Uint8Array, query: Query): Reply {
  const read = readText(bytes, readAsked)
  if (!read.ok) return read.reply
  const { job, loading } = read.value
  const asked = variantsAsked(job, query)
  if (!asked.ok) return asked.reply
  const reports = asked.value.map((id) => [id, weightReport(job, id, loading)] as const)
  const unheard = unheardOf(loading, {
    entries: new Set(reports.flatMap(([, { entries }]) => entries.map(({ id }) => id))),
    modes: new Set(asked.value.flatMap((id) => Object.keys(job.variants[id]?.plan.modes ?? {}))),
  })
  if (unheard.length > 0) return refusal(422, 'The loading could not be understood.', unheard)
  return reply({
    job: { id: job.id, name: job.name },
    variants: reports.map(([id, report]) => answerOf(job, id, loading, report)),
  })
}

/** What a loading names and no plan has: whoever wrote it meant something else. */
function unheardOf(
  { mode, without, tanks = {} }: Loading,
  { entries, modes }: { readonly entries: ReadonlySet<string>; readonly modes: ReadonlySet<string> },
): readonly Fault[] {
  const message = 'is no entry of the ledger: see “entries” of an answer'
  return [
    ...(mode === undefined || modes.has(mode)
      ? []
      : [{ path: 'loading.mode', message: `one of ${[...modes].join(', ')}` }]),
    ...without.flatMap((id, at) => (entries.has(id) ? [] : [{ path: `loading.without.${at}`, message }])),
    ...Object.keys(tanks).flatMap((id) => (entries.has(id) ? [] : [{ path: `loading.tanks.${id}`, message }])),
  ]
}

function answerOf(job: Job, variantId: string, loading: Loading, report: WeightReport): unknown {
  const variant = job.variants[variantId]!
  const names = namesOf(job, variant.plan)
  const axles = axlesOf(job.shell)
  const worst = ({ worst: { value, aboard, ashore } }: LimitState) => ({ value: round(value), aboard, ashore })
  return {
    id: variantId,
    name: variant.name,
    mode: report.modeId,
    loading,
    words: sayWeight(report),
    first: report.first,
    limits: report.limits.map((state) => ({
      id: state.id,
      name: LIMIT_WORDS[state.id],
      unit: state.unit,
      ...(state.limit === undefined ? {} : { limit: round(state.limit) }),
      isGuide: state.isGuide,
      now: round(state.now),
      low: round(state.low),
      high: round(state.high),
      ...(state.limit === undefined ? {} : { left: round(marginOf(state, state.now)!) }),
      worst: worst(state),
      worstWithWasteEmpty: worst({ ...state, worst: state.worstDry }),
    })),
    centre: report.centre.map(round),
    raisesCentreMm: round(report.riseMm),
    ...(report.overGroundMm === undefined ? {} : { centreOverGroundMm: round(report.overGroundMm) }),
    entries: report.entries.map((entry: Aboard) => ({
      id: entry.id,
      name: sayEntry(entry, job, names),
      kg: round(entry.kg),
      fullKg: round(entry.amount),
      lowKg: round(entry.low),
      highKg: round(entry.high),
      at: entry.at.map(round),
      frontShare: round(frontShareOf(axles, entry.at)),
      mayBeAboard: entry.may,
      onRoof: entry.onRoof,
      reason: entry.reason,
    })),
    heaviest: report.heavy.map((row) => ({
      name: sayHeavy(row, job, names),
      kind: row.kind,
      id: row.id,
      kg: round(row.kg),
      at: row.at.map(round),
      ...(row.rearPer100Kg === undefined ? {} : { rearAxlePer100MmForward: round(row.rearPer100Kg) }),
    })),
    unknown: report.unknown.map((one) => sayUnknown(one, job)),
  }
}
