import fits from '../../../examples/fits.json'
import type { Job, Plan } from '$lib/core/job'

/** A plan to start from: one of the invented builds, for the body that it was made in and those in which it stands without a stop. */
export interface Layout {
  readonly id: string
  readonly name: string
  readonly shellId: string
  /** The bodies for which it is offered. */
  readonly shells: readonly string[]
  readonly fittings: number
  readonly plan: Plan
}

const FILES = import.meta.glob<Job>('../../../examples/*.zimmerman.json', { eager: true, import: 'default' })

/** A plan without what belongs to its job alone: what was left as it is there, and what is drawn on its paper. */
function bare({ waivers: _, drawn: __, ...plan }: Plan): Plan {
  return plan
}

/** All of them, by name. */
export const LAYOUTS: readonly Layout[] = Object.entries(FILES)
  .flatMap(([path, job]): Layout[] => {
    const [variant] = Object.values(job.variants)
    const id = /([a-z-]+)\.zimmerman\.json$/.exec(path)?.[1]
    return variant === undefined || id === undefined
      ? []
      : [
          {
            id,
            name: job.name,
            shellId: job.shell.id,
            shells: Object.entries(fits).flatMap(([shell, ids]) => (ids.includes(id) ? [shell] : [])),
            fittings: Object.keys(variant.plan.fittings).length,
            plan: bare(variant.plan),
          },
        ]
  })
  .sort((a, b) => a.name.localeCompare(b.name))
