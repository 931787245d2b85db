import type { Difference } from '../scene'
import { sayLength, type LengthUnit } from '../units'
import { list } from './grammar'
import { fittingName } from './names'

const WAYS = [
  ['forward', 'to the rear'],
  ['to the left', 'to the right'],
  ['up', 'down'],
] as const
const SIZES = [
  ['longer', 'shorter'],
  ['wider', 'narrower'],
  ['higher', 'lower'],
] as const

/** What differs in a few words: “moved 120 mm forward”; `others` is what the other variant is called. */
export function sayDifference(
  { what, by, first, second }: Difference,
  names: readonly [string, string],
  unit: LengthUnit,
): { readonly name: string; readonly words: string } {
  const placed = first ?? second
  const name = placed === undefined ? '' : fittingName(placed.fitting)
  const parts = (words: typeof WAYS | typeof SIZES) =>
    by.flatMap((mm, axis) =>
      Math.abs(mm) < 1 ? [] : [`${sayLength(Math.abs(mm), unit)} ${words[axis]?.[mm > 0 ? 0 : 1] ?? ''}`],
    )
  switch (what) {
    case 'only-first':
      return { name, words: `only in ${names[0]}` }
    case 'only-second':
      return { name, words: `only in ${names[1]}` }
    case 'moved':
      return { name, words: `moved ${list(parts(WAYS))}` }
    case 'other-size':
      return { name, words: list(parts(SIZES)) }
  }
}
