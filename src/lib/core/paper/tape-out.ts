import { outlineFromAbove, type Placed, type Scene } from '../scene'
import type { Vec2 } from '../geometry'
import { prismBounds } from '../geometry'
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

/** The outline of the largest of its parts, as it is cut to the wall. */
function outlineOf(scene: Scene, placed: Placed): readonly Vec2[] {
  const parts = placed.solids
    .filter(({ fit }) => fit !== 'cloth')
    .map((solid) => {
      const { x, y } = prismBounds(solid.prism)
      const own = outlineFromAbove(scene.interior, placed.scribedTo, solid)
      const square: readonly Vec2[] = [
        [x.min, y.min],
        [x.max, y.min],
        [x.max, y.max],
        [x.min, y.max],
      ]
      const outline = own ?? (solid.prism.axis === 'z' ? solid.prism.profile : square)
      return { outline, size: (x.max - x.min) * (y.max - y.min) }
    })
    .sort((a, b) => b.size - a.size)
  return parts[0]?.outline ?? []
}

/** What is taped out on the floor and on the walls: of each thing that stands by itself, every corner; square ones by their edges. */
export function tapeOut(scene: Scene, names: Names, unit: LengthUnit): readonly TapedOut[] {
  const sill = scene.interior.xSpan.min
  const say = (mm: number): string => formatLength(mm, unit)
  return [...scene.placed]
    .filter(({ within, solids }) => within === undefined && solids.length > 0)
    .sort((a, b) => a.bounds.x.min - b.bounds.x.min)
    .flatMap((placed): TapedOut[] => {
      const { x, y, z } = placed.bounds
      const heights = `${say(z.min)} to ${say(z.max)}`
      const outline = outlineOf(scene, placed)
      const name = names.fitting(placed.id)
      if (outline.length === 0 || isSquare(outline))
        return [
          {
            name,
            fromSill: `${say(x.min - sill)} to ${say(x.max - sill)}`,
            across: `${sayAcross(y.max, unit)} to ${sayAcross(y.min, unit)}`,
            heights,
          },
        ]
      return outline.map(([u, v], index) => ({
        name: index === 0 ? name : '',
        fromSill: say(u - sill),
        across: sayAcross(v, unit),
        heights: index === 0 ? heights : '',
      }))
    })
}
