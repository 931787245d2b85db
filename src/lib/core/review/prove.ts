import { withFollows } from './causes'
import type { Effect } from './effect'
import { GRAVITIES, type Finding, type Remedy } from './finding'
import { tried, withRemedy } from './try-out'
import { evaluate, type Evaluation } from './evaluate'
import type { VariantReview } from './variant-review'

/** A remedy that cures its finding, with what else it changes. */
export interface ProvenRemedy extends Remedy, Effect {}

/** All findings of a review by mode and key. */
const byKey = (review: VariantReview): ReadonlyMap<string, Finding> =>
  new Map(
    review.modes.flatMap(({ findings }) =>
      withFollows(findings).map((finding) => [`${finding.modeId} ${finding.key}`, finding] as const),
    ),
  )

/** A figure that goes off by no more than this is the same: rounding of the measure. */
const SAME = 1

/** Whether a finding is further off, or graver, than it was. */
const isWorse = (now: Finding, before: Finding): boolean =>
  GRAVITIES.indexOf(now.gravity) < GRAVITIES.indexOf(before.gravity) ||
  Math.abs(now.measured - now.needed) > Math.abs(before.measured - before.needed) + (now.unit === 'count' ? 0 : SAME)

/** What a change does to the findings of a whole job: which keys are there after it, and what it cures and causes. */
interface Tried {
  readonly after: ReadonlyMap<string, Finding>
  readonly proven: ProvenRemedy
}

function effectOn(before: ReadonlyMap<string, Finding>, after: ReadonlyMap<string, Finding>): Effect {
  const worse = [...after].filter(([key, finding]) => {
    const was = before.get(key)
    return was !== undefined && isWorse(finding, was)
  })
  return {
    causes: [...after].flatMap(([key, finding]) => (before.has(key) ? [] : [finding])),
    worse: worse.map(([, finding]) => finding),
    cures: [...before.keys()].filter((key) => !after.has(key)).length,
  }
}

/** What becomes of the findings of a job between two evaluations of it. */
export const effectBetween = (now: Evaluation, then: Evaluation): Effect =>
  effectOn(byKey(now.review), byKey(then.review))

function trier(now: Evaluation): (remedy: Remedy) => Tried | undefined {
  const before = byKey(now.review)
  return (remedy) =>
    tried(() => {
      const { review } = evaluate(withRemedy(now.job, remedy), now.variantId, now)
      const after = byKey(review)
      return { after, proven: { ...remedy, ...effectOn(before, after) } }
    })
}

/** Tries changes on the whole job: what each cures and causes; undefined for one that does not fit it. */
export function proverFor(evaluation: Evaluation): (remedy: Remedy) => ProvenRemedy | undefined {
  const tryIt = trier(evaluation)
  return (remedy) => tryIt(remedy)?.proven
}

/** Tries remedies of one finding on the whole job: undefined for one that does not cure it, or only trades it for its like. */
export function proverOf(evaluation: Evaluation, finding: Finding): (remedy: Remedy) => ProvenRemedy | undefined {
  const tryIt = trier(evaluation)
  const own = `${finding.modeId} ${finding.key}`
  return (remedy) => {
    const result = tryIt(remedy)
    if (result === undefined || result.after.has(own)) return undefined
    const { proven } = result
    return proven.causes.some(({ code, fittings }) => code === finding.code && fittings[0] === finding.fittings[0])
      ? undefined
      : proven
  }
}
