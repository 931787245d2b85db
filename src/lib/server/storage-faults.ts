/** What is wrong with the stored data as a whole, in words for the person at the screen. */
export class StorageError extends Error {
  constructor(
    readonly status: 503 | 507,
    message: string,
    /** What one can go back to is said with it. */
    readonly wantsCopy = false,
  ) {
    super(message)
  }
}

export const NEWER = (names: readonly string[]): StorageError =>
  new StorageError(
    503,
    `The database was made by a newer Zimmerman (${names.join(', ')}): start that one, or set ZIMMERMAN_DATA to another folder. Nothing in it was changed.`,
  )

export const GONE = (): StorageError =>
  new StorageError(
    503,
    'The data folder was moved or deleted while Zimmerman runs: put it back where it was, or start Zimmerman again. What is not saved yet waits in your browser.',
  )

export const FOREIGN = (): StorageError =>
  new StorageError(
    503,
    'The file zimmerman.sqlite in the data folder is a database of something else: put it elsewhere, or set ZIMMERMAN_DATA to another folder. Nothing in it was changed.',
  )

export const MISSING = (saves: number, file: string): StorageError =>
  new StorageError(
    503,
    `${file} is missing from the data folder, though something was saved there ${saves} times: put it back, or set ZIMMERMAN_DATA to the right folder. To start with an empty list, delete ${file}.last.`,
    true,
  )

export const LOG_LOST = (missing: number, file: string): StorageError =>
  new StorageError(
    503,
    `The database is older than what was saved last: ${missing} ${missing === 1 ? 'change is' : 'changes are'} missing, because its log, the file beside it that ends in -wal, was lost or cut. Put the log back. To go on with what is there, stop Zimmerman and run npm run restore -- ${file}.`,
    true,
  )

export const CUT_OFF = (file: string): StorageError =>
  new StorageError(
    503,
    `${file} was copied while Zimmerman had it open, without the files beside it that end in -wal and .last: what was saved last is not in it. Put those beside it. To go on with what is there, stop Zimmerman and run npm run restore with it.`,
    true,
  )

/** A stored job that cannot be read; the others can. */
export class UnreadableJob extends Error {
  constructor(
    readonly id: string,
    readonly reason: string,
  ) {
    super(`This job cannot be read: ${reason}. The others are not touched by it. Export it as it is, or set it aside.`)
  }
}
