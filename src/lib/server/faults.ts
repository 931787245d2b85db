import { sayNewest } from './copies/kept'
import { dataFolder } from './data-folder'
import { StorageError } from './storage-faults'

interface Sentence {
  readonly status: 503 | 507
  readonly message: string
  readonly wantsCopy?: boolean
}

/** One clear sentence for what a disk or database does to us, and which copy there is; undefined for anything else. */
export function storageSentence(cause: unknown, data = dataFolder()): Sentence | undefined {
  const said = plainSentence(cause)
  return said?.wantsCopy === true ? { ...said, message: `${said.message} ${sayNewest(data)}` } : said
}

function plainSentence(cause: unknown): Sentence | undefined {
  if (cause instanceof StorageError) return { status: cause.status, message: cause.message, wantsCopy: cause.wantsCopy }
  if (!(cause instanceof Error)) return undefined
  const code = 'code' in cause ? String(cause.code) : ''
  const text = `${code} ${cause.message}`
  if (/SQLITE_FULL|ENOSPC|disk is full/i.test(text)) {
    return { status: 507, message: 'The disk is full: make room, and what is waiting here will be saved.' }
  }
  if (/SQLITE_READONLY|EACCES|EROFS|EPERM|readonly database/i.test(text)) {
    return {
      status: 503,
      message: 'The data folder cannot be written to: check its permissions, or set ZIMMERMAN_DATA to another folder.',
    }
  }
  if (/SQLITE_CANTOPEN|ENOTDIR|ENOENT|unable to open/i.test(text)) {
    return {
      status: 503,
      message: 'The data folder cannot be opened: set ZIMMERMAN_DATA to a folder that can be written to.',
    }
  }
  if (/SQLITE_BUSY|database is locked/i.test(text)) {
    return { status: 503, message: 'Another program is using the database: Zimmerman will try again.' }
  }
  if (/SQLITE_CORRUPT|SQLITE_NOTADB|malformed|not a database/i.test(text)) {
    return {
      status: 503,
      message: 'The database file is damaged.',
      wantsCopy: true,
    }
  }
  return undefined
}
