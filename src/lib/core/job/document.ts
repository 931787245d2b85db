import type { z } from 'zod'
import { NAMING, sayIssue } from '../units'
import type { Fault } from './fault'
import { migrate } from './migrations'
import { namedAnew } from './named-anew'
import { FORBIDDEN_KEYS } from './patch'
import { jobSchema, type Job } from './schema'

export type ParsedJob =
  | { readonly ok: true; readonly job: Job }
  | {
      readonly ok: false
      readonly faults: readonly Fault[]
      /** The document without its faulty parts, where that can be read: to be brought in only if someone says so. */
      readonly rest?: Job
    }

const MAX_DEPTH = 24
const MAX_NODES = 300_000
const MAX_FAULTS = 50

/** What no document may hold, whatever its fields mean: prototype keys, figures that are none, endless nesting. */
export function guard(input: unknown): readonly Fault[] {
  const faults: Fault[] = []
  const stack: { value: unknown; path: string; depth: number }[] = [{ value: input, path: '', depth: 0 }]
  for (let nodes = 0; stack.length > 0; nodes += 1) {
    if (nodes > MAX_NODES) return [{ path: '', message: `holds more than ${MAX_NODES} values` }]
    const { value, path, depth } = stack.pop()!
    if (typeof value === 'number' && !Number.isFinite(value))
      faults.push({ path, message: `must be a finite number, got ${value}` })
    if (typeof value !== 'object' || value === null) continue
    if (depth > MAX_DEPTH) return [{ path: path.slice(0, 200), message: `is nested more than ${MAX_DEPTH} deep` }]
    for (const key of Object.keys(value)) {
      const below = path === '' ? key : `${path}.${key}`
      if (FORBIDDEN_KEYS.has(key)) faults.push({ path: below, message: `“${key}” may not be a key` })
      else stack.push({ value: (value as Record<string, unknown>)[key], path: below, depth: depth + 1 })
    }
    if (faults.length >= MAX_FAULTS) break
  }
  return faults
}

/**
 * Reads a document of any known version. Nothing of it is trusted; unknown fields are kept.
 * Answers at most 50 faults, each with its path.
 */
export function parseJob(input: unknown): ParsedJob {
  const guarded = guard(input)
  if (guarded.length > 0) return { ok: false, faults: guarded }
  const migrated = migrate(input)
  if (!migrated.ok) return { ok: false, faults: [migrated.fault] }
  const document = namedAnew(migrated.document)
  const result = jobSchema.safeParse(document, NAMING)
  if (result.success) return { ok: true, job: result.data as unknown as Job }
  const faults = faultsOf(result.error.issues)
  const rest = restOf(document)
  return { ok: false, faults, ...(rest === undefined ? {} : { rest }) }
}

export const faultsOf = (issues: readonly z.core.$ZodIssue[]): readonly Fault[] =>
  issues.slice(0, MAX_FAULTS).map((issue) => ({ path: issue.path.map(String).join('.'), message: sayIssue(issue) }))

/** Where a document holds things that it can do without: the one that a fault lies in is left out. */
const DROPPABLE: readonly RegExp[] = [
  /^variants\.[^.]+\.plan\.modes\.[^.]+\.(stances|seats|figures)\.[^.]+/,
  /^variants\.[^.]+\.plan\.modes\.[^.]+\.(away|turned)/,
  /^variants\.[^.]+\.plan\.(fittings|changes|groups|waivers|drawn)\.[^.]+/,
  /^variants\.[^.]+\.plan\.(groups|transferable|waivers|drawn)/,
  /^brief\.(people|pets|gear|demands|adjust)\.[^.]+/,
  /^found\.[^.]+/,
  /^weight\.weighings\.[^.]+/,
  /^power\.(legs|extras|loads|circuits|wires)\.[^.]+/,
  /^power\.(weather|assume|carries)/,
  /^warmth\.assume/,
  /^(survey|weight|power|warmth|brief\.use)/,
]
/** A parameter, lock or fixing that is out of order goes back to what is usual. */
const RESETTABLE = /^variants\.[^.]+\.plan\.fittings\.[^.]+\.(parameters\.[^.]+|locked|fixing|label)/
const MOST_ROUNDS = 12

/** A document without what is faulty in it; undefined where what is left is none either. */
function restOf(document: unknown): Job | undefined {
  const rest = JSON.parse(JSON.stringify(document)) as unknown
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const result = jobSchema.safeParse(rest)
    if (result.success) return result.data as unknown as Job
    for (const { path } of result.error.issues) {
      const whole = path.map(String).join('.')
      const found =
        RESETTABLE.exec(whole)?.[0] ??
        DROPPABLE.map((pattern) => pattern.exec(whole)?.[0]).find((one) => one !== undefined)
      if (found === undefined || !leaveOut(rest, found.split('.'))) return undefined
    }
  }
  return undefined
}

function leaveOut(document: unknown, path: readonly string[]): boolean {
  let at = document
  for (const key of path.slice(0, -1)) {
    if (typeof at !== 'object' || at === null) return false
    at = (at as Record<string, unknown>)[key]
    // what another fault took away already
    if (at === undefined) return true
  }
  if (typeof at !== 'object' || at === null) return false
  delete (at as Record<string, unknown>)[path.at(-1)!]
  return true
}

/** Reads text as a document: says where JSON itself ends, then as `parseJob`. */
export function parseJobText(text: string): ParsedJob {
  try {
    return parseJob(JSON.parse(text))
  } catch (cause) {
    return {
      ok: false,
      faults: [{ path: '', message: `is not JSON: ${cause instanceof Error ? cause.message : String(cause)}` }],
    }
  }
}
