import { isInInches, type LengthUnit } from '$lib/core/units'

/** A key of the pad: what it writes, and how it is called where its sign does not say it. */
export interface PadKey {
  readonly writes: string
  readonly words?: string
}

const SUMS: readonly PadKey[] = [
  { writes: '+', words: 'plus' },
  { writes: '−', words: 'minus' },
  { writes: '×', words: 'times' },
]

/** The keys of a unit, row by row: figures to the left; sums, fractions and what else is typed of lengths beside them. */
export function padRows(unit: LengthUnit): readonly (readonly PadKey[])[] {
  const digits = ['789', '456', '123'].map((row) => [...row].map((writes) => ({ writes })))
  const units: readonly PadKey[] = isInInches(unit)
    ? [
        { writes: '′', words: 'feet' },
        { writes: '″', words: 'inches' },
        { writes: ' mm', words: 'millimetres' },
      ]
    : [
        { writes: ' cm', words: 'centimetres' },
        { writes: ' m', words: 'metres' },
        { writes: '″', words: 'inches' },
      ]
  return [
    ...digits.map((row, index) => [...row, SUMS[index]!, units[index]!]),
    [{ writes: '0' }, { writes: '.', words: 'point' }, { writes: '/', words: 'over' }, { writes: ' ', words: 'space' }],
  ]
}

/** A text in which a stretch is marked, after a key: what the key writes takes its place; without one the letter before it goes. */
export function keyed(
  text: string,
  from: number,
  to: number,
  writes: string | undefined,
): { readonly text: string; readonly at: number } {
  if (writes !== undefined) return { text: text.slice(0, from) + writes + text.slice(to), at: from + writes.length }
  const start = from === to ? Math.max(0, from - 1) : from
  return { text: text.slice(0, start) + text.slice(to), at: start }
}
