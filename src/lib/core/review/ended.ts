import type { Job, Plan, Waiver } from '../job'
import { ruleNamed } from './own-rules'

/**
 * Why what was let be has no finding any more: its rule is not in the book (`rule-gone`), is switched off for this job, cannot be asked
 * before something else is known (`untold`), or was asked and finds that fault no longer (`found-no-more`).
 */
export type WaiverEnd = 'rule-gone' | 'rule-off' | 'untold' | 'found-no-more'

export interface EndedWaiver extends Waiver {
  readonly id: string
  readonly rule: string
  readonly why: WaiverEnd
}

/** A key begins with its rule. */
const ruleIn = (key: string): string => key.split(' ', 1)[0] ?? key

/** What was let be in a plan and meets no finding: `met` are the ids of those that do. */
export function endedWaivers(
  job: Job,
  plan: Plan,
  met: ReadonlySet<string>,
  untold: ReadonlySet<string>,
): readonly EndedWaiver[] {
  const whyOf = (rule: string): WaiverEnd => {
    if (ruleNamed(job, rule) === undefined) return 'rule-gone'
    if (job.rules?.settings[rule]?.off === true) return 'rule-off'
    return untold.has(rule) ? 'untold' : 'found-no-more'
  }
  return Object.entries(plan.waivers ?? {})
    .filter(([id]) => !met.has(id))
    .map(([id, waiver]) => ({ ...waiver, id, rule: ruleIn(waiver.key), why: whyOf(ruleIn(waiver.key)) }))
}
