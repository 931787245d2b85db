import { chordAt, spanMiddle, type Span } from '../geometry'
import { riseAt } from './changes'
import { sectionAt, type Interior } from './interior'
import { turnsAt } from './knots'
import { floorPockets, mostOut, piecesOf, roofPockets, wallPockets, wellWithin } from './steps'

const meet = (a: Span | undefined, b: Span): Span | undefined =>
  a === undefined || a.max < b.min || b.max < a.min
    ? undefined
    : { min: Math.max(a.min, b.min), max: Math.min(a.max, b.max) }

/**
 * From the floor (min) to the roof (max) at a place, in z; undefined outside the walls by more than a touch. Within a flare, from
 * its lower to its upper face, over a well from its bottom; on the edge of a flare, raised roof or well the tighter side counts.
 */
export function heightsAt(interior: Interior, xMm: number, yMm: number): Span | undefined {
  const section = sectionAt(interior, xMm)
  const own = chordAt(section, 0, yMm)
  if (interior.pockets.length === 0) return own
  if (own === undefined) {
    const side = yMm > 0 ? 'left' : 'right'
    return wallPockets(interior, side)
      .filter((pocket) => wellWithin(pocket.x, xMm))
      .map((pocket) => meet(chordAt(section, 0, yMm - Math.sign(yMm) * pocket.byMm), pocket.z))
      .find((found) => found !== undefined)
  }
  const up = roofPockets(interior)
    .filter((pocket) => wellWithin(pocket.x, xMm) && wellWithin(pocket.y, yMm))
    .reduce((most, pocket) => Math.max(most, riseAt(pocket, yMm)), 0)
  return { min: own.min - wellAt(interior, { min: xMm, max: xMm }, { min: yMm, max: yMm }), max: own.max + up }
}

/** How much lower than the floor the bottom of a well is that all of a rectangle lies over; 0 where none does. */
export const wellAt = (interior: Interior, along: Span, across: Span): number =>
  mostOut(
    floorPockets(interior).filter(
      ({ x, y }) =>
        [along.min, along.max].every((at) => wellWithin(x, at)) &&
        [across.min, across.max].every((at) => wellWithin(y, at)),
    ),
  )

/** The lowest roof over a rectangle, in z above the bare load floor; undefined where a corner is outside the walls. */
export function lowestRoof(interior: Interior, along: Span, across: Span): number | undefined {
  const pockets = roofPockets(interior)
  let lowest = Infinity
  for (const part of piecesOf(
    along,
    pockets.flatMap(({ x }) => [x.min, x.max]),
  )) {
    for (const strip of piecesOf(
      across,
      pockets.flatMap(({ y }) => [y.min, y.max]),
    )) {
      const over = pockets.filter(({ x, y }) => wellWithin(x, spanMiddle(part)) && wellWithin(y, spanMiddle(strip)))
      for (const x of turnsAt(interior, part, 0, [strip.min, strip.max])) {
        for (const y of [strip.min, strip.max]) {
          const heights = chordAt(sectionAt(interior, x), 0, y)
          if (heights === undefined) return undefined
          const up = over.reduce((most, pocket) => Math.max(most, riseAt(pocket, y)), 0)
          lowest = Math.min(lowest, heights.max + up)
        }
      }
    }
  }
  return lowest
}

/** Top of the lined floor in the middle of the body, beside any well in it. */
export const liningTop = (interior: Interior, xMm: number): number =>
  chordAt(sectionAt(interior, xMm), 0, 0)?.min ?? interior.lining.floorMm
