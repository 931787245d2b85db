import { remediesFor, reviewVariant } from '$lib/core/review'

/** What the review’s worker does. Plain data both ways. */
export const engine = { review: reviewVariant, remedies: remediesFor }
export type ReviewEngine = typeof engine

/** Where this module is served from. */
export const engineUrl = import.meta.url
