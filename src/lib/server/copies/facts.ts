/** A job as it is in a copy. */
interface CopiedJob {
  readonly id: string
  readonly name: string
  readonly revision: number
  readonly changedAt: string
}

/** What is in a database file. */
export interface CopyFacts {
  readonly jobs: readonly CopiedJob[]
  readonly deleted: number
  readonly modules: number
  /** How often something was saved in it. */
  readonly saves: number
  readonly bytes: number
  /** Copied while it was open, without its log: what was saved last is not in it. */
  readonly isCutOff: boolean
}

export const COPY_FAULTS = {
  missing: 'There is no such file.',
  foreign: 'This is not a Zimmerman database.',
  damaged: 'This file is damaged: not all of it can be read.',
  newer: 'This was made by a newer Zimmerman: start that one, or use an older copy.',
  full: 'The disk is full: make room, and try again.',
  unwritable: 'The folder for copies cannot be written to: check its permissions.',
} as const
export type CopyFault = keyof typeof COPY_FAULTS

export type Copied<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly fault: CopyFault }

/** Marks a database as ours: “Zimm” in ASCII. */
export const APPLICATION_ID = 0x5a696d6d
/** In `user_version` while a program has the file open: a copy of the file alone says so. */
export const IN_USE = 1
