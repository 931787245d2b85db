import Libsql from 'libsql'
import { Kysely, SqliteDialect } from 'kysely'
import { existsSync, mkdirSync, statSync } from 'node:fs'
import path from 'node:path'
import { keepLastSaved, lastSaved } from './last-saved'
import { APPLICATION_ID, IN_USE } from './copies/facts'
import { CUT_OFF, FOREIGN, GONE, LOG_LOST, MISSING, NEWER } from './storage-faults'

interface JobsTable {
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
interface VariantsTable {
  job_id: string
  variant_id: string
  name: string
  position: number
  reviewed_revision: number | null
  stops: number
  cautions: number
}
interface JournalTable {
  job_id: string
  revision: number
  /** Made by whoever sent it; sending the same again changes nothing. */
  uid: string
  client: string
  /** Who did it, where people sign in; empty otherwise. */
  who: string
  command: string
  /** Of entries from before `told` was kept: the sentence of their day. Empty since. */
  words: string
  /** What was done, by code and names, as JSON; the words are made when it is read. */
  told: string | null
  at: string
}
/** Older lines of a journal, packed: those from `first` to `last`. */
interface PacksTable {
  job_id: string
  first: number
  last: number
  data: Uint8Array
}
/** Whole states, from which the journal is replayed; packed, and of earlier days as text. */
interface SnapshotsTable {
  job_id: string
  revision: number
  document: string
  packed: Uint8Array | null
  at: string
}

/** Photos of jobs, as JPEG; each is named by its bytes. */
interface PhotosTable {
  job_id: string
  id: string
  data: Uint8Array
  at: string
}

/** Modules of the shop’s own library: the newest state of each, for the list. */
interface ModulesTable {
  id: string
  name: string
  revision: number
  fittings: number
  mass_kg: number
  changed_at: string
}
/** What the shop keeps for all its jobs, one document for each thing. */
interface ShopTable {
  what: string
  document: string
  changed_at: string
}
/** Every state that a module has been saved in. */
interface ModuleRevisionsTable {
  module_id: string
  revision: number
  document: string
  at: string
}

/** Who is signed in, where that is asked for. */
interface SessionsTable {
  /** SHA-256 of what their cookie holds. */
  token: string
  who: string
  /** The key that they signed in with. */
  key: string
  began_at: string
  ends_at: string
}

/** One row: how often something was saved, so that a database without its log can be told from a whole one. */
interface SavesTable {
  count: number
}

export interface Schema {
  saves: SavesTable
  jobs: JobsTable
  variants: VariantsTable
  journal: JournalTable
  packs: PacksTable
  snapshots: SnapshotsTable
  photos: PhotosTable
  modules: ModulesTable
  shop: ShopTable
  module_revisions: ModuleRevisionsTable
  sessions: SessionsTable
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

/** What watches over one database file while it is open. */
export interface Opened {
  readonly db: Kysely<Schema>
  readonly close: () => Promise<void>
  /** @throws StorageError if the file is no longer where it was opened. */
  readonly assertThere: () => void
  /**
   * Runs work in one transaction: all of it or nothing. What it throws is what comes out, whatever the rollback says; it answers
   * only if the file is still where it was.
   */
  readonly transact: <T>(work: (trx: Kysely<Schema>) => Promise<T>) => Promise<T>
}

/** Beside a database, how often something was saved in it. */
const markFileOf = (file: string): string => `${file}.last`

/** Which file lies at a path: another one, put there meanwhile, is none of ours. */
function markOf(file: string): string | undefined {
  try {
    const { dev, ino } = statSync(file)
    return `${dev} ${ino}`
  } catch {
    return undefined
  }
}

/** How often this process has each file open: after a fault an old opening ends while a new one is at work. */
const openings = new Map<string, number>()

/**
 * Opens (and if need be creates) the database file. WAL with synchronous FULL: what a commit has answered survives a
 * kill and a power cut. @throws StorageError where a newer program made it; nothing is changed then.
 */
export function openDatabase(file: string, known: readonly string[] = []): Opened {
  const inMemory = file === ':memory:'
  if (!inMemory) {
    const kept = existsSync(file) ? undefined : lastSaved(markFileOf(file))
    if (kept !== undefined) throw MISSING(kept, path.basename(file))
    mkdirSync(path.dirname(file), { recursive: true })
  }
  const hadLog = existsSync(`${file}-wal`) && statSync(`${file}-wal`).size > 0
  const raw = new Libsql(file)
  try {
    raw.pragma('busy_timeout = 5000')
    refuseForeign(raw)
    refuseNewer(raw, known)
    if (!inMemory && !hadLog && !existsSync(markFileOf(file)) && figureOf(raw, 'user_version') === IN_USE)
      throw CUT_OFF(path.basename(file))
    for (const pragma of ['journal_mode = WAL', 'synchronous = FULL', 'foreign_keys = ON']) raw.pragma(pragma)
    if (!inMemory) markInUse(raw)
  } catch (cause) {
    raw.close()
    throw cause
  }
  openings.set(file, (openings.get(file) ?? 0) + 1)
  const opened = inMemory ? undefined : markOf(file)
  const assertThere = () => {
    if (!inMemory && markOf(file) !== opened) throw GONE()
  }
  const db = new Kysely<Schema>({
    dialect: new SqliteDialect({
      database: {
        close: () => {
          const others = (openings.get(file) ?? 1) - 1
          openings.set(file, others)
          try {
            if (!inMemory && others === 0)
              for (const pragma of ['user_version = 0', 'wal_checkpoint(TRUNCATE)']) raw.pragma(pragma)
          } catch {
            // a file that is gone or full keeps its mark: that is the safe side
          }
          raw.close()
        },
        prepare: (text: string) => {
          const statement = raw.prepare(text)
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
  const mark = markFileOf(file)
  const transact: Opened['transact'] = (work) =>
    db.connection().execute(async (connection) => {
      assertThere()
      // not as a prepared statement: one that found the file locked would stay in progress, and no later commit go through
      raw.exec('begin immediate')
      let saved: number
      let result
      try {
        result = await work(connection)
        const row = await connection
          .updateTable('saves')
          .set((update) => ({ count: update('count', '+', 1) }))
          .returning('count')
          .executeTakeFirstOrThrow()
        saved = row.count
        raw.exec('commit')
      } catch (cause) {
        // a disk that is full has rolled back by itself: what the rollback says of that is not the cause
        try {
          raw.exec('rollback')
        } catch {
          // the cause is thrown in any case
        }
        throw cause
      }
      assertThere()
      if (!inMemory) keepLastSaved(mark, saved)
      return result
    })
  // whoever has the connection ends first: a transaction is not cut off because another one met a fault
  const close = () =>
    db
      .connection()
      .execute(() => Promise.resolve())
      .finally(() => db.destroy())
  return { db, close, transact, assertThere }
}

const figureOf = (raw: Libsql.Database, pragma: string): number =>
  Object.values(raw.prepare(`pragma ${pragma}`).get() as Record<string, number>)[0]!

/** @throws StorageError where the file is a database of something else. */
function refuseForeign(raw: Libsql.Database): void {
  const id = figureOf(raw, 'application_id')
  if (id === APPLICATION_ID) return
  const tables = (raw.prepare("select name from sqlite_master where type = 'table'").all() as { name: string }[]).map(
    ({ name }) => name,
  )
  // of earlier days it has no mark, and is known by its tables
  if (id !== 0 || (tables.length > 0 && !tables.includes('kysely_migration'))) throw FOREIGN()
}

/** Marks the file itself as ours and in use: a copy of it alone, without its log, can be told from a whole one. */
function markInUse(raw: Libsql.Database): void {
  if (figureOf(raw, 'application_id') === APPLICATION_ID && figureOf(raw, 'user_version') === IN_USE) return
  raw.pragma(`application_id = ${APPLICATION_ID}`)
  raw.pragma(`user_version = ${IN_USE}`)
  raw.pragma('wal_checkpoint(TRUNCATE)')
}

/** @throws StorageError where the file holds migrations that this program does not know. */
function refuseNewer(raw: Libsql.Database, known: readonly string[]): void {
  if (known.length === 0) return
  const there = raw.prepare("select name from sqlite_master where type = 'table' and name = 'kysely_migration'").get()
  if (there === undefined) return
  const names = (raw.prepare('select name from kysely_migration order by name').all() as { name: string }[]).map(
    ({ name }) => name,
  )
  const newer = names.filter((name) => !known.includes(name))
  if (newer.length > 0) throw NEWER(newer)
}

/** @throws StorageError where less was saved in a database than the mark beside it says. */
export async function assertWhole({ db }: Opened, file: string): Promise<void> {
  const kept = lastSaved(markFileOf(file))
  if (kept === undefined) return
  const { count } = await db.selectFrom('saves').select('count').executeTakeFirstOrThrow()
  if (count < kept) throw LOG_LOST(kept - count, file)
}
