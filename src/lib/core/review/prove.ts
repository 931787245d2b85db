import type { Job } from '../job'
import type { Finding, Remedy } from './finding'
import { tried, withRemedy } from './try-out'
import { reviewVariant, type VariantReview } from './review'

/** A remedy that cures its finding, with what else it changes. */
export interface ProvenRemedy extends Remedy {
  /** Findings that were not there before, the finding's own rule apart. */
  readonly causes: readonly Finding[]
  /** How many findings go, in all modes. */
  readonly cures: number
}

const keysOf = (review: VariantReview): ReadonlySet<string> =>
  new Set(review.modes.flatMap(({ modeId, findings }) => findings.map((finding) => `${modeId} ${finding.key}`)))

/** New stops that a remedy makes, the same fault in several modes once. */
export const newStops = ({ causes }: ProvenRemedy): number =>
  new Set(causes.flatMap(({ gravity, key }) => (gravity === 'stop' ? [key] : []))).size

/** What a change does to the findings of a whole job: which keys are there after it, and what it cures and causes. */
interface Tried {
  readonly after: ReadonlySet<string>
  readonly proven: ProvenRemedy
}

function trier(job: Job, variantId: string): (remedy: Remedy) => Tried | undefined {
  const before = keysOf(reviewVariant(job, variantId))
  return (remedy) =>
    tried(() => {
      const review = reviewVariant(withRemedy(job, remedy), variantId)
      const after = keysOf(review)
      const causes = review.modes.flatMap(({ modeId, findings }) =>
        findings.filter((one) => !before.has(`${modeId} ${one.key}`)),
      )
      return { after, proven: { ...remedy, causes, cures: [...before].filter((key) => !after.has(key)).length } }
    })
}

/** Tries changes on the whole job: what each cures and causes; undefined for one that does not fit it. */
export function proverFor(job: Job, variantId: string): (remedy: Remedy) => ProvenRemedy | undefined {
  const tryIt = trier(job, variantId)
  return (remedy) => tryIt(remedy)?.proven
}

/** Tries remedies of one finding on the whole job: undefined for one that does not cure it, or only trades it for its like. */
export function proverOf(job: Job, variantId: string, finding: Finding): (remedy: Remedy) => ProvenRemedy | undefined {
  const tryIt = trier(job, variantId)
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
