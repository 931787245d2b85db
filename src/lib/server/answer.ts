import { refuse } from './http'
import { storageSentence } from './faults'
import type { JobRepository } from './job-repository'
import { jobs } from './store'

/** Runs a route's work on the repository; a disk or database that fails answers in one sentence. */
export async function withJobs(work: (repository: JobRepository) => Promise<Response>): Promise<Response> {
  try {
    return await work(await jobs())
  } catch (cause) {
    const storage = storageSentence(cause)
    if (storage === undefined) throw cause
    return refuse(storage.status, storage.message)
  }
}

export const NO_SUCH_JOB = 'There is no such job.'
