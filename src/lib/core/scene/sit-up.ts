import { type Prism, prism, type Vec2, type Vec3 } from '../geometry'
import { type Blocker, freedomOf } from './free'
import type { Sleeping } from './heads'
import { placedIn } from './placed-in'
import type { Placed, PlacedClearance, Scene } from './scene'

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
  const { head, feet, top, footward } = sleeping
  const owner = placedIn(scene, sleeping.fittingId)
  // the same room is asked for again and again: it is one clearance then, and how free that is is kept
  const byOwner = rooms.get(owner) ?? new Map<string, readonly Room[]>()
  rooms.set(owner, byOwner)
  const key = [head, feet, top, footward, body.neededMm, body.shoulderMm, body.breadthMm].join(' ')
  const there = byOwner.get(key) ?? roomsOf(sleeping, body)
  byOwner.set(key, there)
  let best: SitUpRoom | undefined
  for (const { end, at, trunk, crown } of there) {
    const [ofTrunk, ofCrown] = [freedomOf(scene, owner, trunk), freedomOf(scene, owner, crown)]
    const lower = ofTrunk.free < body.shoulderMm ? ofTrunk : ofCrown
    if (best === undefined || lower.free > best.freeMm + 1)
      best = { freeMm: lower.free, at, end, blockers: lower.blockers }
    if (best.freeMm >= body.neededMm) return best
  }
  return best as SitUpRoom
}

/** A place to sit up, and the room that a trunk and a head need there. */
interface Room extends Pick<SitUpRoom, 'end' | 'at'> {
  readonly trunk: PlacedClearance
  readonly crown: PlacedClearance
}
const rooms = new WeakMap<Placed, Map<string, readonly Room[]>>()

/** The places where one who sleeps might sit up, the best first. */
function roomsOf({ head, feet, top, footward }: Sleeping, { neededMm, shoulderMm, breadthMm }: Body): readonly Room[] {
  const z = head[2]
  const headToMiddle = Math.hypot(head[0] - top[0], head[1] - top[1])
  const foot: Vec2 = [feet[0] + footward[0] * headToMiddle, feet[1] + footward[1] * headToMiddle]
  const headward: Vec2 = [-footward[0], -footward[1]]
  const room = (need: number, shape: (height: number) => Prism): PlacedClearance => ({
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
  const brow = (TRUNK_DEEP_MM - HEAD_MM.deep) / 2
  const ends = [
    ['head', top, footward],
    ['foot', foot, headward],
  ] as const
  return FROM_END_MM.flatMap((offset) =>
    ends.map(([end, from, inward]): Room => {
      const back: Vec2 = [from[0] + inward[0] * offset, from[1] + inward[1] * offset]
      const skull: Vec2 = [back[0] + inward[0] * brow, back[1] + inward[1] * brow]
      return {
        end,
        at: [back[0] + (inward[0] * TRUNK_DEEP_MM) / 2, back[1] + (inward[1] * TRUNK_DEEP_MM) / 2],
        trunk: room(shoulderMm, (height) =>
          standing(back, inward, TRUNK_DEEP_MM, breadthMm, z, z + Math.max(1, height)),
        ),
        crown: room(neededMm, (height) =>
          standing(skull, inward, HEAD_MM.deep, HEAD_MM.wide, z, z + Math.max(1, height)),
        ),
      }
    }),
  )
}

/** Where it is told in a drawing. */
export const overHead = ({ at, freeMm }: SitUpRoom, { head }: Sleeping): Vec3 => [at[0], at[1], head[2] + freeMm]
