import { apply, newJob, type Command, type Fitting, type Job } from '$lib/core/job'
import type { Brief } from '$lib/core/brief'
import { defaultsOf, kindOf, type ParameterValue } from '$lib/core/fittings'
import { genericShell } from '$lib/core/shells'

export interface Furniture {
  readonly id: string
  readonly kind: string
  readonly label?: string
  readonly parameters?: Record<string, ParameterValue>
  readonly seat: Partial<Fitting['seat']>
}

/** A demo job made by the same commands that a designer gives. */
export function demoJob(
  id: string,
  name: string,
  shellId: string,
  brief: Brief,
  furniture: readonly Furniture[],
  more: readonly Command[] = [],
): Job {
  const variant = 'variant-a'
  const commands: Command[] = furniture.map(({ id: fittingId, kind, label, parameters, seat }) => ({
    type: 'fitting.add',
    variant,
    id: fittingId,
    fitting: {
      kind,
      ...(label === undefined ? {} : { label }),
      parameters: { ...defaultsOf(kindOf(kind)), ...parameters },
      seat: { ...kindOf(kind).home, ...seat },
    } as never,
  }))
  return [...commands, ...more].reduce(
    (job, command) => apply(job, command).job,
    newJob(id, name, genericShell(shellId), brief),
  )
}
