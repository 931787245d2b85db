import { apply as applyPatches, create, type Draft } from 'mutative'
import { changeFaults } from '../shell'
import { isHostile, type Command, type Patch, type SimpleCommand } from './command'
import { replaceBy, type Applied } from './diff'
import { parseJob } from './document'
import { BRIEF_HANDLERS } from './handlers/brief'
import { FITTING_HANDLERS } from './handlers/fitting'
import { CommandError } from './handlers/kit'
import { MODE_HANDLERS } from './handlers/mode'
import { RULE_HANDLERS } from './handlers/rules'
import { VARIANT_HANDLERS } from './handlers/variant'
import { VEHICLE_HANDLERS } from './handlers/vehicle'
import { planFaults, turnedFaults, type Job } from './schema'

const HANDLERS = {
  ...BRIEF_HANDLERS,
  ...VEHICLE_HANDLERS,
  ...VARIANT_HANDLERS,
  ...FITTING_HANDLERS,
  ...MODE_HANDLERS,
  ...RULE_HANDLERS,
} satisfies Record<SimpleCommand['type'], unknown>

function run(job: Draft<Job>, command: SimpleCommand): void {
  const handler = HANDLERS[command.type] as (job: Draft<Job>, command: SimpleCommand) => void
  handler(job, command)
}

/**
 * The job after a command, and the diff between. The job that comes in is not changed; parts that did not change are
 * shared with the result.
 * @throws CommandError if the command does not fit this job; nothing is changed then.
 */
export function apply(job: Job, command: Command): Applied {
  if (command.type === 'diff') return applyDiff(job, command.patches)
  if (command.type === 'job.restore') {
    const result = parseJob(command.document)
    if (!result.ok)
      throw new CommandError(`that state cannot be restored: ${result.faults[0]!.path} ${result.faults[0]!.message}`)
    return replaceBy(job, { ...result.job, id: job.id })
  }
  const [next, redo, undo] = create(
    job as Draft<Job>,
    (draft) => {
      if (command.type !== 'batch') return run(draft, command)
      for (const part of command.commands) run(draft, part)
    },
    { enablePatches: true },
  )
  return { job: next as Job, diff: { redo: redo as Patch[], undo: undo as Patch[] } }
}

/** @throws CommandError if the patches no longer fit. */
function applyDiff(job: Job, patches: readonly Patch[]): Applied {
  if (patches.some(isHostile)) throw new CommandError('that change reaches outside the job')
  let next: Job
  try {
    next = applyPatches(job, patches as Parameters<typeof applyPatches>[1]) as Job
  } catch {
    throw new CommandError('something it touched is no longer there')
  }
  for (const { plan } of Object.values(next.variants)) {
    const fault = planFaults(plan)[0] ?? changeFaults(next.shell, plan.changes)[0] ?? turnedFaults(next.shell, plan)[0]
    if (fault !== undefined) throw new CommandError(fault.message)
  }
  return replaceBy(job, next)
}
