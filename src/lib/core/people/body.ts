/**
 * Body segment lengths as fractions of stature.
 * Source: Drillis & Contini 1966, as drawn in Winter, Biomechanics and Motor Control of Human Movement (from memory).
 */
export const BODY_FRACTIONS = {
  eye: 0.936,
  chin: 0.87,
  shoulder: 0.818,
  elbow: 0.63,
  hip: 0.53,
  knee: 0.285,
  sittingHeight: 0.52,
  shoulderBreadth: 0.259,
  hipBreadth: 0.191,
  upperArm: 0.186,
  forearm: 0.146,
  hand: 0.108,
  footLength: 0.152,
  footBreadth: 0.055,
} as const

export type BodyMeasure = keyof typeof BODY_FRACTIONS

export const BODY_SOURCE =
  'Drillis & Contini 1966, as drawn in Winter, Biomechanics and Motor Control of Human Movement'

/** Shortest and tallest stature that a person of the brief may have, in mm. */
export const STATURE_LIMITS_MM = { min: 400, max: 2300 } as const

/** One measure of a standing (or, for `sittingHeight`, sitting) body in mm. @throws RangeError for a stature that is none. */
export function bodyMm(statureMm: number, measure: BodyMeasure): number {
  if (!(statureMm > 0)) throw new RangeError(`a stature must be positive, got ${statureMm}`)
  return statureMm * BODY_FRACTIONS[measure]
}
