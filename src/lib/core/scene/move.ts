import { clamp, localMove, type Placement, type Vec3 } from '../geometry'
import type { Inside, Seat } from '../fittings'
import type { Plan } from '../job'
import { frontMost } from '../shell'
import { buildScene, type Placed, type Scene } from './scene'

const round = (mm: number): number => Math.round(mm * 10) / 10

/** As `nudged`, of what is in a hollow of a host that stands so. */
function nudgedInside(inside: Inside, delta: Vec3, host: Placement): Inside {
  const [dx, dy, dz] = localMove(host, delta)
  const { along, across, upMm } = inside
  return {
    ...inside,
    along: { ...along, mm: round(along.mm + (along.from === 'right' ? -dx : dx)) },
    across: { ...across, mm: round(across.mm + (across.from === 'back' ? -dy : dy)) },
    upMm: round(upMm + dz),
  }
}

/**
 * The seat with its offsets changed so that the fitting moves by `delta` in the vehicle frame; anchors stay. `host` is how the one
 * stands that it was put into.
 */
export function nudged(seat: Seat, delta: Vec3, host?: Placement): Seat {
  if (seat.inside !== undefined && host !== undefined)
    return { ...seat, inside: nudgedInside(seat.inside, delta, host) }
  const [dx, dy, dz] = delta
  const along = { ...seat.along, mm: round(seat.along.mm + (seat.along.from === 'bulkhead' ? -dx : dx)) }
  const across = { ...seat.across, mm: round(seat.across.mm + (seat.across.from === 'left-wall' ? -dy : dy)) }
  const up = {
    ...seat.up,
    mm: round(seat.up.mm + (seat.up.from === 'roof' || seat.up.from === 'under-floor' ? -dz : dz)),
  }
  return { ...seat, along, across, up }
}

/** A fitting seated otherwise, in this mode only if it has a seat of its own in it, with the scene that it then stands in. */
export function reseated(
  scene: Scene,
  plan: Plan,
  id: string,
  seat: Seat,
): { readonly scene: Scene; readonly placed: Placed } | undefined {
  const mode = plan.modes[scene.modeId]
  const fitting = plan.fittings[id]
  if (mode === undefined || fitting === undefined) return undefined
  const there =
    mode.seats?.[id] === undefined
      ? { ...plan, fittings: { ...plan.fittings, [id]: { ...fitting, seat } } }
      : { ...plan, modes: { ...plan.modes, [scene.modeId]: { ...mode, seats: { ...mode.seats, [id]: seat } } } }
  const moved = buildScene(scene.interior, there, scene.modeId, scene)
  const placed = moved.placed.find((one) => one.id === id)
  return placed === undefined ? undefined : { scene: moved, placed }
}

/**
 * Moves a fitting by `delta` as a hand would: it is stopped by the wall it stands against, and one that is carried over
 * the centreline turns round and stands against the other wall. It does not sink below the floor.
 */
export function carried(scene: Scene, plan: Plan, placed: Placed, delta: Vec3): Seat {
  const { seat, within } = placed
  if (within !== undefined) return nudged(seat, delta, within.host)
  const [dx, dy, dz] = delta
  const y = placed.placement.at[1] + dy
  let moved = nudged(seat, delta)
  if (seat.across.from !== 'centreline') {
    const side = y >= 0 ? 'left-wall' : 'right-wall'
    if (side !== seat.across.from) {
      const flush: Seat = { ...nudged(seat, [dx, 0, dz]), across: { ...seat.across, from: side, mm: 0 } }
      const there = reseated(scene, plan, placed.id, flush)
      const off = there === undefined ? 0 : Math.abs(there.placed.placement.at[1]) - Math.abs(y)
      moved = { ...flush, across: { ...flush.across, mm: Math.round(off) } }
    }
    // what hangs on the outside of the wall stays out there
    moved = { ...moved, across: { ...moved.across, mm: Math.max(Math.min(0, seat.across.mm), moved.across.mm) } }
  }
  if (moved.up.from !== 'top-of' && moved.up.from !== 'on-roof')
    moved = { ...moved, up: { ...moved.up, mm: Math.max(0, moved.up.mm) } }
  return moved
}

/** Keeps a fitting’s x-range inside the load space and an open cab, if it fits there at all. */
export function keptInside(scene: Scene, placed: Placed, dx: number): number {
  const { x } = placed.bounds
  const [min, max] = [scene.interior.xSpan.min, frontMost(scene.interior)]
  if (x.max - x.min > max - min) return dx
  return clamp(dx, min - x.min, max - x.max)
}
