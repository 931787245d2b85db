import { existsSync, readdirSync, statSync } from 'node:fs'
import path from 'node:path'

/** Why a copy was made. */
export type CopyReason = 'daily' | 'asked' | 'before'

/** A copy that lies in the folder. */
export interface KeptCopy {
  readonly name: string
  readonly reason: CopyReason
  /** ISO 8601. */
  readonly at: string
  readonly bytes: number
}

/** Daily copies that are kept. */
export const DAYS_KEPT = 7

const NAME = /^zimmerman-(\d{4}-\d{2}-\d{2})T(\d{2})-(\d{2})-(\d{2})Z-(daily|asked|before)\.sqlite$/

export const copiesFolder = (data: string): string => path.join(data, 'copies')

/** What a copy made at a time is called. */
export const copyName = (at: string, reason: CopyReason): string =>
  `zimmerman-${at.slice(0, 19).replaceAll(':', '-')}Z-${reason}.sqlite`

/** Copies in the data folder, newest first. */
export function keptCopies(data: string): readonly KeptCopy[] {
  const folder = copiesFolder(data)
  if (!existsSync(folder)) return []
  return readdirSync(folder)
    .flatMap((name): KeptCopy[] => {
      const match = NAME.exec(name)
      if (match === null) return []
      const [, day, hours, minutes, seconds, reason] = match
      const at = `${day}T${hours}:${minutes}:${seconds}.000Z`
      return [{ name, reason: reason as CopyReason, at, bytes: statSync(path.join(folder, name)).size }]
    })
    .sort((a, b) => (a.at < b.at ? 1 : -1))
}

/** Daily copies beyond those that are kept. */
export const outlived = (copies: readonly KeptCopy[]): readonly string[] =>
  copies
    .filter(({ reason }) => reason === 'daily')
    .slice(DAYS_KEPT)
    .map(({ name }) => name)

/** Whether the day of a time has its copy already. */
export const hasDaily = (copies: readonly KeptCopy[], now: string): boolean =>
  copies.some(({ reason, at }) => reason === 'daily' && at.slice(0, 10) === now.slice(0, 10))

/** What one can go back to, in a sentence, for who is told that the database cannot be opened. */
export function sayNewest(data: string): string {
  const [newest] = keptCopies(data)
  if (newest === undefined) return `There is no copy in ${copiesFolder(data)}.`
  const file = path.join(copiesFolder(data), newest.name)
  return `The newest copy is of ${newest.at.slice(0, 16).replace('T', ' ')} UTC: put it back on the page “Copies”, or stop Zimmerman and run npm run restore -- ${file}`
}
