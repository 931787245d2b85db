import { openDB, type DBSchema, type IDBPDatabase, type IDBPObjectStore } from 'idb'
import { commandSchema, type Command } from '$lib/core/job'

interface Sent {
  readonly uid: string
  readonly command: Command
}

/** A change that is not saved yet, and the revision that it was made on. */
export interface Waiting extends Sent {
  readonly base: number
}

interface Row {
  readonly seq?: number
  readonly uid: string
  readonly jobId: string
  readonly tab: string
  readonly base: number
  readonly command: unknown
}

interface Schema extends DBSchema {
  pending: { key: number; value: Row; indexes: { uid: string; jobId: string } }
}

const DATABASE = 'zimmerman'
const VERSION = 1
/** How unsaved work was kept before it had a database. */
const OLD_PREFIX = 'zimmerman pending'

let opening: Promise<IDBPDatabase<Schema>> | undefined

function database(): Promise<IDBPDatabase<Schema>> {
  opening ??= openDB<Schema>(DATABASE, VERSION, {
    upgrade(db) {
      const store = db.createObjectStore('pending', { keyPath: 'seq', autoIncrement: true })
      store.createIndex('uid', 'uid', { unique: true })
      store.createIndex('jobId', 'jobId')
    },
    // another tab brings a newer form of it: this one lets go, and opens it anew when it next writes
    blocking: (_current, _blocked, { target }) => {
      opening = undefined
      ;(target as IDBDatabase).close()
    },
    terminated: () => void (opening = undefined),
  }).catch((cause: unknown) => {
    opening = undefined
    throw cause
  })
  return opening
}

/** Closes the browser’s database; the next who asks opens it anew. For tests. */
export async function closePendingDatabase(): Promise<void> {
  const held = opening
  opening = undefined
  ;(await held?.catch(() => undefined))?.close()
}

const lockOf = (tab: string): string => `zimmerman ${tab}`

/**
 * What is not yet saved of one job, kept in the browser’s database until the server has it, whichever tab holds it. A write is done when
 * the disk has it. Each change is a row of its own, with the tab that holds it; a tab is alive while it holds its lock, and what the dead
 * leave is taken over by writing another name on the row: at no step is it nowhere.
 */
export class PendingStore {
  readonly #jobId: string
  readonly #tab: string
  #release: () => void = () => undefined
  /** Tabs whose end is waited for: they hold work of this job. */
  readonly #watched = new Set<string>()
  readonly #closing = new AbortController()

  /** `alive`: it holds the lock that says so, until it is closed. */
  constructor(jobId: string, tab: string, alive = true) {
    this.#jobId = jobId
    this.#tab = tab
    if (alive && typeof navigator !== 'undefined' && navigator.locks !== undefined)
      void navigator.locks
        .request(lockOf(tab), () => new Promise<void>((resolve) => (this.#release = resolve)))
        .catch(() => undefined)
  }

  get isClosed(): boolean {
    return this.#closing.signal.aborted
  }

  /** Lets others take over what this tab leaves. */
  close(): void {
    this.#closing.abort()
    this.#release()
  }

  async add(waiting: readonly Waiting[]): Promise<void> {
    await this.#write(async (store) => {
      for (const { uid, command, base } of waiting) {
        const row: Row = { uid, jobId: this.#jobId, tab: this.#tab, base, command }
        const known = await store.index('uid').getKey(uid)
        // a command is plain data; what of it lives in a screen’s state is not taken along
        await store.put(JSON.parse(JSON.stringify(known === undefined ? row : { ...row, seq: known })) as Row)
      }
    })
  }

  /** Forgets changes that the server has, or that the person gave up. */
  async drop(uids: readonly string[]): Promise<void> {
    if (uids.length === 0) return
    await this.#write(async (store) => {
      for (const uid of uids) {
        const key = await store.index('uid').getKey(uid)
        if (key !== undefined) await store.delete(key)
      }
    })
  }

  /**
   * What tabs that are gone left unsaved of this job, in the order in which it was done, taken over by this one. What cannot be read is left
   * where it is. Where a tab that holds some is still alive, or still about to go, `whenGone` is called once it is gone.
   */
  async takeOver(whenGone: () => void = () => undefined): Promise<readonly Waiting[]> {
    await this.#bringOld()
    const alive = await this.#alive()
    const found: Waiting[] = []
    await this.#write(async (store) => {
      for (const row of await store.index('jobId').getAll(this.#jobId)) {
        if (row.tab === this.#tab) continue
        if (alive.has(lockOf(row.tab))) {
          this.#watch(row.tab, whenGone)
          continue
        }
        const command = commandSchema.safeParse(row.command)
        if (!command.success) continue
        await store.put({ ...row, tab: this.#tab })
        found.push({ uid: row.uid, command: command.data, base: row.base })
      }
    })
    return found
  }

  async #alive(): Promise<ReadonlySet<string>> {
    if (typeof navigator === 'undefined' || navigator.locks === undefined) return new Set()
    const { held = [] } = await navigator.locks.query()
    // those who wait for its end share a tab’s lock then, for a moment
    return new Set(held.flatMap(({ name, mode }) => (mode === 'shared' ? [] : (name ?? []))))
  }

  /** Waits for a tab’s lock: it is had when the tab is gone, however it went. */
  #watch(tab: string, whenGone: () => void): void {
    if (this.#watched.has(tab)) return
    this.#watched.add(tab)
    const { signal } = this.#closing
    navigator.locks
      .request(lockOf(tab), { mode: 'shared', signal }, () => undefined)
      .then(whenGone, () => undefined)
      .finally(() => this.#watched.delete(tab))
  }

  async #write(work: (store: WritableStore) => Promise<void>): Promise<void> {
    const transaction = (await database()).transaction('pending', 'readwrite', { durability: 'strict' })
    const done = transaction.done
    // what fails inside is what comes out; the transaction’s own word for it adds nothing
    done.catch(() => undefined)
    try {
      await work(transaction.store)
    } catch (cause) {
      // nothing of it, then: what is half written would be taken for whole
      transaction.abort()
      throw cause
    }
    await done
  }

  /** Rows of earlier days go into the database; only then they leave where they were. */
  async #bringOld(): Promise<void> {
    for (const key of oldKeys(this.#jobId)) {
      try {
        const rows = JSON.parse(localStorage.getItem(key) ?? '[]') as Partial<Sent>[]
        const read = rows.flatMap(({ uid, command }): Waiting[] => {
          const known = commandSchema.safeParse(command)
          return known.success && typeof uid === 'string' ? [{ uid, command: known.data, base: OLD_BASE }] : []
        })
        // no tab of earlier days is alive: theirs is taken over at once
        await new PendingStore(this.#jobId, key, false).add(read)
        localStorage.removeItem(key)
      } catch {
        continue
      }
    }
  }
}

/** Kept before rows said on which revision they were made: as if on the newest. */
export const OLD_BASE = Number.MAX_SAFE_INTEGER

type WritableStore = IDBPObjectStore<Schema, ['pending'], 'pending', 'readwrite'>

function oldKeys(jobId: string): readonly string[] {
  try {
    return Object.keys(localStorage).filter((key) => key.startsWith(`${OLD_PREFIX} ${jobId} `))
  } catch {
    return []
  }
}
