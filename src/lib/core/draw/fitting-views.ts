import {
  boxPrism,
  placePoint,
  polygonSpan,
  prismBounds,
  sliceAtX,
  spanMiddle,
  type Box,
  type Polygon,
  type Prism,
  type Vec2,
} from '../geometry'
import { type ClearanceUse, type Feature, isInTheWay } from '../fittings'
import { matterOf, outlineFromAbove, sectionOf, type Placed } from '../scene'
import type { Interior } from '../shell'
import { fittingName } from '../text'
import { line, path, type Item, type ItemGroup, type ViewId } from './display'
import { hatchOf } from './hatches'

/** What hangs higher than this above the bare floor is above the plan's cut. */
const PLAN_CUT_MM = 1300
/** Fittings this near to the centreline show on both walls. */
const CENTRE_MM = 200

const rectangleOf = (u: { min: number; max: number }, v: { min: number; max: number }): Vec2[] => [
  [u.min, v.min],
  [u.max, v.min],
  [u.max, v.max],
  [u.min, v.max],
]

/** A solid's outline in plan. */
function planOutline(prism: Prism): readonly Vec2[] {
  if (prism.axis === 'z') return prism.profile
  const { x, y } = prismBounds(prism)
  return rectangleOf(x, y)
}

/** A solid's outline seen from the side. */
function sideOutline(prism: Prism): readonly Vec2[] {
  if (prism.axis === 'y') return prism.profile
  const { x, z } = prismBounds(prism)
  return rectangleOf(x, z)
}

const labelAt = (text: string, box: { u: { min: number; max: number }; v: { min: number; max: number } }): Item => ({
  kind: 'text',
  at: [spanMiddle(box.u), spanMiddle(box.v)],
  text,
  size: 'label',
  anchor: 'middle',
  room: [box.u.max - box.u.min, box.v.max - box.v.min],
})

export const isOverhead = (placed: Placed): boolean => placed.bounds.z.min > PLAN_CUT_MM

/** What hangs under the floor, or over the plan's cut, is there only in dashes. */
const isHidden = (placed: Placed): boolean => isOverhead(placed) || placed.bounds.z.max <= 0

function topFeature(placed: Placed, { shape, filled }: Feature): Item {
  const fill = filled === true ? 'sheet' : 'none'
  const at = (point: Vec2) => placePoint(placed.placement, point)
  if (shape.kind === 'circle')
    return { kind: 'circle', centre: at(shape.centre), radius: shape.radius, weight: 'hair', fill }
  if (shape.kind === 'line') return line(at(shape.from), at(shape.to), 'hair')
  return path(shape.points.map(at), 'hair', fill)
}

/** A fitting from above, cut to the wall it is scribed to. Overhead or under the floor it is drawn dashed, so that what stands between stays readable. */
function planGroup(placed: Placed, interior: Interior): ItemGroup {
  const hidden = isHidden(placed)
  const items: Item[] = placed.solids.map((solid): Item => {
    const outline = outlineFromAbove(interior, placed.scribedTo, solid) ?? planOutline(solid.prism)
    if (solid.fit === 'cloth') return path(outline, 'hair')
    return hidden || prismBounds(solid.prism).z.min > PLAN_CUT_MM
      ? path(outline, 'hidden')
      : ({ ...path(outline, 'visible', 'wood'), hatch: hatchOf(placed) } as Item)
  })
  if (!hidden)
    items.push(...placed.features.filter(({ view }) => view === 'top').map((feature) => topFeature(placed, feature)))
  const { x: u, y: v } = placed.bounds
  if (!hidden && placed.solids.length > 0) items.push(labelAt(fittingName(placed.fitting), { u, v }))
  return { key: placed.id, fittingId: placed.id, items }
}

/** Which walls a fitting is seen on. */
export function onWall(placed: Placed, side: 'left' | 'right'): boolean {
  const middle = spanMiddle(placed.bounds.y)
  return side === 'left' ? middle > -CENTRE_MM : middle < CENTRE_MM
}

/** Where a point of a fitting's front (x, z) or end (y, z) lies in a view along the vehicle; undefined for the view that shows neither. */
function alongVehicle(
  { placement: { at, turn, mirrored } }: Placed,
  view: Feature['view'],
): ((point: Vec2) => Vec2) | undefined {
  const across = turn % 180 !== 0
  if (view === 'top' || (view === 'front') === across) return undefined
  const sign = view === 'front' ? (mirrored ? -1 : 1) * (turn === 180 ? -1 : 1) : turn === 90 ? -1 : 1
  return ([u, w]) => [at[0] + sign * u, at[2] + w]
}

function sideGroup(placed: Placed): ItemGroup {
  const items: Item[] = placed.solids.map((solid): Item =>
    solid.fit === 'cloth'
      ? path(sideOutline(solid.prism), 'hair')
      : ({ ...path(sideOutline(solid.prism), 'visible', 'wood'), hatch: hatchOf(placed) } as Item),
  )
  for (const { view, shape } of placed.features) {
    const at = alongVehicle(placed, view)
    if (at === undefined) continue
    if (shape.kind === 'line') items.push(line(at(shape.from), at(shape.to), 'hair'))
    else if (shape.kind === 'polygon') items.push(path(shape.points.map(at), 'hair'))
    else items.push({ kind: 'circle', centre: at(shape.centre), radius: shape.radius, weight: 'hair', fill: 'none' })
  }
  const { x: u, z: v } = placed.bounds
  if (placed.solids.length > 0) items.push(labelAt(fittingName(placed.fitting), { u, v }))
  return { key: placed.id, fittingId: placed.id, items }
}

/** A fitting with its front or top away: its outline in dashes, the sides of its hollows, and what takes room in them. */
export function openGroup(placed: Placed, view: Exclude<ViewId, 'section'>): ItemGroup | undefined {
  if (view !== 'plan' && !onWall(placed, view)) return undefined
  const outline = view === 'plan' ? planOutline : sideOutline
  const items: Item[] = [
    ...placed.inner.map(({ prism }) => path(outline(prism), 'hidden', 'sheet')),
    ...placed.hollows.flatMap(({ room, taken }): Item[] => [
      path(outline(boxPrism(room)), 'visible', 'sheet'),
      ...taken.map(({ prism }) => path(outline(prism), 'hair', 'wood')),
    ]),
  ]
  return { key: `${placed.id} open`, fittingId: placed.id, items }
}

/** What lies in another, behind its front: its outline in dashes, with its name small. */
function insideGroup(placed: Placed, view: Exclude<ViewId, 'section'>): ItemGroup {
  const { x: u, y, z } = placed.bounds
  const outline = view === 'plan' ? planOutline : sideOutline
  return {
    key: placed.id,
    fittingId: placed.id,
    items: [
      ...placed.solids.map(({ prism }) => path(outline(prism), 'hidden')),
      { ...labelAt(fittingName(placed.fitting), { u, v: view === 'plan' ? y : z }), size: 'small' } as Item,
    ],
  }
}

/**
 * A fitting in one of the three views along the vehicle; undefined where that view does not show it. What lies in another is behind
 * the front of that, unless it `isOpen`.
 */
export function fittingGroup(
  placed: Placed,
  view: Exclude<ViewId, 'section'>,
  interior: Interior,
  isOpen = false,
): ItemGroup | undefined {
  if (placed.within !== undefined && !isOpen)
    return view === 'plan' || onWall(placed, view) ? insideGroup(placed, view) : undefined
  if (view === 'plan') return planGroup(placed, interior)
  return onWall(placed, view) ? sideGroup(placed) : undefined
}

const mirrorY = (polygon: Polygon): Vec2[] => polygon.map(([y, z]): Vec2 => [-y, z])

/** What the section at `xMm` cuts of a fitting, scribed parts cut to the lined body; undefined where it misses. */
export function sectionGroup(placed: Placed, interior: Interior, xMm: number): ItemGroup | undefined {
  // boards, not blocks: the section shows what is hollow
  const matter = [
    ...matterOf(placed),
    ...placed.solids.filter(({ fit }) => !isInTheWay(fit)).map((solid) => ({ solid, prism: solid.prism })),
  ]
  const cuts = matter.flatMap(({ solid, prism }) => {
    const slice = sliceAtX(prism, xMm)
    if (slice.length < 3) return []
    return solid.fit === 'scribed' ? sectionOf(interior, slice, xMm) : [slice]
  })
  if (cuts.length === 0) return undefined
  const isCloth = placed.solids.every(({ fit }) => fit === 'cloth')
  const items: Item[] = cuts.map((shape): Item =>
    isCloth
      ? path(mirrorY(shape), 'hair')
      : ({ ...path(mirrorY(shape), 'visible', 'wood'), hatch: hatchOf(placed) } as Item),
  )
  const across = cuts.map((shape) => polygonSpan(shape, 0))
  const up = cuts.map((shape) => polygonSpan(shape, 1))
  const u = { min: -Math.max(...across.map(({ max }) => max)), max: -Math.min(...across.map(({ min }) => min)) }
  const v = { min: Math.min(...up.map(({ min }) => min)), max: Math.max(...up.map(({ max }) => max)) }
  items.push(labelAt(fittingName(placed.fitting), { u, v }))
  return { key: placed.id, fittingId: placed.id, items }
}

/** Clearances that are about height, and so are seen on a wall. */
const UPRIGHT: ReadonlySet<ClearanceUse> = new Set(['flap', 'stand-inside', 'lid', 'over', 'sit-up', 'pull'])

/** A clearance in a view: dotted, drawn when its fitting is picked up. */
export function clearanceItems(placed: Placed, view: Exclude<ViewId, 'section'>): readonly Item[] {
  return placed.clearances.flatMap((clearance): Item[] => {
    if (view === 'plan') return [path(planOutline(clearance.prism), 'clearance')]
    return onWall(placed, view) && UPRIGHT.has(clearance.use) ? [path(sideOutline(clearance.prism), 'clearance')] : []
  })
}

/** The outline of a fitting that lies under a higher one, dashed, with its name. */
export function hiddenOutline(placed: Placed): ItemGroup {
  const { x: u, y: v }: Box = placed.bounds
  return {
    key: `${placed.id} hidden`,
    fittingId: placed.id,
    items: placed.solids
      .map((solid) => path(planOutline(solid.prism), 'hidden'))
      .concat([{ ...labelAt(fittingName(placed.fitting), { u, v }), size: 'small' } as Item]),
  }
}
