import type { Span } from '../geometry'
import { TOUCH_MM } from '../units'
import type { FloorPocket, Pocket, RoofPocket, WallPocket } from './changes'
import type { Interior } from './interior'

/**
 * Where a body steps (the edge of a flare or raised roof, the top of an arch) the tighter side counts at the very place, and a
 * touch to either side of it: what is beyond the step counts only within it by more than a touch.
 */
export const wellWithin = ({ min, max }: Span, value: number): boolean =>
  value > min + TOUCH_MM && value < max - TOUCH_MM

export const wallPockets = (interior: Interior, side: 'left' | 'right'): readonly WallPocket[] =>
  interior.pockets.filter((pocket): pocket is WallPocket => pocket.kind === 'wall' && pocket.side === side)
export const roofPockets = (interior: Interior): readonly RoofPocket[] =>
  interior.pockets.filter((pocket): pocket is RoofPocket => pocket.kind === 'roof')

export const floorPockets = (interior: Interior): readonly FloorPocket[] =>
  interior.pockets.filter((pocket): pocket is FloorPocket => pocket.kind === 'floor')

export const mostOut = (pockets: readonly Pick<Pocket, 'byMm'>[]): number =>
  pockets.reduce((most, { byMm }) => Math.max(most, byMm), 0)

/** A range cut at the places within it. What would be cut off by no more than a touch stays with the rest. */
export function piecesOf(range: Span, at: readonly number[]): readonly Span[] {
  const cuts = at.filter((stop) => wellWithin(range, stop)).sort((a, b) => a - b)
  const stops = [range.min]
  for (const cut of cuts) if (cut > stops[stops.length - 1]! + TOUCH_MM) stops.push(cut)
  stops.push(range.max)
  return stops.slice(1).map((max, index) => ({ min: stops[index]!, max }))
}

/** The edges of pockets that a place lies on, to a touch: there the body steps. */
export const stepsAt = (
  interior: Interior,
  at: Readonly<Partial<Record<'x' | 'y' | 'z', number>>>,
): readonly Pocket[] =>
  interior.pockets.filter((pocket) => {
    const spans: Readonly<Partial<Record<'x' | 'y' | 'z', Span>>> = pocket
    const axes = (['x', 'y', 'z'] as const).filter((axis) => at[axis] !== undefined && spans[axis] !== undefined)
    const near = (axis: (typeof axes)[number]) => {
      const { min, max } = spans[axis]!
      return at[axis]! >= min - TOUCH_MM && at[axis]! <= max + TOUCH_MM
    }
    return axes.every(near) && axes.some((axis) => !wellWithin(spans[axis]!, at[axis]!))
  })
