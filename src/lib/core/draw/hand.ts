import { prismBounds, spanMiddle, type Box, type Span, type Vec2 } from '../geometry'
import { gripsOf, type Grip, type Placed, type Scene, type TapeRow } from '../scene'
import type { ViewId } from './display'

type Axis = Grip['axis']

/** The vehicle’s axes as a view shows them: along it, up it, and whether along runs the other way. */
const AXES: Readonly<Record<ViewId, { readonly u: Axis; readonly v: Axis; readonly turned: boolean }>> = {
  plan: { u: 'x', v: 'y', turned: false },
  left: { u: 'x', v: 'z', turned: false },
  right: { u: 'x', v: 'z', turned: false },
  section: { u: 'y', v: 'z', turned: true },
}

/** What a view shows of a block: along it, and up it. In the section along is to the left. */
export function viewExtent(view: ViewId, box: Box): readonly [Span, Span] {
  const { u, v, turned } = AXES[view]
  const along = box[u]
  return [turned ? { min: -along.max, max: -along.min } : along, box[v]]
}

/** Where grips lie in a view: the middle of an edge, or the corner between two. `u` and `v` are −1 and 1 at its ends, 0 in its middle. */
export interface HandCorner {
  readonly at: Vec2
  readonly u: -1 | 0 | 1
  readonly v: -1 | 0 | 1
  readonly grips: readonly Grip[]
}

/** The edges and corners of a fitting that can be pulled in a view. */
export function cornersIn(view: ViewId, placed: Placed): readonly HandCorner[] {
  const { u, v, turned } = AXES[view]
  const [along, up] = viewExtent(view, placed.bounds)
  const grips = gripsOf(placed)
  const side = (axis: Axis, end: -1 | 1): Grip | undefined => {
    const high = axis === u && turned ? end < 0 : end > 0
    return grips.find((one) => one.axis === axis && one.side === (high ? 'max' : 'min'))
  }
  const ends = [-1, 0, 1] as const
  const at = (span: Span, end: -1 | 0 | 1) => (end === 0 ? spanMiddle(span) : end < 0 ? span.min : span.max)
  return ends.flatMap((du) =>
    ends.flatMap((dv): HandCorner[] => {
      const pulled = [du === 0 ? undefined : side(u, du), dv === 0 ? undefined : side(v, dv)]
      const wanted = Math.abs(du) + Math.abs(dv)
      const found = pulled.flatMap((grip) => grip ?? [])
      return wanted === 0 || found.length < wanted
        ? []
        : [{ at: [at(along, du), at(up, dv)], u: du, v: dv, grips: found }]
    }),
  )
}

/** A length that is written beside what is in hand: a measure of its own, or a distance of the tape. */
export interface HandDimension {
  readonly key: string
  readonly from: Vec2
  readonly to: Vec2
  readonly mm: number
  /** Its own measure: on which side of it the figure stands. */
  readonly own?: 'above' | 'beside'
  /** What of it is set by typing another figure: the grip of its own measure, or the distance of the tape. */
  readonly grip?: Grip
  readonly row?: TapeRow
}

/** Distances by the direction in which they lie, those to neighbours before those to walls. */
const TOWARDS = {
  'x min': ['behind', 'rear'],
  'x max': ['ahead', 'cab-front', 'front'],
  'y min': ['beside-right', 'right'],
  'y max': ['beside-left', 'left'],
  'z min': ['floor'],
  'z max': ['ceiling'],
} as const satisfies Readonly<Record<string, readonly TapeRow['id'][]>>

/** So short a distance is not drawn: there is nothing to see between the two. */
const LEAST_MM = 1

/** Where two spans overlap, the middle of that; else the middle of the first. */
function sharedMiddle(own: Span, other: Span | undefined): number {
  if (other === undefined) return spanMiddle(own)
  const shared = { min: Math.max(own.min, other.min), max: Math.min(own.max, other.max) }
  return shared.min < shared.max ? spanMiddle(shared) : spanMiddle(own)
}

/**
 * The lengths that one reads and types at what is in hand, in one view: how long and deep or high it is, and from its edges to the next
 * thing or to the wall, each along the axis that it is measured on.
 */
export function handDimensions(
  scene: Scene,
  view: ViewId,
  placed: Placed,
  tape: readonly TapeRow[],
): readonly HandDimension[] {
  const { u, v, turned } = AXES[view]
  const [along, up] = viewExtent(view, placed.bounds)
  const grips = gripsOf(placed)
  const boundsOf = ({ neighbourId, partId }: TapeRow) => {
    const part = scene.interior.keepOuts.find(({ id }) => id === partId)
    return part === undefined ? scene.placed.find((one) => one.id === neighbourId)?.bounds : prismBounds(part.prism)
  }
  const size = (axis: Axis): number => placed.bounds[axis].max - placed.bounds[axis].min
  const own: HandDimension[] = [
    {
      key: `size ${u}`,
      from: [along.min, up.max],
      to: [along.max, up.max],
      mm: size(u),
      own: 'above',
      ...gripOn(grips, u),
    },
    {
      key: `size ${v}`,
      from: [along.max, up.min],
      to: [along.max, up.max],
      mm: size(v),
      own: 'beside',
      ...gripOn(grips, v),
    },
  ]
  const chain = ([u, v] as const).flatMap((axis) =>
    (['min', 'max'] as const).flatMap((end): HandDimension[] => {
      const row = TOWARDS[`${axis} ${end}`].flatMap((id) => tape.find((one) => one.id === id) ?? [])[0]
      if (row === undefined || row.mm < LEAST_MM) return []
      const next = boundsOf(row)
      const [nextAlong, nextUp] = next === undefined ? [undefined, undefined] : viewExtent(view, next)
      const key = `tape ${row.id}`
      if (axis === u) {
        const low = turned ? end === 'max' : end === 'min'
        const [edge, away] = low ? [along.min, -row.mm] : [along.max, row.mm]
        const at = sharedMiddle(up, nextUp)
        return [{ key, from: [edge, at], to: [edge + away, at], mm: row.mm, row }]
      }
      const [edge, away] = end === 'min' ? [up.min, -row.mm] : [up.max, row.mm]
      const at = sharedMiddle(along, nextAlong)
      return [{ key, from: [at, edge], to: [at, edge + away], mm: row.mm, row }]
    }),
  )
  return [...own, ...chain]
}

/** The grip that a typed measure sets: the one whose other edge its seat holds. */
const gripOn = (grips: readonly Grip[], axis: Axis): { readonly grip?: Grip } => {
  const grip = grips.find((one) => one.axis === axis && one.side === 'max') ?? grips.find((one) => one.axis === axis)
  return grip === undefined ? {} : { grip }
}
