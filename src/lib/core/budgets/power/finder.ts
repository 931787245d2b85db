import { BATTERY_CASE_KG, BATTERY_KG_PER_WH, CHARGER_KG_PER_A, PANEL_KG_M2, PANEL_W_M2 } from '../../fittings'
import type { Load } from './loads'
import type { Plant } from './plant'
import { supplyOf, wantsOf, type PowerCase } from './case'
import { darkDaysOf, simulate } from './simulate'

/** A battery, panels and a charger that could be there. */
export interface PowerSet {
  readonly capacityWh: number
  readonly sunWatts: number
  readonly engineAmps: number
}

export type School = 'cheapest' | 'lightest' | 'smallest-battery' | 'least-roof' | 'roof-free' | 'sun' | 'hook-up'

/** A set that holds what was asked, and what it comes to beside what is drawn. */
export interface Found {
  readonly school: School
  readonly set: PowerSet
  readonly darkDays: number
  /** More than is drawn; below 0 less. */
  readonly kg: number
  readonly roofM2: number
  readonly price: number
}

/** Ah at the battery’s volts, W and A from one size to the next. Sold in such steps; common practice, no source. */
export const STEPS = { ampHours: 50, sunWatts: 100, engineAmps: [0, 20, 30, 40, 60] } as const
export const MOST = { ampHours: 1000, sunWatts: 1200 } as const

/** The largest size of panels that is tried: of a usual roof, and of this one. */
export const mostSunWatts = ({ roofRoomM2 }: Pick<PowerCase, 'roofRoomM2'>): number =>
  Math.min(MOST.sunWatts, Math.floor((roofRoomM2 * PANEL_W_M2) / STEPS.sunWatts) * STEPS.sunWatts)

const roofOf = ({ sunWatts }: PowerSet): number => sunWatts / PANEL_W_M2
/** In one case, panels in frames, and a charger. */
const kgOf = (set: PowerSet, { chemistry }: Plant): number =>
  (set.capacityWh > 0 ? BATTERY_CASE_KG : 0) +
  set.capacityWh * BATTERY_KG_PER_WH[chemistry] +
  roofOf(set) * PANEL_KG_M2.framed +
  set.engineAmps * CHARGER_KG_PER_A
const priceOf = ({ capacityWh, sunWatts, engineAmps }: PowerSet, { assumed }: PowerCase): number =>
  capacityWh * assumed.pricePerWh + sunWatts * assumed.pricePerPanelW + engineAmps * assumed.pricePerChargerA

export const drawnSet = ({ capacityWh, sunWatts, engineAmps }: Plant): PowerSet => ({
  capacityWh,
  sunWatts,
  engineAmps,
})

/** On how many days something is shed with a set. */
export function darkDaysWith(
  of: PowerCase,
  wants: ReturnType<typeof wantsOf>,
  set: PowerSet,
  mostDark = Infinity,
): number {
  // a set brings its own controller for the sun
  return darkDaysOf(simulate(supplyOf(of, { ...set, sunAmps: undefined }), wants, { mostDark }), of.journey.lived)
    .length
}

/** The smallest battery, in steps, that holds with so much sun and so large a charger; none where the largest does not. */
function leastBattery(
  of: PowerCase,
  wants: ReturnType<typeof wantsOf>,
  sunWatts: number,
  engineAmps: number,
  from: number,
): PowerSet | undefined {
  const { volts } = of.plant
  for (let ampHours = from; ampHours <= MOST.ampHours; ampHours += STEPS.ampHours) {
    const set = { capacityWh: ampHours * volts, sunWatts, engineAmps }
    if (darkDaysWith(of, wants, set, of.assumed.darkDays) <= of.assumed.darkDays) return set
  }
  return undefined
}

const EACH: Readonly<
  Record<
    School,
    { readonly may: (set: PowerSet) => boolean; readonly by: (set: PowerSet, of: PowerCase) => readonly number[] }
  >
> = {
  cheapest: { may: () => true, by: (set, of) => [priceOf(set, of), kgOf(set, of.plant)] },
  lightest: { may: () => true, by: (set, of) => [kgOf(set, of.plant), priceOf(set, of)] },
  'smallest-battery': { may: () => true, by: (set, of) => [set.capacityWh, priceOf(set, of)] },
  'least-roof': { may: () => true, by: (set, of) => [set.sunWatts, priceOf(set, of)] },
  'roof-free': { may: ({ sunWatts }) => sunWatts === 0, by: (set, of) => [priceOf(set, of)] },
  sun: { may: ({ engineAmps }) => engineAmps === 0, by: (set, of) => [priceOf(set, of)] },
  'hook-up': {
    may: ({ sunWatts, engineAmps }) => sunWatts === 0 && engineAmps === 0,
    by: (set, of) => [priceOf(set, of)],
  },
}

const isLess = (a: readonly number[], b: readonly number[]): boolean => {
  const at = a.findIndex((one, index) => Math.abs(one - (b[index] ?? 0)) > 1e-9)
  return at >= 0 && (a[at] ?? 0) < (b[at] ?? 0)
}

/**
 * The sets that hold what was asked, one for each school: of every charger and every size of panels the smallest battery that holds, and of those the
 * best. `told` hears how far it is, 0 to 1.
 */
export function findSets(of: PowerCase, told: (share: number) => void = () => undefined): readonly Found[] {
  const wants = wantsOf(of)
  const held: PowerSet[] = []
  const panels = Array.from({ length: mostSunWatts(of) / STEPS.sunWatts + 1 }, (_, at) => at * STEPS.sunWatts)
  const drives = of.journey.driven.some((share) => share > 0)
  const chargers = drives ? STEPS.engineAmps : [0]
  chargers.forEach((engineAmps, column) => {
    panels.forEach((sunWatts, row) => {
      const set = leastBattery(of, wants, sunWatts, engineAmps, STEPS.ampHours)
      if (set !== undefined) held.push(set)
      told((column * panels.length + row + 1) / (chargers.length * panels.length))
    })
  })
  const drawn = drawnSet(of.plant)
  return (Object.keys(EACH) as School[]).flatMap((school): Found[] => {
    const { may, by } = EACH[school]
    const best = held
      .filter(may)
      .reduce<PowerSet | undefined>(
        (so, one) => (so === undefined || isLess(by(one, of), by(so, of)) ? one : so),
        undefined,
      )
    if (best === undefined) return []
    return [
      {
        school,
        set: best,
        darkDays: darkDaysWith(of, wants, best),
        kg: kgOf(best, of.plant) - kgOf(drawn, of.plant),
        roofM2: roofOf(best),
        price: priceOf(best, of) - priceOf(drawn, of),
      },
    ]
  })
}

/** What alone would cure it: so much more of one thing, or one thing less that draws. */
export type Cure =
  | { readonly what: 'battery'; readonly ampHours: number }
  | { readonly what: 'sun'; readonly watts: number; readonly isMore: boolean }
  | { readonly what: 'engine'; readonly amps: number }
  | { readonly what: 'without'; readonly load: Load }

/** More than this nobody adds to cure one thing, Ah. */
const MOST_MORE_AH = 600
/** So many loads, the largest first, are tried to be done without. */
const MOST_DROPPED = 4
const MOST_CURES = 3

/** The smallest cures, the cheapest first, of each sort at most one; none where it holds already. */
export function curesOf(of: PowerCase): readonly Cure[] {
  const wants = wantsOf(of)
  const { plant, assumed } = of
  const drawn = drawnSet(plant)
  const holds = (set: PowerSet, less = wants): boolean =>
    darkDaysWith(of, less, set, assumed.darkDays) <= assumed.darkDays
  if (holds(drawn)) return []
  const upTo = (most: number, step: number): readonly number[] =>
    Array.from({ length: most / step }, (_, at) => (at + 1) * step)
  const found: { readonly cure: Cure; readonly price: number }[] = []
  const ampHours = upTo(MOST_MORE_AH, STEPS.ampHours).find((more) =>
    holds({ ...drawn, capacityWh: drawn.capacityWh + more * plant.volts }),
  )
  if (ampHours !== undefined)
    found.push({ cure: { what: 'battery', ampHours }, price: ampHours * plant.volts * assumed.pricePerWh })
  const watts = upTo(MOST.sunWatts, STEPS.sunWatts)
    .filter((more) => plant.roofM2 + more / PANEL_W_M2 <= of.roofRoomM2)
    .find((more) => holds({ ...drawn, sunWatts: drawn.sunWatts + more }))
  if (watts !== undefined)
    found.push({ cure: { what: 'sun', watts, isMore: drawn.sunWatts > 0 }, price: watts * assumed.pricePerPanelW })
  const amps = STEPS.engineAmps.find((one) => one > drawn.engineAmps && holds({ ...drawn, engineAmps: one }))
  if (amps !== undefined)
    found.push({ cure: { what: 'engine', amps }, price: (amps - drawn.engineAmps) * assumed.pricePerChargerA })
  const load = of.loads
    .filter(({ sheds, isWaiting }) => (sheds === 'first' || sheds === 'wanted') && !isWaiting)
    .sort((a, b) => b.watts * b.hours - a.watts * a.hours)
    .slice(0, MOST_DROPPED)
    .find(({ id }) => holds(drawn, wantsOf(of, new Set([id]))))
  const cures = found.sort((a, b) => a.price - b.price).map(({ cure }) => cure)
  return load === undefined
    ? cures.slice(0, MOST_CURES)
    : [...cures.slice(0, MOST_CURES - 1), { what: 'without', load }]
}
