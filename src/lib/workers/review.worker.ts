import { expose } from 'comlink'
import { remediesFor, reviewVariant } from '$lib/core/review'
import type { ReviewWorker } from './review-protocol'

expose({ review: reviewVariant, remedies: remediesFor } satisfies ReviewWorker)
