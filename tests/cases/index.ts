import { FIT_CASES } from './fit'
import { USE_CASES } from './use'
import { WAYS_CASES } from './ways'
import { PEOPLE_CASES } from './people'
import { TRAVEL_CASES } from './travel'
import { SAFETY_CASES } from './safety'
import { AIR_CASES } from './air'
import { SERVICE_CASES } from './service'
import { OUTSIDE_CASES } from './outside'
import { FUTURE_CASES } from './future'
import { WEIGHT_CASES } from './weight'
import { HOUSE_CASES } from './house'
import type { CasesFor } from './kit'
import type { FindingCode } from '$lib/core/review'

export * from './kit'

/** A row for every code that a finding can have. */
export const CASES: CasesFor<FindingCode> = {
  ...FIT_CASES,
  ...USE_CASES,
  ...WAYS_CASES,
  ...PEOPLE_CASES,
  ...TRAVEL_CASES,
  ...SAFETY_CASES,
  ...AIR_CASES,
  ...SERVICE_CASES,
  ...OUTSIDE_CASES,
  ...FUTURE_CASES,
  ...WEIGHT_CASES,
  ...HOUSE_CASES,
}
