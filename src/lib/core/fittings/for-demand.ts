import type { ResolvedDemand } from '../brief'
import { clamp } from '../geometry'
import { kindFor } from './registry'
import type { FittingKind } from './contract'
import type { Parameters } from './parameters'

/** The kind that meets a demand, with parameters of the size that it asks for; undefined where no kind does yet. */
export function fittingFor(
  demand: ResolvedDemand,
): { readonly kind: FittingKind; readonly parameters: Parameters } | undefined {
  const kind = kindFor(demand.need)
  if (kind === undefined) return undefined
  const [length, width] = demand.sizeMm as readonly [number, number]
  const wanted = ((): Record<string, number> => {
    switch (demand.need) {
      case 'berth':
        return {
          lengthMm: clamp(length, 1200, 2300),
          widthMm: clamp(width, 600, 2100),
          sleepers: clamp(demand.quantity, 1, 2),
        }
      case 'belt':
        return { places: clamp(demand.quantity, 1, 3) }
      case 'water':
        return { lengthMm: clamp(Math.ceil((demand.quantity * 1e6) / (400 * 350 * 0.92)), 200, 1800) }
      case 'stowage':
        return { lengthMm: clamp(width + 40, 300, 1200), depthMm: clamp((demand.sizeMm[2] ?? width) + 60, 250, 750) }
      case 'desk':
        return { lengthMm: clamp(length, 500, 2000), depthMm: clamp(width, 300, 800) }
      case 'shower':
        return { lengthMm: clamp(length, 600, 1600), depthMm: clamp(width, 600, 1200) }
      case 'hob':
        return demand.because.code === 'rule' ? { lengthMm: clamp(length, 900, 3000) } : {}
      default:
        return {}
    }
  })()
  return { kind, parameters: kind.parameters.parse(wanted) as Parameters }
}
