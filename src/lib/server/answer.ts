import { refuse, threadSentence } from './http'
import { storageSentence } from './faults'
import type { JobRepository } from './job-repository'
import type { ModuleRepository } from './module-repository'
import type { PhotoRepository } from './photos/photo-repository'
import type { ShopRepository } from './shop-repository'
import { jobs, letGo, modules, photos, shop } from './store'
import { UnreadableJob } from './storage-faults'

async function withStore<T>(opened: () => Promise<T>, work: (repository: T) => Promise<Response>): Promise<Response> {
  try {
    return await work(await opened())
  } catch (cause) {
    if (cause instanceof UnreadableJob) return refuse(409, cause.message, [{ path: '', message: cause.reason }])
    const thread = threadSentence(cause)
    if (thread !== undefined) return thread
    const storage = storageSentence(cause)
    if (storage === undefined) throw cause
    // whatever is wrong with the file, the next one who asks opens it anew
    letGo()
    return refuse(storage.status, storage.message)
  }
}

/** Runs a route's work on the jobs; a disk or database that fails answers in one sentence. */
export const withJobs = (work: (repository: JobRepository) => Promise<Response>): Promise<Response> =>
  withStore(jobs, work)

/** The same for the library of modules. */
export const withModules = (work: (repository: ModuleRepository) => Promise<Response>): Promise<Response> =>
  withStore(modules, work)

/** The same for what the shop keeps for all its jobs. */
export const withShop = (work: (repository: ShopRepository) => Promise<Response>): Promise<Response> =>
  withStore(shop, work)

/** The same for photos of jobs. */
export const withPhotos = (work: (repository: PhotoRepository) => Promise<Response>): Promise<Response> =>
  withStore(photos, work)

export const NO_SUCH_JOB = 'There is no such job.'
export const NO_SUCH_MODULE = 'There is no such module in the library.'
