import { block, type Prism } from '../geometry'
import { WORK_STEPS, type Found, type FoundList, type WorkStep } from './schema'

export interface StepState {
  readonly step: WorkStep
  /** What is still to be put right before it, by id: what it waits for itself, and what a step before it waits for. */
  readonly waitsFor: readonly string[]
  readonly isOpen: boolean
}

/** Whether something is still to be put right, and a step of the work waits for that. */
export const isPending = (found: Found): found is Found & { readonly before: WorkStep } =>
  found.before !== null && found.done !== true

/** Which steps of the work are open, and what the others wait for: a step is open once nothing before it or for it is left. */
export function stepStates(list: FoundList): readonly StepState[] {
  const pending = Object.entries(list).filter(([, found]) => isPending(found))
  return WORK_STEPS.map((step, index) => {
    const waitsFor = pending.filter(([, { before }]) => WORK_STEPS.indexOf(before!) <= index).map(([id]) => id)
    return { step, waitsFor, isOpen: waitsFor.length === 0 }
  })
}

export interface FoundSum {
  readonly count: number
  readonly costMinor: number
  readonly minutes: number
  /** Of these, how many say nothing of cost, and of hours. */
  readonly withoutCost: number
  readonly withoutMinutes: number
}

/** What some of what was found comes to. */
export const sumOf = (found: readonly Found[]): FoundSum => ({
  count: found.length,
  costMinor: found.reduce((sum, { costMinor = 0 }) => sum + costMinor, 0),
  minutes: found.reduce((sum, { minutes = 0 }) => sum + minutes, 0),
  withoutCost: found.filter(({ costMinor }) => costMinor === undefined).length,
  withoutMinutes: found.filter(({ minutes }) => minutes === undefined).length,
})

/** The room that something found takes up; undefined where it has no one place. */
export function foundPrism({ at, sizeMm }: Found): Prism | undefined {
  if (at === undefined) return undefined
  const corner = (sign: 1 | -1) =>
    [at[0] + (sign * sizeMm[0]) / 2, at[1] + (sign * sizeMm[1]) / 2, at[2] + (sign * sizeMm[2]) / 2] as const
  return block(corner(-1), corner(1))
}
