import { randomBytes } from 'node:crypto'
import { existsSync, rmSync } from 'node:fs'
import { appendFile, mkdir, stat } from 'node:fs/promises'
import path from 'node:path'
import { dataFolder, databaseFile } from '../data-folder'
import { keepLastSaved } from '../last-saved'
import { MIGRATIONS } from '../migrations'
import { copying } from '../pool/pool'
import { removeDatabase } from './copying'
import type { Copied, CopyFacts, CopyFault } from './facts'
import { copiesFolder, copyName, hasDaily, keptCopies, outlived, type CopyReason, type KeptCopy } from './kept'

const KNOWN = Object.keys(MIGRATIONS)

/** The copies that lie in the data folder, and the work on them. Times come in as ISO strings. */
export class Copies {
  /** Why the last daily copy could not be made, until one can. */
  fault: CopyFault | undefined

  /** `release` lets go of the database and keeps everyone off it while `work` runs. */
  constructor(private readonly release: <T>(work: () => Promise<T>) => Promise<T>) {}

  list(): readonly KeptCopy[] {
    return keptCopies(dataFolder())
  }

  /** The path of a copy; undefined where there is none of that name. */
  pathOf(name: string): string | undefined {
    return this.list().some((copy) => copy.name === name) ? path.join(copiesFolder(dataFolder()), name) : undefined
  }

  /** Makes a copy of what is stored now. */
  async make(reason: CopyReason, now: string): Promise<Copied<{ readonly name: string; readonly facts: CopyFacts }>> {
    const name = copyName(now, reason)
    const made = await copying('makeCopy', databaseFile(), path.join(copiesFolder(dataFolder()), name), KNOWN)
    return made.ok ? { ok: true, value: { name, facts: made.value } } : made
  }

  /** Makes the copy of the day unless it is there, and lets go of those that have outlived theirs. */
  async daily(now: string): Promise<void> {
    if (hasDaily(this.list(), now) || !existsSync(databaseFile())) return
    const made = await this.make('daily', now)
    this.fault = made.ok ? undefined : made.fault
    if (made.ok) for (const name of outlived(this.list())) this.remove(name)
  }

  remove(name: string): boolean {
    const file = this.pathOf(name)
    if (file !== undefined) removeDatabase(file)
    return file !== undefined
  }

  /** Takes in a part of a file that someone looks into, one file at a time; the first part names no upload, and gets a name. */
  async take(upload: string | undefined, offset: number, part: Uint8Array): Promise<string | undefined> {
    // what someone looked into and left is let go of when the next one comes
    if (upload === undefined) this.forgetUploads()
    const id = upload ?? randomBytes(8).toString('hex')
    const file = this.#uploadPath(id)
    if (file === undefined) return undefined
    await mkdir(path.dirname(file), { recursive: true })
    const there = await stat(file).then(
      ({ size }) => size,
      () => 0,
    )
    if (there !== offset) return undefined
    await appendFile(file, part)
    return id
  }

  #uploadPath(id: string): string | undefined {
    return /^[0-9a-f]{16}$/.test(id) ? path.join(dataFolder(), 'uploads', `${id}.sqlite`) : undefined
  }

  #fileOf(from: CopySource): string | undefined {
    return 'copy' in from ? this.pathOf(from.copy) : this.#uploadPath(from.upload)
  }

  /** What is in a copy, or in a file that was taken in; undefined where there is none. */
  async look(from: CopySource): Promise<Copied<CopyFacts> | undefined> {
    const file = this.#fileOf(from)
    return file === undefined ? undefined : copying('lookInto', file, dataFolder(), KNOWN)
  }

  /** Puts a copy in the place of what is stored now; that is kept as a copy of its own. */
  async restore(from: CopySource, now: string): Promise<Copied<CopyFacts> | undefined> {
    const file = this.#fileOf(from)
    if (file === undefined) return undefined
    const aside = path.join(copiesFolder(dataFolder()), copyName(now, 'before'))
    const done = await this.release(() =>
      restoreFile(file, databaseFile(), aside, (...input) => copying('putInPlace', ...input)),
    )
    if (done.ok) this.forgetUploads()
    return done
  }

  /** Lets go of files that were taken in to be looked into. */
  forgetUploads(): void {
    rmSync(path.join(dataFolder(), 'uploads'), { recursive: true, force: true })
  }
}

export type CopySource = { readonly copy: string } | { readonly upload: string }

type PutInPlace = (from: string, file: string, aside: string, known: readonly string[]) => Promise<Copied<CopyFacts>>

/** Puts a file in the place of a database that no one has open, with the mark of how often something was saved in it. */
export async function restoreFile(
  from: string,
  file: string,
  aside: string,
  put: PutInPlace,
): Promise<Copied<CopyFacts>> {
  const done = await put(from, file, aside, KNOWN)
  if (done.ok) {
    rmSync(`${file}.last`, { force: true })
    if (done.value.saves > 0) keepLastSaved(`${file}.last`, done.value.saves)
  }
  return done
}
