import {
  boxPrism,
  boxOf,
  clamp,
  clipHalfPlane,
  lerp,
  span,
  type Polygon,
  type Prism,
  type Span,
  type Vec2,
} from '../geometry'
import { changedShell, NO_CHANGES, pocketsOf, type BodyChanges, type Pocket } from './changes'
import type { Lining } from './lining'
import { fullSection, type Shell } from './shape'

export type Face = 'floor' | 'wall-left' | 'wall-right' | 'roof'

/** A section of the lined (or bare) body. All sections of an interior have the same corners in the same order. */
export interface Section {
  readonly xMm: number
  readonly polygon: Polygon
}

export interface KeepOut {
  readonly id: string
  readonly label: string
  readonly prism: Prism
  readonly notchable: boolean
  /** A rib or pillar of the body. */
  readonly isPillar?: boolean
}

/** The space that the lining leaves, in the vehicle frame; between sections it is linear, corner to corner. */
export interface Interior {
  /** The body with its changes. */
  readonly shell: Shell
  readonly lining: Lining
  readonly changes: BodyChanges
  /** From the rear door's inner face to the bulkhead, or to its lining where there is no way through. */
  readonly xSpan: Span
  readonly sections: readonly Section[]
  /** For each edge of a section (from its corner k to the next), the face that it is called, by its slope at the middle station. */
  readonly faces: readonly Face[]
  readonly keepOuts: readonly KeepOut[]
  /** Room that flares and a raised roof add beyond the faces. */
  readonly pockets: readonly Pocket[]
}

export const NO_LINING: Lining = { floorMm: 0, wallMm: 0, roofMm: 0 }

/** A face within 45° of level is floor or roof, else a wall. */
const DIVIDE_DEG = 45
/** So close to 45° a face is lined partly as the one, partly as the other, so that no answer hangs on the last bit of a slope. */
const BLEND_DEG = 0.5

/** How steeply an edge leans, degrees from level: 90 an upright wall, 0 a floor or roof; and whether it faces down. */
function leanOf(from: Vec2, to: Vec2): { readonly deg: number; readonly faces: 'up' | 'down' } {
  const [dy, dz] = [to[0] - from[0], to[1] - from[1]]
  return { deg: (Math.atan2(Math.abs(dz), Math.abs(dy)) * 180) / Math.PI, faces: dy > 0 ? 'up' : 'down' }
}

/** Which face an edge is: within 45° of level it is floor or roof, else a wall. */
export function faceOf(from: Vec2, to: Vec2): Face {
  const { deg, faces } = leanOf(from, to)
  if (deg < DIVIDE_DEG && (from[0] !== to[0] || from[1] !== to[1])) return faces === 'up' ? 'floor' : 'roof'
  return from[0] + to[0] > 0 ? 'wall-left' : 'wall-right'
}

/** What the lining takes from an edge, square to it, by the edge’s own slope. */
function takenFrom(from: Vec2, to: Vec2, { floorMm, wallMm, roofMm }: Lining): number {
  const { deg, faces } = leanOf(from, to)
  const wall = clamp((deg - (DIVIDE_DEG - BLEND_DEG)) / (2 * BLEND_DEG), 0, 1)
  return lerp(faces === 'up' ? floorMm : roofMm, wallMm, wall)
}

/** Ribs are part of the lining's thickness: where it is thinner than they stand proud, they are what one meets. */
const overRibs = (lining: Lining, ribs: Shell['ribs']): Lining => ({
  ...lining,
  wallMm: Math.max(lining.wallMm, ribs.wallMm),
  roofMm: Math.max(lining.roofMm, ribs.roofMm),
})

interface Edge {
  readonly at: Vec2
  readonly inward: Vec2
}

/**
 * Moves each edge of a convex section inward along its own normal. The corners keep their count and order: where
 * the lining swallows an edge, its two corners fall together.
 * @throws RangeError if the lining leaves nothing.
 */
export function offsetSection(polygon: Polygon, thickness: readonly number[]): Polygon {
  const edges = polygon.map((from, index): Edge | undefined => {
    const to = polygon[(index + 1) % polygon.length]!
    const length = Math.hypot(to[0] - from[0], to[1] - from[1])
    if (length === 0) return undefined
    const inward: Vec2 = [-(to[1] - from[1]) / length, (to[0] - from[0]) / length]
    const by = thickness[index]!
    return { at: [from[0] + inward[0] * by, from[1] + inward[1] * by], inward }
  })
  let kept: Polygon = polygon
  for (const edge of edges) if (edge !== undefined) kept = clipHalfPlane(kept, edge.at, edge.inward)
  if (kept.length < 3) throw new RangeError('the lining leaves no room in this section')
  const corners = kept
  return polygon.map((original, index) => {
    const before = edges[(index + polygon.length - 1) % polygon.length]
    const after = edges[index]
    const meeting = before === undefined || after === undefined ? undefined : meet(before, after)
    const wanted: Vec2 = meeting ?? slide(original, before ?? after)
    return nearest(corners, wanted)
  })
}

function meet(a: Edge, b: Edge): Vec2 | undefined {
  const determinant = a.inward[0] * b.inward[1] - a.inward[1] * b.inward[0]
  if (Math.abs(determinant) < 1e-6) return undefined
  const first = a.at[0] * a.inward[0] + a.at[1] * a.inward[1]
  const second = b.at[0] * b.inward[0] + b.at[1] * b.inward[1]
  return [
    (first * b.inward[1] - second * a.inward[1]) / determinant,
    (a.inward[0] * second - b.inward[0] * first) / determinant,
  ]
}

/** A corner in the middle of a straight run moves with the run. */
function slide(corner: Vec2, edge: Edge | undefined): Vec2 {
  if (edge === undefined) return corner
  const height = (corner[0] - edge.at[0]) * edge.inward[0] + (corner[1] - edge.at[1]) * edge.inward[1]
  return [corner[0] - height * edge.inward[0], corner[1] - height * edge.inward[1]]
}

/** The wanted corner if it is on the kept outline, else the kept corner next to it. */
function nearest(outline: Polygon, wanted: Vec2): Vec2 {
  let best: Vec2 = wanted
  let least = Infinity
  for (let index = 0; index < outline.length; index += 1) {
    const from = outline[index]!
    const to = outline[(index + 1) % outline.length]!
    const dx = to[0] - from[0]
    const dy = to[1] - from[1]
    const squared = dx * dx + dy * dy
    const t =
      squared === 0 ? 0 : Math.min(1, Math.max(0, ((wanted[0] - from[0]) * dx + (wanted[1] - from[1]) * dy) / squared))
    const point: Vec2 = [from[0] + dx * t, from[1] + dy * t]
    const distance = (point[0] - wanted[0]) ** 2 + (point[1] - wanted[1]) ** 2
    if (distance < least) {
      least = distance
      best = point
    }
  }
  return best
}

/**
 * The space left by a lining, or by the ribs where they stand further in than it. Floor, wall and roof linings apply to
 * the faces of each station by their own slope (45° divides), the wall lining also to a closed bulkhead and to the sides of a flare or raised
 * roof; doors and keep-outs are taken as measured, without lining.
 * @throws RangeError if the lining leaves nothing.
 */
export const interiorOf = (shell: Shell, lining: Lining, changes: BodyChanges = NO_CHANGES): Interior =>
  spaceWithin(changedShell(shell, changes), lining, overRibs(lining, shell.ribs), changes)

/** The body from skin to skin, between its ribs: what a bare measure gives. */
export const bareInterior = (shell: Shell, changes: BodyChanges = NO_CHANGES): Interior =>
  spaceWithin(changedShell(shell, changes), NO_LINING, NO_LINING, changes)

const bareBodies = new WeakMap<Interior, Interior>()

/** The same body, changes and all, without its lining; the same one each time it is asked of an interior. */
export function bareOf(interior: Interior): Interior {
  const { shell, changes } = interior
  const bare = bareBodies.get(interior) ?? spaceWithin(shell, NO_LINING, NO_LINING, changes)
  bareBodies.set(interior, bare)
  return bare
}

function spaceWithin(shell: Shell, lining: Lining, taken: Lining, changes: BodyChanges): Interior {
  const bare = shell.stations.map((station) => fullSection(station.left, station.right ?? station.left))
  const next = (polygon: Polygon, index: number): Vec2 => polygon[(index + 1) % polygon.length]!
  const middle = bare[Math.floor(bare.length / 2)]!
  const front = shell.bulkhead.xMm - (shell.bulkhead.wayThrough ? 0 : taken.wallMm)
  return {
    shell,
    lining,
    changes,
    xSpan: span(Math.max(0, shell.stations[0]!.xMm), front),
    sections: shell.stations.map(({ xMm }, index) => {
      const polygon = bare[index]!
      const thickness = polygon.map((from, edge) => takenFrom(from, next(polygon, edge), taken))
      return { xMm, polygon: offsetSection(polygon, thickness) }
    }),
    faces: middle.map((from, edge) => faceOf(from, next(middle, edge))),
    keepOuts: shell.keepOuts.map(({ id, label, what, notchable, from, to }) => ({
      id,
      label,
      notchable,
      ...(what === 'pillar' ? { isPillar: true } : {}),
      prism: boxPrism(boxOf(from, to)),
    })),
    pockets: pocketsOf(changes, taken.wallMm),
  }
}

/** The two sections that `xMm` lies between, and how far along; beyond the ends the end section goes on. */
export function bracket(interior: Interior, xMm: number): { before: Section; after: Section; t: number } {
  const { sections } = interior
  let at = 0
  while (at < sections.length - 2 && sections[at + 1]!.xMm < xMm) at += 1
  const before = sections[at]!
  const after = sections[at + 1]!
  const t = Math.min(1, Math.max(0, (xMm - before.xMm) / (after.xMm - before.xMm)))
  return { before, after, t }
}

/** The lined section at any x, in (y, z). */
export function sectionAt(interior: Interior, xMm: number): Polygon {
  const { before, after, t } = bracket(interior, xMm)
  if (t === 0) return before.polygon
  if (t === 1) return after.polygon
  return before.polygon.map((corner, index): Vec2 => {
    const other = after.polygon[index]!
    return [lerp(corner[0], other[0], t), lerp(corner[1], other[1], t)]
  })
}
