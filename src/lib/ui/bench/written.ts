import { lettersWidth, meet, type HandDimension, type LabelBox } from '$lib/core/draw'
import type { Vec2 } from '$lib/core/geometry'
import { formatLength, type LengthUnit } from '$lib/core/units'
import { toScreen, type ViewFrame } from '../drawing/layout'

/** A figure beside what is in hand, where it stands on the screen in pixels, and the line that it measures. */
export interface WrittenFigure {
  readonly dimension: HandDimension
  readonly text: string
  readonly box: LabelBox
  readonly from: Vec2
  readonly to: Vec2
}

const FIGURE_PX = { size: 12.5, high: 17 }
/** The face of figures runs wider than the narrow cut that widths are measured for. */
const STRETCH = 1.2
const PADDING_PX = 8
/** How far over its edge a measure of its own is drawn. */
const OVER_PX = 6

export const boxRound = ([x, y]: Vec2, wide: number, high: number): LabelBox => ({
  x0: x - wide / 2,
  y0: y - high / 2,
  x1: x + wide / 2,
  y1: y + high / 2,
})

/** How wide what is in hand is on the screen. */
function wideOf(dimensions: readonly HandDimension[], frame: ViewFrame): number {
  const own = dimensions.find((one) => one.own === 'above')
  return own === undefined ? 0 : (own.to[0] - own.from[0]) * frame.scale
}

/** The figures of what is in hand, each where it covers no other; one that finds no place is in the column only. */
export function writeFigures(
  dimensions: readonly HandDimension[],
  frame: ViewFrame,
  unit: LengthUnit,
  width: number,
  height: number,
  kept: readonly LabelBox[] = [],
  /** Where other things are picked: a figure stands elsewhere if it can. */
  avoided: readonly LabelBox[] = [],
): readonly WrittenFigure[] {
  const taken: LabelBox[] = [...kept]
  return dimensions.flatMap((dimension): WrittenFigure[] => {
    const { own } = dimension
    const text = formatLength(dimension.mm, unit)
    const wide = lettersWidth(text, FIGURE_PX.size) * STRETCH + PADDING_PX
    const { high } = FIGURE_PX
    let [from, to] = [toScreen(frame, dimension.from), toScreen(frame, dimension.to)]
    if (own === 'above') [from, to] = [from, to].map(([x, y]): Vec2 => [x, y - OVER_PX]) as [Vec2, Vec2]
    if (own === 'beside') [from, to] = [from, to].map(([x, y]): Vec2 => [x + OVER_PX, y]) as [Vec2, Vec2]
    const [x, y] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
    const isFlat = Math.abs(from[1] - to[1]) < 0.5
    const tries: readonly Vec2[] =
      own === 'above'
        ? [
            [x, y - high / 2],
            [x - wide, y - high / 2],
            [x + wide, y - high / 2],
          ]
        : own === 'beside'
          ? [
              // within it where it is wide enough: what stands beside it is to be picked
              ...(own === 'beside' && wideOf(dimensions, frame) > 2.4 * wide
                ? [[x - OVER_PX - wide / 2 - 4, y] as Vec2]
                : []),
              [x + wide / 2 + 2, y],
              [x + wide / 2 + 2, y - high],
              [x + wide / 2 + 2, y + high],
              [x - OVER_PX - wideOf(dimensions, frame) - wide / 2 - 4, y],
              [x + wide / 2 + 2, Math.max(from[1], to[1]) + high],
            ]
          : isFlat
            ? [
                ...(Math.abs(to[0] - from[0]) > wide + 6 ? [[x, y] as Vec2] : []),
                [x, y - high],
                [x, y + high],
                [x, y - 2 * high],
                [x, y + 2 * high],
              ]
            : [
                ...(Math.abs(to[1] - from[1]) > high + 6 ? [[x, y] as Vec2] : []),
                [x - wide / 2 - 5, y],
                [x + wide / 2 + 5, y],
                [x - wide / 2 - 5, y - high],
                [x + wide / 2 + 5, y + high],
              ]
    const isOn = ({ x0, y0, x1, y1 }: LabelBox): boolean => x0 >= 0 && y0 >= 0 && x1 <= width && y1 <= height
    const free = tries
      .map((at) => boxRound(at, wide, high))
      .filter((one) => isOn(one) && !taken.some((other) => meet(one, other)))
    const box = free.find((one) => !avoided.some((other) => meet(one, other))) ?? free[0]
    if (box === undefined) return []
    taken.push(box)
    return [{ dimension, text, box, from, to }]
  })
}
