import { byWeight, type Finding, type Gravity, isLetBe, RULE_GROUPS, type RuleGroup } from './finding'
import type { VariantReview } from './review'

export type Tally = Readonly<Record<Gravity, number>>

/** A fault, with all modes of the variant that it shows in. */
export interface Fault {
  /** As it is in the first of its modes, or in the one where it is gravest. */
  readonly finding: Finding
  readonly modes: readonly string[]
}

function withoutFollows(finding: Finding): Finding {
  if (finding.follows === undefined) return finding
  const { follows: _, ...alone } = finding
  return alone as Finding
}

/** The faults of a variant, each once, the gravest first; those let be come last. */
export function faultsOf(review: VariantReview): readonly Fault[] {
  const byKey = new Map<string, Fault>()
  const under = new Map<string, Map<string, Finding>>()
  for (const { modeId, findings } of review.modes)
    for (const finding of findings) {
      const known = byKey.get(finding.key)
      byKey.set(finding.key, {
        finding: known === undefined || byWeight(finding, known.finding) < 0 ? finding : known.finding,
        modes: [...(known?.modes ?? []), modeId],
      })
      for (const one of finding.follows ?? [])
        under.set(finding.key, (under.get(finding.key) ?? new Map<string, Finding>()).set(one.key, one))
    }
  // what follows from a fault in one mode is told there, and not again for another
  const told = new Set([...under].flatMap(([cause, those]) => [...those.keys()].filter((key) => key !== cause)))
  return [...byKey.values()]
    .filter(({ finding }) => !told.has(finding.key) || under.has(finding.key))
    .map(({ finding, modes }) => {
      const follows = [...(under.get(finding.key)?.values() ?? [])].filter(({ key }) => key !== finding.key)
      return { finding: follows.length === 0 ? withoutFollows(finding) : { ...finding, follows }, modes }
    })
    .sort((a, b) => byWeight(a.finding, b.finding))
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
