import { spanMiddle, type Vec2 } from '../geometry'
import { cabSpace, givesAir, jambs, type Opening } from '../shell'
import type { Placed, Scene } from './scene'

/** Where air comes in or goes out: a fan, a roof hatch, a window that opens, or a roof opening without a fitting in it. */
export interface AirOpening {
  readonly id: string
  readonly what: 'fan' | 'hatch' | 'window' | 'cab window'
  /** From above. */
  readonly at: Vec2
  /** The fitting that makes it, the opening of the body, or how far a window of the cab is let down. */
  readonly by:
    { readonly fitting: Placed } | { readonly opening: Opening } | { readonly cabCm2: number; readonly zMm: number }
}

/** The two windows of a cab that is open to the load space, let down by so much together, cm². */
function cabWindows({ interior }: Scene, cabCm2: number): readonly AirOpening[] {
  const cab = cabSpace(interior)
  if (cab === undefined || cabCm2 <= 0) return []
  const [x, zMm] = [spanMiddle(cab.x), spanMiddle(cab.z)]
  return (
    [
      ['cab-left', cab.y.max],
      ['cab-right', cab.y.min],
    ] as const
  ).map(([id, y]) => ({ id, what: 'cab window', at: [x, y], by: { cabCm2: cabCm2 / 2, zMm } }))
}

/**
 * Every opening for air of a scene; a cut-out counts with the fan or hatch that stands in it. The windows of an open cab count as far as somebody said
 * that they are let down, cm² together.
 */
export function airOpenings(scene: Scene, cabCm2 = 0): readonly AirOpening[] {
  const fitted = scene.placed.flatMap((placed): AirOpening[] => {
    const { id, facts, bounds } = placed
    if (facts.air === undefined) return []
    return [{ id, what: facts.air.what, at: [spanMiddle(bounds.x), spanMiddle(bounds.y)], by: { fitting: placed } }]
  })
  const cut = scene.interior.shell.openings.flatMap((opening): AirOpening[] => {
    if (!givesAir(opening)) return []
    if (opening.side === 'roof') {
      const filled = fitted.some(
        ({ at: [x, y] }) => x > opening.fromMm && x < opening.toMm && y > opening.sillMm && y < opening.headMm,
      )
      const at: Vec2 = [(opening.fromMm + opening.toMm) / 2, (opening.sillMm + opening.headMm) / 2]
      return filled ? [] : [{ id: opening.id, what: 'hatch', at, by: { opening } }]
    }
    const [[x0, y0], [x1, y1]] = jambs(scene.interior, opening)
    return [{ id: opening.id, what: 'window', at: [(x0 + x1) / 2, (y0 + y1) / 2], by: { opening } }]
  })
  return [...fitted, ...cut, ...cabWindows(scene, cabCm2)]
}
