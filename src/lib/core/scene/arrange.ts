import { nth } from '../units'
import { type Box, spanLength, type Vec3 } from '../geometry'
import type { Seat } from '../fittings'
import type { Plan } from '../job'
import { nudged } from './move'
import type { Placed, Scene } from './scene'

/** What several fittings are brought into line by: an edge or the middle of the one that was picked first. */
export const ALIGNMENTS = ['rear', 'front', 'left', 'right', 'bottom', 'top', 'middle'] as const
export type Alignment = (typeof ALIGNMENTS)[number]

export interface Reseated {
  readonly id: string
  readonly seat: Seat
}

const picked = (scene: Scene, ids: readonly string[]): readonly Placed[] =>
  ids.flatMap((id) => scene.placed.find((placed) => placed.id === id) ?? [])

/** Whether a fitting moves along, or up, because it hangs on another of those that move. */
const follows = ({ seat, within }: Placed, ids: readonly string[]) => ({
  all: within !== undefined && ids.includes(within.hostId),
  along: seat.along.from === 'after' && ids.includes(seat.along.fitting ?? ''),
  up: seat.up.from === 'top-of' && ids.includes(seat.up.fitting ?? ''),
})

/** Seats after moving several by one distance; what comes after or stands on another of them is carried by it. */
export function movedTogether(scene: Scene, ids: readonly string[], [dx, dy, dz]: Vec3): readonly Reseated[] {
  return picked(scene, ids).map((placed) => {
    const { all, along, up } = follows(placed, ids)
    if (all) return { id: placed.id, seat: placed.seat }
    return { id: placed.id, seat: nudged(placed.seat, [along ? 0 : dx, dy, up ? 0 : dz], placed.within?.host) }
  })
}

const edgeOf = ({ x, y, z }: Box, by: Alignment): number => {
  switch (by) {
    case 'rear':
      return x.min
    case 'front':
      return x.max
    case 'left':
      return y.max
    case 'right':
      return y.min
    case 'bottom':
      return z.min
    case 'top':
      return z.max
    case 'middle':
      return (x.min + x.max) / 2
  }
}

const AXIS: Record<Alignment, 0 | 1 | 2> = { rear: 0, front: 0, middle: 0, left: 1, right: 1, bottom: 2, top: 2 }

const alone = (by: number, axis: 0 | 1 | 2): Vec3 => [axis === 0 ? by : 0, axis === 1 ? by : 0, axis === 2 ? by : 0]

/** Brings all into line with the first: each is moved until that edge lies where the first one’s does. */
export function aligned(scene: Scene, ids: readonly string[], by: Alignment): readonly Reseated[] {
  const [first, ...others] = picked(scene, ids)
  if (first === undefined) return []
  const at = edgeOf(first.bounds, by)
  return others.map((placed) => ({
    id: placed.id,
    // one that came after another stands by itself from now on, else it would be carried off again
    seat: nudged(freed(scene, placed), alone(at - edgeOf(placed.bounds, by), AXIS[by]), placed.within?.host),
  }))
}

/** A seat that no longer hangs on what it came after: counted from the rear sill. */
function freed(scene: Scene, placed: Placed): Seat {
  const { seat } = placed
  if (seat.along.from !== 'after') return seat
  const { fitting: _, ...along } = seat.along
  return { ...seat, along: { ...along, from: 'rear', mm: Math.round(placed.bounds.x.min - scene.interior.xSpan.min) } }
}

/** Spreads three or more along the vehicle so that the gaps between them are equal; the outer two stay. */
export function distributed(scene: Scene, ids: readonly string[]): readonly Reseated[] {
  const row = [...picked(scene, ids)].sort((a, b) => a.bounds.x.min - b.bounds.x.min)
  const [first, last] = [row[0], row.at(-1)]
  if (row.length < 3 || first === undefined || last === undefined) return []
  const inner = row.slice(1, -1)
  const room = last.bounds.x.min - first.bounds.x.max - inner.reduce((sum, one) => sum + spanLength(one.bounds.x), 0)
  const gap = room / (row.length - 1)
  let at = first.bounds.x.max + gap
  return inner.map((placed) => {
    const seat = nudged(freed(scene, placed), [at - placed.bounds.x.min, 0, 0], placed.within?.host)
    at += spanLength(placed.bounds.x) + gap
    return { id: placed.id, seat }
  })
}

/**
 * Makes a run of several: the rearmost stays, each of the others comes right after the one behind it, on its wall and at its
 * height. A run closes up when one grows, shrinks or goes.
 */
export function runOf(scene: Scene, ids: readonly string[]): readonly Reseated[] {
  // what is in another goes with that, and is in no run
  const row = picked(scene, ids)
    .filter(({ within }) => within === undefined)
    .sort((a, b) => a.bounds.x.min - b.bounds.x.min)
  const [first] = row
  if (first === undefined) return []
  return row.slice(1).map((placed, index) => ({
    id: placed.id,
    seat: {
      ...placed.seat,
      along: { from: 'after', fitting: nth(row, index).id, mm: 0 },
      across: { ...first.seat.across },
      turn: first.seat.turn,
    },
  }))
}

/** Others of the same group as a fitting, itself included; alone if it is in none. */
export function groupWith(plan: Plan, id: string): readonly string[] {
  const group = Object.values(plan.groups ?? {}).find(({ fittings }) => fittings.includes(id))
  return group?.fittings ?? [id]
}
