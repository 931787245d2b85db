import { overlapBounds, prismBounds, prismsOverlap, sharedLength, type Box, type Prism, type Vec2 } from '../geometry'
import { protrusionOf, type KeepOut, type Protrusion } from '../shell'
import { TOUCH_MM } from '../units'
import type { Placed, PlacedSolid, Scene } from './scene'

/** How thick the front of a scribed part is taken to be when it is held against the shell. */
const FRONT_MM = 1

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

/** The worst place at which a fitting leaves the lined body; undefined when it is inside. */
export function outsideOf(scene: Scene, placed: Placed): (Protrusion & { readonly solidId: string }) | undefined {
  let worst: (Protrusion & { readonly solidId: string }) | undefined
  for (const solid of placed.solids) {
    const cut = solid.fit === 'scribed' && placed.scribedTo !== undefined
    const found = protrusionOf(scene.interior, cut ? frontOf(solid, placed.scribedTo) : solid.prism)
    if (found !== undefined && found.byMm > (worst?.byMm ?? 0)) worst = { ...found, solidId: solid.id }
  }
  return worst
}

export interface Collision {
  readonly a: Placed
  /** The other fitting, or a part of the body that stands proud. */
  readonly b:
    { readonly kind: 'fitting'; readonly placed: Placed } | { readonly kind: 'keep-out'; readonly keepOut: KeepOut }
  readonly solidA: PlacedSolid
  readonly prismB: Prism
  readonly shared: Box
}

const volume = (box: Box): number => (box.x.max - box.x.min) * (box.y.max - box.y.min) * (box.z.max - box.z.min)

/** The pair of solids that share most, or undefined where none do. */
function deepest(
  a: Placed,
  others: readonly Prism[],
  against: (solid: PlacedSolid) => boolean,
): { solidA: PlacedSolid; prismB: Prism; shared: Box } | undefined {
  let best: { solidA: PlacedSolid; prismB: Prism; shared: Box } | undefined
  for (const solidA of a.solids) {
    if (!against(solidA)) continue
    for (const prismB of others) {
      if (!prismsOverlap(solidA.prism, prismB)) continue
      const shared = overlapBounds(solidA.prism, prismB)
      if (best === undefined || volume(shared) > volume(best.shared)) best = { solidA, prismB, shared }
    }
  }
  return best
}

const boundsMeet = (a: Box, b: Box): boolean =>
  sharedLength(a.x, b.x) > TOUCH_MM && sharedLength(a.y, b.y) > TOUCH_MM && sharedLength(a.z, b.z) > TOUCH_MM

/** Collisions of one fitting with all others and with what stands proud of the body. Scribed parts are notched round what may be notched. */
export function collisionsOf(scene: Scene, a: Placed): readonly Collision[] {
  const found: Collision[] = []
  for (const b of scene.placed) {
    if (b.id === a.id || !boundsMeet(a.bounds, b.bounds)) continue
    const hit = deepest(
      a,
      b.solids.map((solid) => solid.prism),
      () => true,
    )
    if (hit !== undefined) found.push({ a, b: { kind: 'fitting', placed: b }, ...hit })
  }
  for (const keepOut of scene.interior.keepOuts) {
    if (!boundsMeet(a.bounds, prismBounds(keepOut.prism))) continue
    const hit = deepest(a, [keepOut.prism], (solid) => !(keepOut.notchable && solid.fit === 'scribed'))
    if (hit !== undefined) found.push({ a, b: { kind: 'keep-out', keepOut }, ...hit })
  }
  return found
}

/** Every collision of a scene, each pair once. */
export function collisions(scene: Scene): readonly Collision[] {
  const order = new Map(scene.placed.map((placed, index) => [placed.id, index]))
  return scene.placed.flatMap((a) =>
    collisionsOf(scene, a).filter(({ b }) => b.kind === 'keep-out' || order.get(a.id)! < order.get(b.placed.id)!),
  )
}
