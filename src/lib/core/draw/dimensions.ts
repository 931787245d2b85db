import { longestSpan, spanLength, type Vec2 } from '../geometry'
import type { Scene } from '../scene'
import { freeAcross } from '../shell'
import { formatLength, type LengthUnit } from '../units'
import type { Item, ItemGroup } from './display'
import { isOverhead, onWall } from './fitting-views'

const CHAIN_MM = 190
const OVERALL_MM = 400
const LEAST_GAP_MM = 15

/** The chain of lengths along one wall: where each thing that stands on it begins and ends. */
function chain(scene: Scene, side: 'left' | 'right', y: number, unit: LengthUnit): readonly Item[] {
  const { min, max } = scene.interior.xSpan
  const stops = new Set([min, max])
  for (const placed of scene.placed) {
    if (isOverhead(placed) || !onWall(placed, side)) continue
    for (const end of [placed.bounds.x.min, placed.bounds.x.max]) if (end > min && end < max) stops.add(end)
  }
  const sorted = [...stops]
    .sort((a, b) => a - b)
    .filter((stop, index, all) => index === 0 || stop - all[index - 1]! > LEAST_GAP_MM)
  return sorted.slice(1).map((to, index) => {
    const from = sorted[index]!
    return {
      kind: 'dimension',
      from: [from, y] as Vec2,
      to: [to, y] as Vec2,
      offset: side === 'left' ? CHAIN_MM : -CHAIN_MM,
      text: formatLength(to - from, unit),
    }
  })
}

/** Dimensions of a plan: overall length and width of the lined space, and a chain along each wall. */
export function planDimensions(scene: Scene, skinMm: number, unit: LengthUnit): ItemGroup {
  const { min, max } = scene.interior.xSpan
  const middle = (min + max) / 2
  const free = freeAcross(scene.interior, { min: middle, max: middle }, { min: 900, max: 900 })
  const widest = longestSpan(free, { min: 0, max: 0 })
  const items: Item[] = [
    ...chain(scene, 'left', skinMm, unit),
    ...chain(scene, 'right', -skinMm, unit),
    {
      kind: 'dimension',
      from: [min, skinMm],
      to: [max, skinMm],
      offset: OVERALL_MM,
      text: formatLength(spanLength({ min, max }), unit),
    },
    {
      kind: 'dimension',
      from: [min, widest.min],
      to: [min, widest.max],
      offset: OVERALL_MM - 120,
      text: `${formatLength(spanLength(widest), unit)} at 900`,
    },
  ]
  return { key: 'dimensions', items }
}
