import { adjusted, growthOf, handlesOf, withParameters, type Handle, type Made, type Seat } from '../fittings'
import { clamp, placedMove, placePrism, prismBounds, type Box, type Vec3 } from '../geometry'
import type { Plan } from '../job'
import { nudged, reseated } from './move'
import { buildScene, outlineOf, type Placed, type Scene } from './scene'
import { edgeSnap, type Snap } from './snap'

const AXES = ['x', 'y', 'z'] as const
type Axis = (typeof AXES)[number]

/** An edge of a fitting that a hand can pull, in the vehicle frame, and the parameter that it sets. */
export interface Grip {
  readonly axis: Axis
  readonly side: 'min' | 'max'
  readonly key: string
  /** Where the edge lies on its axis, mm. */
  readonly atMm: number
  /** By how much the fitting grows along its axis for one more of the parameter, mm. */
  readonly perOne: number
}

/** The outline of a fitting where it stands, whatever its doors and leaves do. */
export const outlineBox = ({ fitting, placement }: Pick<Placed, 'fitting' | 'placement'>): Box =>
  prismBounds(placePrism(placement, outlineOf(fitting)))

type Numeric = Extract<Handle['limit'], { min: number }>
const isNumeric = (limit: Handle['limit']): limit is Numeric => 'min' in limit

const isAlong = (step: number): boolean => Math.abs(step) > 0.5

/**
 * The edges of a fitting that can be pulled, each with the first parameter of its kind that grows that way. A back that stands at a
 * wall or a base that stands on a floor is no edge to pull: that is what holds it.
 */
export function gripsOf(placed: Placed): readonly Grip[] {
  const { fitting, placement, seat, within } = placed
  const box = outlineBox(placed)
  const taken = new Set<number>()
  return handlesOf(fitting).flatMap((handle): Grip[] => {
    if (handle.names.length === 0) return []
    const grows = growthOf(fitting, handle)
    return grows.flatMap((perOne, local): Grip[] => {
      if (perOne <= 0 || taken.has(local)) return []
      taken.add(local)
      const ahead = placedMove(placement, [local === 0 ? 1 : 0, local === 1 ? 1 : 0, local === 2 ? 1 : 0])
      const axis = AXES[ahead.findIndex(isAlong)] ?? 'z'
      const high = ahead.some((step) => step > 0.5)
      const grip = (side: Grip['side']): Grip => ({ axis, side, key: handle.key, atMm: box[axis][side], perOne })
      if (local === 2) return [grip(within === undefined && seat.up.from === 'roof' ? 'min' : 'max')]
      if (local === 1 && within === undefined && seat.across.from !== 'centreline') return [grip(high ? 'min' : 'max')]
      return [grip('min'), grip('max')]
    })
  })
}

/** A fitting pulled to another size: what of it is set, and how it is seated so that its other edge stays where it was. */
export interface Sized {
  readonly parameters: Made['parameters']
  readonly seat: Seat
  readonly snaps: readonly Snap[]
  /** Its outline then. */
  readonly outline: Box
}

/** A pull at a grip: to where, in mm on its axis. */
export interface Pull {
  readonly grip: Grip
  readonly toMm: number
}

/** The parameter that brings an edge there: lengths go by whole millimetres, by their step where no edge is met, and what is counted by one. */
function valueFor(placed: Placed, { grip, toMm }: Pull, isExact: boolean): number | undefined {
  const handle = handlesOf(placed.fitting).find(({ key }) => key === grip.key)
  if (handle === undefined || typeof handle.value !== 'number' || !isNumeric(handle.limit)) return undefined
  const by = (grip.side === 'max' ? toMm - grip.atMm : grip.atMm - toMm) / grip.perOne
  const { min, max, kind } = handle.limit
  const step = kind === 'length' && isExact ? 1 : handle.step
  return clamp(Math.round((handle.value + by) / step) * step, min, max)
}

/** A plan with a fitting of other figures, and seated otherwise in this mode where it has a seat of its own in it. */
function refitted(plan: Plan, { modeId }: Scene, id: string, parameters: Made['parameters']): Plan {
  const fitting = plan.fittings[id]
  return fitting === undefined || plan.modes[modeId] === undefined
    ? plan
    : {
        ...plan,
        fittings: {
          ...plan.fittings,
          [id]: { ...fitting, ...withParameters(fitting, parameters) } as never,
        },
      }
}

/**
 * A fitting pulled at one or two of its edges. Within `reachMm` an edge goes to what is near it; with no reach it goes by whole
 * millimetres. Its limits stop it. Undefined where nothing changes.
 */
export function sized(
  scene: Scene,
  plan: Plan,
  placed: Placed,
  pulls: readonly Pull[],
  reachMm: number,
  stationMm?: number,
): Sized | undefined {
  const snaps: Snap[] = []
  let parameters: Made['parameters'] = {}
  for (const pull of pulls) {
    const snap = reachMm === 0 ? undefined : edgeSnap(scene, placed, pull.grip.axis, pull.toMm, reachMm, stationMm)
    const made = withParameters(placed.fitting, parameters)
    const value = valueFor(
      placed,
      snap === undefined ? pull : { ...pull, toMm: snap.atMm },
      reachMm === 0 || snap !== undefined,
    )
    const set = value === undefined ? undefined : adjusted(made, { key: pull.grip.key }, value)
    if (set === undefined) continue
    parameters = { ...parameters, ...set }
    if (snap !== undefined) snaps.push(snap)
  }
  if (Object.keys(parameters).length === 0) return undefined
  const plain = refitted(plan, scene, placed.id, parameters)
  const first = buildScene(scene.interior, plain, scene.modeId, scene).placed.find(({ id }) => id === placed.id)
  if (first === undefined) return undefined
  // the edge opposite the one that is pulled stays where it was; what hangs from a slope goes there in more than one step
  const before = outlineBox(placed)
  let { seat } = placed
  let there = first
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const now = outlineBox(there)
    const delta = AXES.map((axis): number => {
      const pull = pulls.find(({ grip }) => grip.axis === axis)
      if (pull === undefined) return 0
      const held = pull.grip.side === 'max' ? 'min' : 'max'
      return before[axis][held] - now[axis][held]
    }) as unknown as Vec3
    if (delta.every((mm) => Math.abs(mm) <= HELD_MM)) break
    seat = nudged(seat, delta, there.within?.host)
    const next = reseated(scene, plain, placed.id, seat)
    if (next === undefined) break
    there = next.placed
  }
  return { parameters, seat, snaps, outline: outlineBox(there) }
}

const MOST_ROUNDS = 3
/** So little off an edge counts as where it was: seats are kept in tenths of a millimetre. */
const HELD_MM = 0.05
