import {
  boxPrism,
  overlapBounds,
  prismBounds,
  prismsOverlap,
  sharedLength,
  spanLength,
  type Box,
  type Prism,
  type Span,
  type Vec2,
} from '../geometry'
import { isInTheWay } from '../fittings'
import { cabSpace, type Interior, protrusionOf, protrusionThere, type KeepOut, type Protrusion } from '../shell'
import { HAIR_MM, nth, TOUCH_MM } from '../units'
import { leastSide, meeting } from './matter'
import type { Placed, PlacedSolid, Scene } from './scene'
import { cabSeatsIn } from './cab-seats'
import { keptNear } from './kept'

/** How thick the front of a scribed part is taken to be when it is held against the shell: as good as nothing. */
const FRONT_MM = HAIR_MM

/** A scribed part's front, which must stand whole: all of it but what the wall may cut. */
function frontOf(solid: PlacedSolid, side: 'left' | 'right'): Prism {
  const sign = side === 'left' ? 1 : -1
  if (solid.prism.axis === 'y') {
    const front = sign > 0 ? solid.prism.span.min : solid.prism.span.max
    return {
      ...solid.prism,
      span: { min: Math.min(front, front + sign * FRONT_MM), max: Math.max(front, front + sign * FRONT_MM) },
    }
  }
  if (solid.prism.axis === 'x') return solid.prism
  const front = Math.min(...solid.prism.profile.map((point) => point[1] * sign))
  return {
    ...solid.prism,
    profile: solid.prism.profile.map(([x, y]): Vec2 => [
      x,
      y * sign > front + FRONT_MM ? (front + FRONT_MM) * sign : y,
    ]),
  }
}

/** Whether a stretch lies within an opening’s, to a touch. */
const within = (inner: Span, from: number, to: number): boolean =>
  inner.min >= from - TOUCH_MM && inner.max <= to + TOUCH_MM

/**
 * Where a part that goes through the body does so without an opening, or beyond an open cab; undefined where it passes. It is
 * held against the openings by the block round it.
 */
function throughFault(scene: Scene, solid: PlacedSolid): Protrusion | undefined {
  const { interior } = scene
  const found = protrusionOf(interior, solid.prism)
  if (found === undefined) return undefined
  const { x, y, z } = prismBounds(solid.prism)
  const { xSpan, shell } = interior
  const cab = cabSpace(interior)
  const overCab =
    x.max > xSpan.max &&
    cab !== undefined &&
    x.max <= cab.x.max + TOUCH_MM &&
    within(y, cab.y.min, cab.y.max) &&
    within(z, cab.z.min, cab.z.max)
  const opensInto = (side: string, along: Span) =>
    shell.openings.some(
      (opening) =>
        opening.side === side &&
        within(along, opening.fromMm, opening.toMm) &&
        within(z, opening.sillMm, opening.headMm),
    )
  const outBehind = x.min < xSpan.min && opensInto('rear', y)
  // what is left of it inside the load space must lie inside like any other part
  const inside = {
    min: overCab || x.max <= xSpan.max ? Math.max(x.min, outBehind ? xSpan.min : x.min) : x.min,
    max: overCab ? Math.min(x.max, xSpan.max) : x.max,
  }
  if (inside.max - inside.min < TOUCH_MM) return undefined
  const rest = protrusionOf(interior, boxPrism({ x: inside, y, z }))
  if (rest === undefined) return undefined
  const sideways = rest.face === 'wall-left' ? 'left' : rest.face === 'wall-right' ? 'right' : undefined
  return sideways !== undefined && opensInto(sideways, x) ? undefined : rest
}

/** What is built in pieces is trimmed by so little where it meets a wall. Common practice, no source. */
const TRIM_MM = 10
const isTrimmed = ({ facts }: Placed, { face, byMm }: Protrusion): boolean =>
  facts.carriedIn === 'in-pieces' && (face === 'wall-left' || face === 'wall-right') && byMm <= TRIM_MM

/** How a fitting leaves the lined body, and with which of its solids. */
type Outside = Protrusion & { readonly solidId: string }

const keptOutside = keptNear<Placed, Outside | undefined>()

/** The worst place at which a fitting leaves the lined body; undefined when it is inside. */
export const outsideOf = (scene: Scene, placed: Placed): Outside | undefined =>
  keptOutside(placed, scene, NO_ONE, () => outsideFound(scene, placed))

const NO_ONE: readonly Placed[] = []

function outsideFound(scene: Scene, placed: Placed): Outside | undefined {
  let worst: Outside | undefined
  for (const solid of placed.solids) {
    if (!isInTheWay(solid.fit)) continue
    const cut = solid.fit === 'scribed' && placed.scribedTo !== undefined
    const found =
      solid.fit === 'through'
        ? throughFault(scene, solid)
        : protrusionThere(scene.interior, cut ? frontOf(solid, placed.scribedTo) : solid.prism)
    if (found === undefined || found.byMm <= (worst?.byMm ?? 0) || isTrimmed(placed, found)) continue
    worst = { ...found, solidId: solid.id }
  }
  return worst
}

export interface Collision {
  readonly a: Placed
  /** The other fitting, or a part of the body that stands proud. */
  readonly b:
    { readonly kind: 'fitting'; readonly placed: Placed } | { readonly kind: 'keep-out'; readonly keepOut: KeepOut }
  readonly solidA: PlacedSolid
  /** Which solid of the other it is, or what of its hollow’s room that takes itself. */
  readonly partB: string
  readonly shared: Box
  /** How deep the one is in the other, mm; worked out when it is asked. */
  readonly depth: () => number
  /** One of the two stands in a hollow of its own fitting: a drawer’s box, a bowl. */
  readonly inHollow: boolean
}

const volume = (box: Box): number => (box.x.max - box.x.min) * (box.y.max - box.y.min) * (box.z.max - box.z.min)

type Hit = Pick<Collision, 'solidA' | 'partB' | 'shared' | 'depth' | 'inHollow'>

/** The pair of solids that share most, or undefined where none do. */
function deepest(
  solids: readonly PlacedSolid[],
  others: readonly { readonly id: string; readonly prism: Prism }[],
): Hit | undefined {
  let best: Hit | undefined
  for (const solidA of solids)
    for (const { id, prism } of others) {
      if (!prismsOverlap(solidA.prism, prism)) continue
      const shared = overlapBounds(solidA.prism, prism)
      if (best === undefined || volume(shared) > volume(best.shared))
        best = { solidA, partB: id, shared, depth: () => leastSide(shared), inHollow: false }
    }
  return best
}

const isOut = (solid: PlacedSolid): boolean => solid.fit === 'outside'

/** As `deepest`, of two of which one has hollows: no deeper than they must go to be clear of each other. */
function meetingOf(a: Placed, b: Placed): Hit | undefined {
  const found = meeting(a, b)
  if (found === undefined || found.inHollow) return found
  const whole = deepest(a.inner, b.inner) ?? found
  let depth: number | undefined
  return { ...whole, depth: () => (depth ??= Math.min(whole.depth(), found.depth())) }
}

/** As `deepest`, of what the two are made of; what is outside the body meets only what is outside too. */
function deepestOf(a: Placed, b: Placed): Hit | undefined {
  const inside = a.hollows.length === 0 && b.hollows.length === 0 ? deepest(a.inner, b.inner) : meetingOf(a, b)
  if (inside !== undefined || (a.inner === a.solids && b.inner === b.solids)) return inside
  return deepest(a.solids.filter(isOut), b.solids.filter(isOut))
}

const boundsMeet = (a: Box, b: Box): boolean =>
  sharedLength(a.x, b.x) > TOUCH_MM && sharedLength(a.y, b.y) > TOUCH_MM && sharedLength(a.z, b.z) > TOUCH_MM

/** Collisions of one fitting with all others and with what stands proud of the body. Scribed parts are notched round what may be notched. */
export function collisionsOf(scene: Scene, a: Placed): readonly Collision[] {
  let ofScene = known.get(scene)
  if (ofScene === undefined) known.set(scene, (ofScene = new WeakMap()))
  const before = ofScene.get(a)
  if (before !== undefined) return before
  const near = scene.placed.filter((b) => b.id !== a.id && boundsMeet(a.bounds, b.bounds))
  const hits = keptCollisions(a, scene, near, () => hitsFound(scene, a, near))
  const found = hits.map(({ with: other, ...hit }): Collision => ({
    a,
    b: typeof other === 'number' ? { kind: 'fitting', placed: nth(near, other) } : { kind: 'keep-out', keepOut: other },
    ...hit,
  }))
  ofScene.set(a, found)
  return found
}

/** What was found before: rules ask it of the same scene again and again. */
const known = new WeakMap<Scene, WeakMap<Placed, readonly Collision[]>>()
const keptCollisions = keptNear<Placed, readonly HitWith[]>()

/** A hit with the thing of that number among those that are near, or with a part of the body. */
interface HitWith extends Hit {
  readonly with: number | KeepOut
}

function hitsFound(scene: Scene, a: Placed, near: readonly Placed[]): readonly HitWith[] {
  const found: HitWith[] = []
  for (const [index, b] of near.entries()) {
    const hit = deepestOf(a, b)
    if (hit !== undefined) found.push({ with: index, ...hit })
  }
  const meet = (keepOut: KeepOut, meets: (fit: PlacedSolid['fit']) => boolean): void => {
    if (!boundsMeet(a.bounds, prismBounds(keepOut.prism))) return
    const hit = deepest(
      a.solids.filter(({ fit }) => meets(fit)),
      [keepOut],
    )
    // from the wall inward: a slender pillar deep in a thing is not packed round
    if (hit === undefined || (keepOut.isPillar === true && spanLength(hit.shared.y) <= packedMm(a))) return
    found.push({ with: keepOut, ...hit })
  }
  for (const keepOut of scene.interior.keepOuts)
    meet(keepOut, (fit) => fit !== 'cloth' && !(keepOut.notchable && isCutRound(fit)))
  if (isHungOut(a)) for (const well of wellsBelow(scene.interior)) meet(well, (fit) => fit === 'outside')
  for (const { seat, solids } of cabSeatsIn(scene, a.bounds)) {
    const [cushion, ...rest] = solids.map((prism) => ({ id: seat.id, prism }))
    const hit = cushion === undefined ? undefined : deepest(a.inner, [cushion, ...rest])
    if (cushion !== undefined && hit !== undefined)
      found.push({ with: { ...cushion, label: seat.label, notchable: false }, ...hit })
  }
  return found
}

/** How far a pillar may stand in a thing by the wall: boards are cut round it, what is bought stands that much off. Common practice, no source. */
const packedMm = ({ facts }: Placed): number => (facts.carriedIn === 'whole' ? PACKED_MM : CUT_ROUND_MM)
const PACKED_MM = 15
export const CUT_ROUND_MM = 60

const isHungOut = ({ solids }: Placed): boolean => solids.some(isOut)

/** What wells in the floor take of the room under it: what hangs there keeps clear of them. */
export const wellsBelow = ({ changes }: Interior): readonly KeepOut[] =>
  Object.entries(changes).flatMap(([id, change]) => {
    if (change.kind !== 'floor-well') return []
    const { fromMm, toMm, rightMm, leftMm, depthMm } = change
    const prism = boxPrism({
      x: { min: fromMm, max: toMm },
      y: { min: rightMm, max: leftMm },
      z: { min: -depthMm, max: 0 },
    })
    return [{ id, label: 'the well in the floor', notchable: false, prism }]
  })

/** Whether a part is cut round what stands proud of the body. */
const isCutRound = (fit: PlacedSolid['fit']): boolean => fit === 'scribed' || fit === 'notched'

/** What a notch takes of a part: round what, and the block of it that is cut away. */
export interface Notch {
  readonly keepOut: KeepOut
  readonly solidId: string
  readonly block: Box
  readonly litres: number
}

/** The notches that are cut into a fitting where it stands. */
export const notchesOf = ({ interior }: Scene, placed: Placed): readonly Notch[] =>
  interior.keepOuts.flatMap((keepOut) =>
    keepOut.notchable && boundsMeet(placed.bounds, prismBounds(keepOut.prism))
      ? placed.inner
          .filter(({ fit, prism }) => isCutRound(fit) && prismsOverlap(prism, keepOut.prism))
          .map((solid): Notch => {
            const block = overlapBounds(solid.prism, keepOut.prism)
            return { keepOut, solidId: solid.id, block, litres: volume(block) / MM3_PER_L }
          })
      : [],
  )
const MM3_PER_L = 1e6

/** Every collision of a scene, each pair once. */
export function collisions(scene: Scene): readonly Collision[] {
  const order = new Map(scene.placed.map((placed, index) => [placed.id, index]))
  return scene.placed.flatMap((a) =>
    collisionsOf(scene, a).filter(
      ({ b }) => b.kind === 'keep-out' || (order.get(a.id) ?? 0) < (order.get(b.placed.id) ?? 0),
    ),
  )
}
