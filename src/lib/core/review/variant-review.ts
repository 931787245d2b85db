import type { LoadSketch } from '../budgets'
import type { Missing } from './define-rule'
import type { EndedWaiver } from './ended'
import type { Finding } from './finding'

/** A rule that threw; never to be taken for a clean pass. */
export interface FailedRule {
  readonly rule: string
  readonly modeId: string
  readonly message: string
}

export interface ModeReview {
  readonly modeId: string
  readonly findings: readonly Finding[]
  /** What the page needs to tell of its weights while something is dragged; left out where a review did not go so far. */
  readonly load?: LoadSketch
}

/** A rule that could not be asked in any of its modes, and what it wants to know first. */
export interface UntoldRule {
  readonly rule: string
  readonly needs: readonly Missing[]
}

export interface VariantReview {
  readonly variantId: string
  readonly modes: readonly ModeReview[]
  readonly failed: readonly FailedRule[]
  readonly untold: readonly UntoldRule[]
  /** What was let be and has no finding any more. */
  readonly ended: readonly EndedWaiver[]
}
