import { apply, CommandError, diffsMeet, type Applied, type Job, type Patch } from '$lib/core/job'
import type { Sent } from './pending-store'

export interface Pending extends Sent {
  readonly diff: Applied['diff']
}

export interface Rebased {
  readonly confirmed: Job
  /** Own commands that went on top of theirs without touching the same place. */
  readonly kept: readonly Pending[]
  /** Own commands that touch what they touched; the person decides. */
  readonly contested: readonly Pending[]
  /** Own commands that no longer fit at all, and why. */
  readonly lost: readonly { readonly sent: Sent; readonly message: string }[]
  /** Everything that others changed, for the undo stack to be checked against. */
  readonly foreign: readonly Patch[]
  readonly foreignWords: readonly string[]
}

interface Entry extends Sent {
  readonly words: string
}

/**
 * Puts own unsaved commands on top of what happened meanwhile. Entries that are our own (by uid) count as saved.
 * Nothing is dropped silently: what meets the others’ changes is handed back as contested, what fails as lost.
 */
export function rebase(
  confirmed: Job,
  since: readonly Entry[],
  pending: readonly Pending[],
  own: ReadonlySet<string>,
): Rebased {
  let base = confirmed
  const foreign: Patch[] = []
  const foreignWords: string[] = []
  for (const { uid, command, words } of since) {
    const applied = apply(base, command)
    base = applied.job
    if (own.has(uid)) continue
    foreign.push(...applied.diff.redo)
    foreignWords.push(words)
  }
  const saved = new Set(since.map(({ uid }) => uid))
  const kept: Pending[] = []
  const contested: Pending[] = []
  const lost: Rebased['lost'][number][] = []
  let job = base
  for (const mine of pending) {
    if (saved.has(mine.uid)) continue
    try {
      const applied = apply(job, mine.command)
      if (diffsMeet(applied.diff.redo, foreign)) {
        contested.push({ ...mine, diff: applied.diff })
        continue
      }
      kept.push({ uid: mine.uid, command: mine.command, diff: applied.diff })
      job = applied.job
    } catch (cause) {
      if (!(cause instanceof CommandError)) throw cause
      lost.push({ sent: mine, message: cause.message })
    }
  }
  return { confirmed: base, kept, contested, lost, foreign, foreignWords }
}
