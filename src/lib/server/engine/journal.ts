import { brotliCompressSync, brotliDecompressSync, constants } from 'node:zlib'
import { replay, toldSchema, type Command, type Told } from '$lib/core/job'
import { sayTold } from '$lib/core/text'
import { answered, type Stored } from './jobs'

/** A line of the journal as the database keeps it. */
export interface JournalRow {
  readonly revision: number
  readonly uid: string
  readonly client: string
  /** Who did it, where people sign in; empty otherwise. */
  readonly who: string
  readonly command: string
  readonly words: string
  readonly told: string | null
  readonly at: string
}

/** A line as it is read. */
export interface JournalEntry {
  readonly revision: number
  readonly uid: string
  readonly client: string
  readonly who: string
  readonly command: Command
  readonly words: string
  /** The same as data, from which it is said in other units; older entries have only their words. */
  readonly told?: Told
  readonly at: string
}

/** What is kept of a row of lines, the older of it packed. */
export interface Lines {
  readonly packs: readonly Uint8Array[]
  readonly rows: readonly JournalRow[]
}

/** Half of the best compression at a tenth of its time. */
const QUALITY = 5

const squeezed = (text: string): Uint8Array =>
  brotliCompressSync(text, {
    params: { [constants.BROTLI_PARAM_QUALITY]: QUALITY, [constants.BROTLI_PARAM_LGWIN]: 22 },
  })
const loosened = (data: Uint8Array): string => brotliDecompressSync(data).toString('utf8')

/** A whole state, packed. */
export const packDocument = (document: string): Uint8Array => squeezed(document)
const unpackDocument = (data: Uint8Array): string => loosened(data)

/** Lines packed column by column: like stands beside like. */
export function packLines(rows: readonly JournalRow[]): Uint8Array {
  const column = <K extends keyof JournalRow>(key: K) => rows.map((row) => row[key])
  return squeezed(
    JSON.stringify({
      revision: column('revision'),
      uid: column('uid'),
      client: column('client'),
      who: column('who'),
      at: column('at'),
      words: column('words'),
      told: column('told'),
      command: column('command'),
    }),
  )
}

function unpackLines(data: Uint8Array): readonly JournalRow[] {
  const columns = JSON.parse(loosened(data)) as { readonly [K in keyof JournalRow]: readonly JournalRow[K][] }
  return columns.revision.map((revision, index) => ({
    revision,
    uid: columns.uid[index]!,
    client: columns.client[index]!,
    who: columns.who[index]!,
    command: columns.command[index]!,
    words: columns.words[index]!,
    told: columns.told[index] ?? null,
    at: columns.at[index]!,
  }))
}

/** Every line after a revision and up to another, in order. */
const linesBetween = ({ packs, rows }: Lines, after: number, upTo: number): JournalRow[] =>
  [...packs.flatMap(unpackLines), ...rows].filter(({ revision }) => revision > after && revision <= upTo)

/** A line's words, made of what it keeps; one of earlier days kept its words. */
function wordsOf({ words, told }: JournalRow): Pick<JournalEntry, 'words' | 'told'> {
  const known = told === null ? undefined : toldSchema.safeParse(JSON.parse(told))
  return known?.success === true ? { words: sayTold(known.data), told: known.data } : { words }
}

const entryOf = (row: JournalRow): JournalEntry => ({
  revision: row.revision,
  uid: row.uid,
  client: row.client,
  who: row.who,
  command: JSON.parse(row.command) as Command,
  ...wordsOf(row),
  at: row.at,
})

/** Lines with their commands, in order. */
export const entriesOf = (lines: Lines, after: number, upTo: number): readonly JournalEntry[] =>
  linesBetween(lines, after, upTo).map(entryOf)

/** Which of some uids are among the lines after a revision, with their own. */
export const uidsIn = (lines: Lines, after: number, uids: readonly string[]): readonly (readonly [string, number])[] =>
  linesBetween(lines, after, Infinity)
    .filter(({ uid }) => uids.includes(uid))
    .map(({ uid, revision }) => [uid, revision])

/** Lines in words, newest first. */
export const historyOf = (lines: Lines, after: number, upTo: number): readonly Omit<JournalEntry, 'command'>[] =>
  linesBetween(lines, after, upTo)
    .reverse()
    .map((row) => ({
      revision: row.revision,
      uid: row.uid,
      client: row.client,
      who: row.who,
      ...wordsOf(row),
      at: row.at,
    }))

/** A whole state that was kept: as text, or packed. */
export type Kept = { readonly document: string } | { readonly packed: Uint8Array }

/** The document at a revision: the last whole state before it, and the lines since replayed. */
export const documentAt = (kept: Kept, from: number, lines: Lines, revision: number): Stored<string> =>
  answered('packed' in kept ? unpackDocument(kept.packed) : kept.document, (job) =>
    JSON.stringify(
      linesBetween(lines, from, revision).reduce(
        (state, { command }) => replay(state, JSON.parse(command) as Command).job,
        job,
      ),
    ),
  )
