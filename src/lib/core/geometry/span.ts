import { TOUCH_MM } from '../units'
import type { Span } from './types'

/** @throws RangeError if the ends are not finite or in the wrong order. */
export function span(min: number, max: number): Span {
  if (!(min <= max) || !Number.isFinite(max - min)) throw new RangeError(`a span needs min ≤ max, got ${min} to ${max}`)
  return { min, max }
}

export const spanOf = (values: Iterable<number>): Span => {
  let min = Infinity
  let max = -Infinity
  for (const value of values) {
    if (value < min) min = value
    if (value > max) max = value
  }
  return span(min, max)
}

export const spanLength = (a: Span): number => a.max - a.min
export const spanMiddle = (a: Span): number => (a.min + a.max) / 2

/** The stretches of a span that none of the others takes, in order. */
export function stretchesLeft(whole: Span, taken: readonly Span[]): readonly Span[] {
  const left: Span[] = []
  let from = whole.min
  for (const { min, max } of [...taken].sort((a, b) => a.min - b.min)) {
    if (from >= whole.max) return left
    if (min > from) left.push({ min: from, max: Math.min(min, whole.max) })
    from = Math.max(from, max)
  }
  return from < whole.max ? [...left, { min: from, max: whole.max }] : left
}

/** The longest of some spans, the first of equals; where none is longer than nothing, the one that is given for that. */
export const longestSpan = (spans: readonly Span[], none: Span): Span =>
  spans.reduce((most, one) => (spanLength(one) > spanLength(most) ? one : most), none)

/** How far two spans share ground; negative is the gap between them. */
export const sharedLength = (a: Span, b: Span): number => Math.min(a.max, b.max) - Math.max(a.min, b.min)

/** Overlap along one axis. Touching is no overlap: a carcass flush with the wall is fine. */
export const spansOverlap = (a: Span, b: Span): boolean => sharedLength(a, b) > TOUCH_MM

/** @throws RangeError if the limits cross. */
export function clamp(value: number, min: number, max: number): number {
  if (!(min <= max)) throw new RangeError(`clamp needs min ≤ max, got ${min} to ${max}`)
  return Math.min(max, Math.max(min, value))
}

export const lerp = (a: number, b: number, t: number): number => a + (b - a) * t
