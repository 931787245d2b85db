import { existsSync } from 'node:fs'
import { env } from '$env/dynamic/private'
import { DEMO_JOBS, STARTER_MODULES } from '$lib/demo'
import { Caretaker } from './caretaker'
import { Copies } from './copies/copies'
import { databaseFile } from './data-folder'
import { assertWhole, openDatabase } from './database'
import { JobRepository } from './job-repository'
import { toStored } from './engine/jobs'
import { toStoredModule } from './engine/modules'
import { migrateDatabase, MIGRATIONS } from './migrations'
import { ModuleRepository } from './module-repository'
import { PhotoRepository } from './photos/photo-repository'
import { quick } from './pool/pool'
import { SessionRepository } from './key/session-repository'
import { ShopRepository } from './shop-repository'
import { GONE } from './storage-faults'

interface Store {
  readonly jobs: JobRepository
  readonly modules: ModuleRepository
  readonly shop: ShopRepository
  readonly photos: PhotoRepository
  readonly sessions: SessionRepository
  readonly caretaker: Caretaker
  readonly close: () => Promise<void>
  readonly assertThere: () => void
}

let opened: Promise<Store> | undefined

/** The file that this process once had open: if it is gone, no new one takes its place unsaid. */
let had: string | undefined

async function open(): Promise<Store> {
  const file = databaseFile()
  if (had === file && !existsSync(file)) throw GONE()
  const database = openDatabase(file, Object.keys(MIGRATIONS))
  try {
    const ran = await migrateDatabase(database.db)
    const isNew = ran.length === Object.keys(MIGRATIONS).length
    await assertWhole(database, file)
    had = file
    const jobs = new JobRepository(database, quick)
    if (ran.length > 0 && env.ZIMMERMAN_DEMO === '1' && (await jobs.isEmpty())) {
      for (const [index, job] of DEMO_JOBS.entries())
        await jobs.create(toStored(job), new Date(Date.now() - index * 60_000).toISOString())
    }
    const modules = new ModuleRepository(database)
    // a library begins with a dozen of ours, once: what is deleted stays so
    if (isNew)
      for (const module of STARTER_MODULES) await modules.save(toStoredModule(module), new Date().toISOString())
    const caretaker = new Caretaker(jobs, copies, () => new Date().toISOString())
    await caretaker.begin()
    const close = async () => {
      await caretaker.close()
      await database.close().catch(() => undefined)
    }
    return {
      jobs,
      modules,
      shop: new ShopRepository(database),
      photos: new PhotoRepository(database),
      sessions: new SessionRepository(database),
      caretaker,
      close,
      assertThere: database.assertThere,
    }
  } catch (cause) {
    await database.close().catch(() => undefined)
    throw cause
  }
}

/** The one store of this process, opened on first use; a failed opening is tried again next time. */
async function store(): Promise<Store> {
  opened ??= open().catch((cause: unknown) => {
    opened = undefined
    throw cause
  })
  const held = await opened
  held.assertThere()
  return held
}

/** Lets go of a database after a fault of its file: the next one who asks opens what is there then. */
export function letGo(): void {
  const held = opened
  opened = undefined
  // not waited for: who asks next need not wait for what the old one is at
  void held?.then(({ close }) => close()).catch(() => undefined)
}

/** Keeps everyone off the database while work is done on its file; who asks meanwhile waits. */
async function whileClosed<T>(work: () => Promise<T>): Promise<T> {
  const held = opened
  let reopen: () => void = () => undefined
  const done = new Promise<void>((resolve) => (reopen = resolve))
  opened = done.then(open).catch((cause: unknown) => {
    opened = undefined
    throw cause
  })
  // whoever waits hears of a fault; if no one does, it is told to the next who asks
  opened.catch(() => undefined)
  try {
    await held?.then(({ close }) => close()).catch(() => undefined)
    return await work()
  } finally {
    had = undefined
    reopen()
  }
}

/** The copies of all that is stored; they are there though the database itself cannot be opened. */
export const copies = new Copies(whileClosed)

process.once('sveltekit:shutdown' as 'exit', () => void letGo())

export const jobs = async (): Promise<JobRepository> => (await store()).jobs
export const photos = async (): Promise<PhotoRepository> => (await store()).photos
export const shop = async (): Promise<ShopRepository> => (await store()).shop
export const sessions = async (): Promise<SessionRepository> => (await store()).sessions
export const modules = async (): Promise<ModuleRepository> => (await store()).modules
/** What is done when no one waits for it. */
export const caretaker = async (): Promise<Caretaker> => (await store()).caretaker
