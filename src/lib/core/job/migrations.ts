import type { Fault } from './fault'
import { JOB_FORMAT, JOB_VERSION } from './schema'

/** Brings a document from one version to the next; `from` is the version that it reads. */
export interface Migration {
  readonly from: number
  readonly up: (document: Record<string, unknown>) => Record<string, unknown>
}

/** In order of `from`. Version 1 is the first, so there is none yet. */
const MIGRATIONS: readonly Migration[] = []

type Migrated = { readonly ok: true; readonly document: unknown } | { readonly ok: false; readonly fault: Fault }

/** @throws RangeError if the migrations leave a gap below `target`. */
export function migrate(input: unknown, migrations: readonly Migration[] = MIGRATIONS, target = JOB_VERSION): Migrated {
  if (typeof input !== 'object' || input === null || Array.isArray(input)) {
    return { ok: false, fault: { path: '', message: 'a job document is a JSON object' } }
  }
  let document = input as Record<string, unknown>
  const { format, version } = document
  if (format !== JOB_FORMAT) return { ok: false, fault: { path: 'format', message: `must be “${JOB_FORMAT}”` } }
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    return { ok: false, fault: { path: 'version', message: 'must be a whole number from 1' } }
  }
  if (version > target) {
    return {
      ok: false,
      fault: {
        path: 'version',
        message: `was made by a newer Zimmerman (version ${version}); this one reads up to ${target}`,
      },
    }
  }
  for (let at = version; at < target; at += 1) {
    const migration = migrations.find(({ from }) => from === at)
    if (migration === undefined) throw new RangeError(`no migration from version ${at}`)
    document = { ...migration.up(document), version: at + 1 }
  }
  return { ok: true, document }
}
