import { spanMiddle, type Vec2 } from '../geometry'
import { givesAir, jambs, type Opening } from '../shell'
import type { Placed, Scene } from './scene'

/** Where air comes in or goes out: a fan, a roof hatch, a window that opens, or a roof opening without a fitting in it. */
export interface AirOpening {
  readonly id: string
  readonly what: 'fan' | 'hatch' | 'window'
  /** From above. */
  readonly at: Vec2
  /** The fitting that makes it, or the opening of the body. */
  readonly by: { readonly fitting: Placed } | { readonly opening: Opening }
}

/** Every opening for air of a scene; a cut-out counts with the fan or hatch that stands in it. */
export function airOpenings(scene: Scene): readonly AirOpening[] {
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
  return [...fitted, ...cut]
}
