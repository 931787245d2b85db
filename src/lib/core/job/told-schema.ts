import { z } from 'zod'

/** No name or figure of an entry is longer. */
export const MAX_TOLD = 120
const words = z.string().max(MAX_TOLD)

/** The parts of a batch that its entry names; how many there were besides, it counts. */
export const MOST_PARTS = 4

const value = z.union([words, z.number(), z.boolean()])
/** So many figures of one command are kept. */
export const MOST_SHIFTS = 3

/** A figure that a command changed: a parameter’s key or what a seat is measured from, what it was and what it is. */
const shift = z.object({ what: z.string().max(60), from: value.optional(), to: value.optional() })
export type Shift = z.infer<typeof shift>

const single = z.object({
  code: z.string().max(40).describe('The command’s type'),
  /** What was typed as the name of the thing, as it was called before the command. */
  name: words.optional(),
  /** The id of its kind: of a fitting, a change to the body, a need, a reading, a rule. */
  kind: z.string().max(60).optional(),
  /** The name of the mode in which it holds. */
  mode: words.optional(),
  /** The name of the variant in which it was done, where there are several. */
  variant: words.optional(),
  to: value.optional(),
  shifts: z.array(shift).max(MOST_SHIFTS).optional(),
})
export type ToldPart = z.infer<typeof single>

const batched = single.extend({
  parts: z.array(single).max(MOST_PARTS).optional(),
  more: z.number().int().min(0).optional(),
})

/**
 * What a command did, as the journal keeps it: its code and the names as they were, without a sentence. An undo or a redo holds what
 * it undid; a string is an entry of earlier days, in the words of its day.
 */
export const toldSchema = batched.extend({ of: z.union([batched, words]).optional() })
export type Told = z.infer<typeof toldSchema>
/** What an undo says that it undoes. */
export const undoneSchema = z.union([batched, words])
export type Undone = z.infer<typeof undoneSchema>
