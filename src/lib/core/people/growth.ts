/**
 * Median stature by age in whole years, cm: WHO Child Growth Standards 2006 (birth to 5) and WHO Growth Reference 2007
 * (5 to 19); figures recalled from memory.
 */
const MEDIAN_CM = {
  boy: [
    49.9, 75.7, 87.1, 96.1, 103.3, 110.0, 116.0, 121.7, 127.3, 132.6, 137.8, 143.1, 149.1, 156.0, 163.2, 169.0, 172.9,
    175.2, 176.1, 176.5,
  ],
  girl: [
    49.1, 74.0, 85.7, 95.1, 102.7, 109.4, 115.1, 120.8, 126.6, 132.5, 138.6, 145.0, 151.2, 156.4, 159.8, 161.7, 162.5,
    162.9, 163.1, 163.2,
  ],
} as const

export const GROWTH_SOURCE = 'WHO Child Growth Standards 2006 and Growth Reference 2007, medians (from memory)'

/** From this age on nobody is taken to grow. */
export const GROWN_UP_YEARS = MEDIAN_CM.boy.length - 1

/** Whose medians: a boy's, a girl's, or the mean of both where it is not said. */
export type GrowthCurve = 'boy' | 'girl' | 'either'

/** Median stature in mm at an age in years, linear between whole years. @throws RangeError below birth. */
export function medianStatureMm(years: number, curve: GrowthCurve = 'either'): number {
  if (!(years >= 0)) throw new RangeError(`an age must not be negative, got ${years}`)
  const at = Math.min(years, GROWN_UP_YEARS)
  const low = Math.min(Math.floor(at), GROWN_UP_YEARS - 1)
  const of = (which: 'boy' | 'girl') =>
    MEDIAN_CM[which][low]! + (MEDIAN_CM[which][low + 1]! - MEDIAN_CM[which][low]!) * (at - low)
  const cm = curve === 'either' ? (of('boy') + of('girl')) / 2 : of(curve)
  return cm * 10
}

/** A stature in some years: a child keeps their share of the median of their age. Rounded up to the millimetre. */
export function grownMm(statureMm: number, ageYears: number, inYears: number, curve: GrowthCurve = 'either'): number {
  if (ageYears >= GROWN_UP_YEARS || inYears <= 0) return statureMm
  return Math.ceil((statureMm * medianStatureMm(ageYears + inYears, curve)) / medianStatureMm(ageYears, curve) - 1e-9)
}
