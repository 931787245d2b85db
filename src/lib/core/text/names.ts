import { kindOf } from '../fittings'
import type { Fitting, Job, Plan } from '../job'
import { changedShell } from '../shell'
import { KIND_WORDS } from './fitting-words'
import { CHANGE_WORDS } from './words'

/** What a fitting is called: its own label, or its kind’s word. */
export const fittingName = (fitting: Fitting): string =>
  (fitting.label ?? '') || (KIND_WORDS[kindOf(fitting.kind).id] ?? fitting.kind)

/** Looks names up for sentences: fittings of one plan, and the named parts of the shell. */
export interface Names {
  readonly fitting: (id: string) => string
  /** The kind of a fitting; undefined where it is gone. */
  readonly kind: (id: string) => string | undefined
  readonly part: (id: string) => string
  readonly mode: (id: string) => string
}

export function namesOf(job: Job, plan: Plan): Names {
  return {
    fitting: (id) => {
      const fitting = plan.fittings[id]
      return fitting === undefined ? 'a fitting' : fittingName(fitting)
    },
    kind: (id) => plan.fittings[id]?.kind,
    part: (id) => {
      const { keepOuts, openings, cabSeats } = changedShell(job.shell, plan.changes)
      const well = plan.changes[id]?.kind === 'floor-well' ? CHANGE_WORDS['floor-well'].toLowerCase() : undefined
      return [...keepOuts, ...openings, ...cabSeats].find((part) => part.id === id)?.label ?? well ?? 'the body'
    },
    mode: (id) => plan.modes[id]?.name ?? id,
  }
}
