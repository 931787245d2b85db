/** What wheelchairs and walkers ask for, mm. Source: 2010 ADA Standards §§ 304, 305, 403, 404, 608 (from memory). */
export const ACCESS = {
  /** § 403.5.1, 36 in. */
  routeMm: 915,
  /** § 404.2.3, 32 in. */
  doorMm: 815,
  /** § 305.3, 30 × 48 in. */
  clearFloorMm: [1220, 760],
  /** § 304.3.1, 60 in. */
  turningMm: 1525,
  /** § 306.3, 27 in. */
  kneeHighMm: 685,
  /** § 604.4, 17 to 19 in. */
  toiletSeatMm: [430, 485],
  /** § 608.2.1, 36 × 36 in. */
  transferShowerMm: [915, 915],
  /** § 608.2.2, 60 × 30 in. */
  rollInShowerMm: [1525, 760],
} as const

export const ACCESS_SOURCE = '2010 ADA Standards §§ 304, 305, 403, 404, 604, 608 (from memory)'
