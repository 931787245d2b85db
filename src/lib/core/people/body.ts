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

/**
 * What one sits on and against is told by the hollow of the knee: its height, and how far it lies before the back of a sitter, as
 * shares of stature. Source: ANSUR, 0.24 to 0.25 and 0.285 to 0.295 (from memory).
 */
const POPLITEAL = { height: 0.245, depth: 0.29 } as const
export const POPLITEAL_SOURCE = 'hollow of the knee 0.245 of one’s height up and 0.290 before the back: ANSUR'

/** Of a sitter whose knee and hip are so high over the floor when they stand, mm; both go with what was measured. */
export const poplitealMm = (
  kneeMm: number,
  hipMm: number,
): { readonly heightMm: number; readonly depthMm: number } => ({
  heightMm: (kneeMm * POPLITEAL.height) / BODY_FRACTIONS.knee,
  depthMm: ((hipMm - kneeMm) * POPLITEAL.depth) / (BODY_FRACTIONS.hip - BODY_FRACTIONS.knee),
})

/** Shortest and tallest stature that a person of the brief may have, in mm. */
export const STATURE_LIMITS_MM = { min: 400, max: 2300 } as const

/** One measure of a standing (or, for `sittingHeight`, sitting) body in mm. @throws RangeError for a stature that is none. */
export function bodyMm(statureMm: number, measure: BodyMeasure): number {
  if (!(statureMm > 0)) throw new RangeError(`a stature must be positive, got ${statureMm}`)
  return statureMm * BODY_FRACTIONS[measure]
}
