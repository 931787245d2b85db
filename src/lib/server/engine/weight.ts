import { z } from 'zod'
import { frontShareOf, axlesOf, marginOf, weightReport, type Aboard, type LimitState } from '$lib/core/budgets'
import {
  faultsOf,
  guard,
  loadingSchema,
  parseJob,
  SETTING_OUT,
  variantsOf,
  type Job,
  type Loading,
} from '$lib/core/job'
import { LIMIT_WORDS, namesOf, sayEntry, sayHeavy, sayUnknown, sayWeight } from '$lib/core/text'
import { NAMING } from '$lib/core/units'
import { readText } from './reading'
import { refusal, reply, type Query, type Read, type Reply } from './reply'

/** Two figures after the point are more than any of these sums is worth. */
const round = (value: number): number => Math.round(value * 100) / 100

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
  const all = variantsOf(job).map(([id]) => id)
  const asked = query.variant === undefined ? all : all.filter((id) => id === query.variant)
  if (asked.length === 0)
    return refusal(404, 'There is no such variant in this job.', [
      { path: 'variant', message: `one of ${all.join(', ')}` },
    ])
  return reply({ job: { id: job.id, name: job.name }, variants: asked.map((id) => answerOf(job, id, loading)) })
}

function answerOf(job: Job, variantId: string, loading: Loading): unknown {
  const report = weightReport(job, variantId, loading)
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
