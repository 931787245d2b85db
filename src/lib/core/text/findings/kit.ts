import type { Finding, FindingCode } from '../../review'
import type { Access, Blocker, WaySide } from '../../scene'
import { formatFigure, type LengthUnit } from '../../units'
import type { FindingWords } from '../finding-words'
import { list, ofIt } from '../grammar'
import type { Names } from '../names'
import { partWord } from '../part-words'

/** Says a length in the unit of the job; `need` one that is asked for, which inches round up, never down. */
export interface Say {
  (mm: number): string
  readonly need: (mm: number) => string
}
export type Sentences<C extends FindingCode> = (
  finding: Extract<Finding, { code: C }>,
  names: Names,
  say: Say,
  unit: LengthUnit,
) => FindingWords
/** Sentences for some of the codes. */
export type SentencesFor<C extends FindingCode> = { readonly [K in C]: Sentences<K> }

/** The fitting that a finding is about first, as a sentence says it. */
export const itOf = ({ fittings: [id] }: Pick<Finding, 'fittings'>, names: Names): string => names.the(id ?? '')

/** Several fittings as a sentence names them. */
export const theAll = (ids: readonly string[], names: Names): string => list(ids.map((id) => names.the(id)))

export const blockerName = (blocker: Blocker, names: Names): string =>
  blocker.kind === 'fitting'
    ? blocker.part === undefined
      ? names.the(blocker.id)
      : ofIt(names.the(blocker.id), partWord(blocker.part))
    : blocker.kind === 'keep-out'
      ? names.thePart(blocker.id)
      : 'the vehicle’s body'

/** “the shower is in the way”; nothing where nothing is. */
export function inTheWay(blockers: readonly Blocker[], names: Names): string {
  const all = [...new Set(blockers.map((blocker) => blockerName(blocker, names)))]
  return all.length === 0 ? '' : `${list(all)} ${all.length === 1 ? 'is' : 'are'} in the way`
}

/** “, up to the shower”; nothing where nothing stops it. */
export function upTo(blockers: readonly Blocker[], names: Names): string {
  const all = [...new Set(blockers.map((blocker) => blockerName(blocker, names)))]
  return all.length === 0 ? '' : `, up to ${list(all)}`
}

export const accessName = (of: Access['of'], names: Names): string =>
  of.kind === 'fitting' ? names.the(of.id) : names.thePart(of.id)

const sideName = (side: WaySide, names: Names): string => {
  if (side.kind === 'fitting') return names.the(side.id)
  if (side.kind === 'keep-out') return names.thePart(side.id)
  return side.id === 'rear' ? 'the rear doors' : side.id === 'front' ? 'the bulkhead' : `the ${side.id} wall`
}

/** Where a way leads: two things by name, the rest by their number. */
export const wayTo = (fittings: readonly string[], names: Names): string => {
  const all = fittings.map((id) => names.the(id))
  return all.length <= 3 ? list(all) : list([...all.slice(0, 2), `${all.length - 2} more`])
}

export function between(sides: readonly WaySide[], names: Names): string {
  const all = [...new Set(sides.map((side) => sideName(side, names)))]
  // where it is hemmed in on both sides by one thing, it is beside that
  return all.length === 0 ? '' : all.length === 1 ? ` beside ${list(all)}` : ` between ${list(all)}`
}

/** “320 × 320 × 450 mm”: the unit once, where it is written after the figure. */
export function size(sides: readonly number[], say: Say): string {
  const said = sides.map(say)
  const units = said.map((one) => /(\u00a0\p{L}+)$/u.exec(one)?.[1])
  const [unit] = units
  return unit !== undefined && units.every((one) => one === unit)
    ? `${said.map((one) => one.slice(0, -unit.length)).join(' × ')}${unit}`
    : said.join(' × ')
}

/** “944 to 1 074 mm”. */
export function range(from: number, to: number, say: Say): string {
  const [low, high] = [say(from), say(to)]
  const unit = /(\u00a0\p{L}+)$/u.exec(high)?.[1]
  return unit !== undefined && low.endsWith(unit) ? `${low.slice(0, -unit.length)} to ${high}` : `${low} to ${high}`
}

/** Someone’s height: “, 1 840 mm tall,”. */
export const tall = (mm: number, say: Say): string => `, ${say(mm)} tall,`

/** A figure that is a length or an angle. */
export const figureIn =
  (unit: Finding['unit'], say: Say) =>
  (value: number): string =>
    unit === 'deg' ? `${formatFigure(value, 1)}°` : say(value)
