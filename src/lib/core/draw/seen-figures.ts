import type { Brief } from '../brief'
import { prismBounds, sharedLength, spanLength, spanOf, type Span, type Vec2 } from '../geometry'
import type { Placed, Scene } from '../scene'
import { TOUCH_MM } from '../units'
import type { Item, ItemGroup, ViewId } from './display'
import { isOverhead } from './fitting-views'
import { paintOrder } from './paint-order'
import { peopleOnWall, sleepersInPlan, type PlanBody } from './people'
import { placedFigures, placedInPlan } from './placed-figures'

/** A figure in a view, and the first that is painted over it: what covers it from where one looks. */
export interface SeenFigure extends ItemGroup {
  readonly under?: string
}

const pointsOf = (item: Item): readonly Vec2[] =>
  item.kind === 'path'
    ? item.points
    : item.kind === 'circle' && item.weight !== 'clearance'
      ? [
          [item.centre[0] - item.radius, item.centre[1] - item.radius],
          [item.centre[0] + item.radius, item.centre[1] + item.radius],
        ]
      : []

/** What begins less far above what one lies or sits on is beside one: a back, a rail. Common practice, no source. */
const CLEAR_MM = 100
/** A lounge’s table does not cover who sits at it, and its upper bunk covers who lies in the lower one. */
const COVERED_SHARE = 0.5

/** Whether a fitting lies over a figure: a bunk over a bed, a table over someone lying there. What hangs over the plan’s cut is dashed, and covers nothing. */
function isOver(placed: Placed, { items, onMm }: PlanBody): boolean {
  if (placed.within !== undefined || isOverhead(placed)) return false
  const points = items.flatMap(pointsOf)
  const [x, y] = [0, 1].map((axis) => spanOf(points.map((point) => point[axis as 0 | 1]))) as [Span, Span]
  let over = 0
  let isUnder = false
  for (const { prism } of placed.solids) {
    const own = prismBounds(prism)
    const shared = [sharedLength(own.x, x), sharedLength(own.y, y)] as const
    if (shared[0] <= TOUCH_MM || shared[1] <= TOUCH_MM) continue
    if (own.z.min >= onMm + CLEAR_MM) over += shared[0] * shared[1]
    else isUnder ||= own.z.max <= onMm + TOUCH_MM
  }
  return over > (isUnder ? COVERED_SHARE * spanLength(x) * spanLength(y) : 0)
}

const bodiesInPlan = (scene: Scene, brief: Brief, withPeople: boolean): readonly PlanBody[] => [
  ...(withPeople ? sleepersInPlan(scene, brief) : []),
  ...placedInPlan(scene, brief),
]

/** The marks of the figures that a view shows: those put in, and where `withPeople` the client’s people doing what the mode is for. */
export const figureItems = (
  scene: Scene,
  brief: Brief,
  view: Exclude<ViewId, 'section'>,
  withPeople: boolean,
): readonly Item[] =>
  view === 'plan'
    ? bodiesInPlan(scene, brief, withPeople).flatMap(({ items }) => items)
    : [...(withPeople ? peopleOnWall(scene, brief, view) : []), ...placedFigures(scene, brief, view).items]

/** The same figures, each with what covers it. */
export function seenFigures(
  scene: Scene,
  brief: Brief,
  view: Exclude<ViewId, 'section'>,
  withPeople = true,
): readonly SeenFigure[] {
  if (view !== 'plan') return [{ key: 'figures', items: figureItems(scene, brief, view, withPeople) }]
  const order = paintOrder(scene, 'plan')
  return bodiesInPlan(scene, brief, withPeople).map((body) => {
    const over = order.find((placed) => isOver(placed, body))
    return { key: body.key, items: body.items, ...(over === undefined ? {} : { under: over.id }) }
  })
}

/** A view’s marks with its figures each under what covers it; the others on top of all. */
export function withFigures(painted: readonly ItemGroup[], figures: readonly SeenFigure[]): readonly ItemGroup[] {
  const shown = new Set(painted.map(({ fittingId }) => fittingId))
  return [
    ...painted.flatMap((group) => [
      ...figures.filter(({ under }) => under !== undefined && under === group.fittingId),
      group,
    ]),
    ...figures.filter(({ under }) => under === undefined || !shown.has(under)),
  ]
}
