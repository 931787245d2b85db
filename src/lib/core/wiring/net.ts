import { shortestPath, type Box, type Link, type Vec3 } from '../geometry'
import { liningTop, wallsAt, wallTop, type Interior, type Opening } from '../shell'

/** The lines along the body that wires run on: the edges of the floor and of the roof, up the walls between openings, over the roof. */
export interface Net {
  readonly knots: ReadonlyMap<string, Vec3>
  readonly links: readonly Link[]
  /** Taken only where no other way is left: across below the floor, at its front edge. */
  readonly under: readonly Link[]
}

export interface Route {
  readonly points: readonly Vec3[]
  readonly lengthMm: number
}

const STEP_MM = 150
/** So far from a corner of the body a wire runs, and past the frame of an opening. Common practice, no source. */
const EDGE_MM = 40
const FRAME_MM = 30
const SIDES = ['left', 'right'] as const
type Side = (typeof SIDES)[number]

const within = (at: number, from: number, to: number): boolean => at > from && at < to
const meets = (a: readonly [number, number], b: readonly [number, number]): boolean => a[0] < b[1] && b[0] < a[1]
/** Common practice, no source. */
const SIDE_BY_SIDE_MM = 600
const sorted = (a: number, b: number): readonly [number, number] => (a < b ? [a, b] : [b, a])

/** Whether a straight line on a wall, or over the roof, meets an opening. */
function meetsOpening(
  opening: Opening,
  side: Side | 'roof',
  x: readonly [number, number],
  z: readonly [number, number],
): boolean {
  if (opening.side !== side) return false
  const [from, to] = sorted(opening.fromMm, opening.toMm)
  const alongMeets = meets([x[0], Math.max(x[1], x[0] + 1)], [from - FRAME_MM, to + FRAME_MM])
  if (side === 'roof') return alongMeets
  const [sill, head] = sorted(opening.sillMm, opening.headMm)
  return alongMeets && meets([z[0], Math.max(z[1], z[0] + 1)], [sill - FRAME_MM, head + FRAME_MM])
}

/** Whether a line from one point to another, along one axis, goes through a block. */
const goesThrough = (a: Vec3, b: Vec3, { x, y, z }: Box): boolean =>
  ([x, y, z] as const).every((range, axis) => {
    const [low, high] = sorted(a[axis] ?? 0, b[axis] ?? 0)
    return low === high ? within(low, range.min, range.max) : meets([low, high], [range.min, range.max])
  })

/**
 * The net of a body. No line of it crosses an opening, or goes through one of the blocks that are `kept` free: where somebody lies, what is
 * cut into the roof.
 */
export function netOf(interior: Interior, kept: readonly Box[] = []): Net {
  const { shell, xSpan } = interior
  const first = xSpan.min + EDGE_MM
  const last = xSpan.max - EDGE_MM
  const count = Math.max(2, Math.ceil((last - first) / STEP_MM) + 1)
  const stations = Array.from({ length: count }, (_, at) => first + ((last - first) * at) / (count - 1))
  const top = wallTop(interior) - EDGE_MM
  const knots = new Map<string, Vec3>()
  const links: Link[] = []
  const inward = (side: Side): number => (side === 'left' ? -EDGE_MM : EDGE_MM)
  const put = (name: string, side: Side, x: number, z: number): void => {
    const walls = wallsAt(interior, x, z)
    if (walls !== undefined) knots.set(name, [x, (side === 'left' ? walls.max : walls.min) + inward(side), z])
  }
  stations.forEach((x, at) => {
    for (const side of SIDES) {
      put(`${side}-floor-${at}`, side, x, liningTop(interior, x) + EDGE_MM)
      put(`${side}-roof-${at}`, side, x, top)
    }
  })
  const link = (a: string, b: string, side: Side | 'roof'): void => {
    const [from, to] = [knots.get(a), knots.get(b)]
    if (from === undefined || to === undefined) return
    const x = sorted(from[0], to[0])
    const z = sorted(from[2], to[2])
    if (shell.openings.some((opening) => meetsOpening(opening, side, x, z))) return
    if (kept.some((box) => goesThrough(from, to, box))) return
    links.push({ a, b, length: Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]) })
  }
  stations.forEach((_, at) => {
    for (const side of SIDES) {
      link(`${side}-floor-${at}`, `${side}-roof-${at}`, side)
      for (const level of ['floor', 'roof']) link(`${side}-${level}-${at}`, `${side}-${level}-${at + 1}`, side)
    }
    link(`left-roof-${at}`, `right-roof-${at}`, 'roof')
  })
  // where a bed leaves no way up a wall: under the front edge of the floor, behind which nobody enters
  const under: Link[] = []
  const [left, right] = [knots.get(`left-floor-${count - 1}`), knots.get(`right-floor-${count - 1}`)]
  if (left !== undefined && right !== undefined && !kept.some((box) => goesThrough(left, right, box)))
    under.push({ a: `left-floor-${count - 1}`, b: `right-floor-${count - 1}`, length: Math.abs(left[1] - right[1]) })
  return { knots, links, under }
}

const manhattan = (a: Vec3, b: Vec3): number => Math.abs(a[0] - b[0]) + Math.abs(a[1] - b[1]) + Math.abs(a[2] - b[2])

/** The knot that a thing is nearest to, square to the body. */
function nearest({ knots, links }: Net, at: Vec3): string | undefined {
  const used = new Set(links.flatMap(({ a, b }) => [a, b]))
  let [best, least]: [string | undefined, number] = [undefined, Infinity]
  for (const [name, point] of knots) {
    const far = used.has(name) ? manhattan(at, point) : Infinity
    if (far < least) [best, least] = [name, far]
  }
  return best
}

/** From a thing to its knot, square to the body: along, then across, then up or down. */
const leg = (from: Vec3, to: Vec3): Vec3[] => [from, [to[0], from[1], from[2]], [to[0], to[1], from[2]], to]

/** The shortest way along the net from one place to another; undefined where the net does not join them. */
export function routeOn(net: Net, from: Vec3, to: Vec3): Route | undefined {
  const [a, b] = [nearest(net, from), nearest(net, to)]
  if (a === undefined || b === undefined) return undefined
  const path = shortestPath(net.links, a, b) ?? shortestPath([...net.links, ...net.under], a, b)
  const [start, end] = [net.knots.get(a), net.knots.get(b)]
  if (path === undefined || start === undefined || end === undefined) return undefined
  // what stands side by side is joined straight
  if (manhattan(from, to) <= SIDE_BY_SIDE_MM) return { points: leg(from, to), lengthMm: manhattan(from, to) }
  const along = path.knots.flatMap((knot): Vec3[] => {
    const point = net.knots.get(knot)
    return point === undefined ? [] : [point]
  })
  return {
    points: [...leg(from, start), ...along.slice(1), ...leg(to, end).toReversed().slice(1)],
    lengthMm: manhattan(from, start) + path.length + manhattan(end, to),
  }
}
