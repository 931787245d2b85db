import { spanLength } from '../geometry'
import type { Interior } from './interior'
import { heightsAt } from './heights'

/** The highest headroom on the centreline. */
export function mostHeadroomMm(interior: Interior): number {
  const { min, max } = interior.xSpan
  let most = 0
  for (let x = min + 25; x < max; x += 50) {
    const heights = heightsAt(interior, x, 0)
    if (heights !== undefined) most = Math.max(most, spanLength(heights))
  }
  return Math.floor(most)
}
