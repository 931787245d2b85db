import { create, type Draft } from 'mutative'
import { changeFaults } from '../shell'
import type { Command, SimpleCommand } from './command'
import { CommandError } from './command-error'
import { replaceBy, type Applied } from './diff'
import { parseJob } from './document'
import { BRIEF_HANDLERS } from './handlers/brief'
import { DRAWN_HANDLERS } from './handlers/drawn'
import { FITTING_HANDLERS } from './handlers/fitting'
import { MODE_HANDLERS } from './handlers/mode'
import { unreadable } from './handlers/kit'
import { POWER_HANDLERS } from './handlers/power'
import { WARMTH_HANDLERS } from './handlers/warmth'
import { RULE_HANDLERS } from './handlers/rules'
import { VARIANT_HANDLERS } from './handlers/variant'
import { VEHICLE_HANDLERS } from './handlers/vehicle'
import { WEIGHT_HANDLERS } from './handlers/weight'
import { namedAnew } from './named-anew'
import { patched, replayed, type Patch } from './patch'
import { planFaults, turnedFaults, type Job } from './schema'

const HANDLERS = {
  ...BRIEF_HANDLERS,
  ...VEHICLE_HANDLERS,
  ...VARIANT_HANDLERS,
  ...DRAWN_HANDLERS,
  ...FITTING_HANDLERS,
  ...MODE_HANDLERS,
  ...RULE_HANDLERS,
  ...WEIGHT_HANDLERS,
  ...POWER_HANDLERS,
  ...WARMTH_HANDLERS,
} satisfies Record<SimpleCommand['type'], unknown>

function run(job: Draft<Job>, command: SimpleCommand): void {
  const handler = HANDLERS[command.type] as (job: Draft<Job>, command: SimpleCommand) => void
  handler(job, command)
}

/**
 * The job after a command, and the diff between. The job that comes in is not changed; parts that did not change are
 * shared with the result. What comes out holds together: no plan of it stands on what is not there.
 * @throws CommandError if the command does not fit this job; nothing is changed then.
 */
export function apply(job: Job, command: Command): Applied {
  const applied = changed(job, command, patched)
  assertHolds(job, applied.job, command)
  return applied
}

/**
 * As `apply`, for a command that was accepted before, by the rules of its day: it is not judged again.
 * @throws CommandError if it does not fit this job.
 */
export const replay = (job: Job, command: Command): Applied => changed(job, command, replayed)

function changed(job: Job, command: Command, patch: typeof patched): Applied {
  if (command.type === 'diff') return replaceBy(job, namedAnew(patch(job, command.patches)))
  if (command.type === 'job.restore') {
    const result = parseJob(command.document)
    if (!result.ok) throw new CommandError({ code: 'unreadable', ...result.faults[0]! })
    return replaceBy(job, { ...result.job, id: job.id })
  }
  const [next, redo, undo] = create(
    job as Draft<Job>,
    (draft) => {
      if (command.type !== 'batch') return run(draft, command)
      for (const part of command.commands) run(draft, part)
    },
    { enablePatches: { arrayLengthAssignment: false } },
  )
  return { job: next as Job, diff: { redo: redo as Patch[], undo: undo as Patch[] } }
}

/** What a command changed must hold together: a diff may hold anything, and so its whole result is read as a document is. */
function assertHolds(before: Job, after: Job, command: Command): void {
  if (command.type === 'diff') {
    const result = parseJob(after)
    if (!result.ok) throw new CommandError({ code: 'unreadable', ...result.faults[0]! })
  }
  for (const [id, { plan }] of Object.entries(after.variants)) {
    const old = before.variants[id]?.plan
    if (old === plan && before.shell === after.shell) continue
    const fault =
      planFaults(plan)[0] ?? changeFaults(after.shell, plan.changes)[0] ?? turnedFaults(after.shell, plan)[0]
    if (fault !== undefined) throw new CommandError(unreadable(fault))
  }
}
