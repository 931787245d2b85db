import type { HollowWay } from '../fittings'
import { type Box, boxPrism, type Prism, prismBounds, prismsOverlap, sharedLength, type Span } from '../geometry'
import { TOUCH_MM } from '../units'
import { collisionsOf } from './fit'
import { matterFor } from './matter'
import type { Placed, Scene, Within } from './scene'
import { insideTape, type InsideTapeId, type TapeRow } from './tape'

/** Why what was put into a hollow does not fit there. */
export type HollowFault =
  /** It sticks out of it, through one of its sides. */
  | { readonly kind: 'pokes-out'; readonly hostId: string; readonly side: InsideTapeId; readonly byMm: number }
  /** It meets what takes of the hollow’s room: a drawer’s box, a bowl, another thing in there. */
  | { readonly kind: 'meets'; readonly hostId: string; readonly part: string; readonly byMm: number }

/** What shuts in a thing that was put into a hollow; undefined where it stands open, or in none. */
export function shutIn(
  scene: Scene,
  { within }: Placed,
): { readonly hostId: string; readonly by: HollowWay; readonly room: Box } | undefined {
  const host = within === undefined ? undefined : scene.placed.find(({ id }) => id === within.hostId)
  const hollow = host?.hollows.find(({ id }) => id === within?.hollowId)
  if (host === undefined || hollow === undefined || hollow.by === 'open') return undefined
  return { hostId: host.id, by: hollow.by, room: hollow.room }
}

const AXES = ['x', 'y', 'z'] as const

/** Blocks round what is in a room of a fitting, put there or standing there, and what takes of it itself; but for one thing. */
export function thingsIn(scene: Scene, host: Placed, room: Box, exceptId?: string): readonly Box[] {
  // what the host itself is in is round it, not in it
  const around = new Set<string>([host.id])
  for (let at = host.within?.hostId; at !== undefined && !around.has(at);) {
    around.add(at)
    const next = at
    at = scene.placed.find(({ id }) => id === next)?.within?.hostId
  }
  return [
    ...scene.placed.filter(({ id }) => id !== exceptId && !around.has(id)).flatMap(({ inner }) => inner),
    ...host.hollows.flatMap(({ taken }) => taken),
  ]
    .map(({ prism }) => prismBounds(prism))
    .filter((box) => AXES.every((axis) => sharedLength(box[axis], room[axis]) > TOUCH_MM))
}

/** The most room beside or over a thing in a hollow, up to its sides or to what else is in it, mm; undefined where it is in none. */
export function airRound(scene: Scene, placed: Placed): number | undefined {
  const { within, bounds } = placed
  const host = within === undefined ? undefined : scene.placed.find(({ id }) => id === within.hostId)
  if (within === undefined || host === undefined) return undefined
  const things = thingsIn(scene, host, within.room, placed.id)
  const gaps = AXES.flatMap((axis) => {
    const beside = things.filter((thing) =>
      AXES.every((other) => other === axis || sharedLength(thing[other], bounds[other]) > TOUCH_MM),
    )
    const up =
      Math.min(
        within.room[axis].max,
        ...beside.map((thing) => thing[axis].min).filter((at) => at >= bounds[axis].max - TOUCH_MM),
      ) - bounds[axis].max
    const down =
      bounds[axis].min -
      Math.max(
        within.room[axis].min,
        ...beside.map((thing) => thing[axis].max).filter((at) => at <= bounds[axis].min + TOUCH_MM),
      )
    return axis === 'z' ? [up] : [up, down]
  })
  return Math.max(0, ...gaps)
}

/** What of the block round a fitting stands out of its hollow through one side: level with the hollow, where it is at all. */
function outBy({ bounds }: Placed, { room }: Within, { grows }: TapeRow): Prism {
  const out = AXES.find((_, index) => Math.abs(grows[index] ?? 0) > 0.5) ?? 'z'
  const isLow = grows[0] + grows[1] + grows[2] > 0
  const span = (axis: (typeof AXES)[number]): Span => {
    const [own, free] = [bounds[axis], room[axis]]
    if (axis === out) return isLow ? { min: own.min, max: free.min } : { min: free.max, max: own.max }
    const level = { min: Math.max(own.min, free.min), max: Math.min(own.max, free.max) }
    return level.max > level.min ? level : own
  }
  return boxPrism({ x: span('x'), y: span('y'), z: span('z') })
}

/** What keeps a fitting from lying in the hollow that it was put into; undefined where it fits, or is in none. */
export function hollowFault(scene: Scene, placed: Placed): HollowFault | undefined {
  const { within } = placed
  if (within === undefined) return undefined
  const hit = collisionsOf(scene, placed).find(({ b }) => b.kind === 'fitting' && b.placed.id === within.hostId)
  if (hit === undefined) return undefined
  const { hostId } = within
  const host = scene.placed.find(({ id }) => id === hostId)
  const boards = host === undefined || hit.inHollow ? [] : matterFor(host, placed)
  const [worst] = insideTape(placed, within)
    .filter((row) => row.mm < -TOUCH_MM && boards.some(({ prism }) => prismsOverlap(prism, outBy(placed, within, row))))
    .sort((a, b) => a.mm - b.mm)
  if (worst !== undefined) return { kind: 'pokes-out', hostId, side: worst.id, byMm: -worst.mm }
  return { kind: 'meets', hostId, part: hit.partB, byMm: hit.depth() }
}
