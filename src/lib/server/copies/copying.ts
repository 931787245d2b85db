import Libsql from 'libsql'
import { copyFileSync, existsSync, mkdirSync, renameSync, rmSync, statSync } from 'node:fs'
import path from 'node:path'
import { APPLICATION_ID, IN_USE, type Copied, type CopyFacts, type CopyFault } from './facts'

/** What of a fault of the disk or the database one can do something about; undefined for anything else. */
function faultOf(cause: unknown): CopyFault | undefined {
  const text = cause instanceof Error ? `${'code' in cause ? String(cause.code) : ''} ${cause.message}` : ''
  if (/SQLITE_FULL|ENOSPC|disk is full/i.test(text)) return 'full'
  if (/SQLITE_READONLY|EACCES|EROFS|EPERM|ENOTDIR|SQLITE_CANTOPEN|unable to open/i.test(text)) return 'unwritable'
  if (/ENOENT/.test(text)) return 'missing'
  if (/SQLITE_NOTADB|not a database/i.test(text)) return 'foreign'
  if (/SQLITE_CORRUPT|malformed|SQLITE_IOERR|disk I\/O/i.test(text)) return 'damaged'
  return undefined
}

class Faulty extends Error {
  constructor(readonly fault: CopyFault) {
    super(fault)
  }
}

function attempt<T>(work: () => T): Copied<T> {
  try {
    return { ok: true, value: work() }
  } catch (cause) {
    const fault = cause instanceof Faulty ? cause.fault : faultOf(cause)
    if (fault === undefined) throw cause
    return { ok: false, fault }
  }
}

/** Removes a database file with what lies beside it. */
export function removeDatabase(file: string): void {
  for (const end of ['', '-wal', '-shm', '-journal']) rmSync(`${file}${end}`, { force: true })
}

function opened<T>(file: string, work: (db: Libsql.Database) => T): T {
  const db = new Libsql(file)
  try {
    db.pragma('busy_timeout = 5000')
    return work(db)
  } finally {
    db.close()
  }
}

const pragma = (db: Libsql.Database, name: string): number => {
  const row = db.prepare(`pragma ${name}`).get() as Record<string, number>
  return Object.values(row)[0]!
}

/** @throws Faulty where a file is none of ours, of a newer program, or damaged. */
function assertOurs(db: Libsql.Database, known: readonly string[]): void {
  const id = pragma(db, 'application_id')
  const tables = (db.prepare("select name from sqlite_master where type = 'table'").all() as { name: string }[]).map(
    ({ name }) => name,
  )
  // copies of earlier days had no mark: they are known by their tables
  if (
    (id !== APPLICATION_ID && id !== 0) ||
    !['jobs', 'journal', 'kysely_migration'].every((name) => tables.includes(name))
  )
    throw new Faulty('foreign')
  // ours has neither: they would run, or be asked, unseen
  const foreign = db.prepare("select 1 from sqlite_master where type in ('trigger', 'view')").get()
  if (foreign !== undefined) throw new Faulty('foreign')
  const names = (db.prepare('select name from kysely_migration').all() as { name: string }[]).map(({ name }) => name)
  if (names.some((name) => !known.includes(name))) throw new Faulty('newer')
  const [check] = db.prepare('pragma integrity_check(1)').all() as Record<string, string>[]
  if (Object.values(check!)[0] !== 'ok') throw new Faulty('damaged')
}

function factsOf(db: Libsql.Database, file: string): CopyFacts {
  const rows = db
    .prepare(
      'select id, name, revision, changed_at as changedAt, deleted_at as deletedAt from jobs order by changed_at desc',
    )
    .all() as { id: string; name: string; revision: number; changedAt: string; deletedAt: string | null }[]
  const has = (table: string): boolean =>
    db.prepare("select 1 from sqlite_master where type = 'table' and name = ?").get(table) !== undefined
  const figure = (table: string, what: string): number =>
    has(table) ? ((db.prepare(`select ${what} as n from ${table}`).get() as { n: number } | undefined)?.n ?? 0) : 0
  return {
    jobs: rows.flatMap(({ deletedAt, ...job }) => (deletedAt === null ? [job] : [])),
    deleted: rows.filter(({ deletedAt }) => deletedAt !== null).length,
    modules: figure('modules', 'count(*)'),
    saves: figure('saves', 'count'),
    bytes: statSync(file).size,
    isCutOff: pragma(db, 'user_version') === IN_USE,
  }
}

/**
 * Writes one whole and consistent copy of a database, which may be in use meanwhile; it is opened once to see that it can
 * be. Nothing is left of one that failed. `known` are the migrations that this program knows.
 */
export function makeCopy(file: string, to: string, known: readonly string[]): Copied<CopyFacts> {
  const part = `${to}.part`
  return attempt(() => {
    if (!existsSync(file)) throw new Faulty('missing')
    try {
      mkdirSync(path.dirname(to), { recursive: true })
      removeDatabase(part)
      opened(file, (db) => db.prepare('vacuum into ?').run(part))
      const facts = opened(part, (db) => {
        db.pragma('user_version = 0')
        db.pragma(`application_id = ${APPLICATION_ID}`)
        assertOurs(db, known)
        return factsOf(db, part)
      })
      renameSync(part, to)
      return facts
    } finally {
      removeDatabase(part)
    }
  })
}

/** What is in a database file; it is left as it is, and looked into in a folder that can be written to. */
export function lookInto(file: string, folder: string, known: readonly string[]): Copied<CopyFacts> {
  const staged = stagedFrom(file, folder, known)
  if (staged.ok) removeDatabase(staged.value.file)
  return staged.ok ? { ok: true, value: staged.value.facts } : staged
}

/** A database file taken into a folder with its log, and looked into there. */
function stagedFrom(
  file: string,
  folder: string,
  known: readonly string[],
): Copied<{ readonly file: string; readonly facts: CopyFacts }> {
  const staged = path.join(folder, 'looked-into.sqlite')
  return attempt(() => {
    if (!existsSync(file)) throw new Faulty('missing')
    mkdirSync(folder, { recursive: true })
    removeDatabase(staged)
    try {
      copyFileSync(file, staged)
      const hasLog = existsSync(`${file}-wal`) && statSync(`${file}-wal`).size > 0
      if (hasLog) copyFileSync(`${file}-wal`, `${staged}-wal`)
      const facts = opened(staged, (db) => {
        assertOurs(db, known)
        const found = factsOf(db, staged)
        return { ...found, isCutOff: found.isCutOff && !hasLog && !existsSync(`${file}.last`) }
      })
      return { file: staged, facts }
    } catch (cause) {
      removeDatabase(staged)
      throw cause
    }
  })
}

/**
 * Puts what is in a file in the place of a database that no one has open. What was there is kept as `aside`, whole if it
 * can be read, else as it is. All sign-ins end. Where it fails, nothing was changed.
 */
export function putInPlace(from: string, file: string, aside: string, known: readonly string[]): Copied<CopyFacts> {
  const staged = stagedFrom(from, path.dirname(file), known)
  if (!staged.ok) return staged
  const fresh = `${file}.fresh`
  const done = attempt(() => {
    rmSync(fresh, { force: true })
    opened(staged.value.file, (db) => db.prepare('vacuum into ?').run(fresh))
    opened(fresh, (db) => {
      db.pragma('user_version = 0')
      db.pragma(`application_id = ${APPLICATION_ID}`)
      if (db.prepare("select 1 from sqlite_master where name = 'sessions'").get() !== undefined)
        db.exec('delete from sessions')
    })
    if (existsSync(file) && !makeCopy(file, aside, known).ok) {
      mkdirSync(path.dirname(aside), { recursive: true })
      for (const end of ['', '-wal']) if (existsSync(`${file}${end}`)) copyFileSync(`${file}${end}`, `${aside}${end}`)
    }
    removeDatabase(file)
    renameSync(fresh, file)
    return staged.value.facts
  })
  removeDatabase(staged.value.file)
  rmSync(fresh, { force: true })
  return done
}
