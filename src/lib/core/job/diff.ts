import type { Patch } from './patch'
import type { Job } from './schema'

export interface Applied {
  readonly job: Job
  /** What changed, forwards and backwards; undo is the backward half. */
  readonly diff: { readonly redo: readonly Patch[]; readonly undo: readonly Patch[] }
}

/** A diff at the level of the job's own fields, which is enough where a whole state comes in. */
export function replaceBy(job: Job, next: Job): Applied {
  const keys = new Set([...Object.keys(job), ...Object.keys(next)])
  const redo: Patch[] = []
  const undo: Patch[] = []
  for (const key of keys) collect(job as unknown as Tree, next as unknown as Tree, key, [], redo, undo)
  return { job: next, diff: { redo, undo } }
}

/** What makes one state of a job of another: patches for `replayed`, in which the order of things stands as well. Nothing where nothing differs. */
export const patchesBetween = (before: Job, after: Job): readonly Patch[] =>
  before === after ? [] : replaceBy(before, after).diff.redo

/** A diff of whole parts, each variant one of them: for a change of so many small ones that they would be too many to send. */
export function wholeParts(job: Job, next: Job): Applied['diff'] {
  const redo: Patch[] = []
  const undo: Patch[] = []
  const [before, after] = [job as unknown as Tree, next as unknown as Tree]
  for (const key of new Set([...Object.keys(before), ...Object.keys(after)]))
    if (key !== 'variants') replaceWhole(before, after, key, [], redo, undo)
  for (const id of new Set([...Object.keys(job.variants), ...Object.keys(next.variants)]))
    replaceWhole(job.variants, next.variants, id, ['variants'], redo, undo)
  return { redo, undo }
}

type Tree = Readonly<Record<string, unknown>>
const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null && !Array.isArray(value)

/** Compares one field of two trees; goes down where both are records, so that a diff names no more than what differs. */
function collect(before: Tree, after: Tree, key: string, path: readonly string[], redo: Patch[], undo: Patch[]): void {
  const old = before[key]
  const now = after[key]
  const here = [...path, key]
  if (old === now) return
  if (isTree(old) && isTree(now) && isInOrder(old, now)) {
    for (const below of new Set([...Object.keys(old), ...Object.keys(now)])) collect(old, now, below, here, redo, undo)
  } else replaceWhole(before, after, key, path, redo, undo)
}

/** Whether a tree that is patched field by field ends with its fields in their order: what was there before stays before what came. */
function isInOrder(old: Tree, now: Tree): boolean {
  const [was, is] = [Object.keys(old), Object.keys(now)]
  const stays = was.filter((key) => key in now)
  return stays.every((key, index) => key === is[index])
}

/** One field of two trees as a whole, where it differs. */
function replaceWhole(
  before: Tree,
  after: Tree,
  key: string,
  path: readonly string[],
  redo: Patch[],
  undo: Patch[],
): void {
  const [old, now, here] = [before[key], after[key], [...path, key]]
  if (old === now || JSON.stringify(old) === JSON.stringify(now)) return
  redo.push(
    key in after ? { op: key in before ? 'replace' : 'add', path: here, value: now } : { op: 'remove', path: here },
  )
  undo.push(
    key in before ? { op: key in after ? 'replace' : 'add', path: here, value: old } : { op: 'remove', path: here },
  )
}

/** Whether two diffs write to the same place, or one to a place that holds the other's. */
export function diffsMeet(a: readonly Patch[], b: readonly Patch[]): boolean {
  return a.some((first) =>
    b.some((second) => {
      const shared = Math.min(first.path.length, second.path.length)
      for (let at = 0; at < shared; at += 1) if (first.path[at] !== second.path[at]) return false
      return true
    }),
  )
}
