import { byCause } from './causes'
import { byWeight, type Finding, type Gravity, isLetBe, RULE_GROUPS, type RuleGroup } from './finding'
import type { VariantReview } from './variant-review'

export type Tally = Readonly<Record<Gravity, number>>

/** A fault, with all modes of the variant that it shows in. */
export interface Fault {
  /** As it is in the first of its modes, or in the one where it is gravest. */
  readonly finding: Finding
  readonly modes: readonly string[]
}

/** The faults of a variant, each once, the gravest first; those let be come last. */
export function faultsOf(review: VariantReview): readonly Fault[] {
  const byKey = new Map<string, Fault>()
  for (const { modeId, findings } of review.modes)
    for (const finding of findings) {
      const known = byKey.get(finding.key)
      const graver = known === undefined || byWeight(finding, known.finding) < 0 ? finding : known.finding
      const follows = [...(known?.finding.follows ?? []), ...(finding.follows ?? [])].filter(
        ({ key }, at, all) => all.findIndex((one) => one.key === key) === at,
      )
      byKey.set(finding.key, {
        finding: follows.length === 0 ? graver : { ...graver, follows },
        modes: [...(known?.modes ?? []), modeId],
      })
    }
  // what follows from a fault in one mode is told there, and not again for another
  const told = new Set([...byKey.values()].flatMap(({ finding: { follows = [] } }) => follows.map(({ key }) => key)))
  const once = [...byKey.values()].filter(({ finding: { key, follows } }) => follows !== undefined || !told.has(key))
  const [gathered] = byCause([{ findings: once.map(({ finding }) => finding) }], 'any')
  return (gathered?.findings ?? [])
    .map((finding) => ({ finding, modes: byKey.get(finding.key)?.modes ?? [] }))
    .sort((one, other) => byWeight(one.finding, other.finding))
}

function count(faults: readonly Fault[]): Tally {
  const of = (gravity: Gravity) =>
    faults.filter(({ finding }) => finding.gravity === gravity && !isLetBe(finding)).length
  return { stop: of('stop'), caution: of('caution'), note: of('note') }
}

/** How many faults of each gravity a review holds, the same fault in several modes counted once, those let be not at all. */
export const tally = (review: VariantReview): Tally => count(faultsOf(review))

/** The same by group of rules; groups that say nothing are left out. */
export function tallyByGroup(review: VariantReview): Readonly<Partial<Record<RuleGroup, Tally>>> {
  const faults = faultsOf(review)
  return Object.fromEntries(
    RULE_GROUPS.flatMap((group) => {
      const those = count(faults.filter(({ finding }) => finding.group === group))
      return those.stop + those.caution + those.note === 0 ? [] : [[group, those]]
    }),
  )
}
