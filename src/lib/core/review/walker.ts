import { aidedOf, measureOf, tallestOf, type Brief, type Person } from '../brief'
import { bodyMm, type BodyMeasure } from '../people'
import type { Walker } from '../scene'

/** Whose body ways are for where no one is named. */
export const STANDARD_STATURE_MM = 1750

/** Which part of a body must pass beside a thing: what is no higher than the knee leaves all but the feet free. */
export type PassingPart = 'shoulders' | 'hips' | 'legs'

/** How broad each part is: two feet beside each other make the legs’. */
export function breadthsOf(brief: Brief, person: Person | undefined): Readonly<Record<PassingPart, number>> {
  const of = (measure: BodyMeasure): number =>
    person === undefined ? bodyMm(STANDARD_STATURE_MM, measure) : measureOf(brief, person, measure)
  return { shoulders: of('shoulderBreadth'), hips: of('hipBreadth'), legs: 2 * of('footBreadth') }
}

/**
 * The body that ways are measured for: the tallest’s, by bands of height. A wheelchair or walker is as broad at the floor as
 * above: then everything counts alike.
 */
export function walkerOf(brief: Brief): Walker {
  const tallest = tallestOf(brief)
  const height = (measure: 'knee' | 'hip' | 'shoulder'): number =>
    bodyMm(tallest?.statureMm ?? STANDARD_STATURE_MM, measure)
  const shoulderMm = height('shoulder')
  if (aidedOf(brief) !== undefined) return { shoulderMm }
  const { shoulders, hips, legs } = breadthsOf(brief, tallest)
  return {
    shoulderMm,
    bands: [
      { topMm: height('knee'), spareMm: Math.max(0, (shoulders - legs) / 2) },
      { topMm: height('hip'), spareMm: Math.max(0, (shoulders - hips) / 2) },
    ],
  }
}
