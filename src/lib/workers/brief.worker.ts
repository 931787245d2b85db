import { expose } from 'comlink'
import { compareVehicles, contradictionsOf } from '$lib/core/brief'
import { reviewVariant } from '$lib/core/review'
import { GENERIC_SHELLS, interiorOf } from '$lib/core/shell'
import type { BriefWorker } from './brief-protocol'

expose({
  contradictions: (brief, shell, lining, changes) => contradictionsOf(brief, interiorOf(shell, lining, changes)),
  review: reviewVariant,
  compare: (brief, own, lining) => compareVehicles(brief, [...own, ...GENERIC_SHELLS], lining),
} satisfies BriefWorker)
