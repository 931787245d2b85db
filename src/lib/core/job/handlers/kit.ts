import type { Draft } from 'mutative'
import type { z } from 'zod'
import { kindOf, withNewNames, type Parameters } from '../../fittings'
import { NAMING, sayIssue } from '../../units'
import type { SimpleCommand } from '../command'
import { CommandError, type CommandRefusal, type RefusedThing } from '../command-error'
import type { Fitting, Job, Plan, Variant } from '../schema'

/** How a job takes each kind of command whose name begins with one of the words. */
export type HandlersOf<Word extends string> = {
  readonly [T in Extract<SimpleCommand['type'], `${Word}.${string}`>]: (
    job: Draft<Job>,
    command: Extract<SimpleCommand, { type: T }>,
  ) => void
}

export function must<T>(value: T | undefined, thing: RefusedThing, id?: string): T {
  if (value === undefined) throw new CommandError({ code: 'gone', thing, ...(id === undefined ? {} : { id }) })
  return value
}

export const variantOf = (job: Draft<Job>, id: string): Draft<Variant> => must(job.variants[id], 'variant')
export const fittingOf = (plan: Draft<Plan>, id: string): Draft<Fitting> => must(plan.fittings[id], 'fitting', id)

/** Puts something under an id of a record that holds at most so many. */
export function putInto<T>(record: Record<string, T>, id: string, value: T, most: number, thing: RefusedThing): void {
  if (record[id] === undefined && Object.keys(record).length >= most)
    throw new CommandError({ code: 'too-many', thing, most })
  record[id] = value
}

/** The place after all others; where no figure is left for it, they are counted anew. */
export function lastOrder(those: readonly { order: number }[], most: number): number {
  const last = those.reduce((high, { order }) => Math.max(high, order), -1)
  if (last < most) return last + 1
  ;[...those].sort((a, b) => a.order - b.order).forEach((one, index) => (one.order = index))
  return those.length
}

export function drop(record: Record<string, unknown>, id: string, thing: RefusedThing): void {
  must(record[id], thing)
  delete record[id]
}

/** What a schema passes; a command comes from a screen that may have let something through. */
export function checked<T extends z.ZodType>(schema: T, value: unknown): z.infer<T> {
  const result = schema.safeParse(value, NAMING)
  if (result.success) return result.data
  const issue = result.error.issues[0]!
  throw new CommandError(unreadable({ path: issue.path, message: sayIssue(issue) }))
}

/** The refusal of what a document's reader finds fault with. */
export const unreadable = (fault: {
  readonly path: readonly PropertyKey[]
  readonly message: string
}): CommandRefusal => ({
  code: 'unreadable',
  path: fault.path.join('.'),
  message: fault.message,
})

/** Checks a fitting's parameters against its kind, and gives them back whole. */
export function checkedParameters(kindId: string, parameters: Record<string, unknown>): Parameters {
  return checked(kindOf(kindId).parameters.loose(), withNewNames(kindId, parameters)) as Parameters
}

export const unlocked = (plan: Draft<Plan>, id: string): Draft<Fitting> => {
  const fitting = fittingOf(plan, id)
  if (fitting.locked === true) throw new CommandError({ code: 'locked' })
  return fitting
}
