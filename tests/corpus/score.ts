import { faultsOf, reviewVariant, withFollows, type Finding, type RuleGroup } from '../../src/lib/core/review'
import { variant } from './bases'
import { CORPUS, type Expected, type Plan } from './plans'

export interface Score {
  readonly plan: Plan
  /** What the review says and the builder says too. */
  readonly right: readonly Finding[]
  /** What the review says and the builder does not: a wrong alarm. */
  readonly wrong: readonly Finding[]
  /** What the builder says and the review does not. */
  readonly missed: readonly Expected[]
}

const isIt = ([code, fitting]: Expected, finding: Finding): boolean =>
  finding.code === code && (fitting === undefined || finding.fittings.includes(`fit-${fitting}`))

/** Holds what the review says of a plan against what the builder says of it, each fault once. */
export function scoreOf(plan: Plan): Score {
  const waiting = [...plan.expected]
  const right: Finding[] = []
  const wrong: Finding[] = []
  for (const { finding } of faultsOf(reviewVariant(plan.job, variant))) {
    // a fault that the builder says too, itself or one that is told below it
    const found = withFollows([finding]).flatMap((one) => {
      const at = waiting.findIndex((expected) => isIt(expected, one))
      return at === -1 ? [] : waiting.splice(at, 1)
    })
    ;(found.length === 0 ? wrong : right).push(finding)
  }
  return { plan, right, wrong, missed: waiting }
}

/** The whole corpus, plan by plan. */
export const scores = (): readonly Score[] => CORPUS.map(scoreOf)

export interface Rates {
  readonly said: number
  readonly right: number
  readonly expected: number
  /** Of what the review says, the share that the builder says too; of what the builder says, the share that the review says. */
  readonly precision: number
  readonly recall: number
}

export function ratesOf(all: readonly Score[], group?: RuleGroup): Rates {
  const of = (findings: readonly Finding[]) =>
    findings.filter((finding) => group === undefined || finding.group === group).length
  const right = all.reduce((sum, score) => sum + of(score.right), 0)
  const wrong = all.reduce((sum, score) => sum + of(score.wrong), 0)
  // what is missed has no rule to be counted under: it counts in the whole only
  const missed = group === undefined ? all.reduce((sum, score) => sum + score.missed.length, 0) : 0
  return {
    said: right + wrong,
    right,
    expected: right + missed,
    precision: right + wrong === 0 ? 1 : right / (right + wrong),
    recall: right + missed === 0 ? 1 : right / (right + missed),
  }
}
