import {
  block,
  type Box,
  convexContains,
  prismBounds,
  prismsOverlap,
  sharedLength,
  spanLength,
  spansOverlap,
  stretchesLeft,
  type Prism,
  type Span,
} from '../geometry'
import { protrusionThere } from '../shell'
import { TOUCH_MM } from '../units'
import { isSlight } from './slight'
import { CUT_ROUND_MM } from './fit'
import { isOutside, type Placed, type PlacedClearance, type Scene } from './scene'
import { cabSeatsIn } from './cab-seats'
import { shutIn } from './in-hollow'
import { keptNear } from './kept'

/** What stands in the way of a clearance. */
export type Blocker =
  | {
      readonly kind: 'fitting'
      readonly id: string
      /** Which of its solids, where that is known. */ readonly part?: string
    }
  | { readonly kind: 'keep-out'; readonly id: string }
  | { readonly kind: 'shell'; readonly id: 'shell' }

export interface Freedom {
  /** How much of the need is there, in the clearance's own unit; equal to the need when it is free. */
  readonly free: number
  readonly blockers: readonly Blocker[]
}

/** To what the free amount is narrowed: half a millimetre or half a degree. */
const PRECISION = 0.5
/** Between feet and elbows a body is as wide as it gets; a wall that leans in above, or a flare below, takes nothing of its room. Common practice, no source. */
const BREADTH_MM = { min: 100, max: 1000 } as const

/** Where one stands or kneels before a thing: what stands a little proud of that is stood before as well. */
const STANDING: ReadonlySet<PlacedClearance['use']> = new Set(['stand', 'kneel', 'entry', 'dress'])
/** Room for a body, which goes beside a rail or a lamp. */
const BODILY: ReadonlySet<PlacedClearance['use']> = new Set([...STANDING, 'stand-inside', 'sit', 'sit-up'])

/** What is so far over the floor where one sits is a table’s top over the knees, or beside the chest. Common practice, no source. */
const OVER_KNEES_MM = 600
/** A table’s top is no thicker. */
const TOP_MM = 120

/** A post or leg this thin is no bar to one who sits: knees go beside it. Common practice, no source. */
const LEG_MM = 80
const isLeg = (prism: Prism): boolean => {
  const { x, y } = prismBounds(prism)
  return x.max - x.min <= LEG_MM && y.max - y.min <= LEG_MM
}

/** The part of a shape that the body of the vehicle must leave free: of room for one who stands, that at their breadth. */
function breadthOf({ use }: PlacedClearance, shape: Prism): Prism {
  if (!STANDING.has(use) || shape.axis !== 'z') return shape
  const { min, max } = shape.span
  const span = { min: min + BREADTH_MM.min, max: Math.min(max, min + BREADTH_MM.max) }
  return span.max - span.min < BREADTH_MM.min ? shape : { ...shape, span }
}

/**
 * What must be free over a thing of the body itself: over its half towards the middle of the vehicle. Behind that the wall leans in over a
 * hob’s edge, a tub or a lid that lifts off, and nobody’s head, pan or hand is there. Common practice, no source.
 */
const underWall = ({ use }: PlacedClearance, shape: Prism): Prism => (use === 'over' ? innerHalf(shape) : shape)

/** The half of a shape that is nearer to the middle of the vehicle. */
function innerHalf(shape: Prism): Prism {
  const { x, y, z } = prismBounds(shape)
  const half = spanLength(y) / 2
  const min = Math.min(Math.max(y.min, -half / 2), y.max - half)
  return block([x.min, min, z.min], [x.max, min + half, z.max])
}

function leavesShell(scene: Scene, clearance: PlacedClearance, shape: Prism): boolean {
  if (clearance.use === 'stand-inside' || clearance.outdoors) return false
  return (protrusionThere(scene.interior, breadthOf(clearance, underWall(clearance, shape)))?.byMm ?? 0) > TOUCH_MM
}

/** The axis along which a clearance grows with its amount, and from which end. */
function growsAlong(clearance: PlacedClearance): {
  readonly axis: 'x' | 'y'
  readonly fromLow: boolean
  readonly span: Span
} {
  const [whole, stub] = [prismBounds(clearance.prism), prismBounds(clearance.upTo(1))]
  const axis = spanLength(whole.x) - spanLength(stub.x) > spanLength(whole.y) - spanLength(stub.y) ? 'x' : 'y'
  const fromLow = Math.abs(whole[axis].min - stub[axis].min) < Math.abs(whole[axis].max - stub[axis].max)
  return { axis, fromLow, span: whole[axis] }
}

/** The longest stretch of its depth that is free, mm: beyond what stands a little proud, up to the wall. */
function stretchFree(scene: Scene, clearance: PlacedClearance, inTheWay: readonly Prism[], shell: boolean): number {
  let [depth, outside] = [0, clearance.need]
  if (!shell) depth = clearance.need
  else
    while (outside - depth > PRECISION) {
      const middle = (depth + outside) / 2
      if (leavesShell(scene, clearance, clearance.upTo(middle))) outside = middle
      else depth = middle
    }
  const { axis, fromLow, span } = growsAlong(clearance)
  const { min, max } = span
  const reached = fromLow ? { min, max: min + depth } : { min: max - depth, max }
  const left = stretchesLeft(
    reached,
    inTheWay.map((prism) => prismBounds(prism)[axis]),
  )
  return Math.round(Math.max(0, ...left.map(spanLength)))
}

/** Whether a thing is in a hollow of another, and does not stick out of it. */
const isWithin = ({ within, bounds }: Placed, hostId: string): boolean =>
  within?.hostId === hostId &&
  (['x', 'y', 'z'] as const).every(
    (axis) =>
      bounds[axis].min >= within.room[axis].min - TOUCH_MM && bounds[axis].max <= within.room[axis].max + TOUCH_MM,
  )

/** Whether what is in the way is shut in another thing that is in the way as well: one sees that, not what is in it. */
function isShutInOne(scene: Scene, id: string, blockers: readonly Blocker[]): boolean {
  const one = scene.placed.find((placed) => placed.id === id)
  const host = one === undefined ? undefined : shutIn(scene, one)
  return (
    one !== undefined &&
    host !== undefined &&
    isWithin(one, host.hostId) &&
    blockers.some((other) => other.id === host.hostId)
  )
}

/** Whether a thing is what one sits on at a desk or table: a stool in the room to sit there is in nobody’s way. */
const isSatOnAt = ({ use, serves, prism }: PlacedClearance, other: Placed): boolean =>
  use === 'sit' &&
  (serves.includes('desk') || serves.includes('table-place')) &&
  prism.axis === 'z' &&
  other.services.some(
    ({ type, places }) => type === 'seat' && places?.some(({ at }) => convexContains(prism.profile, at)) === true,
  )

/** Whether a thing is what another stands on or hangs over, as a worktop is: one who works at that stands before both. */
const isStoodBefore = (owner: Placed, other: Placed): boolean =>
  other.bounds.z.max <= owner.bounds.z.min + TOUCH_MM &&
  spansOverlap(other.bounds.x, owner.bounds.x) &&
  spansOverlap(other.bounds.y, owner.bounds.y)

/** What reaches so little into the side of where a body stands or sits is passed by. Common practice, no source. */
const ASIDE_MM = 80

/** Whether a thing reaches into the room of a body from its side only, and not far. */
function isAside(prism: Prism, room: Box, clearance: PlacedClearance): boolean {
  const side = growsAlong(clearance).axis === 'x' ? 'y' : 'x'
  const { min, max } = prismBounds(prism)[side]
  const within = sharedLength({ min, max }, room[side])
  return within <= ASIDE_MM && spanLength(room[side]) > 4 * ASIDE_MM && (min <= room[side].min || max >= room[side].max)
}

/** A pillar that stands so little in the room of a lid or a door by the wall is cut round like the thing itself. */
const isProud = (prism: Prism, whole: Prism): boolean =>
  sharedLength(prismBounds(prism).y, prismBounds(whole).y) <= CUT_ROUND_MM

const kept = keptNear<PlacedClearance, Freedom>()

/** How far a clearance is free, and by what it is cut short. Bisected to half a millimetre or half a degree. */
export function freedomOf(scene: Scene, owner: Placed, clearance: PlacedClearance): Freedom {
  const { x, y } = prismBounds(clearance.prism)
  // its owner first: a clearance that is asked of another would be another
  const near = [owner]
  for (const other of scene.placed)
    if (other.id !== owner.id && spansOverlap(other.bounds.x, x) && spansOverlap(other.bounds.y, y)) near.push(other)
  return kept(clearance, scene, near, () => freedomFound(scene, owner, clearance, near.slice(1)))
}

function freedomFound(scene: Scene, owner: Placed, clearance: PlacedClearance, near: readonly Placed[]): Freedom {
  const whole = clearance.prism
  const bounds = prismBounds(whole)
  const blockers: Blocker[] = []
  const sits = clearance.use === 'sit'
  const bodily = BODILY.has(clearance.use)
  // what hangs under the floor is got at from below, whatever stands on that
  const isUnder = owner.seat.up.from === 'under-floor'
  // A clearance grows with its amount: what does not meet it whole does not meet a part of it.
  const inTheWay: Prism[] = []
  for (const other of near) {
    if (
      (clearance.use === 'stand' && isStoodBefore(owner, other)) ||
      (bodily && isSlight(other)) ||
      other.id === clearance.past ||
      isSatOnAt(clearance, other) ||
      (isUnder && !isOutside(other)) ||
      (clearance.outdoors && other.seat.door !== undefined)
    )
      continue
    const isTop = (prism: Prism): boolean => {
      const { z } = prismBounds(prism)
      return z.min >= bounds.z.min + OVER_KNEES_MM && spanLength(z) <= TOP_MM
    }
    const met = other.inner.filter(
      ({ prism }) =>
        prismsOverlap(prism, whole) &&
        !(sits && (isLeg(prism) || isTop(prism))) &&
        !(bodily && isAside(prism, bounds, clearance)),
    )
    for (const { prism } of met) inTheWay.push(prism)
    // one that meets it with a single part is named by it: a cushion is not its bench
    const [only, ...others] = met
    const part = only !== undefined && others.length === 0 && other.inner.length > 1 ? { part: only.id } : {}
    if (met.length > 0) blockers.push({ kind: 'fitting', id: other.id, ...part })
  }
  const ofBody = underWall(clearance, whole)
  const ofParts = clearance.use === 'stand-inside' ? innerHalf(whole) : ofBody
  for (const { id, prism, isPillar } of scene.interior.keepOuts) {
    if (!prismsOverlap(prism, ofParts) || (isPillar === true && isProud(prism, whole))) continue
    blockers.push({ kind: 'keep-out', id })
    inTheWay.push(prism)
  }
  for (const { seat, solids } of clearance.outdoors ? [] : cabSeatsIn(scene, bounds)) {
    const met = solids.filter((prism) => prismsOverlap(prism, whole))
    if (met.length > 0) blockers.push({ kind: 'keep-out', id: seat.id })
    inTheWay.push(...met)
  }
  const shell = leavesShell(scene, clearance, whole)
  if (shell) blockers.push({ kind: 'shell', id: 'shell' })
  if (blockers.length === 0) return { free: clearance.need, blockers }
  const named = clearance.task === undefined ? blockers.filter(({ id }) => !isShutInOne(scene, id, blockers)) : blockers
  if (STANDING.has(clearance.use) && clearance.unit === 'mm')
    return { free: stretchFree(scene, clearance, inTheWay, shell), blockers: named }
  let free = 0
  let blocked = clearance.need
  while (blocked - free > PRECISION) {
    const middle = (free + blocked) / 2
    const shape = clearance.upTo(middle)
    if (inTheWay.some((prism) => prismsOverlap(prism, shape)) || (shell && leavesShell(scene, clearance, shape)))
      blocked = middle
    else free = middle
  }
  return { free: Math.round(free), blockers: named }
}
