import { formatNumber } from '../units'

/** The one place that makes typed names, people and lists into words of a sentence. */

/** Longer names are cut in sentences; lists and fields show them whole. */
const LONGEST = 48
/** Hebrew, Arabic and their kin, as written: set apart, so that the sentence round them keeps its order. */
const RIGHT_TO_LEFT = /[\u0590-\u08ff\ufb1d-\ufdff\ufe70-\ufefc]/
const ISOLATE = { start: '\u2068', end: '\u2069' } as const

/** A typed name fit for a sentence: on one line, not endless, and set apart where it is written from right to left. */
function tidy(name: string): string {
  const line = name.replace(/\s+/g, ' ').trim()
  const letters = [...line]
  const short =
    letters.length > LONGEST
      ? `${letters
          .slice(0, LONGEST - 1)
          .join('')
          .trimEnd()}…`
      : line
  return RIGHT_TO_LEFT.test(short) ? `${ISOLATE.start}${short}${ISOLATE.end}` : short
}

/** A typed name in quotes, as it was typed: it takes no article and is never declined. */
export const quoted = (name: string): string => `“${tidy(name).replace(/[“”"]/g, '’')}”`

const startsSmall = (text: string): boolean => /^\p{Ll}/u.test(text)
const HAS_ARTICLE = /^(the|a|an|my|our|your|his|her|their) /i

/**
 * Someone of the brief within a sentence: “Anna” and “Person 2” as they are, “surveyor” as “the surveyor”; what has its article keeps it.
 * A name that begins with neither a letter nor an article is quoted.
 */
export function person(label: string): string {
  const name = tidy(label)
  if (name === '') return 'someone'
  if (HAS_ARTICLE.test(name)) return name.charAt(0).toLowerCase() + name.slice(1)
  if (startsSmall(name)) return `the ${name}`
  return /^[\p{L}\u2068]/u.test(name) ? name : quoted(label)
}

/** A word of our own with its first letter small, but for one that is written in capitals: “LED strip”, “U-shaped lounge”. */
export const small = (text: string): string =>
  /^\p{Lu}[\p{Lu}-]/u.test(text) ? text : text.charAt(0).toLowerCase() + text.slice(1)

/** With its first letter large, as a sentence or a row begins; a quoted name stays as it was typed. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** A part of the vehicle within a sentence: “the side door”, “the left pillar 2”; a typed name in quotes. */
export function partName(label: string): string {
  const name = tidy(label)
  if (name === '') return 'the vehicle’s body'
  if (HAS_ARTICLE.test(name)) return name.charAt(0).toLowerCase() + name.slice(1)
  if (!startsSmall(name)) return quoted(label)
  // bodies of earlier versions name a side after a comma, and what else is to say as well
  const [, thing = name, more] = /^([^,]+), (.+)$/.exec(name) ?? []
  if (more === undefined) return `the ${name}`
  return more === 'left' || more === 'right'
    ? `the ${more} ${thing}`
    : more === 'emergency exit'
      ? `the emergency ${thing}`
      : `the ${thing}`
}

/** What someone or something owns: “the bed’s mattress”, but “the mattress of “Nest””. */
export const ofIt = (whole: string, part: string): string =>
  whole.endsWith('”') ? `the ${part} of ${whole}` : `${whole}’s ${part}`

/** “galley, shower and bed”. */
export const list = (parts: readonly string[], last: 'and' | 'or' = 'and'): string =>
  parts.length < 2 ? (parts[0] ?? '') : `${parts.slice(0, -1).join(', ')} ${last} ${parts.at(-1)}`

export interface Counted {
  readonly one: string
  readonly many: string
}

/** “3 stops”, “1 caution”. */
export const count = (n: number, words: Counted): string => `${n} ${n === 1 ? words.one : words.many}`

const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'] as const

/** A number in words up to ten, for clients and for the beginning of a sentence. */
export const numberWord = (n: number): string => NUMBERS[n] ?? String(n)

/** The same of things: “two of you”, “no belted seat”. */
export const countWords = (n: number, words: Counted): string =>
  `${numberWord(n)} ${n === 1 || n === 0 ? words.one : words.many}`

/** “none”, “1”, “3”, for a figure after a colon. */
export const orNone = (n: number): string => (n === 0 ? 'none' : String(n))

/** “a bed”, “an inverter”: by the sound of our own words. */
export const aOrAn = (word: string): string => `${/^([aeio]|un[a-hj-z]|LED)/.test(word) ? 'an' : 'a'} ${word}`

/** A temperature: “−8 °C”. */
export const degrees = (value: unknown): string => `${formatNumber(Number(value))}\u00a0°C`
/** A share: “48%”. */
export const percent = (value: number): string => `${value}%`

/** A piece of the client’s gear as a sentence names it. */
export const pieceName = (label: string | undefined): string =>
  label === undefined || label === '' ? 'a piece of gear' : quoted(label)
