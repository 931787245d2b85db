import { prismBounds, spanLength, type Span, type Vec2 } from '../geometry'
import { isOutside, type Placed, type Scene } from '../scene'
import type { ViewId } from './display'
import { isOverhead } from './fitting-views'
import { viewExtent } from './hand'
import { isCovered } from './views'

const holds = ([along, up]: readonly [Span, Span], [u, v]: Vec2, slackMm: number): boolean =>
  u >= along.min - slackMm && u <= along.max + slackMm && v >= up.min - slackMm && v <= up.max + slackMm

/** Whether a thing is drawn broken or not at all: it is inside another, outside on the body, in plan under a larger one or overhead. */
const isHidden = (scene: Scene, view: ViewId, placed: Placed): boolean =>
  placed.within !== undefined ||
  isOutside(placed) ||
  (view === 'plan' && (isOverhead(placed) || isCovered(scene, placed)))

/**
 * Everything of a scene that lies under a point of a view: what is drawn in full before what is hidden or overhead, and of each the smallest first. `slackMm` is how
 * far beside it still counts.
 */
export function thingsAt(scene: Scene, view: ViewId, at: Vec2, slackMm = 0): readonly string[] {
  const size = ({ bounds }: Placed): number => {
    const [along, up] = viewExtent(view, bounds)
    return spanLength(along) * spanLength(up)
  }
  const under = scene.placed.filter(({ solids, bounds }) =>
    (solids.length === 0 ? [bounds] : solids.map(({ prism }) => prismBounds(prism))).some((box) =>
      holds(viewExtent(view, box), at, slackMm),
    ),
  )
  const hidden = new Set(under.filter((placed) => isHidden(scene, view, placed)))
  return under.sort((a, b) => Number(hidden.has(a)) - Number(hidden.has(b)) || size(a) - size(b)).map(({ id }) => id)
}

/** Everything that lies wholly between two corners of a view, what is hidden as well. */
export function thingsBetween(scene: Scene, view: ViewId, [u0, v0]: Vec2, [u1, v1]: Vec2): readonly string[] {
  const [along, up] = [spanOf(u0, u1), spanOf(v0, v1)]
  const isIn = (own: Span, band: Span): boolean => own.min >= band.min && own.max <= band.max
  return scene.placed.flatMap(({ id, bounds }) => {
    const [u, v] = viewExtent(view, bounds)
    return isIn(u, along) && isIn(v, up) ? [id] : []
  })
}

const spanOf = (a: number, b: number): Span => ({ min: Math.min(a, b), max: Math.max(a, b) })

/** The next of some things after one that is in hand, and after the last the first again. */
export function nextBelow(under: readonly string[], id: string): string | undefined {
  const next = under[(under.indexOf(id) + 1) % under.length]
  return next === id ? undefined : next
}
