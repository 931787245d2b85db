import { apply, newJob, STANDARD_LINING, type Command, type Fitting, type Job } from '$lib/core/job'
import type { Brief } from '$lib/core/brief'
import { defaultsOf, kindOf, type ParameterValue } from '$lib/core/fittings'
import type { Lining } from '$lib/core/shell'
import { genericShell } from '$lib/core/shells'

export interface Furniture {
  readonly id: string
  readonly kind: string
  readonly label?: string
  readonly parameters?: Record<string, ParameterValue>
  readonly seat: Partial<Fitting['seat']>
}

/** The thicknesses that a new job starts with, and what they are made of here. */
const LINED: Lining = {
  ...STANDARD_LINING,
  layers: {
    floor: [
      { material: 'xps', mm: 25 },
      { material: 'birch-ply', mm: 12 },
    ],
    wall: [
      { material: 'elastomer', mm: 24 },
      { material: 'poplar-ply', mm: 6 },
    ],
    roof: [
      { material: 'elastomer', mm: 21 },
      { material: 'poplar-ply', mm: 4 },
    ],
  },
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
  const lined: Command = { type: 'lining.set', variant, lining: LINED }
  return [lined, ...commands, ...more].reduce(
    (job, command) => apply(job, command).job,
    newJob(id, name, genericShell(shellId), brief),
  )
}
