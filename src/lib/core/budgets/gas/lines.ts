import { held, heatsWith } from '../../fittings'
import type { Vec3 } from '../../geometry'
import type { Placed } from '../../scene'
import { routeOf, toBuyM } from '../routes'

/** What a locker for gas drains by: a share of its floor, and so much at least. EN 1949, from memory. */
export const GAS_VENT = { ofFloor: 0.02, leastCm2: 100 } as const
/** All that burns gas is so near its bottle. Common practice, no source. */
export const GAS_ZONE_MM = 2500

/** A pipe from what stores gas to what burns it. */
interface GasRun {
  readonly from: string
  readonly to: string
  readonly points: readonly Vec3[]
  readonly lengthMm: number
}

/** The locker of a bottle: how it is vented, and how it should be. */
interface GasVent {
  readonly id: string
  readonly ventCm2: number
  readonly neededCm2: number
  readonly floorCm2: number
  readonly isSealed: boolean
}

export interface GasLines {
  readonly runs: readonly GasRun[]
  /** Pipe to buy, a tenth over, m. */
  readonly toBuyM: number
  /** One for each burner and one for each store: what a leak test goes over. */
  readonly joints: number
  readonly vents: readonly GasVent[]
}

/** How large the vent of a locker must be, cm². */
export const ventNeededCm2 = (
  floorCm2: number,
  { ofFloor, leastCm2 }: { readonly ofFloor: number; readonly leastCm2: number },
): number => Math.max(leastCm2, Math.ceil(floorCm2 * ofFloor))

/** The pipes of a plan: from the nearest store of gas to each thing that burns it; their joints, and how the lockers are vented. */
export function gasLines(
  placed: readonly Placed[],
  vent: typeof GAS_VENT | { readonly ofFloor: number; readonly leastCm2: number },
): GasLines {
  const stores = placed.filter(({ facts }) => held(facts, 'gas') > 0)
  const burners = placed.filter(({ facts }) => heatsWith(facts, 'gas'))
  const runs = burners.flatMap((burner): GasRun[] => {
    const ways = stores.map((store) => ({
      from: store.id,
      to: burner.id,
      ...routeOf(store, burner, store.bounds.z.min, burner.bounds.z.min),
    }))
    const [first, ...others] = ways
    return first === undefined ? [] : [others.reduce((best, one) => (one.lengthMm < best.lengthMm ? one : best), first)]
  })
  return {
    runs,
    toBuyM: toBuyM(runs.map(({ lengthMm }) => lengthMm)),
    joints: runs.length === 0 ? 0 : 2 * runs.length + stores.length,
    vents: placed.flatMap(({ id, facts }) =>
      facts.holds.flatMap((one) =>
        one.what === 'gas' && one.locker !== undefined
          ? [
              {
                id,
                ventCm2: one.locker.ventCm2,
                floorCm2: one.locker.floorCm2,
                neededCm2: ventNeededCm2(one.locker.floorCm2, vent),
                isSealed: one.locker.isSealed,
              },
            ]
          : [],
      ),
    ),
  }
}
