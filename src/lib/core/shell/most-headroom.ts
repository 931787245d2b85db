import { spanLength } from '../geometry'
import type { Interior } from './interior'
import { heightsAt } from './heights'

/** Whether a roof opens over a place for one to stand up through it: with room for a head all round. */
export const standsUpAt = ({ shell }: Interior, xMm: number, yMm: number): boolean =>
  shell.openings.some(
    ({ side, standsUp, fromMm, toMm, sillMm, headMm }) =>
      side === 'roof' &&
      standsUp === true &&
      xMm - HEAD_MM >= fromMm &&
      xMm + HEAD_MM <= toMm &&
      yMm - HEAD_MM >= sillMm &&
      yMm + HEAD_MM <= headMm,
  )
/** Half the side of the square that a head needs over the middle of where one stands. */
export const HEAD_MM = 100

/** The highest headroom: on the centreline, and without end where the roof opens for one to stand up. */
export function mostHeadroomMm(interior: Interior): number {
  const known = headrooms.get(interior)
  if (known !== undefined) return known
  const made = findHeadroom(interior)
  headrooms.set(interior, made)
  return made
}

const headrooms = new WeakMap<Interior, number>()

/** In a body that is lower nobody expects to stand, and in one lower still one does not walk: one crawls in. Common practice, no source. */
const STANDS_FROM_MM = 1700
const WALKS_FROM_MM = 1450

export const isForStanding = (interior: Interior): boolean => mostHeadroomMm(interior) >= STANDS_FROM_MM
export const isCrawledIn = (interior: Interior): boolean => mostHeadroomMm(interior) < WALKS_FROM_MM

function findHeadroom(interior: Interior): number {
  const { min, max } = interior.xSpan
  const opens = interior.shell.openings.some((opening) =>
    standsUpAt(interior, (opening.fromMm + opening.toMm) / 2, (opening.sillMm + opening.headMm) / 2),
  )
  if (opens) return Infinity
  let most = 0
  for (let x = min + 25; x < max; x += 50) {
    const heights = heightsAt(interior, x, 0)
    if (heights !== undefined) most = Math.max(most, spanLength(heights))
  }
  return Math.floor(most)
}
