import type { Job } from '$lib/core/job'
import { batSurvey } from './bat-survey'
import { potter } from './potter'

export { STARTER_MODULES } from './modules'

/** The invented jobs that a new database starts with. */
export const DEMO_JOBS: readonly Job[] = [batSurvey, potter]
