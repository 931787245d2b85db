import type { Gravity, RuleGroup, Tally } from '$lib/core/review'

/** What a review said, in figures: by variant, then by group of rules. */
export type Figures = Readonly<Record<string, Readonly<Partial<Record<RuleGroup, Tally>>>>>

export interface Seen {
  /** When that was, as ISO text. */
  readonly at: string
  readonly figures: Figures
}

const keyOf = (jobId: string): string => `zimmerman-review-seen ${jobId}`

/** What this browser was shown when the review of a job was last left; undefined at the first visit, or where nothing can be kept. */
export function lastSeen(jobId: string): Seen | undefined {
  try {
    const kept = localStorage.getItem(keyOf(jobId))
    return kept === null ? undefined : (JSON.parse(kept) as Seen)
  } catch {
    return undefined
  }
}

export function keepSeen(jobId: string, figures: Figures): void {
  try {
    const seen: Seen = { at: new Date().toISOString(), figures }
    localStorage.setItem(keyOf(jobId), JSON.stringify(seen))
  } catch {
    // a browser that keeps nothing shows no change since the last visit
  }
}

/** How many more there are than there were; undefined where that visit did not see this variant. */
export function changeSince(
  before: Figures | undefined,
  variantId: string,
  group: RuleGroup,
  gravity: Gravity,
  now: number,
): number | undefined {
  const then = before?.[variantId]
  return then === undefined ? undefined : now - (then[group]?.[gravity] ?? 0)
}
