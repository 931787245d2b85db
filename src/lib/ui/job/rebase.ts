import {
  apply,
  CommandError,
  diffsMeet,
  replay,
  type Applied,
  type Command,
  type CommandRefusal,
  type Job,
  type Patch,
} from '$lib/core/job'
import type { Waiting } from './pending-store'

export interface Pending extends Waiting {
  readonly diff: Applied['diff']
}

/** A change as the server’s journal holds it. */
export interface Entry {
  readonly revision: number
  readonly uid: string
  readonly command: Command
  readonly words: string
  /** Under which name a tab sent it. */
  readonly client?: string
}

export interface Rebased {
  readonly confirmed: Job
  /** Own commands that went on top of theirs without touching the same place. */
  readonly kept: readonly Pending[]
  /** Own commands that touch what others touched since they were made; the person decides. */
  readonly contested: readonly Pending[]
  /** Own commands that no longer fit at all, and why. */
  readonly lost: readonly { readonly waiting: Waiting; readonly refusal: CommandRefusal }[]
  /** Everything that others changed, for the undo stack to be checked against. */
  readonly foreign: readonly Patch[]
  readonly foreignWords: readonly string[]
}

/**
 * Puts own unsaved commands on top of what happened meanwhile; each is held against what others did after the revision that it was
 * made on. Entries that are our own (by uid) count as saved. Nothing is dropped silently: what meets the others’ changes is handed back
 * as contested, what fails as lost.
 */
export function rebase(
  confirmed: Job,
  since: readonly Entry[],
  pending: readonly (Waiting & { readonly diff?: Applied['diff'] })[],
  own: ReadonlySet<string>,
): Rebased {
  let base = confirmed
  const foreign: { readonly revision: number; readonly patches: readonly Patch[] }[] = []
  const foreignWords: string[] = []
  for (const { revision, uid, command, words } of since) {
    const applied = replay(base, command)
    base = applied.job
    if (own.has(uid)) continue
    foreign.push({ revision, patches: applied.diff.redo })
    foreignWords.push(words)
  }
  const saved = new Set(since.map(({ uid }) => uid))
  const kept: Pending[] = []
  const contested: Pending[] = []
  const lost: Rebased['lost'][number][] = []
  let job = base
  for (const mine of pending) {
    if (saved.has(mine.uid)) continue
    const after = foreign.filter(({ revision }) => revision > mine.base).flatMap(({ patches }) => patches)
    try {
      const applied = apply(job, mine.command)
      const one: Pending = { uid: mine.uid, command: mine.command, base: mine.base, diff: applied.diff }
      if (diffsMeet(applied.diff.redo, after)) contested.push(one)
      else {
        kept.push(one)
        job = applied.job
      }
    } catch (cause) {
      if (!(cause instanceof CommandError)) throw cause
      lost.push({ waiting: mine, refusal: cause.refusal })
    }
  }
  return { confirmed: base, kept, contested, lost, foreign: foreign.flatMap(({ patches }) => patches), foreignWords }
}
