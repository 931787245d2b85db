import { diffsMeet, replay, told, type Command, type Job, type Patch, type Undone } from '$lib/core/job'
import type { Entry } from './rebase'

/** A change that was made here, with what takes it back and what does it again. */
export interface Done {
  readonly what: Undone
  readonly redo: readonly Patch[]
  readonly undo: readonly Patch[]
  /** What it belongs to, where it is one of a run of small steps; and when the last of them was. */
  readonly run?: string
  readonly at: number
}

/** So far back a page that is read anew looks for what it did before. */
export const RECALLED_LINES = 100

const MOST_TABS = 20
const keyOf = (jobId: string): string => `zimmerman tabs ${jobId}`

/** The names under which this tab sent changes before, its own last; kept until the tab is closed. */
export function tabsBefore(jobId: string, own: string): readonly string[] {
  try {
    const before = (sessionStorage.getItem(keyOf(jobId)) ?? '').split(' ').filter(Boolean)
    sessionStorage.setItem(keyOf(jobId), [...before, own].slice(-MOST_TABS).join(' '))
    return before
  } catch {
    // a browser that keeps nothing: the undo begins anew
    return []
  }
}

/**
 * What a tab can take back and do again, read from the journal: `from` is the job before the first of `lines`, `tabs` are the names under which
 * it sent changes. What others changed since at the same place is not taken back.
 */
export function recalled(
  from: Job,
  lines: readonly Entry[],
  tabs: readonly string[],
  /** The name under which this page sends: what it did itself meanwhile it knows. */
  own = '',
): { readonly undo: readonly Done[]; readonly redo: readonly Done[] } {
  let [undo, redo]: [readonly Done[], readonly Done[]] = [[], []]
  let job = from
  for (const { command, client } of lines) {
    const before = job
    const { job: after, diff } = replay(job, command)
    job = after
    if (client === own) continue
    if (client === undefined || !tabs.includes(client)) {
      const clear = (done: Done): boolean => !diffsMeet(done.redo, diff.redo)
      ;[undo, redo] = [undo.filter(clear), redo.filter(clear)]
      continue
    }
    const turned = turnedBack(command)
    const last = (turned === 'undo' ? undo : redo).at(-1)
    if (turned !== undefined && last !== undefined) {
      if (turned === 'undo') [undo, redo] = [undo.slice(0, -1), [...redo, last]]
      else [undo, redo] = [[...undo, last], redo.slice(0, -1)]
    } else if (turned === undefined && diff.redo.length > 0) {
      undo = [...undo, { what: told(command, before), redo: diff.redo, undo: diff.undo, at: 0 }]
      redo = []
    }
  }
  return { undo, redo }
}

const turnedBack = (command: Command): 'undo' | 'redo' | undefined =>
  command.type === 'diff' && command.direction !== 'merge' ? command.direction : undefined
