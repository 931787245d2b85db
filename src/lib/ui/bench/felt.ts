import { isLetBe, type Finding } from '$lib/core/review'

/** What a move does to a finding: makes it, deepens it, eases it or cures it. */
export interface Felt {
  readonly finding: Finding
  readonly change: 'worse' | 'better' | 'cured'
}

const short = ({ measured, needed }: Finding): number => Math.abs(needed - measured)

/** Figures that differ by less are the same to a hand, in the finding’s own unit. */
const NOTICED = 1

/**
 * What differs in one mode between the review from before a move and the one while it is going on: the rest waits.
 * Findings that are let be are left out.
 */
export function felt(before: readonly Finding[], now: readonly Finding[]): readonly Felt[] {
  const known = new Map(before.map((finding) => [finding.key, finding]))
  const there = new Set(now.map(({ key }) => key))
  return [
    ...now.flatMap((finding): Felt[] => {
      const old = known.get(finding.key)
      if (isLetBe(finding)) return []
      if (old === undefined) return [{ finding, change: 'worse' }]
      const by = short(finding) - short(old)
      return Math.abs(by) < NOTICED ? [] : [{ finding, change: by > 0 ? 'worse' : 'better' }]
    }),
    ...before
      .filter((finding) => !there.has(finding.key) && !isLetBe(finding))
      .map((finding): Felt => ({ finding, change: 'cured' })),
  ]
}
