import path from 'node:path'
import { env } from '$env/dynamic/private'
import { DEMO_JOBS } from '$lib/demo'
import { openDatabase } from './database'
import { JobRepository } from './job-repository'
import { migrateDatabase } from './migrations'
import { ModuleRepository } from './module-repository'
import { ShopRepository } from './shop-repository'

interface Store {
  readonly jobs: JobRepository
  readonly modules: ModuleRepository
  readonly shop: ShopRepository
}

let opened: Promise<Store> | undefined

/** Where the data folder is: ZIMMERMAN_DATA, or `data` in the working folder. */
export const dataFolder = (): string => path.resolve(env.ZIMMERMAN_DATA || 'data')

async function open(): Promise<Store> {
  const { db } = openDatabase(path.join(dataFolder(), 'zimmerman.sqlite'))
  const ran = await migrateDatabase(db)
  const jobs = new JobRepository(db)
  if (ran.length > 0 && env.ZIMMERMAN_DEMO === '1' && (await jobs.isEmpty())) {
    for (const [index, job] of DEMO_JOBS.entries())
      await jobs.create(job, new Date(Date.now() - index * 60_000).toISOString())
  }
  return { jobs, modules: new ModuleRepository(db), shop: new ShopRepository(db) }
}

/** The one store of this process, opened on first use; a failed opening is tried again next time. */
function store(): Promise<Store> {
  opened ??= open().catch((cause: unknown) => {
    opened = undefined
    throw cause
  })
  return opened
}

export const jobs = async (): Promise<JobRepository> => (await store()).jobs
export const shop = async (): Promise<ShopRepository> => (await store()).shop
export const modules = async (): Promise<ModuleRepository> => (await store()).modules
