import { faultsOf, type Finding, remediesFor, reviewVariant, withFollows } from '../../src/lib/core/review'
import { namesOf, sayFinding } from '../../src/lib/core/text'
import { variant } from './bases'
import type { Judged } from './judged'
import type { Expected } from './plans'

/** What the review says of a judged plan, held against the judgement: one cause once. */
export interface Verdict {
  readonly plan: Judged
  readonly right: readonly Finding[]
  /** Neither must nor could it be said. */
  readonly silly: readonly Finding[]
  readonly missed: readonly Expected[]
  /** Stops and cautions, and how many of them have a way out. */
  readonly grave: number
  readonly curable: number
}

const isIt = ([code, fitting]: Expected, finding: Finding): boolean =>
  finding.code === code && (fitting === undefined || finding.fittings.includes(`fit-${fitting}`))

/** Holds the review of one plan against what was written of it before. `withWays` looks for ways out as well, which takes a while. */
export function verdictOn(plan: Judged, withWays = false): Verdict {
  const faults = faultsOf(reviewVariant(plan.job, variant)).map(({ finding }) => finding)
  const said = faults.flatMap((finding) => withFollows([finding]))
  const isRight = (finding: Finding): boolean =>
    withFollows([finding]).some(
      (one) => plan.could.includes(one.code) || plan.must.some((expected) => isIt(expected, one)),
    )
  const grave = faults.filter(({ gravity }) => gravity !== 'note')
  return {
    plan,
    right: faults.filter(isRight),
    silly: faults.filter((finding) => !isRight(finding)),
    missed: plan.must.filter((expected) => !said.some((finding) => isIt(expected, finding))),
    grave: grave.length,
    curable: withWays ? grave.filter((finding) => remediesFor(plan.job, variant, finding).length > 0).length : 0,
  }
}

/** A finding in words, for a page. */
export const told = ({ job }: Judged, finding: Finding): string =>
  `\`${finding.code}\` ${sayFinding(finding, namesOf(job, job.variants[variant]!.plan), 'mm').designer.replace(/[\u202f\u00a0]/g, ' ')}`
