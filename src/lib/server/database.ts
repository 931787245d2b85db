import Libsql from 'libsql'
import { Kysely, SqliteDialect } from 'kysely'
import { mkdirSync } from 'node:fs'
import path from 'node:path'

export interface JobsTable {
  id: string
  name: string
  revision: number
  document: string
  shell_name: string
  created_at: string
  changed_at: string
  deleted_at: string | null
}
/** One row for each variant of a job at its newest revision, with what its last review found. */
export interface VariantsTable {
  job_id: string
  variant_id: string
  name: string
  position: number
  reviewed_revision: number | null
  stops: number
  cautions: number
}
export interface JournalTable {
  job_id: string
  revision: number
  /** Made by whoever sent it; sending the same again changes nothing. */
  uid: string
  client: string
  command: string
  words: string
  at: string
}
/** Whole states, from which the journal is replayed. */
export interface SnapshotsTable {
  job_id: string
  revision: number
  document: string
  at: string
}

/** Modules of the shop’s own library: the newest state of each, for the list. */
export interface ModulesTable {
  id: string
  name: string
  revision: number
  fittings: number
  mass_kg: number
  changed_at: string
}
/** What the shop keeps for all its jobs, one document for each thing. */
export interface ShopTable {
  what: string
  document: string
  changed_at: string
}
/** Every state that a module has been saved in. */
export interface ModuleRevisionsTable {
  module_id: string
  revision: number
  document: string
  at: string
}

export interface Schema {
  jobs: JobsTable
  variants: VariantsTable
  journal: JournalTable
  snapshots: SnapshotsTable
  modules: ModulesTable
  shop: ShopTable
  module_revisions: ModuleRevisionsTable
}

type Bindable = null | number | bigint | string | Uint8Array

/** A boolean, undefined or object would abort the whole process in the driver; it is refused here instead. */
function assertBindable(parameters: readonly unknown[]): asserts parameters is readonly Bindable[] {
  for (const value of parameters) {
    const fine =
      value === null ||
      typeof value === 'string' ||
      typeof value === 'bigint' ||
      value instanceof Uint8Array ||
      (typeof value === 'number' && Number.isFinite(value))
    if (!fine) throw new TypeError(`cannot store ${String(value)} (${typeof value}) in SQLite`)
  }
}

/**
 * Opens (and if need be creates) the database file. WAL with synchronous FULL: what a commit has answered survives a
 * kill and a power cut.
 */
export function openDatabase(file: string): { db: Kysely<Schema>; close: () => Promise<void> } {
  if (file !== ':memory:') mkdirSync(path.dirname(file), { recursive: true })
  const raw = new Libsql(file)
  for (const pragma of ['busy_timeout = 5000', 'journal_mode = WAL', 'synchronous = FULL', 'foreign_keys = ON'])
    raw.pragma(pragma)
  const db = new Kysely<Schema>({
    dialect: new SqliteDialect({
      database: {
        close: () => raw.close(),
        prepare: (sql: string) => {
          const statement = raw.prepare(sql)
          return {
            reader: statement.reader,
            all: (parameters: readonly unknown[]) => {
              assertBindable(parameters)
              return statement.all(...(parameters as Bindable[])) as unknown[]
            },
            run: (parameters: readonly unknown[]) => {
              assertBindable(parameters)
              return statement.run(...(parameters as Bindable[]))
            },
            iterate: (parameters: readonly unknown[]) => {
              assertBindable(parameters)
              return statement.iterate(...(parameters as Bindable[])) as IterableIterator<unknown>
            },
          }
        },
      },
    }),
  })
  return { db, close: () => db.destroy() }
}
