import { apply, CommandError, type Job } from '../job'
import type { Remedy } from './finding'

export const withRemedy = (job: Job, remedy: Remedy): Job =>
  apply(job, { type: 'batch', what: 'remedy', commands: [...remedy.commands] }).job

/** Tries something on a job; undefined where it does not fit it. */
export function tried<T>(work: () => T): T | undefined {
  try {
    return work()
  } catch (cause) {
    if (cause instanceof CommandError || cause instanceof RangeError) return undefined
    throw cause
  }
}
