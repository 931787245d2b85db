import { expose } from 'comlink'
import { remediesFor, reviewVariant } from '$lib/core/review'

/** What the review’s worker does. Plain data both ways. */
const reviewEngine = { review: reviewVariant, remedies: remediesFor }
expose(reviewEngine)
export type ReviewEngine = typeof reviewEngine
