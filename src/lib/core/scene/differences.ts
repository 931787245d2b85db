import { spanLength, spanMiddle, type Span, type Vec3 } from '../geometry'
import type { Placed, Scene } from './scene'

/** What became of a fitting from one plan to another, each in a mode of its own. */
export interface Difference {
  readonly id: string
  readonly what: 'only-first' | 'only-second' | 'other-size' | 'moved'
  readonly first: Placed | undefined
  readonly second: Placed | undefined
  /** How far its middle is moved along, across and up, mm; how much longer, deeper and higher it is, where it has another size. */
  readonly by: Vec3
}

/** So little is no difference: seats are kept in tenths of a millimetre. */
const SAME_PLACE_MM = 1
const ofSpans =
  (of: (span: Span) => number) =>
  ({ bounds: { x, y, z } }: Placed): Vec3 => [of(x), of(y), of(z)]
const sizesOf = ofSpans(spanLength)
const middlesOf = ofSpans(spanMiddle)

/** What differs between two plans as they stand; things of one id are one thing, as in a variant made from another. From the rear on. */
export function differencesBetween(first: Scene, second: Scene): readonly Difference[] {
  const there = new Map(second.placed.map((placed) => [placed.id, placed]))
  const gone = first.placed.flatMap((one): Difference[] => {
    const other = there.get(one.id)
    if (other === undefined || other.kind !== one.kind)
      return [{ id: one.id, what: 'only-first', first: one, second: undefined, by: [0, 0, 0] }]
    const between = (of: (placed: Placed) => Vec3): Vec3 => {
      const [a, b] = [of(one), of(other)]
      return [b[0] - a[0], b[1] - a[1], b[2] - a[2]]
    }
    const grown = between(sizesOf)
    const moved = between(middlesOf)
    const isOff = (by: readonly number[]) => by.some((mm) => Math.abs(mm) >= SAME_PLACE_MM)
    if (isOff(grown)) return [{ id: one.id, what: 'other-size', first: one, second: other, by: grown }]
    return isOff(moved) ? [{ id: one.id, what: 'moved', first: one, second: other, by: moved }] : []
  })
  const had = new Map(first.placed.map((placed) => [placed.id, placed]))
  const added = second.placed.flatMap((one): Difference[] =>
    had.get(one.id)?.kind === one.kind
      ? []
      : [{ id: one.id, what: 'only-second', first: undefined, second: one, by: [0, 0, 0] }],
  )
  const rear = ({ first: a, second: b }: Difference): number => (a ?? b)?.bounds.x.min ?? 0
  return [...gone, ...added].sort((a, b) => rear(a) - rear(b))
}
