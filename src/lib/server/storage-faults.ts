/** What is wrong with the stored data as a whole, in words for the person at the screen. */
export class StorageError extends Error {
  constructor(
    readonly status: 503 | 507,
    message: string,
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

export const MISSING = (saves: number, file: string): StorageError =>
  new StorageError(
    503,
    `${file} is missing from the data folder, though something was saved there ${saves} times: put it or a backup back, or set ZIMMERMAN_DATA to the right folder. To start with an empty list, delete ${file}.last.`,
  )

export const LOG_LOST = (missing: number, markFile: string): StorageError =>
  new StorageError(
    503,
    `The database is older than what was saved last: ${missing} ${missing === 1 ? 'change is' : 'changes are'} missing, because its log, the file beside it that ends in -wal, was lost or cut. Put the log or a backup back. To go on with what is there, delete ${markFile}.`,
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
