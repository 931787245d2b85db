import path from 'node:path'
import { MIGRATIONS } from '../migrations'
import { lookInto, makeCopy, putInPlace } from './copying'
import { COPY_FAULTS, type Copied, type CopyFacts } from './facts'
import { copiesFolder, copyName } from './kept'
import { restoreFile } from './copies'

const KNOWN = Object.keys(MIGRATIONS)
const fileIn = (data: string): string => path.join(data, 'zimmerman.sqlite')

/** The copies of a data folder for one who works on it from a terminal, each answer a sentence. @throws Error with a sentence where it cannot be done. */
export function backup(data: string, to: string | undefined, now: string): string {
  const file = to ?? path.join(copiesFolder(data), copyName(now, 'asked'))
  return `Copied to ${file}: ${inside(valueOf(makeCopy(fileIn(data), file, KNOWN)))}. It was opened once to check it.`
}

/** What is in a file, before it is put in place. */
export const look = (data: string, from: string): string => `${from}: ${inside(valueOf(lookInto(from, data, KNOWN)))}.`

export async function restore(data: string, from: string, now: string): Promise<string> {
  const aside = path.join(copiesFolder(data), copyName(now, 'before'))
  const done = await restoreFile(from, fileIn(data), aside, (...input) => Promise.resolve(putInPlace(...input)))
  valueOf(done)
  return `Put in place. What was there before is saved as ${aside}.`
}

function valueOf(done: Copied<CopyFacts>): CopyFacts {
  if (!done.ok) throw new Error(COPY_FAULTS[done.fault])
  return done.value
}

function inside({ jobs, deleted, modules, bytes, isCutOff }: CopyFacts): string {
  const names = jobs.slice(0, 8).map(({ name, revision }) => `“${name}” at revision ${revision}`)
  const more = jobs.length > 8 ? ` and ${jobs.length - 8} more` : ''
  const cut = isCutOff ? ' It was copied while in use, without its log: what was saved last is not in it.' : ''
  return `${jobs.length} jobs (${names.join(', ')}${more}), ${deleted} deleted, ${modules} modules, ${(bytes / 1e6).toFixed(1)} MB${cut}`
}
