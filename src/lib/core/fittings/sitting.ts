import type { Polygon, Span } from '../geometry'
import type { LocalClearance, LocalService, SeatPlace, ServiceType } from './contract'
import { ENTRY_MM, inFront } from './shapes'

/** Thighs over a seat’s top; common practice, no source. */
const THIGH_MM = 170

/** Room for knees and feet before a seat, as high as thighs are: a table’s top over them is no bar. */
export const knees = (serves: readonly ServiceType[], across: Span, frontY: number, seatMm: number): LocalClearance =>
  inFront('knees', 'sit', serves, across, frontY, ENTRY_MM, seatMm + THIGH_MM)

/** Places side by side along x, each looking to the front. */
export const placesAlong = (count: number, lengthMm: number, y = 0): readonly SeatPlace[] =>
  Array.from({ length: count }, (_, index) => ({
    at: [-lengthMm / 2 + ((index + 0.5) * lengthMm) / count, y] as const,
    facesDeg: 270,
  }))

/** Width of one who sits beside others; common practice, no source. */
const SITTER_MM = 550
export const sittersOn = (lengthMm: number): number => Math.max(1, Math.floor(lengthMm / SITTER_MM))

/** A table’s places, counted only where a seat is at it; its top lies `topMm` over its base. */
export const tablePlaces = (top: Polygon, topMm: number, most: number, approach?: string): LocalService => ({
  type: 'table-place',
  quantity: most,
  top,
  topMm,
  ...(approach === undefined ? {} : { approach }),
})

/** How many can sit along the edges of a top, wall side left out. */
export const placesRound = (lengthMm: number, depthMm: number, openSides: 2 | 3 | 4): number => {
  const along = Math.floor(lengthMm / SITTER_MM)
  const end = Math.floor(depthMm / SITTER_MM)
  return Math.max(1, openSides === 2 ? along * 2 : openSides === 3 ? along + 2 * end : 2 * along + 2 * end)
}
