import type { Scene } from '../../scene'
import type { LoadSketch } from '../live'
import type { LimitState } from './limits'
import { axlesOf } from './vehicle'
import type { WeightLedger } from './weight'

/** What a page is to know of a mode’s weights while something is dragged; of one in which nobody drives only where things stand. */
export function sketchOf(
  scene: Scene,
  { entries }: Pick<WeightLedger, 'entries'> = { entries: [] },
  limits: readonly LimitState[] = [],
): LoadSketch {
  return {
    axles: axlesOf(scene.interior.shell),
    stood: Object.fromEntries(scene.placed.map(({ id, placement }) => [id, placement.at])),
    limits: limits.flatMap(({ id, unit, limit, isGuide, worstDry }) => {
      if (limit === undefined) return []
      const aboard = new Set(worstDry.aboard)
      const carriedKg: Record<string, number> = {}
      let wholeKg = 0
      for (const entry of entries) {
        if (entry.may && !aboard.has(entry.id)) continue
        wholeKg += entry.amount
        if (entry.carriedBy !== undefined) carriedKg[entry.carriedBy] = (carriedKg[entry.carriedBy] ?? 0) + entry.amount
      }
      return [{ id, unit, limit, isGuide, value: worstDry.value, wholeKg, carriedKg }]
    }),
  }
}
