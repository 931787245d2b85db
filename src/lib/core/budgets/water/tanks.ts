import type { Placed } from '../../scene'

/** A tank where it stands, or several that are joined and level out. */
export interface Tank {
  readonly id: string
  readonly litres: number
  /** How many share it, at one level. */
  readonly joined: number
  readonly isOutside: boolean
  /** Lagged, so that a frosty night does not freeze it. */
  readonly isLagged: boolean
  /** Its lowest point over the load floor, mm. */
  readonly bottomMm: number
}

/** A store of warm water in the circuit, or a heater that warms what flows. */
export interface Warmer {
  readonly id: string
  /** 0: it warms what flows. */
  readonly litres: number
  readonly by: readonly { readonly fuel: 'gas' | 'diesel' | 'electric' | 'engine'; readonly watts: number }[]
}

const offers = ({ services }: Placed, what: 'tank' | 'waste'): boolean => services.some(({ type }) => type === what)

const tank = (placed: Placed, litres: number, more: Partial<Tank> = {}): Tank => ({
  id: placed.id,
  litres,
  joined: 1,
  isOutside: placed.seat.up.from === 'under-floor' || placed.bounds.z.max <= 0,
  isLagged: false,
  bottomMm: placed.bounds.z.min,
  ...more,
})

/** The tanks for fresh water, the largest first. */
export const freshTanks = (placed: readonly Placed[]): readonly Tank[] =>
  placed
    .filter((one) => offers(one, 'tank'))
    .flatMap((one) =>
      one.facts.holds.flatMap((held) =>
        held.what === 'water' && held.isWarmed !== true
          ? [tank(one, held.litres, { joined: held.joined ?? 1, isLagged: held.isLagged ?? false })]
          : [],
      ),
    )
    .sort((a, b) => b.litres - a.litres)

/** The tanks for waste water: not what a toilet holds. */
export const wasteTanks = (placed: readonly Placed[]): readonly Tank[] =>
  placed
    .filter((one) => offers(one, 'waste'))
    .flatMap((one) => one.facts.holds.flatMap((held) => (held.what === 'waste' ? [tank(one, held.litres)] : [])))
    .sort((a, b) => b.litres - a.litres)

/** All that warms water. */
export const warmers = (placed: readonly Placed[]): readonly Warmer[] =>
  placed.flatMap(({ id, facts }) => {
    const by = facts.heat.flatMap(({ warms, fuel, watts }) => (warms === 'water' ? [{ fuel, watts }] : []))
    const litres = facts.holds.reduce(
      (sum, one) => sum + (one.what === 'water' && one.isWarmed === true ? one.litres : 0),
      0,
    )
    return by.length === 0 ? [] : [{ id, litres, by }]
  })
