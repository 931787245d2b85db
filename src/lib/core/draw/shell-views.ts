import { TOUCH_MM } from '../units'
import { clamp, intersectConvex, type Polygon, prismBounds, rectangle, spanMiddle, type Vec2 } from '../geometry'
import {
  bareOf,
  cabSpace,
  floorPockets,
  liningTop,
  heightsAt,
  type Interior,
  isWindow,
  knots,
  outlineAt,
  wallReach,
  wallsAt,
  wallTop,
} from '../shell'
import { type Bounds, type Item, type ItemGroup, line, path } from './display'

/** How far the ground of an elevation reaches below the load floor, in mm. */
const BELOW_MM = 170

/** Half the lined space from above: the wall's widest at each station. */
function wallLine(interior: Interior, side: 'left' | 'right'): Vec2[] {
  const sign = side === 'left' ? 1 : -1
  const low = interior.lining.floorMm + 1
  const band = { min: low, max: Math.max(low, Math.min(1200, wallTop(interior))) }
  // where the wall steps, a hair to either side of that
  const { min, max } = interior.xSpan
  const steps = interior.pockets
    .filter((pocket) => pocket.kind === 'wall' && pocket.side === side)
    .flatMap(({ x }) => [x.min, x.max].flatMap((at) => [at - 2 * TOUCH_MM, at + 2 * TOUCH_MM]))
    .filter((x) => x > min && x < max)
  return [...new Set([...knots(interior, interior.xSpan), ...steps])]
    .sort((a, b) => a - b)
    .map((x) => [x, sign * (wallReach(interior, side, { min: x, max: x }, band)?.wideMm ?? 0)])
}

export const planBounds = (interior: Interior): Bounds => {
  const { plan } = interior.shell.outline
  const flared = Object.values(interior.changes).map((change) =>
    change.kind === 'flare' || change.kind === 'widened' ? change.depthMm : 0,
  )
  const wide = Math.max(...plan.map((point) => point[1])) + Math.max(0, ...flared)
  return {
    min: [Math.min(...plan.map((point) => point[0])), -wide],
    max: [Math.max(...plan.map((point) => point[0])), wide],
  }
}

/** How much higher than its outline changes make the body. */
const riseOf = (interior: Interior): number =>
  Math.max(0, ...Object.values(interior.changes).map((change) => (change.kind === 'raised-roof' ? change.riseMm : 0)))

export const sideBounds = (interior: Interior): Bounds => {
  const { side } = interior.shell.outline
  return {
    min: [planBounds(interior).min[0], Math.max(-BELOW_MM, Math.min(...side.map((point) => point[1])))],
    max: [planBounds(interior).max[0], Math.max(...side.map((point) => point[1])) + riseOf(interior)],
  }
}

/** The part of an open cab that the body as drawn leaves: a windscreen slopes into it. */
const within = (skin: readonly Vec2[], cab: Polygon): Item => path(intersectConvex(skin, cab), 'hair', 'sheet')

/** The body from above: skin, lined walls, arches, doors and cab seats. */
export function shellPlan(interior: Interior): ItemGroup {
  const { shell, xSpan } = interior
  const half = shell.outline.plan
  const skin = [...half, ...[...half].reverse().map(([x, y]): Vec2 => [x, -y])]
  const left = wallLine(interior, 'left')
  const right = wallLine(interior, 'right')
  const cab = cabSpace(interior)
  const flares = Object.values(interior.changes).flatMap((change): Item[] => {
    if (change.kind !== 'flare' && change.kind !== 'widened') return []
    const at = Math.max(...half.map((point) => point[1]))
    const [low, high] = change.side === 'left' ? [0, at + change.depthMm] : [-at - change.depthMm, 0]
    return [path(rectangle(change.fromMm, low, change.toMm, high), 'visible', 'body')]
  })
  const items: Item[] = [
    ...flares,
    path(skin, 'visible', 'body'),
    path([...right, ...[...left].reverse()], 'cut', 'sheet'),
    ...floorPockets(interior).map(({ x, y }) => path(rectangle(x.min, y.min, x.max, y.max), 'hair')),
    ...(cab === undefined ? [] : [within(skin, rectangle(cab.x.min, cab.y.min, cab.x.max, cab.y.max))]),
    ...shell.rails.map(({ on, fromMm, toMm, yMm }) =>
      line([fromMm, yMm], [toMm, yMm], on === 'roof' ? 'hidden' : 'hair'),
    ),
    line([xSpan.min - 120, 0], [Math.max(...half.map((point) => point[0])) + 120, 0], 'centre'),
  ]
  for (const { prism } of interior.keepOuts) {
    const { x, y, z } = prismBounds(prism)
    const unseen = z.min > 1300 || z.max <= 0
    const at = clamp(spanMiddle(x), xSpan.min, xSpan.max)
    const walls = wallsAt(interior, at, clamp(spanMiddle(z), interior.lining.floorMm + 1, 1000)) ?? y
    items.push(
      path(
        rectangle(
          x.min,
          Math.min(Math.max(y.min, walls.min), walls.max),
          x.max,
          Math.max(Math.min(y.max, walls.max), walls.min),
        ),
        unseen ? 'hidden' : 'hair',
        unseen ? 'none' : 'body',
      ),
    )
  }
  for (const opening of shell.openings) {
    const skinY = Math.max(...half.map((point) => point[1]))
    if (opening.side === 'roof') {
      items.push(path(rectangle(opening.fromMm, opening.sillMm, opening.toMm, opening.headMm), 'hidden'))
    } else if (isWindow(opening) && opening.side !== 'rear') {
      const y = opening.side === 'left' ? skinY : -skinY
      items.push(line([opening.fromMm, y], [opening.toMm, y], 'cut'))
    } else if (opening.side === 'rear')
      items.push(line([xSpan.min - 20, opening.fromMm], [xSpan.min - 20, opening.toMm], 'door'))
    else
      items.push(
        line(
          [opening.fromMm, opening.side === 'left' ? skinY - 15 : -skinY + 15],
          [opening.toMm, opening.side === 'left' ? skinY - 15 : -skinY + 15],
          'door',
        ),
      )
  }
  return { key: 'shell', items }
}

/** The body from the side: skin, lined space, arches, the openings of that wall, cab seats. */
export function shellSide(interior: Interior, side: 'left' | 'right'): ItemGroup {
  const { shell, xSpan } = interior
  const { min, max } = sideBounds(interior)
  const skin = shell.outline.side.map(([x, z]): Vec2 => [x, Math.max(z, min[1])])
  const xs = knots(interior, xSpan)
  const heights = xs.map((x) => heightsAt(interior, x, 0) ?? { min: 0, max: 0 })
  const lined: Vec2[] = [
    ...xs.map((x, index): Vec2 => [x, heights[index]!.min]),
    ...xs.map((x, index): Vec2 => [x, heights[index]!.max]).reverse(),
  ]
  const changes = Object.values(interior.changes)
  const roofs = changes.flatMap((change) =>
    change.kind === 'raised-roof' ? [path(rectangle(change.fromMm, 0, change.toMm, max[1]), 'visible', 'body')] : [],
  )
  const flares = changes.flatMap((change) =>
    change.kind === 'flare' && change.side === side
      ? [path(rectangle(change.fromMm, change.bottomMm, change.toMm, change.topMm), 'hidden')]
      : [],
  )
  const cab = cabSpace(interior)
  const items: Item[] = [
    ...roofs,
    path(skin, 'visible', 'body'),
    ...(cab === undefined
      ? []
      : [within(skin, rectangle(cab.x.min, Math.max(cab.z.min, min[1]), cab.x.max, cab.z.max))]),
    path(lined, 'cut', 'sheet'),
    ...floorPockets(interior).map(({ x, byMm }) => {
      const floor = liningTop(interior, spanMiddle(x))
      return path(rectangle(x.min, floor - byMm, x.max, floor), 'cut', 'sheet')
    }),
    ...flares,
  ]
  for (const { prism } of interior.keepOuts) {
    const { x, y, z } = prismBounds(prism)
    const here = side === 'left' ? y.max > 0 : y.min < 0
    if (here && z.max <= 0) items.push(path(rectangle(x.min, Math.max(z.min, min[1]), x.max, z.max), 'hidden'))
    else if (here)
      items.push(path(rectangle(x.min, Math.max(z.min, interior.lining.floorMm), x.max, z.max), 'hair', 'body'))
  }
  for (const opening of shell.openings) {
    if (opening.side !== side) continue
    const window = isWindow(opening)
    items.push(
      path(
        rectangle(opening.fromMm, Math.max(opening.sillMm, interior.lining.floorMm), opening.toMm, opening.headMm),
        window ? 'hair' : 'hidden',
        window ? 'glass' : 'none',
      ),
    )
  }
  items.push(line([shell.bulkhead.xMm, interior.lining.floorMm], [shell.bulkhead.xMm, max[1]], 'hidden'))
  return { key: 'shell', items }
}

/** The body cut across at `xMm`: bare steel, lined space, and the arches that the cut meets. */
export function shellSection(interior: Interior, xMm: number): ItemGroup {
  const flip = ([y, z]: Vec2): Vec2 => [-y, z]
  const bare = outlineAt(bareOf(interior), xMm)
  const lined = outlineAt(interior, xMm)
  const items: Item[] = [path(bare.map(flip), 'visible', 'body'), path(lined.map(flip), 'cut', 'sheet')]
  for (const { prism } of interior.keepOuts) {
    const { x, y, z } = prismBounds(prism)
    if (xMm < x.min || xMm > x.max || z.max <= interior.lining.floorMm) continue
    const wide = Math.max(...lined.map((corner) => corner[0]))
    items.push(
      path(
        rectangle(Math.max(-y.max, -wide), Math.max(z.min, interior.lining.floorMm), Math.min(-y.min, wide), z.max),
        'hair',
        'body',
      ),
    )
  }
  return { key: 'shell', items }
}

const bounded = new WeakMap<Interior, Bounds>()

export function sectionBounds(interior: Interior): Bounds {
  const known = bounded.get(interior)
  if (known !== undefined) return known
  const bare = bareOf(interior)
  const corners = knots(bare, bare.xSpan).flatMap((x) => outlineAt(bare, x))
  const wide = Math.max(...corners.map((corner) => Math.abs(corner[0])))
  const bounds: Bounds = {
    min: [-wide, Math.min(...corners.map((corner) => corner[1]))],
    max: [wide, Math.max(...corners.map((corner) => corner[1]))],
  }
  bounded.set(interior, bounds)
  return bounds
}
