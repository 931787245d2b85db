import type { Fault } from './fault'
import { migrate } from './migrations'
import { jobSchema, type Job } from './schema'

export type ParsedJob =
  { readonly ok: true; readonly job: Job } | { readonly ok: false; readonly faults: readonly Fault[] }

const MAX_DEPTH = 24
const MAX_NODES = 300_000
const MAX_FAULTS = 50
const FORBIDDEN = new Set(['__proto__', 'constructor', 'prototype'])

/** What no document may hold, whatever its fields mean: prototype keys, figures that are none, endless nesting. */
function guard(input: unknown): readonly Fault[] {
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
      if (FORBIDDEN.has(key)) faults.push({ path: below, message: `“${key}” may not be a key` })
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
  const result = jobSchema.safeParse(migrated.document)
  if (result.success) return { ok: true, job: result.data as unknown as Job }
  const faults = result.error.issues
    .slice(0, MAX_FAULTS)
    .map((issue) => ({ path: issue.path.map(String).join('.'), message: issue.message }))
  return { ok: false, faults }
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
