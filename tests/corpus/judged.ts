import type { Job } from '../../src/lib/core/job'
import type { FindingCode } from '../../src/lib/core/review'
import type { Expected } from './plans'

/** A plan with what an experienced builder says of it, written down before any review was asked. */
export interface Judged {
  readonly name: string
  readonly job: Job
  /** Must be said. */
  readonly must: readonly Expected[]
  /** Could be said: true and useful, not needed. */
  readonly could: readonly FindingCode[]
}
