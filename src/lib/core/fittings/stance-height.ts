import type { FittingKind } from './contract'

/** A stance at a height of its own: “at-900”, in whole millimetres over the load floor. */
const AT = /^at-(\d{1,4})$/

/** The stance of a thing that stops at any height, at this one, mm over the load floor. */
export const stanceAt = (mm: number): string => `at-${Math.round(mm)}`

/** The height that a stance names; undefined if it is one of its kind's own. */
export function heightOfStance(stance: string): number | undefined {
  const digits = AT.exec(stance)?.[1]
  return digits === undefined ? undefined : Number(digits)
}

/** Whether things of a kind can be in a stance: one of its list, or a height, if they stop at any. */
export const hasStance = ({ stances, risesTo }: FittingKind, stance: string): boolean =>
  stances.includes(stance) || (risesTo !== undefined && AT.test(stance))
