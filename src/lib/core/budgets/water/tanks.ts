import type { Placed } from '../../scene'

/** One vessel of those that are joined: a box, upright. */
export interface Vessel {
  readonly id: string
  readonly litres: number
  /** Over the load floor, mm. */
  readonly bottomMm: number
  readonly topMm: number
}

/** A tank where it stands, or several that are joined at the bottom and level out. */
export interface Tank {
  /** The first of them. */
  readonly id: string
  readonly vessels: readonly Vessel[]
  /** What can be filled in: where tops are not level the lowest runs over first. */
  readonly litres: number
  /** What the tanks would hold besides, each for itself, L. */
  readonly lostL: number
  /** How many share it, at one level. */
  readonly joined: number
  readonly isOutside: boolean
  /** Lagged, so that a frosty night does not freeze it. */
  readonly isLagged: boolean
  /** For drinking and cooking alone. */
  readonly isDrinking: boolean
  /** Filled at a tap and carried in. */
  readonly isCarried: boolean
  /** Whether a hand gets in to clean it. */
  readonly isCleaned: boolean
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
const sum = (values: readonly number[]): number => values.reduce((all, one) => all + one, 0)

/** What a vessel holds up to a height, L. */
const upTo = ({ litres, bottomMm, topMm }: Vessel, zMm: number): number =>
  topMm <= bottomMm
    ? zMm >= topMm
      ? litres
      : 0
    : litres * Math.min(1, Math.max(0, (zMm - bottomMm) / (topMm - bottomMm)))

/** What can be filled into vessels that are joined and open above: up to the lowest of their tops. */
export const fillable = (vessels: readonly Vessel[]): number => {
  const most = Math.min(...vessels.map(({ topMm }) => topMm))
  return sum(vessels.map((one) => upTo(one, most)))
}

/** So many litres in vessels that are joined at the bottom: what is in each, all at one level. */
export function levelled(vessels: readonly Vessel[], litres: number): readonly number[] {
  const whole = sum(vessels.map((one) => one.litres))
  const wanted = Math.min(whole, Math.max(0, litres))
  const heights = [...new Set(vessels.flatMap(({ bottomMm, topMm }) => [bottomMm, topMm]))].sort((a, b) => a - b)
  const at = (zMm: number): number => sum(vessels.map((one) => upTo(one, zMm)))
  // between two heights what is held grows straight
  const upper = heights.find((zMm) => at(zMm) >= wanted - 1e-9) ?? Infinity
  const lower = heights[heights.indexOf(upper) - 1] ?? upper
  const [below, above] = [at(lower), at(upper)]
  const level = above <= below ? upper : lower + ((upper - lower) * (wanted - below)) / (above - below)
  return vessels.map((one) => upTo(one, level))
}

/** Whether a tank is filled from above, by hand: room to pour is kept over it. */
export const isFilledByHand = ({ clearances }: Placed): boolean => clearances.some(({ task }) => task === 'water-fill')

const isUnder = (placed: Placed): boolean => placed.seat.up.from === 'under-floor' || placed.bounds.z.max <= 0

const tank = (placed: Placed, litres: number, more: Partial<Tank> = {}): Tank => ({
  id: placed.id,
  vessels: [{ id: placed.id, litres, bottomMm: placed.bounds.z.min, topMm: placed.bounds.z.max }],
  litres,
  lostL: 0,
  joined: 1,
  isOutside: isUnder(placed),
  isLagged: false,
  isDrinking: false,
  isCarried: false,
  isCleaned: true,
  bottomMm: placed.bounds.z.min,
  ...more,
})

/** Several as one: what one of them lacks, they all lack. */
function together([first, ...others]: readonly [Tank, ...Tank[]]): Tank {
  if (others.length === 0) return first
  const all = [first, ...others]
  const vessels = all.flatMap((one) => one.vessels)
  const litres = fillable(vessels)
  return {
    ...first,
    vessels,
    litres,
    lostL: sum(vessels.map((one) => one.litres)) - litres,
    joined: sum(all.map(({ joined }) => joined)),
    isOutside: all.some(({ isOutside }) => isOutside),
    isLagged: all.every(({ isOutside, isLagged }) => isLagged || !isOutside),
    isDrinking: all.every(({ isDrinking }) => isDrinking),
    isCleaned: all.every(({ isCleaned }) => isCleaned),
    bottomMm: Math.min(...all.map(({ bottomMm }) => bottomMm)),
  }
}

/** The tanks for fresh water, the largest first; those that are joined are one. */
export function freshTanks(placed: readonly Placed[]): readonly Tank[] {
  const all = placed
    .filter((one) => offers(one, 'tank'))
    .flatMap((one) =>
      one.facts.holds.flatMap((held) =>
        held.what === 'water' && held.isWarmed !== true
          ? [
              {
                levels: held.levels === true,
                tank: tank(one, held.litres, {
                  joined: held.joined ?? 1,
                  isLagged: held.isLagged ?? false,
                  isDrinking: held.isDrinking ?? false,
                  isCarried: held.isCarried ?? false,
                  isCleaned: held.opening !== 'cap',
                }),
              },
            ]
          : [],
      ),
    )
  const of = (levels: boolean): readonly Tank[] => all.filter((one) => one.levels === levels).map((one) => one.tank)
  const [first, ...others] = of(true)
  return [...of(false), ...(first === undefined ? [] : [together([first, ...others])])].sort(
    (a, b) => b.litres - a.litres,
  )
}

/** Fresh water that a plan can fill in, and what of it is kept for drinking and cooking, L. */
export function freshLitres(placed: readonly Placed[]): { readonly litres: number; readonly drinkingL: number } {
  const tanks = freshTanks(placed)
  return {
    litres: sum(tanks.map(({ litres }) => litres)),
    drinkingL: sum(tanks.map(({ litres, isDrinking }) => (isDrinking ? litres : 0))),
  }
}

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
      (all, one) => all + (one.what === 'water' && one.isWarmed === true ? one.litres : 0),
      0,
    )
    return by.length === 0 ? [] : [{ id, litres, by }]
  })
