import { existsSync } from 'node:fs'
import path from 'node:path'
import { env } from '$env/dynamic/private'
import { DEMO_JOBS } from '$lib/demo'
import { Caretaker } from './caretaker'
import { assertWhole, openDatabase } from './database'
import { JobRepository } from './job-repository'
import { toStored } from './engine/jobs'
import { migrateDatabase, MIGRATIONS } from './migrations'
import { ModuleRepository } from './module-repository'
import { quick } from './pool/pool'
import { ShopRepository } from './shop-repository'
import { GONE } from './storage-faults'

interface Store {
  readonly jobs: JobRepository
  readonly modules: ModuleRepository
  readonly shop: ShopRepository
  readonly caretaker: Caretaker
  readonly close: () => void
  readonly assertThere: () => void
}

let opened: Promise<Store> | undefined

/** Where the data folder is: ZIMMERMAN_DATA, or `data` in the working folder. */
const dataFolder = (): string => path.resolve(env.ZIMMERMAN_DATA || 'data')

/** The file that this process once had open: if it is gone, no new one takes its place unsaid. */
let had: string | undefined

async function open(): Promise<Store> {
  const file = path.join(dataFolder(), 'zimmerman.sqlite')
  if (had === file && !existsSync(file)) throw GONE()
  const database = openDatabase(file, Object.keys(MIGRATIONS))
  try {
    const ran = await migrateDatabase(database.db)
    await assertWhole(database, file)
    had = file
    const jobs = new JobRepository(database, quick)
    if (ran.length > 0 && env.ZIMMERMAN_DEMO === '1' && (await jobs.isEmpty())) {
      for (const [index, job] of DEMO_JOBS.entries())
        await jobs.create(toStored(job), new Date(Date.now() - index * 60_000).toISOString())
    }
    const caretaker = new Caretaker(jobs, () => new Date().toISOString())
    await caretaker.begin()
    const close = () => {
      opened = undefined
      void caretaker.close().then(() => database.close().catch(() => undefined))
    }
    return {
      jobs,
      modules: new ModuleRepository(database),
      shop: new ShopRepository(database),
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
export async function letGo(): Promise<void> {
  const held = opened
  if (held === undefined) return
  await held.then(({ close }) => close()).catch(() => undefined)
}

export const jobs = async (): Promise<JobRepository> => (await store()).jobs
export const shop = async (): Promise<ShopRepository> => (await store()).shop
export const modules = async (): Promise<ModuleRepository> => (await store()).modules
/** What is done when no one waits for it. */
export const caretaker = async (): Promise<Caretaker> => (await store()).caretaker
