import { LETTER_WIDTHS } from './letter-widths'

/** The two weights of the face that sheets are set in. */
export type LetterWeight = 'regular' | 'semibold'

/** Advance widths of the letters of Instrument Sans, in thousandths of the size, read from the fonts that a PDF embeds. */
const ADVANCE: Readonly<Record<LetterWeight, ReadonlyMap<string, number>>> = {
  regular: byLetter(LETTER_WIDTHS.regular),
  semibold: byLetter(LETTER_WIDTHS.semibold),
}

function byLetter(table: Readonly<Record<string, string>>): ReadonlyMap<string, number> {
  return new Map(Object.entries(table).flatMap(([width, letters]) => [...letters].map((one) => [one, Number(width)])))
}

/** What the face lacks and has a like of. */
const LIKE: Readonly<Record<string, string>> = {
  '\u202f': '\u00a0',
  '\u2009': '\u00a0',
  '\u2007': '\u00a0',
  '\u2011': '-',
  '″': '"',
  '′': "'",
  '⅛': '\u00a01/8',
  '⅜': '\u00a03/8',
  '⅝': '\u00a05/8',
  '⅞': '\u00a07/8',
  '√': 'root\u00a0of\u00a0',
  '₄': '4',
  '≤': 'at\u00a0most\u00a0',
  '≥': 'at\u00a0least\u00a0',
}

/** Small and raised in print; where nothing can be raised, as it is. */
export const RAISED: Readonly<Record<string, string>> = { '²': '2', '³': '3' }

/** Right to left, and written with a fallback font: Hebrew and Arabic letters. */
export const RIGHT_TO_LEFT = /[\u0590-\u05ff\u0600-\u06ff\u0750-\u077f\ufb1d-\ufdff\ufe70-\ufeff]/u

/** A wide letter, for what no font here measures. */
const UNKNOWN = 700

/** A text as the face can set it but for what is raised, without signs that only say how it runs. */
export const withRaised = (text: string): string =>
  [...text.normalize('NFC').replaceAll(/\p{Cf}/gu, '')].map((letter) => LIKE[letter] ?? letter).join('')

/** A text as the face can set it, in one size on one line. */
export const printable = (text: string): string => withRaised(text).replaceAll(/[²³]/gu, (one) => RAISED[one] ?? one)

/** The letters of a text that no font of a sheet has: they come out as an empty box. */
export const unprintable = (text: string): readonly string[] =>
  [...printable(text)].filter(
    (letter) => !ADVANCE.regular.has(letter) && !RIGHT_TO_LEFT.test(letter) && !/\s/u.test(letter),
  )

/** How wide a text runs at a size, in the units of that size. Kerning is left out: a text runs up to 4 % narrower. */
export function textWidth(text: string, size: number, weight: LetterWeight = 'regular'): number {
  const table = ADVANCE[weight]
  let sum = 0
  for (const letter of printable(text)) sum += table.get(letter) ?? (/\s/u.test(letter) ? 260 : UNKNOWN)
  return (sum * size) / 1000
}

/** A word that is wider than its column, in pieces that are not. */
function broken(word: string, size: number, wide: number, weight: LetterWeight): readonly string[] {
  const pieces: string[] = []
  let piece = ''
  for (const letter of word) {
    if (piece !== '' && textWidth(piece + letter, size, weight) > wide) {
      pieces.push(piece)
      piece = ''
    }
    piece += letter
  }
  return [...pieces, piece]
}

/** A text in lines that are no wider than `wide`; words are broken only where they are wider than a line. Never empty. */
export function wrapped(text: string, size: number, wide: number, weight: LetterWeight = 'regular'): readonly string[] {
  const lines: string[] = []
  for (const paragraph of withRaised(text).split('\n')) {
    let line = ''
    for (const word of paragraph.split(/[ \t\r]+/u).flatMap((one) => broken(one, size, wide, weight))) {
      const longer = line === '' ? word : `${line} ${word}`
      if (line !== '' && textWidth(longer, size, weight) > wide) {
        lines.push(line)
        line = word
      } else line = longer
    }
    lines.push(line)
  }
  return lines
}

/** A text cut to one line, with a sign of it where something is missing. */
export function shortened(text: string, size: number, wide: number, weight: LetterWeight = 'regular'): string {
  const line = withRaised(text).replaceAll(/\s+/gu, (space) => (space.includes('\u00a0') ? '\u00a0' : ' '))
  if (textWidth(line, size, weight) <= wide) return line
  const letters = [...line]
  let count = letters.length
  while (count > 0 && textWidth(`${letters.slice(0, count).join('').trimEnd()}…`, size, weight) > wide) count -= 1
  return `${letters.slice(0, count).join('').trimEnd()}…`
}
