import { outlineFromAbove, type Placed, type Scene } from '../scene'
import { prismBounds, spanLength, type Box, type Span, type Vec2 } from '../geometry'
import { formatLength, type LengthUnit } from '../units'
import type { Names } from '../text'

/** Where the corners of a thing are on the floor: from the rear sill, and left or right of the centreline. */
export interface TapedOut {
  readonly name: string
  readonly fromSill: string
  readonly across: string
  readonly heights: string
}

const SAME_MM = 0.5

/** “L 345”, “R 20”, “centre”. */
const sayAcross = (y: number, unit: LengthUnit): string =>
  Math.abs(y) < SAME_MM ? 'centre' : `${y > 0 ? 'L' : 'R'} ${formatLength(Math.abs(y), unit)}`

const isSquare = (outline: readonly Vec2[]): boolean =>
  [0, 1].every((axis) => {
    const values = outline.map((point) => point[axis as 0 | 1])
    const [low, high] = [Math.min(...values), Math.max(...values)]
    return values.every((value) => Math.abs(value - low) < SAME_MM || Math.abs(value - high) < SAME_MM)
  })

/** A part of a fitting from above, as it is cut to the wall, and what it takes. */
interface Part {
  readonly outline: readonly Vec2[]
  readonly box: Box
}

const covers = (a: Span, b: Span): boolean => a.min <= b.min + SAME_MM && a.max >= b.max - SAME_MM

/** The parts of a fitting, the largest first, without those that lie within another from above. */
function partsOf(scene: Scene, placed: Placed): readonly Part[] {
  const parts = placed.solids
    .filter(({ fit }) => fit !== 'cloth')
    .map((solid): Part => {
      const box = prismBounds(solid.prism)
      const { x, y } = box
      const own = outlineFromAbove(scene.interior, placed.scribedTo, solid)
      const square: readonly Vec2[] = [
        [x.min, y.min],
        [x.max, y.min],
        [x.max, y.max],
        [x.min, y.max],
      ]
      return { outline: own ?? (solid.prism.axis === 'z' ? solid.prism.profile : square), box }
    })
    .sort((a, b) => spanLength(b.box.x) * spanLength(b.box.y) - spanLength(a.box.x) * spanLength(a.box.y))
  return parts.filter(
    ({ box }, index) =>
      !parts.slice(0, index).some((other) => covers(other.box.x, box.x) && covers(other.box.y, box.y)),
  )
}

/** What is taped out on the floor and on the walls: of each thing that stands by itself, every corner; square ones by their edges, and what has several parts part by part. */
export function tapeOut(scene: Scene, names: Names, unit: LengthUnit): readonly TapedOut[] {
  const sill = scene.interior.xSpan.min
  const say = (mm: number): string => formatLength(mm, unit)
  return [...scene.placed]
    .filter(({ within, solids }) => within === undefined && solids.length > 0)
    .sort((a, b) => a.bounds.x.min - b.bounds.x.min)
    .flatMap((placed): TapedOut[] => {
      const parts = partsOf(scene, placed)
      const whole = parts.length < 2
      const rows = (whole ? [{ outline: parts[0]?.outline ?? [], box: placed.bounds }] : parts).flatMap(
        ({ outline, box: { x, y, z } }): Omit<TapedOut, 'name'>[] => {
          const heights = `${say(z.min)} to ${say(z.max)}`
          return isSquare(outline)
            ? [
                {
                  fromSill: `${say(x.min - sill)} to ${say(x.max - sill)}`,
                  across: `${sayAcross(y.max, unit)} to ${sayAcross(y.min, unit)}`,
                  heights,
                },
              ]
            : outline.map(([u, v], index) => ({
                fromSill: say(u - sill),
                across: sayAcross(v, unit),
                heights: index === 0 ? heights : '',
              }))
        },
      )
      return rows.map((row, index) => ({ name: index === 0 ? names.fitting(placed.id) : '', ...row }))
    })
}
