/** What a command may name that the job no longer has, or has as many of as it can hold. */
export type RefusedThing =
  | 'variant'
  | 'fitting'
  | 'mode'
  | 'group'
  | 'change'
  | 'figure'
  | 'waiver'
  | 'drawn'
  | 'gear'
  | 'person'
  | 'pet'
  | 'demand'
  | 'adjusted-demand'
  | 'survey'
  | 'found'
  | 'weighing'
  | 'leg'
  | 'load'
  | 'circuit'
  | 'weather'
  | 'rule-setting'
  | 'house-rule'
  | 'list-entry'
  | 'patched'
  | 'support'
  | 'neighbour'
  | 'host'

/** Why a command does not fit the job that it meets, by code. */
interface Refusals {
  /** What it names is not, or no longer, there. */
  gone: { readonly thing: RefusedThing; readonly id?: string }
  'there-already': { readonly thing: RefusedThing }
  'too-many': { readonly thing: RefusedThing; readonly most: number }
  /** A job without a variant, or a plan without a mode, would be left. */
  'last-one': { readonly thing: 'variant' | 'mode' }
  'order-incomplete': object
  'seat-fixed': object
  'figure-of-nobody': object
  'no-such-stance': { readonly kind: string; readonly stance: string }
  locked: object
  'locked-in-plan': object
  'hangs-on-itself': object
  'comes-whole': object
  /** A patch reaches for what no typed command could change. */
  'out-of-reach': object
  /** The change could not be made on the other side of the body, which says why. */
  'mirror-unfit': { readonly message: string }
  /** What it brings, or what it would leave, is no document: where, and what its reader says. */
  unreadable: { readonly path: string; readonly message: string }
}
export type CommandRefusal = { [Code in keyof Refusals]: { readonly code: Code } & Refusals[Code] }[keyof Refusals]

/** A command that does not fit the job that it meets: a code with its data, whose words are made in `text`. */
export class CommandError extends Error {
  override readonly name = 'CommandError'

  constructor(readonly refusal: CommandRefusal) {
    super(JSON.stringify(refusal))
  }
}
