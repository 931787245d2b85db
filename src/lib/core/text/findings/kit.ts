import { partWord } from '../part-words'
import type { Finding, FindingCode } from '../../review'
import type { Access, Blocker, WaySide } from '../../scene'
import type { LengthUnit } from '../../units'
import type { Names } from '../names'
import type { FindingWords } from '../finding-words'
import { list } from '../words'

export type Say = (mm: number) => string
export type Sentences<C extends FindingCode> = (
  finding: Extract<Finding, { code: C }>,
  names: Names,
  say: Say,
  unit: LengthUnit,
) => FindingWords
/** Sentences for some of the codes. */
export type SentencesFor<C extends FindingCode> = { readonly [K in C]: Sentences<K> }

export const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)
export const the = (text: string): string => (/^(the|a) /i.test(text) ? lower(text) : `the ${lower(text)}`)

export const blockerName = (blocker: Blocker, names: Names): string =>
  blocker.kind === 'fitting'
    ? `${the(names.fitting(blocker.id))}${blocker.part === undefined ? '' : `’s ${partWord(blocker.part)}`}`
    : blocker.kind === 'keep-out'
      ? the(names.part(blocker.id))
      : 'the body'

export const accessName = (of: Access['of'], names: Names): string =>
  the(of.kind === 'fitting' ? names.fitting(of.id) : names.part(of.id))

const sideName = (side: WaySide, names: Names): string => {
  if (side.kind === 'fitting') return the(names.fitting(side.id))
  if (side.kind === 'keep-out') return the(names.part(side.id))
  return side.id === 'rear' ? 'the rear doors' : side.id === 'front' ? 'the bulkhead' : `the ${side.id} wall`
}

/** Whether a verb after these stands in the plural: “the bunks leave”, “the galley and the cold box leave”. */
export const areMany = (fittings: readonly string[], names: Names): boolean =>
  fittings.length > 1 || /[^s]s$/.test(names.fitting(fittings[0] ?? ''))

/** Where a way leads: two things by name, the rest by their number. */
export const wayTo = (fittings: readonly string[], names: Names): string => {
  const all = fittings.map((id) => the(names.fitting(id)))
  return all.length <= 3 ? list(all) : list([...all.slice(0, 2), `${all.length - 2} more`])
}

export function between(sides: readonly WaySide[], names: Names): string {
  const all = [...new Set(sides.map((side) => sideName(side, names)))]
  // where it is hemmed in on both sides by one thing, it is beside that
  return all.length === 0 ? '' : all.length === 1 ? ` beside ${list(all)}` : ` between ${list(all)}`
}

export const size = (sides: readonly number[], say: Say): string => sides.map(say).join(' × ')
