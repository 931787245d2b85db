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
  /** § 902.3, 28 to 34 in: a work surface to sit at. */
  counterMm: [710, 865],
  /** § 608.2.1, 36 × 36 in. */
  transferShowerMm: [915, 915],
  /** § 608.2.2, 60 × 30 in. */
  rollInShowerMm: [1525, 760],
} as const

/** A walker’s frame with a hand on either side of it, and what the frame alone passes by. Common practice, no source. */
const WALKER = { routeMm: 700, doorMm: 650 } as const

/** What a route and a doorway are to be for whoever goes with an aid, mm. */
export const routeOf = (aid: 'wheelchair' | 'walker'): { readonly routeMm: number; readonly doorMm: number } =>
  aid === 'wheelchair' ? ACCESS : WALKER

export const ACCESS_SOURCE = '2010 ADA Standards §§ 304, 305, 403, 404, 604, 608, 902 (from memory)'
