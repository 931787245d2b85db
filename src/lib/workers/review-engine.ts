import { remediesFor, reviewVariant } from '$lib/core/review'
import { offerEngine } from './offer-engine'

/** What the review’s worker does. Plain data both ways. */
export const reviewEngine = offerEngine('review', { review: reviewVariant, remedies: remediesFor })
export type ReviewEngine = typeof reviewEngine

/** Where this module is served from. */
export const engineUrl = import.meta.url
