import { type Prism, prism, type Span, spansOverlap, type Vec2, type Vec3 } from '../geometry'
import { type Blocker, freedomOf } from './free'
import type { Sleeping } from './heads'
import { placedIn } from './placed-in'
import { keptNear } from './kept'
import type { Placed, Scene } from './scene'

/** A trunk from back to chest, a head across and from its back to its brow. Common practice, no source. */
const TRUNK_DEEP_MM = 280
const HEAD_MM = { wide: 180, deep: 200 } as const
/** How far from an end one sits up: against it, or shuffled down from what leans in there. */
const FROM_END_MM = [0, 150, 300, 450] as const

export interface SitUpRoom {
  /** Free height over the mattress, at most `neededMm`. */
  readonly freeMm: number
  /** Over which the head is, in plan. */
  readonly at: Vec2
  readonly end: 'head' | 'foot'
  readonly blockers: readonly Blocker[]
}

/** A block of a direction in plan: `deep` from a point on along it, `wide` across it, between two heights. */
function standing([x, y]: Vec2, [dx, dy]: Vec2, deep: number, wide: number, z0: number, z1: number): Prism {
  const corner = (ahead: number, aside: number): Vec2 => [x + dx * ahead - dy * aside, y + dy * ahead + dx * aside]
  const half = wide / 2
  return prism('z', [corner(0, -half), corner(deep, -half), corner(deep, half), corner(0, half)], { min: z0, max: z1 })
}

/** Who sits up: the height that they need, their shoulders’ height and breadth. */
type Body = Readonly<Record<'neededMm' | 'shoulderMm' | 'breadthMm', number>>

/**
 * Where one who sleeps sits up best, and how high it is there: over a trunk as broad as their shoulders and a head, at either end of
 * the bed, against it or a little down from it. `shoulderMm` and `breadthMm` are a sitter’s shoulder height and breadth.
 */
export function sitUpRoom(scene: Scene, sleeping: Sleeping, body: Body): SitUpRoom {
  const owner = placedIn(scene, sleeping.fittingId)
  const { head, feet, top, footward } = sleeping
  const byOwner = places.get(owner) ?? new Map<string, object>()
  places.set(owner, byOwner)
  const at = [head, feet, top, footward, body.neededMm, body.shoulderMm, body.breadthMm].join(' ')
  const place = byOwner.get(at) ?? {}
  byOwner.set(at, place)
  // one sits within the bed, and as broad as one is beside its middle
  const { x, y } = owner.bounds
  const reach = (span: Span): Span => ({ min: span.min - body.breadthMm, max: span.max + body.breadthMm })
  const [along, across] = [reach(x), reach(y)]
  const near = [
    owner,
    ...scene.placed.filter(
      ({ id, bounds }) => id !== owner.id && spansOverlap(bounds.x, along) && spansOverlap(bounds.y, across),
    ),
  ]
  return kept(place, scene, near, () => roomFound(scene, owner, sleeping, body))
}

const kept = keptNear<object, SitUpRoom>()
/** By bed, where in it who sits up. */
const places = new WeakMap<Placed, Map<string, object>>()

function roomFound(
  scene: Scene,
  owner: Placed,
  { head, feet, top, footward }: Sleeping,
  { neededMm, shoulderMm, breadthMm }: Body,
): SitUpRoom {
  const z = head[2]
  const headToMiddle = Math.hypot(head[0] - top[0], head[1] - top[1])
  const foot: Vec2 = [feet[0] + footward[0] * headToMiddle, feet[1] + footward[1] * headToMiddle]
  const headward: Vec2 = [-footward[0], -footward[1]]
  const free = (need: number, shape: (height: number) => Prism) =>
    freedomOf(scene, owner, {
      id: 'sit-up',
      use: 'sit-up',
      serves: ['berth'],
      need,
      unit: 'mm',
      task: undefined,
      outdoors: false,
      prism: shape(need),
      upTo: shape,
    })
  let best: SitUpRoom | undefined
  for (const offset of FROM_END_MM)
    for (const [end, from, inward] of [
      ['head', top, footward],
      ['foot', foot, headward],
    ] as const) {
      const back: Vec2 = [from[0] + inward[0] * offset, from[1] + inward[1] * offset]
      const brow = (TRUNK_DEEP_MM - HEAD_MM.deep) / 2
      const skull: Vec2 = [back[0] + inward[0] * brow, back[1] + inward[1] * brow]
      const trunk = free(shoulderMm, (height) =>
        standing(back, inward, TRUNK_DEEP_MM, breadthMm, z, z + Math.max(1, height)),
      )
      const crown = free(neededMm, (height) =>
        standing(skull, inward, HEAD_MM.deep, HEAD_MM.wide, z, z + Math.max(1, height)),
      )
      const lower = trunk.free < shoulderMm ? trunk : crown
      const at: Vec2 = [back[0] + (inward[0] * TRUNK_DEEP_MM) / 2, back[1] + (inward[1] * TRUNK_DEEP_MM) / 2]
      if (best === undefined || lower.free > best.freeMm + 1)
        best = { freeMm: lower.free, at, end, blockers: lower.blockers }
      if (best.freeMm >= neededMm) return best
    }
  return best as SitUpRoom
}

/** Where it is told in a drawing. */
export const overHead = ({ at, freeMm }: SitUpRoom, { head }: Sleeping): Vec3 => [at[0], at[1], head[2] + freeMm]
