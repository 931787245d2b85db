import { VIEW_TITLES, type LabelBox } from '$lib/core/draw'
import { toScreen, type ViewFrame } from '../drawing/layout'

/** About how wide a letter of a view’s title is, how high its line stands over its view, and how high it is, pixels. */
const LETTER_PX = 7.9
const OVER_PX = 8
const HIGH_PX = 14

/** Where the title of a view begins and what room it takes: over the view, clear of the line of the section. */
export function titleOf(
  frame: ViewFrame,
  stationMm: number,
): { readonly x: number; readonly y: number; readonly box: LabelBox } {
  const wide = VIEW_TITLES[frame.id].length * LETTER_PX
  const station = toScreen(frame, [stationMm, 0])[0]
  const isCrossed = station > frame.left - 6 && station < frame.left + wide + 4
  const x = isCrossed ? station + 8 : frame.left
  const y = frame.top - OVER_PX
  return { x, y, box: { x0: x, y0: y - HIGH_PX + 2, x1: x + wide, y1: y + 4 } }
}
