import { spansOverlap, type Span } from '../geometry'
import type { Interior } from '../shell'

/** Top of the bare roof, at its highest: what stands on the roof stands on spacers. */
export const outerRoof = ({ shell }: Interior): number =>
  Math.max(...shell.stations.flatMap(({ left, right }) => [...left, ...(right ?? [])].map((corner) => corner[1])))

/** As `outerRoof`, over a rectangle: on a raised roof where any of it lies on one. */
export function outerRoofOver(interior: Interior, along: Span, across: Span): number {
  const rises = Object.values(interior.changes).map((change) => {
    if (change.kind !== 'raised-roof') return 0
    const half = change.widthMm / 2
    const over =
      spansOverlap(along, { min: change.fromMm, max: change.toMm }) && spansOverlap(across, { min: -half, max: half })
    return over ? change.riseMm : 0
  })
  return outerRoof(interior) + Math.max(0, ...rises)
}

/** How high the vehicle is over the ground with its changes, without what stands on it; `undefined` where it was not measured. */
export function outerHeight(interior: Interior): number | undefined {
  const { outer } = interior.shell
  const floorMm = floorOverGround(interior)
  if (outer === undefined || floorMm === undefined) return undefined
  const everywhere = { min: -Infinity, max: Infinity }
  return Math.max(outer.heightMm, floorMm + outerRoofOver(interior, everywhere, everywhere))
}

/** How high the bare load floor is over the ground: the vehicle as delivered, less its body. */
export const floorOverGround = (interior: Interior): number | undefined =>
  interior.shell.outer === undefined ? undefined : interior.shell.outer.heightMm - outerRoof(interior)
