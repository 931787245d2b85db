import { prismBounds, spanLength, type Span, type Vec2 } from '../geometry'
import type { Placed, Scene } from '../scene'
import type { ViewId } from './display'

/** What a view shows of a block: along it, and up it. In the section along is to the left. */
function extentIn(view: ViewId, { x, y, z }: Placed['bounds']): readonly [Span, Span] {
  if (view === 'plan') return [x, y]
  return view === 'section' ? [{ min: -y.max, max: -y.min }, z] : [x, z]
}

const holds = ([along, up]: readonly [Span, Span], [u, v]: Vec2, slackMm: number): boolean =>
  u >= along.min - slackMm && u <= along.max + slackMm && v >= up.min - slackMm && v <= up.max + slackMm

/** Everything of a scene that lies under a point of a view, whatever covers it: the smallest to the eye first. `slackMm` is how far beside it still counts. */
export function thingsAt(scene: Scene, view: ViewId, at: Vec2, slackMm = 0): readonly string[] {
  const size = ({ bounds }: Placed): number => {
    const [along, up] = extentIn(view, bounds)
    return spanLength(along) * spanLength(up)
  }
  return scene.placed
    .filter(({ solids, bounds }) =>
      (solids.length === 0 ? [bounds] : solids.map(({ prism }) => prismBounds(prism))).some((box) =>
        holds(extentIn(view, box), at, slackMm),
      ),
    )
    .sort((a, b) => size(a) - size(b))
    .map(({ id }) => id)
}

/** The next of some things after one that is in hand, and after the last the first again. */
export function nextBelow(under: readonly string[], id: string): string | undefined {
  const next = under[(under.indexOf(id) + 1) % under.length]
  return next === id ? undefined : next
}
